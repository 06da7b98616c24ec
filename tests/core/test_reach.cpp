// A formula's reach follows its rows. What a narrowed formula covers after rows have been inserted, removed, moved and
// sorted is held against a list of rows, each with a mark of its own, that knows nothing of ids, ends or pieces.

#include "core/study/model/history.h"
#include "harness/test_program.h"
#include "working.h"

#include <algorithm>
#include <random>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

/// A table of one given column and one that is worked out in marked rows only.
struct MarkedRows {
    struct Row {
        double x = 0; ///< not a number: nothing was typed
        bool covered = false;
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
    }
    void reorder(const std::vector<Row>& in_other_order) {
        rows = in_other_order;
        open_start = open_start && rows.front().covered;
        open_end = open_end && rows.back().covered;
    }
};

struct Scene {
    Bench bench;
    MarkedRows model;

    bool agrees(const Study& study) const {
        const ResultsPtr results = compute(study);
        const Table& table = *study.table(bench.table);
        const Id x = table.column_named("x")->id;
        const Id y = table.column_named("y")->id;
        if (table.axis.ids()->size() != model.rows.size()) {
            return false;
        }
        for (std::size_t row = 0; row < model.rows.size(); ++row) {
            const MarkedRows::Row& expected = model.rows[row];
            const Value given = results->cell(x, row);
            const Value worked = results->cell(y, row);
            const bool same_given = std::isnan(expected.x) ? given.is_missing() : given.number() == expected.x;
            const bool has_value = expected.covered && !std::isnan(expected.x);
            const bool same_worked =
                has_value ? worked.plain() && worked.number() == 2 * expected.x + 1 : worked.is_missing();
            if (!same_given || !same_worked) {
                return false;
            }
        }
        return true;
    }
};

Scene scene(std::mt19937& engine, std::size_t rows, std::size_t first, std::size_t last) {
    Scene out;
    std::vector<double> x(rows);
    for (std::size_t row = 0; row < rows; ++row) {
        x[row] = static_cast<double>(row + 1);
    }
    std::shuffle(x.begin(), x.end(), engine);
    out.bench.numbers("x", x).work("y = 2 * x + 1");
    out.bench.take(narrow_reach(out.bench.study, out.bench.id("y"), std::pair(first, last)));
    for (std::size_t row = 0; row < rows; ++row) {
        out.model.rows.push_back({x[row], row >= first && row <= last});
    }
    out.model.open_start = first == 0;
    out.model.open_end = last + 1 == rows;
    return out;
}

std::size_t any(std::mt19937& engine, std::size_t below) {
    return std::uniform_int_distribution<std::size_t>(0, below - 1)(engine);
}

void move(Scene& at, std::mt19937& engine) {
    std::vector<MarkedRows::Row> rows = at.model.rows;
    const std::size_t from = any(engine, rows.size());
    const std::size_t count = 1 + any(engine, rows.size() - from);
    const std::size_t to = any(engine, rows.size() - count + 1);
    const std::vector<MarkedRows::Row> block(rows.begin() + static_cast<std::ptrdiff_t>(from),
                                             rows.begin() + static_cast<std::ptrdiff_t>(from + count));
    rows.erase(rows.begin() + static_cast<std::ptrdiff_t>(from),
               rows.begin() + static_cast<std::ptrdiff_t>(from + count));
    rows.insert(rows.begin() + static_cast<std::ptrdiff_t>(to), block.begin(), block.end());
    at.bench.take(move_rows(at.bench.study, at.bench.table, from, count, to));
    at.model.reorder(rows);
}

void sort(Scene& at, bool descending) {
    std::vector<MarkedRows::Row> rows = at.model.rows;
    std::stable_sort(rows.begin(), rows.end(), [descending](const auto& a, const auto& b) {
        if (std::isnan(a.x) || std::isnan(b.x)) {
            return !std::isnan(a.x) && std::isnan(b.x);
        }
        return descending ? b.x < a.x : a.x < b.x;
    });
    const Column keys = *at.bench.study.table(at.bench.table)->column_named("x")->cells;
    at.bench.take(sort_rows(at.bench.study, at.bench.table, keys, descending));
    at.model.reorder(rows);
}

/// One edit of a kind, done to the study and to the list of rows.
void edit(Scene& at, int kind, std::mt19937& engine) {
    const std::size_t rows = at.model.rows.size();
    switch (kind) {
    case 0: {
        const std::size_t row = any(engine, rows + 1);
        const std::size_t count = 1 + any(engine, 3);
        at.bench.take(insert_rows(at.bench.study, at.bench.table, row, count));
        return at.model.insert(row, count);
    }
    case 1: {
        const std::size_t row = any(engine, rows);
        const std::size_t count = std::min<std::size_t>(1 + any(engine, 3), rows - 1);
        at.bench.take(remove_rows(at.bench.study, at.bench.table, row, count));
        return at.model.remove(row, count);
    }
    case 2:
        return move(at, engine);
    default:
        return sort(at, kind == 4);
    }
}

} // namespace

class TestReach : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void an_end_that_is_removed_leaves_the_rest_covered() {
        std::mt19937 engine(1);
        Scene at = scene(engine, 8, 2, 5);
        for (const std::size_t row : {std::size_t{5}, std::size_t{2}}) { // the last row of the reach, then its first
            at.bench.take(remove_rows(at.bench.study, at.bench.table, row, 1));
            at.model.remove(row, 1);
            QVERIFY(at.agrees(at.bench.study));
        }
        QCOMPARE(std::count_if(at.model.rows.begin(), at.model.rows.end(), [](const auto& row) { return row.covered; }),
                 std::ptrdiff_t{2});
    }

    void a_reach_of_which_no_row_is_left_covers_none() {
        std::mt19937 engine(2);
        Scene at = scene(engine, 6, 2, 3);
        at.bench.take(remove_rows(at.bench.study, at.bench.table, 2, 2));
        at.model.remove(2, 2);
        QVERIFY(at.agrees(at.bench.study));
        at.bench.take(insert_rows(at.bench.study, at.bench.table, 2, 2));
        at.model.insert(2, 2);
        QVERIFY(at.agrees(at.bench.study));
    }

    void a_summary_keeps_each_group_with_its_own_formula() {
        Bench bench;
        bench.numbers("x", {1, 2, 3, 40, 50, 60}).numbers("z", {7, 8, 9, 10, 11, 12}).numbers("w", {5, 5, 5, 1, 1, 1});
        bench.numbers("y", {}).work("y = mean(x)");
        const std::uint64_t first = bench.study.table(bench.table)->axis.id_at(0);
        Study study = bench.study; // three formulas, a row each, as a summary of columns has them
        std::vector<Piece> pieces;
        const char* const formulas[] = {"mean(x)", "mean(z)", "mean(w)"};
        for (std::size_t row = 0; row < 3; ++row) {
            pieces.push_back({Formula(formulas[row]), first + row, first + row});
        }
        study.tables.front().edit([&](Table& table) {
            table.columns.back().edit([&](ColumnDefinition& column) { column.pieces = pieces; });
        });
        study = *remove_rows(study, bench.table, 1, 1);
        const ResultsPtr results = compute(study);
        QCOMPARE(results->cell(bench.id("y"), 0).number(), (1.0 + 3 + 40 + 50 + 60) / 5);
        QCOMPARE(results->cell(bench.id("y"), 1).number(), (5.0 + 5 + 1 + 1 + 1) / 5); // w's, not z's
        QVERIFY(results->cell(bench.id("y"), 2).is_missing());
    }

    void sorting_and_moving_take_the_formula_along() {
        std::mt19937 engine(3);
        for (int round = 0; round < 20; ++round) {
            Scene at = scene(engine, 12, any(engine, 6), 6 + any(engine, 6));
            sort(at, false);
            QVERIFY(at.agrees(at.bench.study));
            move(at, engine);
            QVERIFY(at.agrees(at.bench.study));
            sort(at, true);
            QVERIFY(at.agrees(at.bench.study));
        }
    }

    void after_any_edits_and_their_undoing_the_same_rows_are_covered() {
        int compared = 0;
        for (unsigned seed = 0; seed < 60; ++seed) {
            std::mt19937 engine(seed);
            const std::size_t rows = 3 + any(engine, 12);
            const std::size_t first = any(engine, rows);
            const std::size_t last = first + any(engine, rows - first);
            if (first == 0 && last + 1 == rows) {
                continue;
            }
            Scene at = scene(engine, rows, first, last);
            History history(at.bench.study);
            std::vector<MarkedRows> before = {at.model};
            for (int number = 0; number < 15; ++number) {
                edit(at, static_cast<int>(any(engine, 5)), engine);
                history.perform(at.bench.study, "edit");
                before.push_back(at.model);
                QVERIFY2(at.agrees(at.bench.study), qPrintable(QString::number(seed)));
                ++compared;
            }
            while (history.can_undo()) {
                history.undo();
                before.pop_back();
                at.model = before.back();
                QVERIFY2(at.agrees(history.now()), qPrintable(QString::number(seed)));
                ++compared;
            }
        }
        QVERIFY2(compared > 1'000, qPrintable(QString::number(compared)));
    }

    void a_table_that_would_be_scattered_too_far_is_refused() {
        Bench bench;
        const std::size_t rows = 2 * 10'000 + 10;
        std::vector<double> x(rows);
        for (std::size_t row = 0; row < rows; ++row) { // the halves interleave when they are sorted
            x[row] = static_cast<double>(row < rows / 2 ? 2 * row : 2 * (row - rows / 2) + 1);
        }
        bench.numbers("x", x).work("y = x + 1");
        bench.take(narrow_reach(bench.study, bench.id("y"), std::pair<std::size_t, std::size_t>(0, rows / 2 - 1)));
        const auto refused =
            sort_rows(bench.study, bench.table, *bench.study.table(bench.table)->column_named("x")->cells, false);
        QVERIFY(!refused);
        QVERIFY(refused.refusal().text().find("let it cover all rows first") != std::string::npos);
    }
};

LEDGEFALL_TEST(TestReach)
#include "test_reach.moc"
