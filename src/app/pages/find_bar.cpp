#include "app/pages/find_bar.h"

#include "app/theme/accessibility.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QToolButton>

namespace ledgefall {

FindBar::FindBar(Document& document, PageArea& place, QWidget* parent)
    : QFrame(parent)
    , document_(document)
    , place_(place)
    , what_(new QLineEdit(this))
    , with_(new QLineEdit(this))
    , whole_(new QCheckBox(tr("&Whole cells"), this))
    , chosen_(new QCheckBox(tr("Only in &selected columns"), this))
    , message_(new QLabel(this)) {
    name_panel(*this, tr("Find and replace"));
    what_->setPlaceholderText(tr("find"));
    what_->setAccessibleName(tr("What to find"));
    with_->setPlaceholderText(tr("replace with"));
    with_->setAccessibleName(tr("Replacement"));
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(14, 4, 10, 4);
    const auto button = [&](const QString& text, const std::function<void()>& done) {
        auto* result = new QToolButton(this);
        result->setText(text);
        connect(result, &QToolButton::clicked, this, done);
        return result;
    };
    layout->addWidget(what_, 2);
    layout->addWidget(button(tr("Next"), [this] { find(false); }));
    layout->addWidget(button(tr("Previous"), [this] { find(true); }));
    layout->addWidget(with_, 2);
    layout->addWidget(button(tr("Replace"), [this] { replace(false); }));
    layout->addWidget(button(tr("Replace all"), [this] { replace(true); }));
    layout->addWidget(whole_);
    layout->addWidget(chosen_);
    message_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    what_->setMinimumWidth(90);
    with_->setMinimumWidth(90);
    layout->addWidget(message_, 2);
    layout->addWidget(button(tr("Close"), [this] { leave(); }));
    connect(what_, &QLineEdit::returnPressed, this, [this] { find(false); });
    connect(with_, &QLineEdit::returnPressed, this, [this] { replace(false); });
    hide();
}

void FindBar::open() {
    columns_ = place_.page() == nullptr ? std::vector<Id>() : place_.page()->view().chosen_columns();
    chosen_->setChecked(columns_.size() > 1);
    message_->clear();
    show();
    what_->setFocus();
    what_->selectAll();
}

void FindBar::leave() {
    hide();
    if (place_.page() != nullptr) {
        place_.page()->view().setFocus();
    }
}

Search FindBar::search() const {
    Search out;
    out.text = what_->text().toStdString();
    out.whole_cell = whole_->isChecked();
    out.columns = chosen_->isChecked() ? columns_ : std::vector<Id>();
    return out;
}

/// The outcome of a search.
void FindBar::tell(const QString& outcome) {
    message_->setText(outcome);
    announce(*message_);
}

void FindBar::find(bool backwards) {
    TablePage* page = place_.page();
    if (page == nullptr || what_->text().isEmpty()) {
        return isVisible() ? void() : open();
    }
    const QModelIndex now = page->view().current();
    std::optional<CellPlace> from;
    const Table& shown = *page->model().table();
    const ColumnDefinition* current = now.isValid() ? page->model().column(now.column()) : nullptr;
    for (std::size_t at = 0; current != nullptr && at < shown.columns.size(); ++at) {
        if (shown.columns[at]->id == current->id) {
            from = CellPlace{page->model().cell_of(now.row(), now.column()), at};
        }
    }
    finding_.stop();
    message_->setText(tr("Searching…"));
    const auto look_through = [study = document_.study(), results = document_.snapshot(), id = page->table_id(),
                               rows = shown.two_way() ? document_.results().rows(shown.id)
                                                      : static_cast<std::size_t>(page->model().table_rows()),
                               wanted = search(), from, backwards](const StopToken& stop) -> std::optional<CellPlace> {
        const Table* table = study.table(id);
        const auto cells = [&](const ColumnDefinition& column) {
            return column.computed() || table->two_way() ? results->column(column.id) : &*column.cells;
        };
        return table == nullptr ? std::nullopt : find_next(*table, rows, wanted, cells, from, backwards, stop);
    };
    // A million cells are looked through away from the interface.
    finding_ = TaskRunner::of_process().start(
        this, look_through, [this, id = page->table_id()](const TaskOutcome<std::optional<CellPlace>>& found) {
            if (found) {
                select_match(id, *found);
            } else if (found.end() != TaskEnd::stopped) {
                tell(Document::translated(found.why()));
            }
        });
}

void FindBar::select_match(Id table, std::optional<CellPlace> at) {
    TablePage* page = place_.page();
    const bool there = page != nullptr && page->table_id() == table; // another one may have been chosen meanwhile
    if (!there) {
        return message_->clear();
    }
    const auto& columns = page->model().table()->columns;
    if (!at || at->column >= columns.size()) {
        return tell(tr("%1 was not found.").arg(what_->text()));
    }
    const QModelIndex found = page->model().place_of(columns[at->column]->id, at->row);
    page->view().set_current(found);
    page->view().bring_into_view(found);
    tell(tr("%1, row %2").arg(QString::fromStdString(columns[at->column]->shown_label())).arg(found.row() + 1));
}

void FindBar::replace(bool all) {
    TablePage* page = place_.page();
    if (page == nullptr || what_->text().isEmpty()) {
        return;
    }
    std::optional<CellPlace> only;
    if (!all) {
        const QModelIndex now = page->view().current();
        const bool here = now.isValid() && holds(page->model().value(now.row(), now.column()), search());
        if (!here) {
            return find(false);
        }
        only = CellPlace{static_cast<std::size_t>(now.row()), static_cast<std::size_t>(now.column())};
    }
    if (only) {
        document_.perform(tr("replacing"), replace_cells(document_.study(), page->table_id(), search(),
                                                         with_->text().toStdString(), only, nullptr));
        return find(false);
    }
    message_->setText(tr("Searching…"));
    const auto count = std::make_shared<std::size_t>(0);
    document_.perform_aside(
        this, tr("replacing"),
        [table = page->table_id(), wanted = search(), with = with_->text().toStdString(),
         count](const Study& study, const StopToken& stop) {
            return replace_cells(study, table, wanted, with, std::nullopt, count.get(), stop);
        },
        [this, count](bool taken) {
            tell(!taken        ? QString()
                 : *count == 0 ? tr("%1 is not in any typed cell.").arg(what_->text())
                               : tr("Cells changed: %1").arg(*count));
        });
}

void FindBar::keyPressEvent(QKeyEvent* event) {
    event->key() == Qt::Key_Escape ? leave() : QFrame::keyPressEvent(event);
}

} // namespace ledgefall
