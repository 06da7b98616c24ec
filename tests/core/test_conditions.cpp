// Conditions after `where`: over single values, pooled and paired columns, ranges, and ranks.

#include "harness/test_program.h"
#include "working.h"

using namespace ledgefall;
using namespace ledgefall::testing;

class TestConditions : public QObject {
    Q_OBJECT

    static Bench bench() {
        Bench made;
        made.numbers("x", {4, 1, 3, std::nan("")}).numbers("y", {10, 20, 30, 40}).texts("s", {"a", "b", "a", "b"});
        return made;
    }

  private Q_SLOTS:
    void single_values_follow_their_condition() {
        Bench made = bench();
        made.work("m = mean(x[i] .. y[i] where s[i] = \"a\")")
            .work("n = sum(5 where no)")
            .work("c = count(x[i], y[i] where yes)");
        QCOMPARE(made.cell("m", 1).number(), 7.0);
        QVERIFY(made.cell("m", 2).is_missing());
        QCOMPARE(made.cell("m", 3).number(), 16.5);
        QCOMPARE(made.cell("n", 1).number(), 0.0);
        QCOMPARE(made.cell("c", 1).number(), 2.0);
        QCOMPARE(made.cell("c", 4).number(), 1.0);
    }

    void a_condition_holds_for_all_columns_that_are_pooled() {
        const Bench made = bench();
        QCOMPARE(made.number("mean(x, y where s = \"a\")"), (4 + 3 + 10 + 30) / 4.0);
        QCOMPARE(made.number("sum((x, y) where y > 10)"), 1 + 3 + 20 + 30 + 40.0);
        QCOMPARE(made.number("sum(x .. y where y > 10)"), 1 + 3 + 20 + 30 + 40.0);
        QCOMPARE(made.number("wmean(x where y < 40, y)"), (40 + 20 + 90) / 60.0);
        QCOMPARE(made.number("wmean(x, y where y < 40)"), (40 + 20 + 90) / 60.0);
    }

    void what_cannot_be_meant_is_refused() {
        const Bench made = bench();
        for (const char* formula :
             {"mean(x where y > 10, y)", "corr(x where y > 1, y where y < 40)", "sum(x[1..2], y)",
              "sum(x, y[1..2] where y > 1)", "count(x, 2 where y > 1)", "mean(x[1], 3 where y > 1)"}) {
            QVERIFY2(made.cause(formula) == Cause::wrong_arguments, formula);
        }
        QCOMPARE(made.number("sum(x[1..2] * y)"), 60.0); // one expression, row by row
        QCOMPARE(made.number("sum(2 where y > 10)"), 6.0);
    }

    void ranks_are_of_the_running_row() {
        Bench made = bench();
        made.work("r = rank(x where s = \"a\")").work("t = rank(x)");
        QCOMPARE(made.cell("r", 1).number(), 2.0);
        QVERIFY(made.cell("r", 2).is_missing());
        QCOMPARE(made.cell("r", 3).number(), 1.0);
        QCOMPARE(made.number("sum(rank(x))"), 6.0);
        QCOMPARE(made.number("sum(rank(x) where s = \"a\")"), 5.0);
        QCOMPARE(made.number("sum(rank(x) * y)"), 3 * 10 + 1 * 20 + 2 * 30.0);
    }

    void the_mode_of_a_range_that_loses_rows_is_the_first() {
        Bench made;
        std::vector<double> x;
        for (int row = 0; row < 200; ++row) {
            x.push_back(row % 4);
        }
        made.numbers("x", x).work("m = mode(x[i..])");
        for (std::size_t row = 1; row <= 196; ++row) {
            QCOMPARE(made.cell("m", row).number(), x[row - 1]); // of several the first from this row on
        }
        QVERIFY(made.cell("m", 199).is_missing()); // 2 and 3 occur once each
        QVERIFY(made.cell("m", 197).is_missing());
        QCOMPARE(made.cell("m", 196).number(), 3.0);
    }

    void the_type_of_quantiles_is_the_studys_in_all_of_them() {
        Bench made;
        made.numbers("x", {1, 2, 3, 10}).numbers("f", {1, 1, 1, 1});
        for (int type = 1; type <= 9; ++type) {
            made.study = *set_setting(made.study, "quantile_type = " + std::to_string(type));
            for (const char* p : {"0.1", "0.25", "0.6"}) {
                QCOMPARE(made.number("wquantile(x, f, " + std::string(p) + ")"),
                         made.number("quantile(x, " + std::string(p) + ")"));
                QCOMPARE(made.number("wquantile(x, f, " + std::string(p) + ", 7)"),
                         made.number("quantile(x, " + std::string(p) + ", 7)"));
            }
        }
    }

    /// The position of a quantile among many values is not rounded with their number.
    void quantiles_of_many_values_keep_their_digits() {
        Bench made;
        made.numbers("x", {4.2, 4.8}).numbers("f", {2002, 2002});
        made.study = *set_setting(made.study, "quantile_type = 8");
        QCOMPARE(made.number("wquantile(x, f, 0.5)"), 4.5);
    }

    /// Also where the values before have left something behind, and the mean is a power of two.
    void moving_means_of_equal_values_are_that_value() {
        Bench made;
        made.numbers("x", {0.4, 0.45, 0.5, 0.5, 0.5, 0.5}).numbers("z", std::vector<double>(75, 0.25));
        made.work("m = mean(x[i-2..i])").work("g = mean(z[1..i])");
        QCOMPARE(made.cell("m", 5).number(), 0.5);
        QCOMPARE(made.cell("m", 6).number(), 0.5);
        QCOMPARE(made.cell("g", 75).number(), 0.25);
    }

    void the_row_of_an_error_is_the_formulas() {
        Bench made;
        made.numbers("x", {1, 2, 0}).work("c = sum(row / x[i])").work("d = sum(1 / x)");
        QCOMPARE(explain(made.study, *made.results, made.cell("c", 3).fault()).text(),
                 std::string("Data.c, row 3: in row 1 of those that the measure runs over, division by zero."));
        QCOMPARE(explain(made.study, *made.results, made.cell("d", 1).fault()).text(),
                 std::string("Data.d: in row 3 of those that the measure runs over, division by zero."));
    }

    void dates_have_means_and_quantiles() {
        const Bench made = bench();
        const auto date = [&](const std::string& formula) { return write_cell(made.value(formula)); };
        const std::string two = "(date(2024, 1, 1), date(2024, 1, 3))";
        QCOMPARE(date("mean" + two), std::string("2024-01-02"));
        QCOMPARE(date("median" + two), std::string("2024-01-02"));
        QCOMPARE(date("quantile((date(2024, 1, 1), date(2024, 1, 3)), 0.75)"), std::string("2024-01-02 12:00"));
        QCOMPARE(date("range" + two), std::string("2"));
        QCOMPARE(date("iqr" + two), std::string("1"));
        QVERIFY(made.cause("sd" + two) == Cause::wrong_kind);
    }
};

LEDGEFALL_TEST(TestConditions)
#include "test_conditions.moc"
