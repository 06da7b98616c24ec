#include "files/worksheet_recovery/block_headings.h"

#include "files/worksheet_recovery/sheet_blocks.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace ledgefall {

std::size_t filled_in_row(const Sheet& sheet, const SheetBlock& block, std::uint32_t row) {
    const auto from = sheet.from({row, block.from.column});
    const auto to = sheet.from({row, block.to.column + 1});
    return static_cast<std::size_t>(to - from);
}

bool all_texts(const Sheet& sheet, const SheetBlock& block, std::uint32_t row) {
    const auto to = sheet.from({row, block.to.column + 1});
    return std::all_of(sheet.from({row, block.from.column}), to,
                       [](const SheetCell& cell) { return cell.is_text() && cell.formula == nullptr; });
}

bool sums_above(const SheetCell& cell) {
    bool out = false;
    each_reference(*cell.formula->tree, [&](const SheetNode& node) {
        out = out || (node.type == SheetNode::Type::range && !node.to.whole_column && !node.to.whole_row &&
                      node.from.column.from(cell.place.column) == cell.place.column &&
                      node.to.column.from(cell.place.column) == cell.place.column &&
                      node.to.row.from(cell.place.row) < cell.place.row &&
                      node.from.row.from(cell.place.row) < node.to.row.from(cell.place.row));
    });
    return out;
}

namespace {

/// Whether the first row heads columns by numbers, as years or depths do: some of its texts, two or more, all stand
/// over what is no text, and nothing in it is computed. They are all different, and one begins the row: signs for
/// gaps in a first row of values are not taken for headings.
bool headed_by_numbers(const Sheet& sheet, const SheetBlock& block) {
    std::set<std::string> texts;
    const SheetCell* corner = sheet.at(block.from);
    if (corner == nullptr || !corner->is_text()) {
        return false;
    }
    if (corner->text.find(" \\ ") != std::string::npos) { // the axes of a two-way table, as it is written
        return block.to.row > block.from.row;
    }
    for (std::uint32_t column = block.from.column; column <= block.to.column; ++column) {
        const SheetCell* cell = sheet.at({block.from.row, column});
        const SheetCell* under = sheet.at({block.from.row + 1, column});
        if (cell != nullptr && cell->formula != nullptr) {
            return false;
        }
        if (cell != nullptr && cell->is_text()) {
            if (under == nullptr || under->is_text() || !texts.insert(cell->text).second) {
                return false;
            }
        }
    }
    return texts.size() > 1 && texts.size() < filled_in_row(sheet, block, block.from.row);
}

/// Whether the first row heads columns by numbers alone: different whole ones, which no formula of the block looks at,
/// although ranges begin right under them or the numbers go up by equal steps.
bool headed_by_whole_numbers(const Sheet& sheet, const SheetBlock& block) {
    constexpr std::size_t fewest_steps = 2;
    std::set<double> numbers;
    std::set<double> steps;
    double before = 0;
    for (std::uint32_t column = block.from.column; column <= block.to.column; ++column) {
        const SheetCell* cell = sheet.at({block.from.row, column});
        if (cell == nullptr || cell->formula != nullptr || !cell->is_number() ||
            cell->number != std::trunc(cell->number) || !numbers.insert(cell->number).second) {
            return false;
        }
        if (column > block.from.column) {
            steps.insert(cell->number - before);
        }
        before = cell->number;
    }
    bool begin_under = numbers.size() > fewest_steps && steps.size() == 1;
    bool formulas = false;
    bool looks_at_it = false;
    for (const SheetCell* cell : block.cells) {
        if (cell->formula == nullptr || !cell->formula->tree) {
            continue;
        }
        formulas = true;
        each_reference(*cell->formula->tree, [&](const SheetNode& node) {
            const std::int64_t from = node.from.row.from(cell->place.row);
            const bool range = node.type == SheetNode::Type::range;
            const bool own = node.sheet.empty() && node.from.column.from(cell->place.column) >= block.from.column &&
                             node.from.column.from(cell->place.column) <= block.to.column;
            begin_under = begin_under || (range && own && from == block.from.row + 1);
            looks_at_it = looks_at_it || (own && from <= block.from.row);
        });
    }
    return formulas && begin_under && !looks_at_it;
}

/// Whether a block has series to the right of their labels, each of one kind, and nothing above them that could head
/// them: numbers, more of them than labels, or series of different kinds.
bool labelled_series(const Sheet& sheet, const SheetBlock& block) {
    constexpr std::uint32_t least = 3;
    const std::uint32_t length = block.to.column - block.from.column;
    std::set<Kind> kinds; // of the series, but for texts in the first, which may be headings
    bool texts_first = false;
    for (std::uint32_t row = block.from.row; row <= block.to.row; ++row) {
        std::set<Kind> here;
        for (std::uint32_t column = block.from.column + 1; column <= block.to.column; ++column) {
            const SheetCell* cell = sheet.at({row, column});
            if (cell != nullptr && cell->has_value && !cell->at_fault) {
                here.insert(cell->kind);
            }
        }
        if (here.size() > 1) {
            return false;
        }
        texts_first = texts_first || (row == block.from.row && here.contains(Kind::text));
        if (row > block.from.row || !texts_first) {
            kinds.insert(here.begin(), here.end());
        }
    }
    if (headed_by_numbers(sheet, block) && kinds.size() < 2) {
        return false;
    }
    const bool longer = length >= least && length > block.to.row - block.from.row + 1;
    return kinds.size() > 1 ? length > 1 : longer && !texts_first && !kinds.contains(Kind::text);
}

} // namespace

bool runs_across(const Sheet& sheet, const SheetBlock& block) {
    std::size_t down = 0;
    std::size_t right = 0;
    for (const SheetCell* cell : block.cells) {
        if (cell->formula == nullptr || !cell->formula->tree) {
            continue;
        }
        const auto [row, column] = cell->place;
        const auto same = [&](const SheetCell* other) { return other != nullptr && other->formula == cell->formula; };
        // One that says otherwise may stand between two that are the same.
        const bool under = same(sheet.at({row + 1, column})) || same(sheet.at({row + 2, column}));
        const bool beside = same(sheet.at({row, column + 1})) || same(sheet.at({row, column + 2}));
        const bool runs_down = under || (row > 0 && same(sheet.at({row - 1, column})));
        const bool runs_right = beside || (column > 0 && same(sheet.at({row, column - 1})));
        down += under && !runs_right ? 1 : 0;
        right += beside && !runs_down && !sums_above(*cell) ? 1 : 0;
    }
    bool labels = true;
    for (std::uint32_t row = block.from.row; row <= block.to.row; ++row) {
        const SheetCell* cell = sheet.at({row, block.from.column});
        labels = labels && (cell == nullptr || cell->is_text());
    }
    return labels && (right > down || (right == down && labelled_series(sheet, block)));
}

std::uint32_t heading_rows(const Sheet& sheet, const SheetBlock& block) {
    const std::uint32_t rows = block.to.row - block.from.row + 1;
    if (headed_by_numbers(sheet, block) || headed_by_whole_numbers(sheet, block)) {
        return 1;
    }
    if (!all_texts(sheet, block, block.from.row) || filled_in_row(sheet, block, block.from.row) == 0) {
        return 0;
    }
    if (rows == 1) {
        return 1;
    }
    const bool second_is_text = all_texts(sheet, block, block.from.row + 1);
    if (second_is_text && rows > 2 && !all_texts(sheet, block, block.from.row + 2)) {
        // Where a column goes on with texts, the second row is one of values.
        bool numbers_under_texts = false;
        bool in_brackets = true;
        for (std::uint32_t column = block.from.column; column <= block.to.column; ++column) {
            const SheetCell* second = sheet.at({block.from.row + 1, column});
            const SheetCell* third = sheet.at({block.from.row + 2, column});
            numbers_under_texts = numbers_under_texts || (second != nullptr && third != nullptr && !third->is_text());
            in_brackets =
                in_brackets && (second == nullptr || second->text.starts_with('[') || second->text.starts_with('('));
        }
        return numbers_under_texts || in_brackets ? 2 : 1;
    }
    if (!second_is_text) {
        return 1;
    }
    // Texts in all rows: the first is a heading where its texts do not come again under it.
    std::set<std::string> below;
    for (const SheetCell* cell : block.cells) {
        if (cell->place.row > block.from.row) {
            below.insert(cell->text);
        }
    }
    return std::none_of(
               block.cells.begin(), block.cells.end(),
               [&](const SheetCell* cell) { return cell->place.row == block.from.row && below.contains(cell->text); })
               ? 1
               : 0;
}

} // namespace ledgefall
