// Columns that need their own earlier rows, where a cell above is missing or in error: what is computed by quick steps
// must be what the formula means.

#include "core/study/edits/edit_grid.h"
#include "harness/test_program.h"
#include "working.h"

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

const double gap = std::nan("");

std::string shown(const Value& value) {
    return value.is_fault() ? "error" : value.is_missing() ? "-" : write_cell(value);
}

} // namespace

class TestRecurrences : public QObject {
    Q_OBJECT

    /// The cells of `r`, where x is 9, missing, 2, 5 and s a text in each row but the second.
    static std::string rows_of(const std::string& formula) {
        Bench bench;
        bench.numbers("x", {9, gap, 2, 5}).texts("s", {"pool", "", "weir", "pool"}).held("k = 2");
        bench.work("zero = if row = 1 then 1/0 else x").work("r = " + formula);
        std::string all;
        for (std::size_t row = 1; row <= 4; ++row) {
            all += (row == 1 ? "" : " ") + shown(bench.cell("r", row));
        }
        return all;
    }

  private Q_SLOTS:
    void what_is_missing_above_stays_missing_data() {
        QTest::addColumn<QString>("formula");
        QTest::addColumn<QString>("rows");
        const auto row = [](const char* formula, const char* rows) { QTest::newRow(formula) << formula << rows; };
        row("first x then larger(x, r[i-1])", "9 - - -");
        row("first x then larger(r[i-1], x)", "9 - - -");
        row("first x then smaller(x, r[i-1])", "9 - - -");
        row("first x then if x > 1 then r[i-1] + 1 else 0", "9 - - -");
        row("first x then if r[i-1] > 1 then x else 0", "9 - - -");
        row("first x > 1 then x > 1 and r[i-1]", "yes - - -");
        row("first x > 1 then r[i-1] and x > 1", "yes - - -");
        row("first x > 1 then x < 9 or r[i-1]", "yes yes yes yes");
        row("first x > 20 then x > 20 or r[i-1]", "no - - -");
        row("first x then sign(r[i-1]) + x", "9 - - -");
        row("first x then x^0 * 1^r[i-1]", "9 - - -");
        row("first x then if r[i-1] in (1, 9) then x else 3", "9 - - -");
        row("first s then if s = r[i-1] then s else \"other\"", "pool - - -");
        row("first 1 then default(x, r[i-1] * 0)", "1 0 2 5");
        row("first zero then larger(zero, r[i-1])", "error error error error");
        row("first zero then if r[i-1] > 3 then 1 else 2", "error error error error");
        row("first zero > 1 then r[i-1] and no", "error error error error");
        row("first 1 then if x > r[i-1] then missing else 2", "1 - - -");
    }
    void what_is_missing_above_stays_missing() {
        QFETCH(const QString, formula);
        QFETCH(const QString, rows);
        QCOMPARE(QString::fromStdString(rows_of(formula.toStdString())), rows);
    }

    void columns_in_a_cycle_pass_on_what_is_missing() {
        Bench bench;
        bench.numbers("x", {3, gap, 2}).work("a = first x then larger(x, b[i-1])").work("b = larger(a, 1)");
        QCOMPARE(shown(bench.cell("b", 1)), std::string("3"));
        QCOMPARE(shown(bench.cell("b", 2)), std::string("-"));
        QCOMPARE(shown(bench.cell("a", 3)), std::string("-"));
    }

    void a_constant_after_first_values_stays_one_where_a_table_stops() {
        Bench bench;
        bench.rows("5").work("c = first 3 then 2").take(stop_rows(bench.study, bench.table, "row = 4"));
        bench.take(stop_rows(bench.study, bench.table, "c < 0"));
        QCOMPARE(bench.cells("c"), (std::vector<double>{3, 2, 2, 2, 2}));
    }

    void first_values_of_a_layer_cover_rows_of_the_grid() {
        Study study;
        Id table;
        study = *add_two_way_table(study, "Grid", {"a", "", "", "1, 2, 3, 4"}, {"c", "", "", "5, 6"}, &table);
        study = *write_column(study, table, "f = first a; 10 * a then c");
        const ResultsPtr results = compute(study);
        const Id layer = study.table(table)->column_named("f")->id;
        const double expected[] = {1, 1, 20, 20, 5, 6, 5, 6};
        for (std::size_t cell = 0; cell < std::size(expected); ++cell) {
            QCOMPARE(results->cell(layer, cell).number(), expected[cell]);
        }
    }

    void a_long_cycle_is_told_shortly() {
        Bench bench;
        bench.rows("2");
        Study study = bench.study;
        for (int column = 0; column < 40; ++column) {
            study = *write_column(study, bench.table,
                                  "c" + std::to_string(column) + " = c" + std::to_string((column + 1) % 40));
        }
        const ResultsPtr results = compute(study);
        const std::string what =
            results->cell(study.table(bench.table)->columns.front()->id, 0).fault().at().what.text();
        QVERIFY2(what.find("…") != std::string::npos && what.size() < 250, what.c_str());
    }

    void texts_that_double_are_refused_before_memory_ends() {
        Bench bench;
        bench.rows("60").work("t = first \"ab\" then join(t[i-1], t[i-1])");
        QVERIFY(bench.cell("t", 10).plain());
        QVERIFY(bench.cell("t", 60).is_fault());
        QVERIFY(bench.cell("t", 60).fault().at().cause == Cause::too_large);
    }
};

LEDGEFALL_TEST(TestRecurrences)
#include "test_recurrences.moc"
