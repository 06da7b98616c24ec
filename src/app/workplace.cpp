#include "app/workplace.h"

#include "app/look.h"

#include <QApplication>

namespace ledgefall {

Workplace::Workplace(Document& document, QWidget* welcome, QWidget* parent)
    : QStackedWidget(parent)
    , document_(document)
    , pages_(new QSplitter(this)) {
    pages_->setChildrenCollapsible(false);
    pages_->setHandleWidth(look().px(3));
    addWidget(welcome);
    addWidget(pages_);
    connect(&document, &Document::study_changed, this, &Workplace::tidy);
    connect(&pen_, &Pen::changed, this, [this] {
        if (pen_.writing()) {
            connect(pen_.slip(), &WritingSlip::drafted, this, &Workplace::show_meant, Qt::UniqueConnection);
        }
        show_meant();
    });
    connect(qApp, &QApplication::focusChanged, this, [this](QWidget*, QWidget* now) {
        for (int at = 0; at < pages_->count(); ++at) {
            auto* page = qobject_cast<TablePage*>(pages_->widget(at));
            if (page != nullptr && page != current_ && now != nullptr && page->isAncestorOf(now) && !pen_.writing()) {
                make_current(page);
            }
        }
    });
}

/// The pages go while the pen that their slips lay down is still there.
Workplace::~Workplace() {
    disconnect(qApp, nullptr, this, nullptr);
    pen_.disconnect();
    current_ = nullptr;
    delete pages_;
}

TablePage* Workplace::beside() const {
    for (int at = 0; at < pages_->count(); ++at) {
        auto* page = qobject_cast<TablePage*>(pages_->widget(at));
        if (page != nullptr && page != current_) {
            return page;
        }
    }
    return nullptr;
}

TablePage* Workplace::page_of(Id table) const {
    for (int at = 0; at < pages_->count(); ++at) {
        auto* page = qobject_cast<TablePage*>(pages_->widget(at));
        if (page != nullptr && page->table_id() == table) {
            return page;
        }
    }
    return nullptr;
}

TablePage* Workplace::make_page(Id table) {
    auto* page = new TablePage(document_, pen_, table, pages_);
    connect(page, &TablePage::selection_changed, this, [this, page] {
        if (page == current_) {
            Q_EMIT selection_changed();
        }
    });
    connect(page, &TablePage::foot_chosen, this, &Workplace::foot_chosen);
    connect(page, &TablePage::menu_wanted, this, &Workplace::menu_wanted);
    return page;
}

void Workplace::drop(TablePage* page) {
    if (page == nullptr) {
        return;
    }
    page->disconnect(this);
    pen_.lay_down(&page->slip());
    page->hide();
    page->setParent(this); // it goes when nothing of it is at work any more, and never after the workplace
    page->deleteLater();
}

void Workplace::make_current(TablePage* page) {
    current_ = page;
    setCurrentIndex(page == nullptr ? 0 : 1);
    Q_EMIT page_changed();
}

void Workplace::show_table(Id table) {
    if (TablePage* known = page_of(table)) {
        if (!pen_.writing()) {
            make_current(known);
            known->view().setFocus();
        }
        return;
    }
    if (pen_.writing()) {
        return show_beside(table);
    }
    TablePage* old = current_;
    if (document_.study().table(table) == nullptr) {
        drop(old);
        return make_current(beside());
    }
    TablePage* page = make_page(table);
    const int at = old == nullptr ? 0 : pages_->indexOf(old);
    drop(old);
    pages_->insertWidget(at, page);
    make_current(page);
    page->view().setFocus();
}

void Workplace::show_beside(Id table) {
    if (current_ == nullptr) {
        return show_table(table);
    }
    if (page_of(table) != nullptr || document_.study().table(table) == nullptr) {
        return;
    }
    drop(beside());
    pages_->addWidget(make_page(table));
    pages_->setSizes({pages_->width() / 2, pages_->width() / 2});
    show_meant();
}

void Workplace::close_beside() {
    drop(beside());
    Q_EMIT page_changed();
}

void Workplace::tidy() {
    TablePage* other = beside();
    if (other != nullptr && document_.study().table(other->table_id()) == nullptr) {
        drop(other);
    }
    if (current_ != nullptr && document_.study().table(current_->table_id()) == nullptr) {
        drop(current_);
        make_current(beside());
    }
}

void Workplace::show_meant() {
    for (TablePage* page : {current_, beside()}) {
        if (page != nullptr) {
            page->show_meant(pen_.slip());
        }
    }
}

} // namespace ledgefall
