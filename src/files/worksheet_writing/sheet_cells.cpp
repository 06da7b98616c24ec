#include "files/worksheet_writing/sheet_cells.h"

#include "core/study/model/study.h"

#include <algorithm>

namespace ledgefall {

SheetCell text_cell(SheetPlace place, const std::string& text, bool heading) {
    SheetCell cell;
    cell.place = place;
    cell.kind = Kind::text;
    cell.text = text;
    cell.has_value = !text.empty();
    cell.heading = heading;
    return cell;
}

SheetCell value_cell(SheetPlace place, const Value& value, const Format& format) {
    SheetCell cell;
    cell.place = place;
    cell.format = format;
    if (value.state() == State::unparsed) {
        return text_cell(place, value.text().str());
    }
    if (!value.plain()) {
        cell.has_value = false;
        return cell;
    }
    cell.kind = value.kind();
    if (value.kind() == Kind::text) {
        return text_cell(place, value.text().str());
    }
    if (value.kind() == Kind::interval || value.kind() == Kind::distribution) {
        return text_cell(place, write_cell(value));
    }
    cell.number = value.number();
    return cell;
}

std::string heading_of(const ColumnDefinition& column) {
    return column.shown_label() + (column.unit.empty() ? "" : " [" + column.unit + "]");
}

std::shared_ptr<const SheetFormula> shared_formula(const SheetNodePtr& tree) {
    SheetFormula formula;
    formula.tree = tree;
    return std::make_shared<const SheetFormula>(std::move(formula));
}

void set_widths(Sheet& sheet) {
    constexpr std::size_t looked_at = 200;
    std::size_t columns = 0;
    for (const SheetCell& cell : sheet.cells) {
        columns = std::max<std::size_t>(columns, cell.place.column + 1);
    }
    sheet.widths.assign(columns, 8);
    for (const SheetCell& cell : sheet.cells) {
        if (cell.place.row < looked_at) {
            const double text = static_cast<double>(cell.text.size());
            double& width = sheet.widths[cell.place.column];
            width = std::clamp(std::max(width, cell.kind == Kind::text ? text + 2 : 12.0), 8.0, 40.0);
        }
    }
}

void put_in_order(Sheet& sheet) {
    const auto before = [](const SheetCell& a, const SheetCell& b) { return a.place < b.place; };
    if (!std::is_sorted(sheet.cells.begin(), sheet.cells.end(), before)) {
        std::sort(sheet.cells.begin(), sheet.cells.end(), before);
    }
}

} // namespace ledgefall
