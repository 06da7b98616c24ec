// Distributions given by their values and probabilities, their sums, and critical regions, by exact fractions and by
// counting outcomes.

#include "harness/test_program.h"
#include "working.h"

#include <boost/multiprecision/cpp_int.hpp>

#include <map>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

using Fraction = boost::multiprecision::cpp_rational;
using Chances = std::map<int, Fraction>;

/// Of the sum of so many throws of a die, throw by throw.
Chances dice(int throws) {
    Chances sums = {{0, 1}};
    for (int thrown = 0; thrown < throws; ++thrown) {
        Chances next;
        for (const auto& [thrown_so_far, chance] : sums) {
            for (int eyes = 1; eyes <= 6; ++eyes) {
                next[thrown_so_far + eyes] += chance / 6;
            }
        }
        sums = next;
    }
    return sums;
}

double number_of(const Fraction& fraction) {
    return fraction.convert_to<double>();
}

/// A bench on which X is the number of heavy stones in a grab: 0 to 3, in no order and with a value written twice.
Bench grabs() {
    Bench bench;
    bench.numbers("x", {2, 0, 3, 1, 2})
        .numbers("p", {0.25, 0.125, 0.125, 0.375, 0.125})
        .held("X = discrete(Data.x, Data.p)");
    return bench;
}

} // namespace

class TestOwnDistributions : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void a_table_of_values_and_probabilities_works_as_a_distribution() {
        const Bench bench = grabs();
        const std::pair<const char*, double> wanted[] = {
            {"P(X = 2)", 0.375},
            {"P(X = 1.5)", 0},
            {"P(X >= 2)", 0.5},
            {"P(X > 2)", 0.125},
            {"P(X <= 1)", 0.5},
            {"P(X < 1)", 0.125},
            {"P(0 < X <= 2)", 0.75},
            {"P(X < 1 or X > 2)", 0.25},
            {"P(X = 3 | X >= 2)", 0.25},
            {"density(X, 1)", 0.375},
            {"density(X, 7)", 0},
            {"quantile(X, 0)", 0},
            {"quantile(X, 0.125)", 0},
            {"quantile(X, 0.13)", 1},
            {"quantile(X, 0.5)", 1},
            {"quantile(X, 0.51)", 2},
            {"quantile(X, 1)", 3},
            {"mean(X)", 1.5},
            {"var(X)", 0.75},
            {"sd(X)", std::sqrt(0.75)},
            {"sum(P(X = k) for k in 0..3)", 1},
            {"P(discrete(x, p) >= 2)", 0.5},
        };
        for (const auto& [formula, value] : wanted) {
            QVERIFY2(near(bench.number(formula), value, 1e-14), formula);
        }
        QCOMPARE(write_cell(bench.value("X")), std::string("discrete((0, 1, 2, 3), (0.125, 0.375, 0.375, 0.125))"));
    }

    void what_is_drawn_has_these_values_and_proportions() {
        Bench bench = grabs();
        bench.take(add_table(bench.study, "Draws"));
        Study drawn = *count_rows(bench.study, bench.study.tables.back()->id, "20000");
        drawn = *write_column(drawn, drawn.tables.back()->id, "d = draw(ledge.X)");
        const auto results = compute(drawn);
        std::map<double, double> times;
        const Id column = drawn.tables.back()->columns.front()->id;
        for (std::size_t row = 0; row < 20000; ++row) {
            ++times[results->cell(column, row).number()];
        }
        QCOMPARE(times.size(), std::size_t{4});
        QVERIFY(std::fabs(times[0] - 2500) < 4 * std::sqrt(20000 * 0.125 * 0.875));
        QVERIFY(std::fabs(times[2] - 7500) < 4 * std::sqrt(20000 * 0.375 * 0.625));
    }

    void probabilities_that_do_not_add_up_are_an_error() {
        Bench bench;
        bench.numbers("x", {0, 1, 2}).numbers("p", {0.2, 0.5, 0.28}).numbers("q", {0.5, 0.6, -0.1});
        bench.numbers("third", {1.0 / 3, 1.0 / 3, 1.0 / 3}).numbers("gap", {0.5, 0.5, std::nan("")});
        for (const char* wrong : {"mean(discrete(x, p))", "P(discrete(x, q) = 1)", "discrete(x, p)"}) {
            QCOMPARE(bench.cause(wrong), Cause::out_of_domain);
        }
        QVERIFY(bench.value("mean(discrete(x, p))").fault().at().what.text().find("add up to 1") != std::string::npos);
        QVERIFY(near(bench.number("mean(discrete(x, third))"), 1, 1e-15));
        QCOMPARE(bench.number("mean(discrete(x, gap))"), 0.5); // a row without its probability is left out
        QVERIFY(bench.value("discrete(x where no, p)").is_missing());
        QVERIFY(bench.value("P(discrete(x where no, p) = 1)").is_missing());
    }

    void sums_of_dice_are_exact_fractions() {
        Bench bench;
        for (const int throws : {1, 2, 3, 7, 20}) {
            const std::string sum = "repeated_sum(discrete_uniform(1, 6), " + std::to_string(throws) + ")";
            const Chances wanted = dice(throws);
            Fraction below = 0;
            for (const auto& [total, chance] : wanted) {
                const std::string is = std::to_string(total);
                below += chance;
                QVERIFY(near(bench.number("P(" + sum + " = " + is + ")"), number_of(chance), 1e-13));
                QVERIFY(near(bench.number("P(" + sum + " <= " + is + ")"), number_of(below), 1e-13));
            }
            QVERIFY(near(bench.number("mean(" + sum + ")"), 3.5 * throws, 1e-13));
            QVERIFY(near(bench.number("var(" + sum + ")"), 35.0 / 12 * throws, 1e-12));
        }
        QVERIFY(near(bench.number("P(independent_sum(discrete_uniform(1, 6), discrete_uniform(0, 1)) = 7)"), 1.0 / 12,
                     1e-14));
        QCOMPARE(bench.number("mean(discrete_uniform(-2, 5))"), 1.5);
        QCOMPARE(bench.number("var(discrete_uniform(1, 6))"), 35.0 / 12);
        QCOMPARE(bench.number("quantile(discrete_uniform(1, 6), 0.5)"), 3.0);
        QCOMPARE(bench.number("P(discrete_uniform(4, 4) = 4)"), 1.0);
        QCOMPARE(bench.number("P(2 <= discrete_uniform(1, 6) < 5)"), 0.5);
        QCOMPARE(bench.cause("P(discrete_uniform(5, 4) = 4)"), Cause::out_of_domain);
        QCOMPARE(bench.cause("P(discrete_uniform(0.5, 4) = 4)"), Cause::out_of_domain);
    }

    void sums_of_values_that_are_not_whole_are_found_by_their_decimals() {
        Bench bench;
        bench.numbers("x", {0.1, 0.2, 0.3}).numbers("p", {0.5, 0.25, 0.25}).held("D = discrete(Data.x, Data.p)");
        const std::string sum = "independent_sum(D, D)";
        QCOMPARE(write_cell(bench.value(sum)),
                 std::string("discrete((0.2, 0.3, 0.4, 0.5, 0.6), (0.25, 0.25, 0.3125, 0.125, 0.0625))"));
        QCOMPARE(bench.number("P(" + sum + " = 0.1 + 0.2)"), 0.25);
        QCOMPARE(bench.number("P(" + sum + " < 0.3)"), 0.25);
        QCOMPARE(bench.number("P(" + sum + " <= 0.1 + 0.2)"), 0.5);
        QCOMPARE(bench.number("P(" + sum + " > 0.1 + 0.2)"), 0.5);
    }

    /// Families that add up are of one family; the same sum from their lists agrees.
    void families_that_add_up_stay_in_their_family() {
        Bench bench;
        const std::tuple<const char*, const char*> kept[] = {
            {"independent_sum(binomial(5, 0.3), binomial(7, 0.3))", "binomial(12, 0.3)"},
            {"repeated_sum(poisson(1.5), 4)", "poisson(6)"},
            {"repeated_sum(normal(2, 3), 4)", "normal(8, 6)"},
            {"independent_sum(chi_squared(2), chi_squared(3))", "chi_squared(5)"},
            {"repeated_sum(negative_binomial(2, 0.5), 3)", "negative_binomial(6, 0.5)"},
        };
        for (const auto& [formula, family] : kept) {
            QCOMPARE(write_cell(bench.value(formula)), std::string(family));
        }
        const std::string unlike = "independent_sum(binomial(5, 0.3), binomial(7, 0.6))";
        for (int k = 0; k <= 12; ++k) {
            const std::string wanted = "sum(P(binomial(5, 0.3) = j) * P(binomial(7, 0.6) = " + std::to_string(k) +
                                       " - j) for j in 0.." + std::to_string(k) + ")";
            QVERIFY(near(bench.number("P(" + unlike + " = " + std::to_string(k) + ")"), bench.number(wanted), 1e-13));
        }
        for (const char* refused :
             {"mean(independent_sum(poisson(2), geometric(0.5)))", "mean(repeated_sum(exponential(2), 2))",
              "mean(repeated_sum(binomial(3, 0.5), 0))", "mean(repeated_sum(uniform(0, 1), 2))"}) {
            QCOMPARE(bench.cause(refused), Cause::out_of_domain);
        }
    }

    /// The end of a critical region is the last value that is rare enough, by going through them all.
    void critical_regions_by_trying_every_value() {
        Bench bench = grabs();
        const std::pair<std::string, int> discrete[] = {{"binomial(12, 0.35)", 12},    {"binomial(40, 0.9)", 40},
                                                        {"poisson(3.2)", 60},          {"hypergeometric(30, 12, 9)", 9},
                                                        {"discrete_uniform(0, 9)", 9}, {"X", 3}};
        int compared = 0;
        for (const auto& [d, most] : discrete) {
            for (const std::string a : {"0.01", "0.025", "0.05", "0.1", "0.3"}) {
                double low = -1;
                double high = -1;
                for (int k = 0; k <= most; ++k) {
                    const std::string is = std::to_string(k);
                    low = bench.number("P(" + d + " <= " + is + ")") <= std::stod(a) ? k : low;
                    high = high < 0 && bench.number("P(" + d + " >= " + is + ")") <= std::stod(a) ? k : high;
                }
                const Value given_low = bench.value("critical_low(" + d + ", " + a + ")");
                const Value given_high = bench.value("critical_high(" + d + ", " + a + ")");
                QVERIFY2(low < 0 ? given_low.is_fault() : given_low.number() == low, (d + " " + a).c_str());
                QVERIFY2(high < 0 ? given_high.is_fault() : given_high.number() == high, (d + " " + a).c_str());
                ++compared;
            }
        }
        QCOMPARE(compared, 30);
        QVERIFY(near(bench.number("critical_high(normal(0, 1), 0.025)"), 1.959963984540054, 1e-12));
        QVERIFY(near(bench.number("critical_low(normal(0, 1), 0.025)"), -1.959963984540054, 1e-12));
        QCOMPARE(bench.cause("critical_low(binomial(3, 0.5), 0)"), Cause::out_of_domain);
    }
};

LEDGEFALL_TEST(TestOwnDistributions)
#include "test_own_distributions.moc"
