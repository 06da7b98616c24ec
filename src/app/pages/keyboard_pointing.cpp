#include "app/pages/keyboard_pointing.h"

#include <utility>

namespace ledgefall {

KeyboardPointing::KeyboardPointing(PageArea& place, LedgeView& ledge, QObject* parent)
    : QObject(parent)
    , place_(place)
    , ledge_(ledge) {
    connect(&place.active_editor(), &ActiveEditor::changed, this, [this] {
        FormulaEditor* editor = place_.active_editor().editor();
        if (editor != nullptr) {
            begin();
            connect(editor, &FormulaEditor::pointer_moved, this, &KeyboardPointing::move, Qt::UniqueConnection);
            connect(editor, &FormulaEditor::pointer_jumped, this, &KeyboardPointing::jump, Qt::UniqueConnection);
        }
    });
}

void KeyboardPointing::begin() {
    const FormulaEditor* editor = place_.active_editor().editor();
    TablePage* own = editor == nullptr ? nullptr : place_.page_of(editor->draft().table_id());
    table_ = own == nullptr ? Id() : own->table_id();
    zone_ = Zone::cells;
    const QModelIndex now = own == nullptr ? QModelIndex() : own->view().current();
    row_ = std::max(0, now.row());
    column_ = std::max(0, now.column());
}

TablePage* KeyboardPointing::page() const {
    return place_.page_of(table_);
}

int KeyboardPointing::columns() const {
    return page() == nullptr ? 0 : page()->model().table_columns();
}

int KeyboardPointing::foot_lines() const {
    return page() == nullptr ? 0 : static_cast<int>(page()->model().table()->foot.size());
}

void KeyboardPointing::enter(Zone zone, int row) {
    zone_ = zone;
    row_ = row;
    card_ = 0;
    column_ = std::clamp(column_, 0, std::max(0, columns() - 1));
}

void KeyboardPointing::move(int rows, int columns_on) {
    if (page() == nullptr || columns() == 0) {
        return;
    }
    if (page()->laid_across()) { // its rows run to the right
        std::swap(rows, columns_on);
    }
    const int last = page()->model().table_rows() - 1;
    const auto cards = static_cast<int>(ledge_.cards().size());
    if (columns_on != 0) {
        const bool among_cards = zone_ == Zone::ledge;
        int& place = among_cards ? card_ : column_;
        place = std::clamp(place + columns_on, 0, std::max(0, (among_cards ? cards : columns()) - 1));
    } else if (zone_ == Zone::cells && row_ + rows < 0) {
        enter(Zone::headings, 0);
    } else if (zone_ == Zone::cells && row_ + rows > last && foot_lines() > 0) {
        enter(Zone::foot, 0);
    } else if (zone_ == Zone::cells) {
        row_ = std::clamp(row_ + rows, 0, std::max(0, last));
    } else if (zone_ == Zone::headings) {
        rows > 0 ? enter(Zone::cells, 0) : cards > 0 ? enter(Zone::ledge, 0) : void();
    } else if (zone_ == Zone::ledge) {
        rows > 0 ? enter(Zone::headings, 0) : void();
    } else {
        row_ + rows < 0 ? enter(Zone::cells, std::max(0, last))
                        : enter(Zone::foot, std::min(row_ + rows, foot_lines() - 1));
    }
    point();
}

void KeyboardPointing::jump(Qt::Key key) {
    if (key == Qt::Key_Home) {
        enter(Zone::headings, 0);
        return point();
    }
    if (key == Qt::Key_End) {
        foot_lines() > 0 ? enter(Zone::foot, 0) : void();
        return point();
    }
    const auto& tables = place_.page()->document().study().tables;
    for (std::size_t at = 0; at < tables.size(); ++at) {
        if (tables[at]->id == table_) {
            const std::size_t step = key == Qt::Key_PageDown ? 1 : tables.size() - 1;
            table_ = tables[(at + step) % tables.size()]->id;
            break;
        }
    }
    place_.show_table(table_); // beside, while something is being written
    enter(Zone::headings, 0);
    point();
}

void KeyboardPointing::point() {
    TablePage* shown = page();
    if (shown == nullptr || columns() == 0) {
        return;
    }
    switch (zone_) {
    case Zone::cells:
        shown->view().set_current(shown->model().index(row_, column_));
        shown->point_at_cell(row_, column_);
        break;
    case Zone::headings:
        shown->point_at(shown->model().column(column_)->id);
        break;
    case Zone::foot:
        shown->point_at_foot(row_, column_);
        break;
    case Zone::ledge:
        shown->point_at(ledge_.cards()[static_cast<std::size_t>(card_)]->held());
        break;
    }
}

} // namespace ledgefall
