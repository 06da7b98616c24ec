// Which part of a layout a place is, and which places formulas take as single cells.

#include "files/worksheet_recovery/sheet_blocks.h"
#include "files/worksheet_recovery/sheet_layout.h"

namespace ledgefall {

std::set<WorkbookPlace> single_places(const Workbook& workbook) {
    std::set<WorkbookPlace> out;
    for (std::size_t sheet = 0; sheet < workbook.sheets.size(); ++sheet) {
        const SheetFormula* before = nullptr;
        for (const SheetCell& cell : workbook.sheets[sheet].cells) {
            if (cell.formula == nullptr || !cell.formula->tree || cell.formula.get() == before) {
                continue;
            }
            before = cell.formula.get();
            each_reference(*cell.formula->tree, [&](const SheetNode& node) {
                const bool fixed = node.from.row.fixed && node.from.column.fixed;
                const bool elsewhere = !node.sheet.empty();
                const std::int64_t row = node.from.row.from(cell.place.row);
                const std::int64_t column = node.from.column.from(cell.place.column);
                if (node.type == SheetNode::Type::cell && (fixed || elsewhere) && row >= 0 && column >= 0) {
                    out.insert({sheet_of(workbook, node, sheet),
                                {static_cast<std::uint32_t>(row), static_cast<std::uint32_t>(column)}});
                }
            });
        }
    }
    for (const DefinedName& name : workbook.names) {
        if (name.meaning->tree && name.meaning->tree->type == SheetNode::Type::cell) {
            const SheetNode& node = *name.meaning->tree;
            out.insert({sheet_of(workbook, node, 0),
                        {static_cast<std::uint32_t>(node.from.row.value),
                         static_cast<std::uint32_t>(node.from.column.value)}});
        }
    }
    return out;
}

std::size_t sheet_of(const Workbook& workbook, const SheetNode& node, std::size_t own) {
    if (node.sheet.empty()) {
        return own;
    }
    const Sheet* sheet = workbook.sheet_named(node.sheet);
    return sheet == nullptr ? workbook.sheets.size() : static_cast<std::size_t>(sheet - workbook.sheets.data());
}

SheetLayout::Role SheetLayout::role_of(const WorkbookPlace& place) const {
    for (std::size_t at = 0; at < tables.size(); ++at) {
        const SheetTable& table = tables[at];
        if (table.sheet != place.sheet) {
            continue;
        }
        const std::uint32_t line = table.line_of(place.place);
        const std::uint32_t sideways = table.field_of(place.place);
        if (sideways < table.first_field || sideways >= table.first_field + table.fields.size()) {
            continue;
        }
        const std::size_t field = sideways - table.first_field;
        if (line >= table.first_line && line <= table.last_line) {
            return {Role::Is::cell, at, line - table.first_line, field};
        }
        for (std::size_t foot = 0; foot < table.foot.size(); ++foot) {
            if (table.foot[foot].line == line) {
                return {Role::Is::foot, at, foot, field};
            }
        }
    }
    for (std::size_t at = 0; at < held.size(); ++at) {
        if (held[at].place == place) {
            return {Role::Is::held, at, 0, 0};
        }
    }
    return {};
}

} // namespace ledgefall
