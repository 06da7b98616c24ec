#pragma once

#include "working.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <optional>

namespace ledgefall::testing {

/// What a table of one given column x and one computed column y, covered in some rows and typed over in others, must
/// show: a list of rows, each with marks of its own, that knows nothing of ids, ends or pieces.
struct MarkedRows {
    struct Row {
        double x = 0; ///< not a number: nothing was typed
        bool covered = false;
        std::optional<double> typed_over = {};
    };
    std::vector<Row> rows;
    bool open_start = false,
         open_end = false; ///< the reach goes on with rows that come before its first, after its last

    void insert(std::size_t at, std::size_t count) {
        const bool before = at == 0 ? open_start : rows[at - 1].covered;
        const bool after = at == rows.size() ? open_end : rows[at].covered;
        rows.insert(rows.begin() + static_cast<std::ptrdiff_t>(at), count, {std::nan(""), before && after});
    }
    void remove(std::size_t at, std::size_t count) {
        const auto from = rows.begin() + static_cast<std::ptrdiff_t>(at);
        rows.erase(from, from + static_cast<std::ptrdiff_t>(std::min(count, rows.size() - at)));
        keep_open_ends();
    }
    void reorder(const std::vector<Row>& in_other_order) {
        rows = in_other_order;
        keep_open_ends();
    }
    /// A reach goes on only from a row that it covers.
    void keep_open_ends() {
        open_start = open_start && !rows.empty() && rows.front().covered;
        open_end = open_end && !rows.empty() && rows.back().covered;
    }
};

/// A study of such a table beside the list of its rows: each edit is done to both.
struct MarkedScene {
    using Choice = std::function<std::size_t(std::size_t below)>; ///< a number from 0, less than `below`

    Bench bench;
    MarkedRows model;

    /// The table has the values `x`; y = 2 * x + 1 covers the rows from `first` to `last`.
    MarkedScene(const std::vector<double>& x, std::size_t first, std::size_t last) {
        bench.numbers("x", x).work("y = 2 * x + 1");
        bench.take(narrow_reach(bench.study, bench.id("y"), std::pair(first, last)));
        for (std::size_t row = 0; row < x.size(); ++row) {
            model.rows.push_back({x[row], row >= first && row <= last});
        }
        model.open_start = first == 0;
        model.open_end = last + 1 == x.size();
    }

    bool agrees(const Study& study) const {
        const ResultsPtr results = compute(study);
        const Table& table = *study.table(bench.table);
        const Id x = table.column_named("x")->id;
        const ColumnDefinition& y = *table.column_named("y");
        if (table.axis.ids()->size() != model.rows.size()) {
            return false;
        }
        std::size_t overrides = 0;
        for (std::size_t row = 0; row < model.rows.size(); ++row) {
            const MarkedRows::Row& expected = model.rows[row];
            double wanted = expected.covered ? 2 * expected.x + 1 : std::nan("");
            if (expected.typed_over) {
                wanted = *expected.typed_over;
                ++overrides;
            }
            if (!is(results->cell(x, row), expected.x) || !is(results->cell(y.id, row), wanted)) {
                return false;
            }
        }
        return y.overrides->size() == overrides;
    }

    /// One edit, done to the study and to the list of rows.
    void edit(const Choice& choose) {
        const std::size_t rows = model.rows.size();
        switch (choose(8)) {
        case 0: {
            const std::size_t row = choose(rows + 1);
            const std::size_t count = 1 + choose(3);
            bench.take(insert_rows(bench.study, bench.table, row, count));
            return model.insert(row, count);
        }
        case 1: {
            const std::size_t row = choose(rows);
            const std::size_t count = std::min<std::size_t>(1 + choose(3), rows - 1);
            bench.take(remove_rows(bench.study, bench.table, row, count));
            return model.remove(row, count);
        }
        case 2:
            return move(choose);
        case 3:
            return sort(false);
        case 4:
            return sort(true);
        case 5: {
            const std::size_t row = choose(rows);
            const double number = static_cast<double>(choose(100));
            type(row, 0, std::to_string(static_cast<int>(number)));
            model.rows[row].x = number;
            return;
        }
        case 6: {
            const std::size_t row = choose(rows);
            const double number = static_cast<double>(1000 + choose(100));
            type(row, 1, std::to_string(static_cast<int>(number)));
            model.rows[row].typed_over = number;
            return;
        }
        default: {
            const std::size_t row = choose(rows);
            if (model.rows[row].typed_over) {
                bench.take(give_back(bench.study, bench.id("y"), row));
            }
            model.rows[row].typed_over.reset();
        }
        }
    }

    void move(const Choice& choose) {
        std::vector<MarkedRows::Row> rows = model.rows;
        const std::size_t from = choose(rows.size());
        const std::size_t count = 1 + choose(rows.size() - from);
        const std::size_t to = choose(rows.size() - count + 1);
        const auto first = rows.begin() + static_cast<std::ptrdiff_t>(from);
        const std::vector<MarkedRows::Row> block(first, first + static_cast<std::ptrdiff_t>(count));
        rows.erase(first, first + static_cast<std::ptrdiff_t>(count));
        rows.insert(rows.begin() + static_cast<std::ptrdiff_t>(to), block.begin(), block.end());
        bench.take(move_rows(bench.study, bench.table, from, count, to));
        model.reorder(rows);
    }
    void sort(bool falling) {
        std::vector<MarkedRows::Row> rows = model.rows;
        std::stable_sort(rows.begin(), rows.end(), [falling](const auto& a, const auto& b) {
            if (std::isnan(a.x) || std::isnan(b.x)) {
                return !std::isnan(a.x) && std::isnan(b.x);
            }
            return falling ? b.x < a.x : a.x < b.x;
        });
        const Column keys = *bench.study.table(bench.table)->column_named("x")->cells;
        bench.take(sort_rows(bench.study, bench.table, keys, falling));
        model.reorder(rows);
    }

  private:
    static bool is(const Value& value, double wanted) {
        return std::isnan(wanted) ? value.is_missing() : value.plain() && value.number() == wanted;
    }
    void type(std::size_t row, std::size_t column, const std::string& text) {
        bench.take(type_block(bench.study, bench.table, row, column, {{text}}));
    }
};

} // namespace ledgefall::testing
