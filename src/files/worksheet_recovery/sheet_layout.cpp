// A sheet is cut along its empty rows and columns into blocks. A block is a table where it has headings or repeats, and
// a list of held values where it has labels with single values beside them. Blocks that go on beneath a table, after an
// empty row, are its further rows or its foot; a single text above one is its title.

#include "files/worksheet_recovery/sheet_layout.h"

#include "core/formula/names.h"
#include "core/study/edits/edits.h"
#include "files/worksheet_recovery/block_headings.h"
#include "files/worksheet_recovery/sheet_blocks.h"
#include "files/worksheet_recovery/sheet_grids.h"
#include "files/worksheet_recovery/table_feet.h"

#include <algorithm>
#include <functional>
#include <map>
#include <optional>

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
        , layout_(layout)
        , first_table_(layout.tables.size()) {}

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
        constexpr std::size_t most_blocks = 5000;
        if (blocks.size() > most_blocks) {
            layout_.left_out.push_back(
                {N_("The cells of the sheet %1 stand apart from each other in %2 places, and were left out."),
                 {sheet_.name, std::to_string(blocks.size())}});
            return;
        }
        std::stable_sort(blocks.begin(), blocks.end(),
                         [](const SheetBlock& a, const SheetBlock& b) { return a.from < b.from; });
        for (SheetBlock& block : blocks) {
            if (is_scattered(block)) {
                layout_.left_out.push_back({N_("%1 cells of the sheet %2, scattered over %3 rows and %4 columns, are "
                                               "not a table and were left "
                                               "out."),
                                            {std::to_string(block.cells.size()), sheet_.name,
                                             std::to_string(rows_of(block)), std::to_string(columns_of(block))}});
            } else {
                take(block);
            }
        }
        join_beside();
        set_titles();
    }

  private:
    const SheetCell* at(std::uint32_t row, std::uint32_t column) const { return sheet_.at({row, column}); }

    static std::size_t rows_of(const SheetBlock& block) { return block.to.row - std::size_t{block.from.row} + 1; }
    static std::size_t columns_of(const SheetBlock& block) {
        return block.to.column - std::size_t{block.from.column} + 1;
    }
    /// Whether nearly all cells of its table would be empty: a small file must not become a huge study.
    static bool is_scattered(const SheetBlock& block) {
        constexpr std::size_t always_taken = 1'000'000; // cells
        constexpr std::size_t most_for_a_cell = 20;
        return rows_of(block) * columns_of(block) > always_taken + most_for_a_cell * block.cells.size();
    }

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
            if (!referred && rows > 1 && value->formula != nullptr && value->formula->tree && sums_above(*value)) {
                return 0; // labelled numbers with their total
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

    /// A single text over a wider block is its title; under another title, and over values, it heads its column.
    void take_title_row(SheetBlock& block) {
        while (begins_with_title(block)) {
            titles_.push_back(block.cells.front());
            ++block.from.row;
            std::erase_if(block.cells, [&](const SheetCell* cell) { return cell->place.row < block.from.row; });
        }
    }

    bool begins_with_title(const SheetBlock& block) const {
        const std::uint32_t row = block.from.row;
        if (row == block.to.row || block.from.column == block.to.column || filled_in_row(sheet_, block, row) != 1 ||
            !all_texts(sheet_, block, row)) {
            return false;
        }
        const bool texts_under = all_texts(sheet_, block, row + 1);
        return filled_in_row(sheet_, block, row + 1) > 1 ? texts_under || !under_title(block)
                                                         : texts_under && row + 1 < block.to.row;
    }

    bool under_title(const SheetBlock& block) const {
        return std::any_of(titles_.begin(), titles_.end(), [&block](const SheetCell* title) {
            return title->place.row < block.from.row && title->place.row + 2 >= block.from.row &&
                   title->place.column <= block.to.column && title->place.column + 1 >= block.from.column;
        });
    }

    void take_table(const SheetBlock& block) {
        if (std::optional<SheetGrid> grid = grid_in(sheet_, number_, block)) {
            layout_.grids.push_back(*std::move(grid));
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
        find_foot(sheet_, table);
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

    /// Whether one formula falls down the block where the table above has values: then it is a table of its own.
    bool has_columns_of_formulas(const SheetBlock& block, const SheetTable& above) const {
        constexpr std::uint32_t fewest_rows = 3;
        for (const SheetCell* cell : block.cells) {
            const SheetPlace place = cell->place;
            const SheetCell* over = sheet_.at({above.last_line, place.column});
            std::uint32_t rows = cell->formula == nullptr || (over != nullptr && over->formula != nullptr) ? 0 : 1;
            while (rows > 0 && rows < fewest_rows) {
                const SheetCell* next = sheet_.at({place.row + rows, place.column});
                rows = next != nullptr && next->formula == cell->formula ? rows + 1 : 0;
            }
            if (rows == fewest_rows) {
                return true;
            }
        }
        return false;
    }

    /// Whether a block goes on with the table above it, after an empty row: as its foot, or with further rows.
    bool goes_on(const SheetBlock& block) {
        for (SheetTable& table : layout_.tables) {
            if (table.sheet != number_ || table.across) {
                continue;
            }
            const std::uint32_t end = table.foot.empty() ? table.last_line : table.foot.back().line;
            const std::uint32_t last_field = table.first_field + static_cast<std::uint32_t>(table.fields.size()) - 1;
            const bool under = block.from.row > table.last_line && block.from.row <= end + 4 &&
                               block.from.column + 1 >= table.first_field && block.to.column <= last_field;
            if (!under || has_columns_of_formulas(block, table)) {
                continue;
            }
            const bool takes_columns = std::any_of(block.cells.begin(), block.cells.end(), [&](const SheetCell* cell) {
                return cell->formula != nullptr && cell->formula->tree && takes_column_of(*cell, table);
            });
            const bool texts_or_formulas =
                std::all_of(block.cells.begin(), block.cells.end(),
                            [](const SheetCell* cell) { return cell->formula != nullptr || cell->is_text(); });
            if (takes_columns && texts_or_formulas && block.to.row - block.from.row < 12) {
                add_foot_rows(table, block);
                return true;
            }
            const bool same_width = block.from.column == table.first_field && block.to.column == last_field;
            if (same_width && table.foot.empty() && heading_rows(sheet_, block) == 0 && block.from.row == end + 2 &&
                table.fields.size() > 1 && has_kinds_of(block, table)) {
                table.last_line = block.to.row;
                find_foot(sheet_, table);
                return true;
            }
        }
        return false;
    }

    /// Rows that are in the foot already, by a block beside this one, are not taken twice.
    void add_foot_rows(SheetTable& table, const SheetBlock& block) const {
        for (std::uint32_t row = block.from.row; row <= block.to.row; ++row) {
            const auto after = std::find_if(table.foot.begin(), table.foot.end(),
                                            [row](const SheetTable::FootRow& one) { return one.line >= row; });
            if (after != table.foot.end() && after->line == row) {
                continue;
            }
            const SheetCell* beside = at(row, block.from.column);
            const std::string label = foot_label(sheet_, table, row);
            table.foot.insert(after, {row, label.empty() && beside != nullptr ? beside->text : label});
        }
    }

    /// Whether most cells in each column of a block are of the kind that most have in the table above it.
    bool has_kinds_of(const SheetBlock& block, const SheetTable& table) const {
        const auto kind_in = [&](std::uint32_t column, std::uint32_t from, std::uint32_t to) {
            std::map<Kind, std::size_t> counts;
            for (std::uint32_t row = from; row <= to; ++row) {
                const SheetCell* cell = at(row, column);
                if (cell != nullptr && cell->has_value && !cell->at_fault) {
                    ++counts[cell->kind];
                }
            }
            const auto most = std::max_element(counts.begin(), counts.end(),
                                               [](const auto& a, const auto& b) { return a.second < b.second; });
            return most == counts.end() ? std::optional<Kind>() : most->first;
        };
        for (std::uint32_t column = block.from.column; column <= block.to.column; ++column) {
            const std::optional<Kind> above = kind_in(column, table.first_line, table.last_line);
            const std::optional<Kind> here = kind_in(column, block.from.row, block.to.row);
            if (above && here && *above != *here) {
                return false;
            }
        }
        return true;
    }

    /// Tables side by side, an empty column or two between them, are one where they have the same rows and the formulas
    /// of the right one look at their own row of the left one.
    void join_beside() {
        auto& tables = layout_.tables;
        for (std::size_t left = first_table_; left < tables.size(); ++left) {
            for (std::size_t right = first_table_; right < tables.size(); ++right) {
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
                    row.label = foot_label(sheet_, whole, row.line);
                }
                tables.erase(tables.begin() + static_cast<std::ptrdiff_t>(right));
                if (right < left) {
                    --left;
                }
                right = first_table_ - 1; // a third one may follow
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
    std::size_t first_table_; ///< of this sheet
    std::vector<const SheetCell*> titles_;
};

} // namespace

SheetLayout find_layout(const Workbook& workbook) {
    SheetLayout out;
    const std::set<WorkbookPlace> single = single_places(workbook);
    for (std::size_t sheet = 0; sheet < workbook.sheets.size(); ++sheet) {
        LayoutFinder(workbook, sheet, single, out).find();
    }
    return out;
}

} // namespace ledgefall
