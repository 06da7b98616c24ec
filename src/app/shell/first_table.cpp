#include "app/shell/first_table.h"

#include "core/study/edits/edits.h"

#include <QToolButton>

#include <algorithm>

namespace ledgefall {

FirstTable::FirstTable(Document& document, PageArea& pages, FirstSteps& steps, QWidget* window)
    : QObject(window)
    , document_(document)
    , pages_(pages)
    , steps_(steps)
    , window_(window) {}

QRect FirstTable::in_window(const QWidget* widget, const QRect& part) const {
    return widget->isVisible() ? QRect(widget->mapTo(window_, part.topLeft()), part.size()) : QRect();
}

QRect FirstTable::first_cells() const {
    if (pages_.page() == nullptr) {
        return {};
    }
    const TableView& view = pages_.page()->view();
    return in_window(view.viewport(), QRect(0, 0, view.columnWidth(0), 4 * view.rowHeight(0)));
}

QRect FirstTable::button(const char* id) const {
    for (const QToolButton* one : window_->findChildren<QToolButton*>(QLatin1String(id))) {
        if (one->isVisible()) {
            return in_window(one, one->rect());
        }
    }
    return {};
}

const Table* FirstTable::table() const {
    return document_.study().tables.empty() ? nullptr : &*document_.study().tables.front();
}

const Column* FirstTable::lengths() const {
    const bool typed = table() != nullptr && !table()->columns.empty() && !table()->columns.front()->computed();
    return typed ? &*table()->columns.front()->cells : nullptr;
}

bool FirstTable::something_is_held() const {
    return !document_.study().ledge.empty() || (table() != nullptr && !table()->ledge.empty());
}

bool FirstTable::something_is_computed() const {
    return table() != nullptr && std::any_of(table()->columns.begin(), table()->columns.end(),
                                             [](const auto& one) { return one->computed(); });
}

void FirstTable::begin() {
    Id added;
    if (document_.perform(tr("new table"), add_table(document_.study(), tr("Pebbles").toStdString(), &added))) {
        pages_.show_table(added);
    }
    const auto cells = [this] { return first_cells(); };
    const auto three_are_typed = [this] {
        return lengths() != nullptr && lengths()->kind() == Kind::number && lengths()->size() >= 3;
    };
    const auto has_foot = [this] {
        const bool done = table() != nullptr && !table()->foot.empty();
        if (done && lengths() != nullptr) {
            before_ = *lengths();
        }
        return done;
    };
    const auto is_changed = [this] { return lengths() != nullptr && before_ && !(*lengths() == *before_); };
    steps_.begin({{tr("Type a heading with numbers under it: length, Enter, 42, Enter, 57, Enter, 38, Enter."), cells,
                   three_are_typed},
                  {tr("Hold a value that no row changes: click “hold a value”, type m = mean(length), Enter."),
                   [this] { return button("hold"); }, [this] { return something_is_held(); }},
                  {tr("Write one formula for all rows: click “next column”, type dev = length - m, Enter."),
                   [this] { return button("next-column"); }, [this] { return something_is_computed(); }},
                  {tr("Add a measure under the columns: click “foot line” and choose sum."),
                   [this] { return button("foot-line"); }, has_foot},
                  {tr("Change a length: click it, type another number, Enter. Everything that depends on it follows."),
                   cells, is_changed}},
                 tr("That is a computation table. Press F1 for help on the current item, and have a look at the "
                    "starters in the Study menu."));
    pages_.page()->view().setFocus();
}

} // namespace ledgefall
