// A formula's reach follows its rows. What a narrowed formula covers after rows have been inserted, removed, moved and
// sorted is held against a list of rows, each with a mark of its own, that knows nothing of ids, ends or pieces.

#include "core/study/model/history.h"
#include "harness/test_program.h"
#include "marked_rows.h"

#include <algorithm>
#include <random>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

std::size_t any(std::mt19937& engine, std::size_t below) {
    return std::uniform_int_distribution<std::size_t>(0, below - 1)(engine);
}

/// A scene of some rows in random order, of which those from `first` to `last` are covered.
MarkedScene scene(std::mt19937& engine, std::size_t rows, std::size_t first, std::size_t last) {
    std::vector<double> x(rows);
    for (std::size_t row = 0; row < rows; ++row) {
        x[row] = static_cast<double>(row + 1);
    }
    std::shuffle(x.begin(), x.end(), engine);
    return MarkedScene(x, first, last);
}

} // namespace

class TestReach : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void an_end_that_is_removed_leaves_the_rest_covered() {
        std::mt19937 engine(1);
        MarkedScene at = scene(engine, 8, 2, 5);
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
        MarkedScene at = scene(engine, 6, 2, 3);
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
            MarkedScene at = scene(engine, 12, any(engine, 6), 6 + any(engine, 6));
            at.sort(false);
            QVERIFY(at.agrees(at.bench.study));
            at.move([&engine](std::size_t below) { return any(engine, below); });
            QVERIFY(at.agrees(at.bench.study));
            at.sort(true);
            QVERIFY(at.agrees(at.bench.study));
        }
    }

    /// The formula needs nothing that moves with the rows, so that only the typed value tells that they have moved.
    void a_value_typed_over_a_constant_follows_its_row() {
        Bench bench;
        bench.numbers("x", {1, 2, 3}).work("y = 7");
        bench.take(type_block(bench.study, bench.table, 2, 1, {{"8"}}));
        QCOMPARE(bench.cells("y"), (std::vector<double>{7, 7, 8}));
        bench.take(move_rows(bench.study, bench.table, 2, 1, 0)); // computed from the results before
        QCOMPARE(bench.cells("y"), (std::vector<double>{8, 7, 7}));
        bench.take(
            sort_rows(bench.study, bench.table, *bench.study.table(bench.table)->column_named("x")->cells, false));
        QCOMPARE(bench.cells("y"), (std::vector<double>{7, 7, 8}));
    }

    /// Sorting may bring rows of one formula together that stood apart; then it covers a row that comes between them.
    void pieces_that_have_come_together_cover_what_is_inserted_between() {
        MarkedScene at({3, 9, 2}, 0, 1); // y in the rows of 3 and 9
        at.bench.take(type_block(at.bench.study, at.bench.table, 0, 0, {{"1"}}));
        at.model.rows[0].x = 1;
        at.sort(false); // 1, 2, 9: two pieces
        QVERIFY(at.agrees(at.bench.study));
        for (const bool by_removal : {true, false}) {
            MarkedScene then = at;
            if (by_removal) {
                then.bench.take(remove_rows(then.bench.study, then.bench.table, 1, 1));
                then.model.remove(1, 1);
            } else {
                then.bench.take(move_rows(then.bench.study, then.bench.table, 1, 1, 0));
                then.model.reorder({then.model.rows[1], then.model.rows[0], then.model.rows[2]});
            }
            const std::size_t between = by_removal ? 1 : 2;
            then.bench.take(insert_rows(then.bench.study, then.bench.table, between, 1));
            then.model.insert(between, 1);
            then.bench.take(type_block(then.bench.study, then.bench.table, between, 0, {{"5"}}));
            then.model.rows[between].x = 5;
            QVERIFY(then.model.rows[between].covered);
            QVERIFY(then.agrees(then.bench.study));
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
            MarkedScene at = scene(engine, rows, first, last);
            History history(at.bench.study);
            std::vector<MarkedRows> before = {at.model};
            for (int number = 0; number < 15; ++number) {
                at.edit([&engine](std::size_t below) { return any(engine, below); });
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
        QVERIFY(refused.refusal().text().find("Let it cover all rows first") != std::string::npos);
    }

    /// A reach in two parts, the second to the table's end, all of whose rows are removed: rows added at the end are
    /// covered as before, and so at the beginning.
    void an_open_end_outlives_its_rows() {
        for (const bool at_end : {true, false}) {
            MarkedScene at({1, 2, 3, 4, 5}, at_end ? 1 : 0, at_end ? 4 : 3);
            // The row that is not covered comes between the others, so that the reach has two parts.
            const auto move = [&at](std::size_t from, std::size_t to) {
                std::vector<std::size_t> numbers = {from, 0, to};
                std::size_t next = 0;
                at.move([&](std::size_t) { return numbers[next++]; });
            };
            move(at_end ? 0 : 4, 2);
            QVERIFY(at.agrees(at.bench.study));
            at.bench.take(remove_rows(at.bench.study, at.bench.table, at_end ? 2 : 0, 3));
            at.model.remove(at_end ? 2 : 0, 3);
            QVERIFY(at.agrees(at.bench.study));
            const std::size_t where = at_end ? 2 : 0;
            at.bench.take(insert_rows(at.bench.study, at.bench.table, where, 2));
            at.model.insert(where, 2);
            at.bench.take(type_block(at.bench.study, at.bench.table, where, 0, {{"8"}, {"9"}}));
            at.model.rows[where].x = 8;
            at.model.rows[where + 1].x = 9;
            QVERIFY(at.model.rows[where].covered);
            QVERIFY(at.agrees(at.bench.study));
        }
    }
};

LEDGEFALL_TEST(TestReach)
#include "test_reach.moc"
