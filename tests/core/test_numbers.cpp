// Every function and measure of the catalogue, against references computed independently: exact fractions where the
// values allow it (by rational arithmetic), tables of logarithms and roots, and what must hold at the edges.

#include "harness/test_program.h"
#include "working.h"

#include <cmath>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

const std::vector<double> pebbles = {42, 57, 38, 61, 49, 53, 44, 70, 35, 58, 47, 51,
                                     66, 40, 55, 48, 62, 45, 52, 39, 59, 50, 46, 54};

} // namespace

class TestNumbers : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void measures_of_pebbles_are_the_exact_fractions() {
        Bench bench;
        bench.numbers("x", pebbles);
        QCOMPARE(bench.number("sum(x)"), 1221.0);
        QCOMPARE(bench.number("mean(x)"), 50.875);
        QVERIFY(near(bench.number("var(x)"), 82.46195652173913));
        QVERIFY(near(bench.number("var_pop(x)"), 79.02604166666667));
        QVERIFY(near(bench.number("sd(x)"), 9.080856596254515));
        QVERIFY(near(bench.number("sd_pop(x)"), 8.889659254812114));
        QCOMPARE(bench.number("median(x)"), 50.5);
        QCOMPARE(bench.number("min(x)"), 35.0);
        QCOMPARE(bench.number("max(x)"), 70.0);
        QCOMPARE(bench.number("range(x)"), 35.0);
        QCOMPARE(bench.number("count(x > 50)"), 12.0);
        QCOMPARE(bench.number("share(x > 50)"), 0.5);
        QCOMPARE(bench.number("median(x where x < 50)"), 44.0);
    }

    void hard_data_keep_their_spread() {
        Bench bench;
        bench.numbers("x", {10000000.2, 10000000.3, 10000000.1, 10000000.4, 10000000.0});
        QVERIFY(near(bench.number("var(x)"), 0.025000000093132257, 1e-13));
        QCOMPARE(bench.number("mean(x)"), 10000000.2);
        bench.numbers("tenths", std::vector<double>(10, 0.1));
        QCOMPARE(bench.number("sum(tenths)"), 1.0);
        QCOMPARE(bench.number("var(tenths)"), 0.0);
    }

    void a_million_values_keep_theirs() {
        std::vector<double> close;
        std::vector<double> alternating;
        for (int k = 0; k < 1'000'000; ++k) {
            close.push_back(10000000.2 + (k % 2) * 0.1);
            alternating.push_back((k % 2 == 0 ? 1e8 : -1e8) + k * 0.001);
        }
        Bench bench;
        bench.numbers("close", close).numbers("alternating", alternating);
        QCOMPARE(bench.number("mean(close)"), 10000000.25);
        QVERIFY(near(bench.number("var(close)"), 0.00250000248137603, 1e-12));
        QCOMPARE(bench.number("sum(alternating)"), 499999500.0);
        QVERIFY(near(bench.number("var(alternating)"), 1.0000009999993334e+16, 1e-13));
    }

    void measures_at_their_edges() {
        Bench bench;
        bench.numbers("none", {}).numbers("gaps", {std::nan(""), 4, std::nan("")}).numbers("same", {7, 7, 7});
        QCOMPARE(bench.number("sum(none)"), 0.0);
        QCOMPARE(bench.number("product(none)"), 1.0);
        QCOMPARE(bench.number("count(none)"), 0.0);
        for (const char* measure : {"mean", "median", "min", "max", "range", "var", "sd", "var_pop", "sd_pop"}) {
            QVERIFY2(bench.value(std::string(measure) + "(none)").is_missing(), measure);
        }
        QCOMPARE(bench.number("count(gaps)"), 1.0);
        QCOMPARE(bench.number("mean(gaps)"), 4.0);
        QVERIFY(bench.value("sd(gaps)").is_missing());
        QCOMPARE(bench.number("sd_pop(gaps)"), 0.0);
        QCOMPARE(bench.number("sd(same)"), 0.0);
        QCOMPARE(bench.number("range(same)"), 0.0);
        QVERIFY(bench.value("share(gaps > 1 where none > 1)").is_missing());
        QCOMPARE(bench.number("share(gaps > 1)"), 1.0);
    }

    void huge_and_tiny_values() {
        Bench bench;
        bench.numbers("huge", {1e308, 1e308}).numbers("tiny", {5e-324, 5e-324});
        QCOMPARE(bench.cause("sum(huge)"), Cause::too_large);
        QCOMPARE(bench.cause("huge[1] * 10"), Cause::too_large);
        QCOMPARE(bench.number("sum(tiny)"), 1e-323);
        QCOMPARE(bench.number("min(huge)"), 1e308);
    }

    void functions_have_their_values_data() {
        QTest::addColumn<QString>("formula");
        QTest::addColumn<double>("expected");
        const std::pair<const char*, double> rows[] = {
            {"ln(10)", 2.302585092994046},
            {"exp(1)", 2.718281828459045},
            {"log10(2)", 0.3010299956639812},
            {"log2(10)", 3.321928094887362},
            {"log(8, 2)", 3},
            {"sqrt(2)", 1.4142135623730951},
            {"cbrt(2)", 1.2599210498948732},
            {"sin(30°)", 0.5},
            {"cos(60°)", 0.5},
            {"tan(45°)", 1},
            {"asin(1)", 1.5707963267948966},
            {"acos(0.5)", 1.0471975511965979},
            {"atan(1) * 4", 3.141592653589793},
            {"atan2(-1, -1)", -2.356194490192345},
            {"hypot(5, 12)", 13},
            {"xlnx(0.25)", -0.34657359027997264},
            {"20!", 2432902008176640000.0},
            {"0!", 1},
            {"-7 mod 3", 2},
            {"7 mod -3", -2},
            {"0.5 mod 0.2", 0.1},
            {"2^0.5", 1.4142135623730951},
            {"(-2)^3", -8},
            {"0^0", 1},
            {"sum(1/k! for k in 0..17)", 2.718281828459045},
            {"sum(k^2 for k in 1..100)", 338350},
            {"sum(k for k in 5..4)", 0},
            {"√2 * √2", 2},
            {"sign(0)", 0},
            {"round(-1.5)", -2},
            {"e", 2.718281828459045},
            {"π", 3.141592653589793},
            {"12.5%", 0.125},
        };
        for (const auto& [formula, expected] : rows) {
            QTest::newRow(formula) << QString::fromUtf8(formula) << expected;
        }
    }
    void functions_have_their_values() {
        QFETCH(QString, formula);
        QFETCH(double, expected);
        const double result = Bench().number(formula.toStdString());
        QVERIFY2(near(result, expected, 1e-15 * 4), qPrintable(QString::number(result, 'g', 17)));
    }

    void what_lies_outside_is_a_fault_data() {
        QTest::addColumn<QString>("formula");
        QTest::addColumn<int>("cause");
        const std::pair<const char*, Cause> rows[] = {
            {"1/0", Cause::division_by_zero},
            {"0/0", Cause::division_by_zero},
            {"5 mod 0", Cause::division_by_zero},
            {"0^-1", Cause::division_by_zero},
            {"sqrt(-1)", Cause::out_of_domain},
            {"√(0 - 4)", Cause::out_of_domain},
            {"(-8)^0.5", Cause::out_of_domain},
            {"ln(0)", Cause::out_of_domain},
            {"ln(-1)", Cause::out_of_domain},
            {"log10(0)", Cause::out_of_domain},
            {"asin(2)", Cause::out_of_domain},
            {"log(2, 1)", Cause::out_of_domain},
            {"xlnx(-1)", Cause::out_of_domain},
            {"2.5!", Cause::out_of_domain},
            {"1000000!", Cause::too_large},
            {"exp(1000)", Cause::too_large},
            {"10^400", Cause::too_large},
            {"round(1, 0.5)", Cause::out_of_domain},
            {"\"a\" + 1", Cause::wrong_kind},
            {"sum(\"a\")", Cause::wrong_kind},
            {"1 = \"a\"", Cause::wrong_kind},
            {"not 1", Cause::wrong_kind},
            {"sqrt(1, 2)", Cause::wrong_arguments},
            {"sqt(1)", Cause::unknown_name},
            {"nothing", Cause::unknown_name},
            {"sum(k for k in 0..1e12)", Cause::too_large},
            {"if 1 then 2 else 3", Cause::wrong_kind},
            {"if yes then 2 else \"a\"", Cause::wrong_kind},
        };
        for (const auto& [formula, cause] : rows) {
            QTest::newRow(formula) << QString::fromUtf8(formula) << static_cast<int>(cause);
        }
    }
    void what_lies_outside_is_a_fault() {
        QFETCH(QString, formula);
        QFETCH(int, cause);
        QCOMPARE(Bench().cause(formula.toStdString()), static_cast<Cause>(cause));
    }

    void logic_is_three_valued() {
        const Bench bench;
        QVERIFY(!bench.value("no and missing").yes());
        QVERIFY(bench.value("missing or yes").yes());
        QVERIFY(bench.value("missing and yes").is_missing());
        QVERIFY(bench.value("not missing").is_missing());
        QVERIFY(bench.value("missing > 1").is_missing());
        QVERIFY(!bench.value("no and 1/0 > 1").yes());
        QVERIFY(bench.value("1/0 > 1 and no").is_fault());
        QCOMPARE(bench.number("if 1 > 2 then 1/0 else 5"), 5.0);
        QVERIFY(bench.value("if missing then 1 else 2").is_missing());
        QVERIFY(bench.value("1 < 2 <= 2 < 3").yes());
        QVERIFY(bench.value("\"pool\" in (\"riffle\", \"pool\")").yes());
        QVERIFY(bench.value("0.1 + 0.2 ≈ 0.3").yes());
        QVERIFY(!bench.value("0.1 + 0.2 = 0.3").yes());
        QVERIFY(bench.value("\"a\" < \"b\"").yes());
    }

    void tolerance_is_the_studys() {
        Bench bench;
        bench.study.settings.tolerance = 0.01;
        QVERIFY(bench.value("1 ≈ 1.005").yes());
        QVERIFY(!bench.value("1 ≈ 1.05").yes());
    }
};

LEDGEFALL_TEST(TestNumbers)
#include "test_numbers.moc"
