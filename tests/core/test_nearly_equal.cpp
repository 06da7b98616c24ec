// What ≈ means of sums and differences, and which foot and held values are only the rounding of their terms; against
// sums of exact fractions.

#include "harness/test_program.h"
#include "working.h"

#include <boost/multiprecision/cpp_int.hpp>

#include <random>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

using Fraction = boost::multiprecision::cpp_rational;

/// Decimals of some places as people measure them.
std::vector<double> measured(std::mt19937& random, std::size_t count, double around, double spread, int places) {
    std::vector<double> values;
    std::uniform_real_distribution<double> part(-1, 1);
    for (std::size_t at = 0; at < count; ++at) {
        const double scale = std::pow(10.0, places);
        values.push_back(std::round((around + spread * part(random)) * scale) / scale);
    }
    return values;
}

} // namespace

class TestNearlyEqual : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    /// Deviations from a mean add up to ≈ 0, however they are written, however large what they are taken from.
    void deviations_add_up_to_nothing() {
        std::mt19937 random(7);
        int not_zero = 0;
        for (const double around : {0.0, 22.4, 1e6, -3e9, 1e15}) {
            for (const std::size_t count : {2UL, 3UL, 7UL, 24UL, 500UL}) {
                Bench bench;
                const auto values = measured(random, count, around, around == 0 ? 1 : std::fabs(around) * 1e-4 + 1, 2);
                bench.numbers("x", values).held("m = mean(Data.x)").work("dev = x - mean(x)").work("far = x - m");
                bench.held("total = sum(Data.dev)");
                for (const char* check :
                     {"sum(dev) ≈ 0", "0 ≈ sum(dev)", "sum(x - mean(x)) ≈ 0", "sum(far) ≈ 0", "mean(dev) ≈ 0",
                      "total ≈ 0", "sum(x) - rows * mean(x) ≈ 0", "sum(dev where dev > 0) ≈ -sum(dev where dev < 0)",
                      "sum(-dev) ≈ 0", "2 * sum(dev) / 3 ≈ 0", "sum(dev) ≈ 0 and mean(dev) ≈ 0"}) {
                    QVERIFY2(write_cell(bench.value(check)) == "yes", check);
                }
                not_zero += bench.number("sum(dev)") != 0 ? 1 : 0;
            }
        }
        QVERIFY(not_zero > 5); // else nothing has been tried
    }

    /// A formula with ≈ that names itself, at once or by way of another, is a ring: it is said, and nothing hangs.
    void one_that_names_itself_is_a_ring() {
        for (const char* formula : {"w - 2 ≈ 3", "3 ≈ w - 2", "x <= w <= w - 2 ≈ 2", "v - 2 ≈ 1"}) {
            Bench bench;
            bench.numbers("x", {1, 2, 3}).work("w = " + std::string(formula)).work("v = w - 2 ≈ 3");
            QVERIFY2(bench.cell("w", 1).is_fault() && bench.cell("w", 1).fault().at().cause == Cause::cycle, formula);
        }
        Bench held;
        held.held("w = w - 2 ≈ 3");
        QVERIFY(held.results->single(held.id("w")).is_fault());
    }

    /// What is more than rounding is no 0.
    void what_differs_differs() {
        Bench bench;
        bench.numbers("x", {22.4, 17.1, 19.05, 20.3}).held("m = 19.7124");
        bench.work("dev = x - m").work("share = x / sum(x)").work("half = share / 2");
        const std::pair<const char*, const char*> all[] = {
            {"sum(dev) ≈ 0", "no"},
            {"sum(share) ≈ 1", "yes"},
            {"1 - sum(share) ≈ 0", "yes"},
            {"1 - sum(half) ≈ 0", "no"},
            {"sum(half) ≈ 1", "no"},
            {"0.1 + 0.2 - 0.3 ≈ 0", "yes"},
            {"0.1 + 0.2 - 0.30001 ≈ 0", "no"},
            {"1e-14 ≈ 0", "no"},
            {"1e-14 ≈ 2e-14", "no"},
            {"1e-14 + 1e-14 ≈ 2e-14", "yes"},
            {"m - 19.7124 ≈ 0", "yes"},
            {"m ≈ 19.7125", "no"},
            {"0 ≈ 0", "yes"},
            {"x[1] - 22.4 ≈ 0", "yes"},
            {"sum(x) ≈ 0", "no"},
            {"sum(dev) ≈ sum(x) - 4 * m", "yes"},
        };
        for (const auto& [check, expected] : all) {
            QVERIFY2(write_cell(bench.value(check)) == expected, check);
        }
    }

    void missing_and_fault_stay_what_they_are() {
        Bench bench;
        bench.numbers("x", {1, std::nan(""), 3}).work("bad = 1 / (x - 1)");
        QVERIFY(bench.value("mean(missing) - 1 ≈ 0").is_missing() || bench.value("mean(missing) - 1 ≈ 0").is_fault());
        QCOMPARE(bench.cause("sum(bad) ≈ 0"), Cause::division_by_zero);
        QVERIFY(bench.value("x[2] - 1 ≈ 0").is_missing());
        // In a column: row by row.
        bench.work("near = x - 1 ≈ 0").work("d = x - 1").work("by_name = d ≈ 0");
        QCOMPARE(write_cell(bench.cell("near", 1)) + write_cell(bench.cell("near", 3)), std::string("yesno"));
        QVERIFY(bench.cell("near", 2).is_missing());
        QCOMPARE(write_cell(bench.cell("by_name", 1)) + write_cell(bench.cell("by_name", 3)), std::string("yesno"));
    }

    /// A foot or held value that is not 0, but whose exact value is within a few units of its terms' rounding.
    void only_rounding_is_told() {
        std::mt19937 random(11);
        int told = 0;
        int small = 0;
        for (int round = 0; round < 60; ++round) {
            Bench bench;
            const double around = std::array{0.0, 22.4, 4e5, 1e12}[static_cast<std::size_t>(round % 4)];
            const auto values = measured(random, 5 + static_cast<std::size_t>(round), around, 10, 3);
            bench.numbers("x", values).work("dev = x - mean(x)");
            Id line;
            bench.take(
                add_foot_line(bench.study, bench.table, "sum", "sum(each)", {bench.id("dev"), bench.id("x")}, &line));
            bench.held("total = sum(Data.dev)").held("spread = sum(Data.dev^2)");
            const auto foot = DefinitionId::foot_value(line, bench.id("dev"));
            Fraction exact = 0; // of the cells as they are stored
            Fraction sizes = 0;
            for (const double dev : bench.cells("dev")) {
                exact += Fraction(dev);
                sizes += abs(Fraction(dev));
            }
            const double sum = bench.results->single(foot).number();
            QVERIFY(abs(Fraction(sum) - exact) <= sizes * Fraction(1e-15));
            QCOMPARE(bench.results->only_rounding(foot), sum != 0);
            QCOMPARE(bench.results->only_rounding(bench.id("total")), sum != 0);
            QVERIFY(!bench.results->only_rounding(DefinitionId::foot_value(line, bench.id("x"))));
            QVERIFY(!bench.results->only_rounding(bench.id("spread")));
            told += sum != 0 ? 1 : 0;
            // The same deviations with one a little off are no rounding.
            bench.held("off = sum(Data.dev) + 1e-6");
            small += bench.results->only_rounding(bench.id("off")) ? 1 : 0;
        }
        QVERIFY(told > 20);
        QVERIFY(small <= 15); // of those around 1e12 alone, where 1e-6 is less than their rounding
    }

    /// A change of what a deviation is made of changes what is told.
    void what_is_told_follows_each_change() {
        Bench bench;
        bench.numbers("x", {0.1, 0.2, 0.4}).held("m = 0.7 / 3").work("dev = x - m").held("total = sum(Data.dev)");
        QCOMPARE(write_cell(bench.value("total ≈ 0")), std::string("yes"));
        bench.take(hold(bench.study, Id(), "m = 0.23"));
        QCOMPARE(write_cell(bench.value("total ≈ 0")), std::string("no"));
        QVERIFY(!bench.results->only_rounding(bench.id("total")));
    }
};

LEDGEFALL_TEST(TestNearlyEqual)
#include "test_nearly_equal.moc"
