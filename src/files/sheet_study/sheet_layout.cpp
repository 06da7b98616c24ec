// A sheet is cut along its empty rows and columns into blocks. A block is a table where it has headings or repeats, and
// a list of held values where it has labels with single values beside them. Blocks that go on beneath a table, after an
// empty row, are its further rows or its foot; a single text above one is its title.

#include "files/sheet_study/sheet_layout.h"

#include "core/formula/names.h"
#include "core/study/edits/edits.h"
#include "files/sheet_study/block_headings.h"
#include "files/sheet_study/sheet_blocks.h"

#include <algorithm>
#include <functional>
#include <map>

namespace ledgefall {
namespace {

/// One sheet's part of the layout.
class LayoutFinder {
  public:
    LayoutFinder(const Workbook& workbook, std::size_t sheet, const std::set<WorkbookPlace>& single,
                 SheetLayout& layout)
        : sheet_(workbook.sheets[sheet])
        , number_(sheet)
        , single_(single)
        , layout_(layout) {}

    void find() {
        std::vector<const SheetCell*> cells;
        cells.reserve(sheet_.cells.size());
        for (const SheetCell& cell : sheet_.cells) {
            cells.push_back(&cell);
        }
        if (cells.empty()) {
            return;
        }
        std::vector<SheetBlock> blocks = find_blocks(std::move(cells));
        std::stable_sort(blocks.begin(), blocks.end(),
                         [](const SheetBlock& a, const SheetBlock& b) { return a.from < b.from; });
        for (SheetBlock& block : blocks) {
            take(block);
        }
        join_beside();
        set_titles();
    }

  private:
    const SheetCell* at(std::uint32_t row, std::uint32_t column) const { return sheet_.at({row, column}); }

    void take(SheetBlock& block) {
        if (goes_on(block)) {
            return;
        }
        if (block.is_single() && block.cells.front()->is_text() && block.cells.front()->formula == nullptr) {
            titles_.push_back(block.cells.front());
            return;
        }
        take_title_row(block);
        const std::uint32_t held_rows = leading_held_rows(block);
        if (held_rows > 0) {
            for (std::uint32_t row = 0; row < held_rows; ++row) {
                hold_row(block.from.row + row, block);
            }
            block.from.row += held_rows;
            std::erase_if(block.cells, [&](const SheetCell* cell) { return cell->place.row < block.from.row; });
            if (block.cells.empty()) {
                return;
            }
            block.from.column = block.to.column;
            for (const SheetCell* cell : block.cells) {
                block.from.column = std::min(block.from.column, cell->place.column);
            }
        }
        take_table(block);
    }

    // --- held values ------------------------------------------------------------------------------------------------

    /// How many rows at the top of a block are a label with a single value (and a unit or note) beside it.
    std::uint32_t leading_held_rows(const SheetBlock& block) const {
        const std::uint32_t width = block.to.column - block.from.column + 1;
        std::uint32_t rows = 0;
        bool referred = false;
        bool repeats = false;
        const SheetCell* before = nullptr;
        for (std::uint32_t row = block.from.row; row <= block.to.row; ++row, ++rows) {
            const SheetCell* label = at(row, block.from.column);
            const SheetCell* value = at(row, block.from.column + 1);
            const SheetCell* third = width > 2 ? at(row, block.from.column + 2) : nullptr;
            if (label == nullptr || !label->is_text() || label->formula != nullptr || value == nullptr ||
                (value->is_text() && value->formula == nullptr) || (third != nullptr && !third->is_text())) {
                break;
            }
            bool more = false;
            for (std::uint32_t column = block.from.column + 3; column <= block.to.column; ++column) {
                more = more || at(row, column) != nullptr;
            }
            if (more) {
                break;
            }
            referred = referred || single_.contains({number_, value->place}) || value->formula != nullptr;
            repeats = repeats || (before != nullptr && before->formula != nullptr && before->formula == value->formula);
            before = value;
        }
        const bool all = rows == block.to.row - block.from.row + 1;
        // A column of labels with a column of numbers is a table, unless single ones of them are used.
        constexpr std::uint32_t few = 2;
        return !repeats && (referred || rows <= few) && (all || rows <= 20) ? rows : 0;
    }

    void hold_row(std::uint32_t row, const SheetBlock& block) {
        SheetHeldValue held;
        held.place = {number_, {row, block.from.column + 1}};
        split_unit(at(row, block.from.column)->text, held.label, held.unit);
        while (held.label.ends_with(' ') || held.label.ends_with(':') || held.label.ends_with('=')) {
            held.label.pop_back();
        }
        const SheetCell* unit = block.to.column > block.from.column + 1 ? at(row, block.from.column + 2) : nullptr;
        if (unit != nullptr && held.unit.empty()) {
            held.unit = unit->text;
        }
        layout_.held.push_back(std::move(held));
    }

    // --- tables -----------------------------------------------------------------------------------------------------

    /// A single text over a wider block is its title.
    void take_title_row(SheetBlock& block) {
        while (block.to.row > block.from.row && block.to.column > block.from.column &&
               filled_in_row(sheet_, block, block.from.row) == 1 && all_texts(sheet_, block, block.from.row) &&
               filled_in_row(sheet_, block, block.from.row + 1) > 1) {
            titles_.push_back(block.cells.front());
            ++block.from.row;
            std::erase_if(block.cells, [&](const SheetCell* cell) { return cell->place.row < block.from.row; });
        }
    }

    /// Whether a block is a two-way table: the formula of its cells looks at the heading above and the one beside.
    bool take_grid(const SheetBlock& block) {
        SheetGrid grid;
        grid.sheet = number_;
        grid.corner = block.from;
        grid.rows = block.to.row - block.from.row;
        grid.columns = block.to.column - block.from.column;
        if (grid.rows < 2 || grid.columns < 2) {
            return false;
        }
        const auto headings = [&](bool across) {
            bool numbers = true;
            bool texts = true;
            for (std::uint32_t by = 1; by <= (across ? grid.columns : grid.rows); ++by) {
                const SheetCell* cell = across ? at(grid.corner.row, grid.corner.column + by)
                                               : at(grid.corner.row + by, grid.corner.column);
                numbers = numbers && cell != nullptr && cell->is_number();
                texts = texts && cell != nullptr && cell->is_text();
            }
            return numbers || texts;
        };
        const SheetCell* first = at(grid.corner.row + 1, grid.corner.column + 1);
        if (first == nullptr || first->formula == nullptr || !first->formula->tree || !headings(true) ||
            !headings(false)) {
            return false;
        }
        grid.formula = first->formula;
        bool above = false;
        bool beside = false;
        each_reference(*grid.formula->tree, [&](const SheetNode& node) {
            const CellReference& to = node.from;
            const bool own_sheet = node.type == SheetNode::Type::cell && node.sheet.empty();
            above = above || (own_sheet && to.row == Coordinate{std::int32_t(grid.corner.row), true} &&
                              to.column == Coordinate{0, false});
            beside = beside || (own_sheet && to.column == Coordinate{std::int32_t(grid.corner.column), true} &&
                                to.row == Coordinate{0, false});
        });
        std::size_t same = 0;
        for (const SheetCell* cell : block.cells) {
            same += cell->formula == grid.formula ? 1 : 0;
        }
        if (!above || !beside || 5 * same < 4 * std::size_t(grid.rows) * grid.columns) {
            return false;
        }
        layout_.grids.push_back(std::move(grid));
        return true;
    }

    void take_table(const SheetBlock& block) {
        if (take_grid(block)) {
            return;
        }
        SheetTable table;
        table.sheet = number_;
        table.across = runs_across(sheet_, block);
        table.first_line = table.line_of(block.from);
        table.last_line = table.line_of(block.to);
        table.first_field = table.field_of(block.from);
        table.fields.resize(table.field_of(block.to) - table.first_field + 1);
        const std::uint32_t headings =
            table.across ? (headings_are_texts(table, table.first_line) ? 1 : 0) : heading_rows(sheet_, block);
        for (std::size_t field = 0; field < table.fields.size(); ++field) {
            head_field(table, field, headings);
        }
        table.first_line += headings;
        if (table.first_line > table.last_line) { // headings alone: a table that waits for its rows
            table.first_line = table.last_line;
        }
        find_foot(table);
        drop_empty_fields(table);
        layout_.tables.push_back(std::move(table));
    }

    bool headings_are_texts(const SheetTable& table, std::uint32_t line) const {
        std::size_t texts = 0;
        for (std::size_t field = 0; field < table.fields.size(); ++field) {
            const SheetCell* cell = sheet_.at(table.place(line, table.first_field + static_cast<std::uint32_t>(field)));
            if (cell != nullptr && (!cell->is_text() || cell->formula != nullptr)) {
                return false;
            }
            texts += cell != nullptr ? 1 : 0;
        }
        return texts > 0;
    }

    void head_field(SheetTable& table, std::size_t field, std::uint32_t headings) const {
        const auto heading = [&](std::uint32_t line) {
            const SheetCell* cell = sheet_.at(table.place(line, table.first_field + static_cast<std::uint32_t>(field)));
            if (cell != nullptr && cell->is_number()) { // a year, or a depth
                return shortest(cell->number);
            }
            return cell == nullptr ? std::string() : cell->text;
        };
        SheetTable::Field& here = table.fields[field];
        if (headings == 0) {
            return;
        }
        std::string label = heading(table.first_line);
        std::replace(label.begin(), label.end(), '\n', ' ');
        if (headings == 2) {
            const std::string second = heading(table.first_line + 1);
            const bool bracket = second.starts_with('[') || second.starts_with('(');
            label += (second.empty() || label.empty() ? "" : " ") + second;
            if (bracket && second.size() > 2 && here.unit.empty()) {
                split_unit(label, here.label, here.unit);
                return;
            }
        }
        split_unit(label, here.label, here.unit);
    }

    /// The rows at the end in which formulas take ranges of what stands above, and all after the first such row.
    void find_foot(SheetTable& table) const {
        for (std::uint32_t line = table.first_line + 1; line <= table.last_line; ++line) {
            if (is_foot(table, line)) {
                for (std::uint32_t foot = line; foot <= table.last_line; ++foot) {
                    table.foot.push_back({foot, foot_label(table, foot)});
                }
                table.last_line = line - 1;
                return;
            }
        }
    }

    bool is_foot(const SheetTable& table, std::uint32_t line) const {
        bool out = false;
        for (std::size_t field = 0; field < table.fields.size(); ++field) {
            const std::uint32_t sideways = table.first_field + static_cast<std::uint32_t>(field);
            const SheetCell* cell = sheet_.at(table.place(line, sideways));
            if (cell == nullptr || cell->formula == nullptr || !cell->formula->tree) {
                continue;
            }
            const SheetCell* above = sheet_.at(table.place(line - 1, sideways));
            const SheetCell* below = sheet_.at(table.place(line + 1, sideways));
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

    std::string foot_label(const SheetTable& table, std::uint32_t line) const {
        for (std::size_t field = 0; field < table.fields.size(); ++field) {
            const SheetCell* cell = sheet_.at(table.place(line, table.first_field + static_cast<std::uint32_t>(field)));
            if (cell != nullptr && cell->is_text() && cell->formula == nullptr) {
                return cell->text;
            }
        }
        return {};
    }

    /// A column in which only the labels of the foot stand is none of the table's.
    void drop_empty_fields(SheetTable& table) const {
        for (std::size_t field = 0; field < table.fields.size(); ++field) {
            bool filled = !table.fields[field].label.empty();
            for (std::uint32_t line = table.first_line; !filled && line <= table.last_line; ++line) {
                filled = sheet_.at(table.place(line, table.first_field + static_cast<std::uint32_t>(field))) != nullptr;
            }
            if (!filled) {
                table.fields[field].left_out = true;
            }
        }
    }

    // --- blocks that belong to others -------------------------------------------------------------------------------

    /// Whether a block goes on with the table above it, after an empty row: as its foot, or with further rows.
    bool goes_on(const SheetBlock& block) {
        for (SheetTable& table : layout_.tables) {
            if (table.sheet != number_ || table.across) {
                continue;
            }
            const std::uint32_t end = table.foot.empty() ? table.last_line : table.foot.back().line;
            const std::uint32_t last_field = table.first_field + static_cast<std::uint32_t>(table.fields.size()) - 1;
            const bool under = block.from.row > end && block.from.row <= end + 4 &&
                               block.from.column + 1 >= table.first_field && block.to.column <= last_field;
            if (!under) {
                continue;
            }
            const bool all_formulas = std::any_of(block.cells.begin(), block.cells.end(), [&](const SheetCell* cell) {
                return cell->formula != nullptr && cell->formula->tree && takes_column_of(table, *cell);
            });
            const bool texts_or_formulas =
                std::all_of(block.cells.begin(), block.cells.end(),
                            [](const SheetCell* cell) { return cell->formula != nullptr || cell->is_text(); });
            if (all_formulas && texts_or_formulas && block.to.row - block.from.row < 12) {
                for (std::uint32_t row = block.from.row; row <= block.to.row; ++row) {
                    const SheetCell* beside = at(row, block.from.column);
                    const std::string label = foot_label(table, row);
                    table.foot.push_back({row, label.empty() && beside != nullptr ? beside->text : label});
                }
                return true;
            }
            const bool same_width = block.from.column == table.first_field && block.to.column == last_field;
            if (same_width && table.foot.empty() && heading_rows(sheet_, block) == 0 && block.from.row == end + 2 &&
                table.fields.size() > 1) {
                table.last_line = block.to.row;
                find_foot(table);
                return true;
            }
        }
        return false;
    }

    /// Whether a cell under a table takes the rows of its own column.
    static bool takes_column_of(const SheetTable& table, const SheetCell& cell) {
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

    /// Tables side by side, an empty column or two between them, are one where they have the same rows and the formulas
    /// of the right one look at their own row of the left one.
    void join_beside() {
        auto& tables = layout_.tables;
        for (std::size_t left = 0; left < tables.size(); ++left) {
            for (std::size_t right = 0; right < tables.size(); ++right) {
                if (left == right || !go_together(tables[left], tables[right])) {
                    continue;
                }
                SheetTable& whole = tables[left];
                const SheetTable& more = tables[right];
                while (whole.first_field + whole.fields.size() < more.first_field) {
                    whole.fields.emplace_back();
                    whole.fields.back().left_out = true;
                }
                whole.fields.insert(whole.fields.end(), more.fields.begin(), more.fields.end());
                for (const SheetTable::FootRow& row : more.foot) {
                    const auto known = std::find_if(whole.foot.begin(), whole.foot.end(),
                                                    [&row](const auto& one) { return one.line == row.line; });
                    if (known == whole.foot.end()) {
                        whole.foot.push_back(row);
                    }
                }
                for (SheetTable::FootRow& row : whole.foot) {
                    row.label = foot_label(whole, row.line);
                }
                tables.erase(tables.begin() + static_cast<std::ptrdiff_t>(right));
                if (right < left) {
                    --left;
                }
                right = static_cast<std::size_t>(-1); // a third one may follow
            }
        }
    }

    bool go_together(const SheetTable& left, const SheetTable& right) const {
        const std::size_t end = left.first_field + left.fields.size();
        if (left.sheet != number_ || right.sheet != number_ || left.across || right.across ||
            left.first_line != right.first_line || left.last_line != right.last_line || right.first_field < end ||
            right.first_field > end + 2) {
            return false;
        }
        bool looks = false;
        for (std::size_t field = 0; field < right.fields.size() && !looks; ++field) {
            const SheetCell* cell = sheet_.at(right.cell(0, field));
            if (cell == nullptr || cell->formula == nullptr || !cell->formula->tree) {
                continue;
            }
            each_reference(*cell->formula->tree, [&](const SheetNode& node) {
                const std::int64_t column = node.from.column.from(cell->place.column);
                looks = looks || (node.type == SheetNode::Type::cell && node.sheet.empty() && !node.from.row.fixed &&
                                  node.from.row.value == 0 && column >= left.first_field &&
                                  column < static_cast<std::int64_t>(end));
            });
        }
        return looks;
    }

    /// A single text belongs to the nearest table beneath it.
    void set_titles() {
        for (const SheetCell* title : titles_) {
            std::string* nearest = nullptr;
            std::uint32_t distance = 6;
            for (SheetGrid& grid : layout_.grids) {
                if (grid.sheet == number_ && grid.title.empty() && grid.corner.row > title->place.row &&
                    grid.corner.row - title->place.row <= distance && title->place.column + 1 >= grid.corner.column &&
                    title->place.column <= grid.corner.column + grid.columns) {
                    nearest = &grid.title;
                    distance = grid.corner.row - title->place.row;
                }
            }
            for (SheetTable& table : layout_.tables) {
                const std::uint32_t top = table.across ? table.first_field : table.first_line;
                const std::uint32_t left = table.across ? table.first_line : table.first_field;
                if (table.sheet == number_ && table.title.empty() && top > title->place.row &&
                    top - title->place.row <= distance && title->place.column + 1 >= left &&
                    title->place.column <= left + table.fields.size() + 1) {
                    nearest = &table.title;
                    distance = top - title->place.row;
                }
            }
            if (nearest != nullptr) {
                *nearest = title->text;
            } else {
                layout_.notes.push_back(title->text);
            }
        }
    }

    const Sheet& sheet_;
    std::size_t number_;
    const std::set<WorkbookPlace>& single_;
    SheetLayout& layout_;
    std::vector<const SheetCell*> titles_;
};

/// The places that some formula or name refers to as a single cell that stays put.
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

} // namespace

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

SheetLayout find_layout(const Workbook& workbook) {
    SheetLayout out;
    const std::set<WorkbookPlace> single = single_places(workbook);
    for (std::size_t sheet = 0; sheet < workbook.sheets.size(); ++sheet) {
        LayoutFinder(workbook, sheet, single, out).find();
    }
    return out;
}

} // namespace ledgefall
