#include "files/worksheet_recovery/table_feet.h"

#include "files/worksheet_recovery/sheet_blocks.h"

#include <algorithm>

namespace ledgefall {
namespace {

/// Whether a formula that stands in this line alone takes a range of what is above it.
bool is_foot(const Sheet& sheet, const SheetTable& table, std::uint32_t line) {
    bool out = false;
    for (std::size_t field = 0; field < table.fields.size(); ++field) {
        const std::uint32_t sideways = table.first_field + static_cast<std::uint32_t>(field);
        const SheetCell* cell = sheet.at(table.place(line, sideways));
        if (cell == nullptr || cell->formula == nullptr || !cell->formula->tree) {
            continue;
        }
        const SheetCell* above = sheet.at(table.place(line - 1, sideways));
        const SheetCell* below = sheet.at(table.place(line + 1, sideways));
        if ((above != nullptr && above->formula == cell->formula) ||
            (below != nullptr && below->formula == cell->formula)) {
            continue;
        }
        each_reference(*cell->formula->tree, [&](const SheetNode& node) {
            if (node.type != SheetNode::Type::range || !node.sheet.empty() || node.from.whole_column ||
                node.from.whole_row) {
                return;
            }
            const std::uint32_t own = table.line_of(cell->place);
            const std::int64_t from = table.along(node.from).from(own);
            const std::int64_t to = table.along(node.to).from(own);
            out = out || (from <= table.first_line + 1 && to < own && to + 3 >= own && from < to) ||
                  (from == table.first_line && to == from && own == to + 1);
        });
    }
    return out;
}

/// The line from which on labels stand in a first column that is empty above them and has no heading, where a formula
/// stands beside them; a line after the last where there is none.
std::uint32_t first_label_alone(const Sheet& sheet, const SheetTable& table) {
    const std::uint32_t none = table.last_line + 1;
    std::uint32_t first = none;
    bool formulas = false;
    for (std::uint32_t line = table.first_line; line <= table.last_line; ++line) {
        const SheetCell* label = sheet.at(table.place(line, table.first_field));
        first = label != nullptr ? std::min(first, line) : first;
        if (first != none && (label == nullptr || !label->is_text() || label->formula != nullptr)) {
            return none;
        }
        for (std::size_t field = 1; first != none && field < table.fields.size(); ++field) {
            const SheetCell* beside =
                sheet.at(table.place(line, table.first_field + static_cast<std::uint32_t>(field)));
            formulas = formulas || (beside != nullptr && beside->formula != nullptr);
        }
    }
    return formulas && first > table.first_line && table.fields.front().label.empty() ? first : none;
}

} // namespace

void find_foot(const Sheet& sheet, SheetTable& table) {
    const std::uint32_t labelled = first_label_alone(sheet, table);
    for (std::uint32_t line = table.first_line + 1; line <= table.last_line; ++line) {
        if (line == labelled || is_foot(sheet, table, line)) {
            for (std::uint32_t foot = line; foot <= table.last_line; ++foot) {
                table.foot.push_back({foot, foot_label(sheet, table, foot)});
            }
            table.last_line = line - 1;
            return;
        }
    }
}

std::string foot_label(const Sheet& sheet, const SheetTable& table, std::uint32_t line) {
    for (std::size_t field = 0; field < table.fields.size(); ++field) {
        const SheetCell* cell = sheet.at(table.place(line, table.first_field + static_cast<std::uint32_t>(field)));
        if (cell != nullptr && cell->is_text() && cell->formula == nullptr) {
            return cell->text;
        }
    }
    return {};
}

bool takes_column_of(const SheetCell& cell, const SheetTable& table) {
    bool out = false;
    each_reference(*cell.formula->tree, [&](const SheetNode& node) {
        if (node.type == SheetNode::Type::range && node.sheet.empty() && !node.from.whole_row &&
            !node.from.whole_column) {
            const std::int64_t from = node.from.row.from(cell.place.row);
            const std::int64_t to = node.to.row.from(cell.place.row);
            out = out || (from <= table.first_line + 1 && to >= table.first_line && to <= cell.place.row &&
                          node.from.column.from(cell.place.column) == cell.place.column);
        }
    });
    return out;
}

} // namespace ledgefall
