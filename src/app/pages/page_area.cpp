#include "app/pages/page_area.h"

#include "app/theme/theme.h"

#include <QApplication>
#include <QSettings>

namespace ledgefall {
namespace {

QString chart_below() { ///< the setting that says where charts stand
    return QStringLiteral("chart_below");
}

} // namespace

PageArea::PageArea(Document& document, QWidget* welcome, QWidget* parent)
    : QStackedWidget(parent)
    , document_(document)
    , halves_(new QSplitter(this))
    , pages_(new QSplitter(halves_)) {
    for (QSplitter* splitter : {halves_, pages_}) {
        splitter->setChildrenCollapsible(false);
        splitter->setHandleWidth(theme().px(3));
    }
    halves_->addWidget(pages_);
    halves_->setOrientation(QSettings().value(chart_below(), true).toBool() ? Qt::Vertical : Qt::Horizontal);
    addWidget(welcome);
    addWidget(halves_);
    connect(this, &PageArea::selection_changed, this, &PageArea::mark_in_chart);
    connect(halves_, &QSplitter::splitterMoved, this, [this] { sized_by_hand_ = true; });
    connect(&document, &Document::study_changed, this, &PageArea::tidy);
    connect(&active_editor_, &ActiveEditor::changed, this, [this] {
        if (active_editor_.writing()) {
            connect(active_editor_.editor(), &FormulaEditor::drafted, this, &PageArea::show_references,
                    Qt::UniqueConnection);
        }
        show_references();
    });
    connect(qApp, &QApplication::focusChanged, this, [this](QWidget*, QWidget* now) {
        for (int at = 0; at < pages_->count(); ++at) {
            auto* page = qobject_cast<TablePage*>(pages_->widget(at));
            if (page != nullptr && page != current_ && now != nullptr && page->isAncestorOf(now) &&
                !active_editor_.writing()) {
                make_current(page);
            }
        }
    });
}

/// The pages are destroyed first: their editors still tell the active editor that they are closed.
PageArea::~PageArea() {
    disconnect(qApp, nullptr, this, nullptr);
    active_editor_.disconnect();
    current_ = nullptr;
    delete halves_;
}

TablePage* PageArea::beside() const {
    for (int at = 0; at < pages_->count(); ++at) {
        auto* page = qobject_cast<TablePage*>(pages_->widget(at));
        if (page != nullptr && page != current_) {
            return page;
        }
    }
    return nullptr;
}

TablePage* PageArea::page_of(Id table) const {
    for (int at = 0; at < pages_->count(); ++at) {
        auto* page = qobject_cast<TablePage*>(pages_->widget(at));
        if (page != nullptr && page->table_id() == table) {
            return page;
        }
    }
    return nullptr;
}

TablePage* PageArea::make_page(Id table) {
    auto* page = new TablePage(document_, active_editor_, table, pages_);
    page->offer(next_steps_);
    connect(page, &TablePage::holding_wanted, this, &PageArea::holding_wanted);
    connect(page, &TablePage::selection_changed, this, [this, page] {
        if (page == current_) {
            Q_EMIT selection_changed();
        }
    });
    connect(page, &TablePage::foot_chosen, this, &PageArea::foot_chosen);
    connect(page, &TablePage::menu_wanted, this, &PageArea::menu_wanted);
    connect(page, &TablePage::axis_wanted, this, &PageArea::axis_wanted);
    return page;
}

void PageArea::drop(TablePage* page) {
    if (page == nullptr) {
        return;
    }
    page->disconnect(this);
    active_editor_.close(&page->editor());
    page->hide();
    page->setParent(this); // it goes when nothing of it is at work any more, and never after the page area
    page->deleteLater();
}

void PageArea::make_current(TablePage* page) {
    current_ = page;
    setCurrentIndex(page == nullptr ? 0 : 1);
    if (page == nullptr) {
        currentWidget()->setFocus(); // it begins a table with what is typed
    }
    Q_EMIT page_changed();
}

void PageArea::show_table(Id table) {
    if (TablePage* entry = page_of(table)) {
        if (!active_editor_.writing()) {
            make_current(entry);
            entry->view().setFocus();
        }
        return;
    }
    if (active_editor_.writing()) {
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
    if (chart_ != nullptr && !sized_by_hand_) {
        size_chart();
    }
    page->view().setFocus();
}

void PageArea::show_beside(Id table) {
    if (current_ == nullptr) {
        return show_table(table);
    }
    if (page_of(table) != nullptr || document_.study().table(table) == nullptr) {
        return;
    }
    drop(beside());
    pages_->addWidget(make_page(table));
    pages_->setSizes({pages_->width() / 2, pages_->width() / 2});
    show_references();
}

void PageArea::close_beside() {
    drop(beside());
    Q_EMIT page_changed();
}

void PageArea::show_chart(Id chart) {
    if (chart_ != nullptr && chart_->chart_id() == chart) {
        return;
    }
    const QList<int> sizes = chart_ == nullptr ? QList<int>() : halves_->sizes();
    drop_chart();
    chart_ = new ChartPage(document_, chart, halves_);
    halves_->addWidget(chart_);
    if (!sizes.isEmpty()) {
        halves_->setSizes(sizes);
    } else {
        size_chart();
        if (!document_.results_are_current()) { // of a new table it is not known yet how many rows there are
            connect(
                &document_, &Document::results_changed, chart_, [this] { size_chart(); }, Qt::SingleShotConnection);
        }
    }
    connect(chart_, &ChartPage::rows_chosen, this, &PageArea::choose_rows);
    connect(chart_, &ChartPage::close_wanted, this, &PageArea::close_chart, Qt::QueuedConnection);
    connect(chart_, &ChartPage::turn_wanted, this, &PageArea::turn_chart);
    connect(
        chart_, &ChartPage::change_wanted, this, [this] { Q_EMIT chart_change_wanted(chart_->chart_id()); },
        Qt::QueuedConnection);
    connect(chart_, &ChartPage::shown, this, &PageArea::mark_in_chart);
    const Chart* shown = chart_->chart();
    if (shown != nullptr && current_ == nullptr && !shown->table.empty()) {
        show_table(shown->table);
    }
    Q_EMIT chart_changed();
}

void PageArea::close_chart() {
    if (chart_ == nullptr) {
        return;
    }
    drop_chart();
    Q_EMIT chart_changed();
}

/// It goes when nothing of it is at work any more, such as the key that undid it.
void PageArea::drop_chart() {
    if (chart_ == nullptr) {
        return;
    }
    chart_->disconnect(this);
    chart_->hide();
    chart_->setParent(this);
    chart_->deleteLater();
    chart_ = nullptr;
}

/// Below a table the chart takes what that leaves free, and no less than half. A table that needs more than half of the
/// height has it beside it where there is width enough, unless somebody has said where charts are to stand.
void PageArea::size_chart() {
    const int least_chart = theme().px(340);
    const bool said = QSettings().contains(chart_below());
    const int high = current_ == nullptr ? halves_->height() / 2 : current_->wanted_height();
    const int wide = current_ == nullptr ? halves_->width() / 2 : current_->wanted_width();
    if (!said) {
        const bool beside = high > halves_->height() / 2 && wide + least_chart <= halves_->width();
        halves_->setOrientation(beside ? Qt::Horizontal : Qt::Vertical);
    }
    const bool across = halves_->orientation() == Qt::Horizontal;
    const int all = across ? halves_->width() : halves_->height();
    const int most = across ? std::max(all / 2, all - least_chart) : all / 2;
    const int table = std::clamp(across ? wide : high, all / 4, most);
    halves_->setSizes({table, all - table});
}

void PageArea::turn_chart() {
    const bool below = halves_->orientation() == Qt::Horizontal;
    halves_->setOrientation(below ? Qt::Vertical : Qt::Horizontal);
    QSettings().setValue(chart_below(), below);
    sized_by_hand_ = false;
    size_chart();
}

void PageArea::choose_rows(Id table, const std::vector<std::uint32_t>& rows) {
    if (rows.empty() || active_editor_.writing()) {
        return;
    }
    show_table(table);
    if (current_ != nullptr && current_->table_id() == table) {
        current_->view().choose_rows(rows);
    }
}

/// The rows that are chosen in the current table; where all of them are, none is marked.
void PageArea::mark_in_chart() {
    if (chart_ == nullptr) {
        return;
    }
    RowRanges ranges;
    if (current_ != nullptr) {
        const int rows = current_->model().table_rows();
        for (const TableView::Block& block : current_->view().chosen_blocks()) {
            if (block.rows() > 0 && block.rows() < rows) {
                ranges.emplace_back(static_cast<std::uint32_t>(block.top), static_cast<std::uint32_t>(block.bottom));
            }
        }
        std::sort(ranges.begin(), ranges.end());
    }
    chart_->plot().mark_rows(current_ == nullptr ? Id() : current_->table_id(), std::move(ranges));
}

/// Another page in the place of one whose table is laid the other way now, with the same cell chosen.
void PageArea::lay_anew(TablePage* page) {
    const QModelIndex at = page->view().current();
    const bool current = page == current_;
    const QList<int> sizes = pages_->sizes();
    const int place = pages_->indexOf(page);
    const Id table = page->table_id();
    drop(page);
    TablePage* laid = make_page(table);
    pages_->insertWidget(place, laid);
    pages_->setSizes(sizes);
    laid->view().set_current(laid->model().index(at.row(), at.column()));
    if (current) {
        make_current(laid);
        laid->view().setFocus();
    }
}

void PageArea::tidy() {
    if (chart_ != nullptr && chart_->chart() == nullptr) {
        close_chart();
    }
    TablePage* other = beside();
    if (other != nullptr && document_.study().table(other->table_id()) == nullptr) {
        drop(other);
    }
    if (current_ != nullptr && document_.study().table(current_->table_id()) == nullptr) {
        drop(current_);
        make_current(beside());
    }
    for (TablePage* page : {current_, beside()}) {
        const Table* table = page == nullptr ? nullptr : document_.study().table(page->table_id());
        if (table != nullptr && table->laid_across != page->laid_across()) {
            lay_anew(page);
        }
    }
}

void PageArea::show_references() {
    for (TablePage* page : {current_, beside()}) {
        if (page != nullptr) {
            page->show_references(active_editor_.editor());
        }
    }
}

} // namespace ledgefall
