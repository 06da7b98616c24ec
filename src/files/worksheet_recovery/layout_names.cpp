#include "files/worksheet_recovery/layout_names.h"

#include "core/formula/names.h"

#include <algorithm>

namespace ledgefall {
namespace {

/// The defined name of a cell, or of all the rows of a column.
std::string defined_name(const Workbook& workbook, const WorkbookPlace& from, const WorkbookPlace& to) {
    for (const DefinedName& one : workbook.names) {
        const SheetNodePtr& tree = one.meaning->tree;
        if (!tree || (tree->type != SheetNode::Type::cell && tree->type != SheetNode::Type::range) ||
            sheet_of(workbook, *tree, from.sheet) != from.sheet || tree->from.whole_column || tree->from.whole_row) {
            continue;
        }
        const CellReference& end = tree->type == SheetNode::Type::range ? tree->to : tree->from;
        const SheetPlace begins{static_cast<std::uint32_t>(tree->from.row.value),
                                static_cast<std::uint32_t>(tree->from.column.value)};
        const SheetPlace ends{static_cast<std::uint32_t>(end.row.value), static_cast<std::uint32_t>(end.column.value)};
        if (begins == from.place && ends == to.place && is_name(one.name)) {
            return one.name;
        }
    }
    return {};
}

/// Tables have capitals, so that they differ from the columns of the same word.
std::string capitalised(std::string name) {
    if (!name.empty() && name.front() >= 'a' && name.front() <= 'z') {
        name.front() = static_cast<char>(name.front() - 'a' + 'A');
    }
    return name;
}

} // namespace

void name_layout(const Workbook& workbook, SheetLayout& layout) {
    std::set<std::string> used;
    const auto taken = [&used](const std::string& name) { return used.contains(name); };
    for (SheetTable& table : layout.tables) {
        const std::string& label = table.title.empty() ? workbook.sheets[table.sheet].name : table.title;
        table.name = free_name(capitalised(name_from_label(label)), taken);
        used.insert(table.name);
        std::set<std::string> own;
        for (std::size_t field = 0; field < table.fields.size(); ++field) {
            SheetTable::Field& here = table.fields[field];
            const std::uint32_t sideways = table.first_field + static_cast<std::uint32_t>(field);
            if (here.label.empty()) {
                here.label =
                    table.across ? "Row " + std::to_string(sideways + 1) : "Column " + column_letters(sideways);
            }
            const std::string defined = defined_name(workbook, {table.sheet, table.cell(0, field)},
                                                     {table.sheet, table.cell(table.rows() - 1, field)});
            here.name = free_name(defined.empty() ? name_from_label(here.label) : defined,
                                  [&](const std::string& name) { return own.contains(name) || name == table.name; });
            own.insert(here.name);
        }
        used.insert(own.begin(), own.end());
    }
    for (SheetGrid& grid : layout.grids) {
        const std::string& label = grid.title.empty() ? workbook.sheets[grid.sheet].name : grid.title;
        grid.name = free_name(capitalised(name_from_label(label)), taken);
        used.insert(grid.name);
        // What stands in the corner names one axis, or both: `rate \\ years`.
        const SheetCell* corner = workbook.sheets[grid.sheet].at(grid.corner);
        const std::string said = corner != nullptr && corner->is_text() ? corner->text : std::string();
        const std::size_t bar = said.find_first_of("\\/|");
        const std::string down = said.substr(0, bar);
        const std::string across = bar == std::string::npos ? std::string() : said.substr(bar + 1);
        grid.down = free_name(down.empty() ? "down" : name_from_label(down), taken);
        used.insert(grid.down);
        grid.across = free_name(across.empty() ? "across" : name_from_label(across), taken);
        used.insert(grid.across);
        grid.layer = free_name("value", taken);
    }
    for (SheetHeldValue& held : layout.held) {
        const std::string defined = defined_name(workbook, held.place, held.place);
        held.name = free_name(defined.empty() ? name_from_label(held.label) : defined, taken);
        used.insert(held.name);
    }
}

} // namespace ledgefall
