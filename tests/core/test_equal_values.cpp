// Columns in which all values are equal, or nearly so: measures of spread are 0 or have no value, and never something
// that only rounding has left. What must come out is known beforehand and needs no reference.

#include "core/engine/functions/catalogue.h"
#include "harness/test_program.h"
#include "working.h"

#include <cmath>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

/// Values that no binary fraction holds, large and small ones, and some that binary fractions hold.
const std::vector<double> single_values = {0.1,    0.2,   0.3,     0.7,       1.1,      2.3,  4.35,   1.0 / 3, 7,
                                           1e-300, 1e300, 12345.6, 9999999.9, 1e15 + 1, -0.1, -17.25, 0.001,   42};

Bench equal_columns(double value, std::size_t rows) {
    Bench bench;
    std::vector<double> other(rows);
    for (std::size_t row = 0; row < rows; ++row) {
        other[row] = static_cast<double>(row) * 0.1 + 0.1;
    }
    bench.numbers("x", std::vector<double>(rows, value)).numbers("y", other);
    bench.numbers("f", std::vector<double>(rows, 3));
    return bench;
}

} // namespace

class TestEqualValues : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void the_mean_is_the_value_itself() {
        int compared = 0;
        for (const double value : single_values) {
            for (const std::size_t rows : {1U, 2U, 3U, 7U, 10U, 11U, 100U, 1023U, 3000U}) {
                if (std::fabs(value) * static_cast<double>(rows) > 1e308) {
                    continue;
                }
                const Bench bench = equal_columns(value, rows);
                for (const char* mean : {"mean(x)", "wmean(x, f)"}) {
                    const double result = bench.number(mean);
                    QVERIFY2(result == value, qPrintable(QStringLiteral("%1 of %2 times %3: %4")
                                                             .arg(QLatin1String(mean))
                                                             .arg(rows)
                                                             .arg(value, 0, 'g', 17)
                                                             .arg(result, 0, 'g', 17)));
                    ++compared;
                }
            }
        }
        QVERIFY(compared > 300);
    }

    void there_is_no_spread() {
        int compared = 0;
        for (const double value : single_values) {
            for (const std::size_t rows : {2U, 3U, 11U, 80U, 1500U}) {
                const Bench bench = equal_columns(value, rows);
                for (const char* spread :
                     {"var(x)", "sd(x)", "var_pop(x)", "sd_pop(x)", "se(x)", "range(x)", "mad(x)", "iqr(x)",
                      "cov(x, y)", "cov(y, x)", "wvar(x, f)", "wsd(x, f)", "wvar_pop(x, f)", "slope(x, y)"}) {
                    const Value result = bench.value(spread);
                    QVERIFY2(result.plain() && result.number() == 0, spread);
                    ++compared;
                }
            }
        }
        QVERIFY(compared > 1'000);
    }

    void what_needs_a_spread_says_that_there_is_none() {
        int compared = 0;
        for (const double value : single_values) {
            for (const std::size_t rows : {2U, 3U, 11U, 80U}) {
                const Bench bench = equal_columns(value, rows);
                for (const char* measure :
                     {"corr(x, y)", "corr(y, x)", "rank_corr(x, y)", "skewness(x)", "kurtosis(x)", "t_stat(x, 2)"}) {
                    QCOMPARE(bench.cause(measure), Cause::out_of_domain);
                    ++compared;
                }
                for (const char* line : {"slope(y, x)", "intercept(y, x)"}) {
                    QCOMPARE(bench.cause(line), Cause::division_by_zero);
                    ++compared;
                }
            }
        }
        QVERIFY(compared > 500);
    }

    /// Shifted by as much as a double holds in whole numbers, small samples keep their exact moments.
    void moving_measures_of_equal_values_are_that_value() {
        Bench bench;
        std::vector<double> x(5000, 0.1);
        std::vector<double> far = x;
        for (std::size_t row = 0; row < 100; ++row) {
            far[row] = 1e15 * static_cast<double>(row % 7);
        }
        bench.numbers("x", x).numbers("far", far);
        for (const char* window : {"[i-2..i]", "[i-9..i]", "[1..i]", "[i-1..i+1]", "[i..]"}) {
            bench.work("m = mean(x" + std::string(window) + ")").work("s = sd(x" + std::string(window) + ")");
            for (std::size_t row = 20; row < 4900; row += 7) {
                QCOMPARE(bench.cell("m", row).number(), 0.1);
                QCOMPARE(bench.cell("s", row).number(), 0.0);
            }
        }
        bench.work("later = mean(far[i-4..i])").work("total = sum(far[i-4..i])");
        QCOMPARE(bench.cell("later", 200).number(), 0.1);
        QCOMPARE(bench.cell("total", 200).number(), 0.5);
    }

    void two_points_lie_on_a_line_and_quantiles_between_two_values() {
        Bench bench;
        bench.numbers("x", {0.1, 0.7}).numbers("y", {3.3, 1.1}).numbers("z", {0, 1});
        QCOMPARE(bench.number("corr(x, x)"), 1.0);
        QCOMPARE(bench.number("corr(x, y)"), -1.0);
        for (const char* p : {"0.1", "0.3", "0.7", "0.9"}) {
            QCOMPARE(bench.number("quantile(z, " + std::string(p) + ")"), std::stod(p));
        }
        QCOMPARE(bench.number("convert(32, \"°F\", \"°C\")"), 0.0);
        QCOMPARE(bench.number("convert(32, \"°F\", \"K\")"), 273.15);
        QCOMPARE(bench.number("convert(100, \"°C\", \"°F\")"), 212.0);
    }

    /// References by exact fractions.
    void nothing_is_lost_where_values_cancel() {
        Bench bench;
        bench.numbers("x", {1e16, 1, -1e16, 2}).numbers("f", {1, 3, 1, 2});
        QCOMPARE(bench.number("wmean(x, f)"), 1.0);
        QVERIFY(near(bench.number("cv(x)"), std::sqrt((2e32 + 5 - 9.0 / 4) / 3) / 0.75));
        bench.numbers("a", {1e16, 0.1, 0.2, 0.3}).numbers("w", {0, 1, 1, 1});
        QVERIFY(near(bench.number("wsd(a, w)"), 0.1, 1e-13));
        QCOMPARE(bench.number("wmean(a, w)"), 0.2);
    }

    void no_value_is_not_finite() {
        Bench bench;
        bench.numbers("n", {1e308, 1e308, 1e308}).numbers("m", {1e308, 1, 1e308});
        std::size_t compared = 0;
        for (const Function& function : catalogue()) {
            if (!function.is_measure() || function.search != SearchGoal::none || function.special == Special::rank) {
                continue;
            }
            std::string call = std::string(function.name) + "(";
            for (std::size_t at = 0; at < function.arguments.size() && !function.arguments[at].optional; ++at) {
                const bool condition = function.arguments[at].kind == Kind::yes_no;
                call += (at == 0 ? "" : ", ") + std::string(condition                                    ? "n > 1"
                                                            : function.arguments[at].role == Role::plain ? "0.5"
                                                            : at == 0                                    ? "n"
                                                                                                         : "m");
            }
            const Value value = bench.value(call + ")");
            QVERIFY2(!value.plain() || std::isfinite(value.slot()), call.c_str());
            ++compared;
        }
        QVERIFY(compared > 50);
    }

    void moments_hold_far_from_zero() {
        for (const double offset : {0.0, 1e6, 1e9, 1e12, 1e15}) {
            Bench bench;
            bench.numbers("x", {offset + 1, offset + 2, offset + 2}).numbers("y", {2, 4, 4});
            bench.numbers("u", {offset + 1, offset + 2, offset + 3, offset + 6}).numbers("v", {1, 3, 5, 11});
            QVERIFY(near(bench.number("skewness(x)"), -std::sqrt(0.5), 1e-14));
            QVERIFY(near(bench.number("kurtosis(x)"), -1.5, 1e-14));
            QCOMPARE(bench.number("slope(y, x)"), 2.0);
            QCOMPARE(bench.number("slope(v, u)"), 2.0);
            QCOMPARE(bench.number("corr(u, v)"), 1.0);
            QCOMPARE(bench.number("cov(u, v)"), 28.0 / 3);
            QVERIFY(near(bench.number("var(u)"), 14.0 / 3, 1e-15));
            QVERIFY(near(bench.number("t_stat(u, " + shortest(offset + 2) + ")"), 1 / std::sqrt(14.0 / 12), 1e-14));
        }
    }

    /// Of u = 1, 2, 3, 6 with the weights 1, 3, 5, 11: Σf = 20, Σfu = 88, Σfu² = 454, so that the variance is
    /// 454/20 − (88/20)² = 3.34, whatever is added to u.
    void weighted_variances_are_exact_fractions() {
        for (const double offset : {0.0, 1e6, 1e9, 1e12, 1e15}) {
            Bench bench;
            bench.numbers("u", {offset + 1, offset + 2, offset + 3, offset + 6}).numbers("v", {1, 3, 5, 11});
            QVERIFY(near(bench.number("wvar_pop(u, v)"), 3.34, 1e-14));
            QVERIFY(near(bench.number("wvar(u, v)"), 3.34 * 20 / 19, 1e-14));
            QVERIFY(near(bench.number("wmean(u, v)"), offset + 4.4, 1e-15));
        }
    }

    /// A correlation does not change with the unit: whatever the size of the values, points on a line have 1.
    void a_correlation_is_the_same_at_any_size() {
        for (const double size : {1e-308, 1e-200, 1e-160, 1.0, 1e160, 1e200, 1e307}) {
            Bench bench;
            bench.numbers("x", {1 * size, 2 * size, 4 * size}).numbers("y", {3, 5, 9}).numbers("z", {9, 5, 3});
            QVERIFY2(near(bench.number("corr(x, y)"), 1, 1e-12), qPrintable(QString::number(size)));
            // of 1, 2, 4 and 9, 5, 3: −26/3 over √(14/3 · 56/3), that is −26/28
            QVERIFY2(near(bench.number("corr(x, z)"), -26.0 / 28, 1e-12), qPrintable(QString::number(size)));
        }
        Bench ends;
        ends.numbers("x", {-1.7e308, 0, 1.7e308}).numbers("y", {-1, 0, 1});
        QCOMPARE(ends.number("corr(x, y)"), 1.0);
    }

    void one_value_and_none() {
        Bench one = equal_columns(0.1, 1);
        for (const char* measure : {"var(x)", "sd(x)", "se(x)", "cov(x, y)", "corr(x, y)", "slope(x, y)"}) {
            QVERIFY2(one.value(measure).is_missing(), measure);
        }
        QCOMPARE(one.number("var_pop(x)"), 0.0);
        Bench none;
        none.numbers("x", {std::nan(""), std::nan("")}).numbers("y", {1, 2}).numbers("f", {1, 1});
        for (const char* measure : {"mean(x)", "var(x)", "var_pop(x)", "skewness(x)", "corr(x, y)", "wmean(x, f)",
                                    "t_stat(x, 1)", "median(x)", "min(x)"}) {
            QVERIFY2(none.value(measure).is_missing(), measure);
        }
        QCOMPARE(none.number("sum(x)"), 0.0);
        QCOMPARE(none.number("count(x)"), 0.0);
        QCOMPARE(none.number("product(x)"), 1.0);
    }
};

LEDGEFALL_TEST(TestEqualValues)
#include "test_equal_values.moc"
