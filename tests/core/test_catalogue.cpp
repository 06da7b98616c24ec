// The whole catalogue: its examples, its references from other libraries, its edges, and what it refuses.

#include "core/engine/functions/catalogue.h"
#include "distribution_references.h"
#include "edge_references.h"
#include "harness/test_program.h"
#include "reference_values.h"
#include "working.h"

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

const std::vector<double> pebbles = {42, 57, 38, 61, 49, 53, 44, 70, 35, 58, 47, 51,
                                     66, 40, 55, 48, 62, 45, 52, 39, 59, 50, 46, 54};
const double gap = std::nan("");

} // namespace

class TestCatalogue : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void every_entry_is_complete_and_its_example_holds() {
        Bench bench;
        bench.numbers("x", {2, 4, 4, 6}).numbers("y", {1, 4, 2, 5}).numbers("f", {1, 2, 2, 1});
        bench.study.settings.as_of = 20000;
        std::vector<std::pair<std::string_view, Kind>> names;
        for (const Function& function : catalogue()) {
            QVERIFY2(!function.purpose.empty() && function.purpose.ends_with('.'), function.name.data());
            QVERIFY(function.is_measure() !=
                    ((function.operation.one != nullptr || function.operation.of_event != nullptr)));
            const Kind of = function.arguments.empty() ? Kind::number : function.arguments.front().kind;
            const std::pair key(function.name, of);
            QVERIFY2(std::find(names.begin(), names.end(), key) == names.end(), function.name.data());
            names.push_back(key);
            bench.work("example = " + std::string(function.example));
            const Value value = bench.cell("example", 1);
            QVERIFY2(value.plain() && write_cell(value) == function.example_result,
                     (std::string(function.example) + " gives " +
                      (value.is_fault() ? value.fault().at().what.text() : write_cell(value)))
                         .c_str());
            const auto* by_name =
                function.of_distribution() ? find_distribution_function(function.name) : find_function(function.name);
            QVERIFY2(of == Kind::interval || by_name == &function, function.name.data());
        }
    }

    void measures_of_no_values_are_as_their_entries_say() {
        Bench bench;
        bench.numbers("x", {2, 4, 4, 6}).numbers("y", {1, 4, 2, 5}).numbers("z", {1, 2, 2, 1});
        std::size_t compared = 0;
        for (const Function& function : catalogue()) {
            if (!function.is_measure() || function.special == Special::rank || function.name == "sorted" ||
                function.search != SearchGoal::none) {
                continue;
            }
            std::string call = std::string(function.name) + "(";
            const char* names[] = {"x", "y", "z"};
            for (std::size_t at = 0; at < function.arguments.size() && !function.arguments[at].optional; ++at) {
                const bool sample = function.arguments[at].role != Role::plain;
                const std::string value = function.arguments[at].kind == Kind::yes_no ? "x > 1"
                                          : sample                                    ? names[at]
                                                                                      : "0.5";
                call += (at == 0 ? "" : ", ") + value + (at + 1 == function.sample_count() ? " where no" : "");
            }
            const Value none = bench.value(call + ")");
            const std::string given = none.is_fault()     ? none.fault().at().what.text()
                                      : none.is_missing() ? "missing"
                                                          : write_cell(none);
            QVERIFY2(given == function.of_none, (call + ") gives " + given).c_str());
            ++compared;
        }
        QVERIFY(compared > 50);
    }

    void references_of_other_libraries_data() {
        QTest::addColumn<double>("expected");
        for (const auto& [formula, expected] : references) {
            QTest::newRow(formula) << expected;
        }
        for (const auto& [formula, expected] : distribution_references) {
            QTest::newRow(formula) << expected;
        }
        for (const auto& [formula, expected] : edge_references) {
            QTest::newRow(formula) << expected;
        }
    }
    void references_of_other_libraries() {
        QFETCH(double, expected);
        static const Bench bench = [] {
            Bench result;
            std::vector<double> y;
            for (int k = 0; k < 24; ++k) {
                y.push_back((7 * k * k + 3 * k) % 29);
            }
            result.numbers("x", pebbles)
                .numbers("y", y)
                .numbers("n", {64, 38, 27, 52, 3, 19, 1, 2})
                .numbers("m", {21, 4, 15, 30, 29, 44, 17, 8});
            result.numbers("w", {2, 4, 5, 6}).numbers("f", {1, 2, 2, 1});
            return result;
        }();
        const double result = bench.number(QTest::currentDataTag());
        QVERIFY2(near(result, expected, 1e-12), qPrintable(QString::number(result, 'g', 17)));
    }

    /// The sentence blames what is wrong, and tells the row where there is one.
    void sentences_blame_what_is_wrong() {
        Bench bench;
        bench.numbers("o", {3, 4, 5, 6}).numbers("w", {3, std::nan(""), 0, 0});
        const auto said = [&bench](const char* formula) {
            const Value value = bench.value(formula);
            return value.is_fault() ? value.fault().at().what.text() : write_cell(value);
        };
        for (const char* formula :
             {"P(binomial(2.5, 0.5) = 1)", "density(binomial(2.5, 0.5), 1)", "mean(binomial(2.5, 0.5))",
              "quantile(binomial(2.5, 0.5), 0.5)", "draw(binomial(2.5, 0.5))"}) {
            QCOMPARE(said(formula), std::string("binomial needs a whole number n of 0 or more and a p from 0 to 1"));
        }
        QVERIFY(said("quantile(binomial(2, 0.5), 2)").find("p from 0 to 1") != std::string::npos);
        QVERIFY(said("chi2_stat(o, w)").starts_with("in row 3 of those that the measure runs over, "));
        QVERIFY(said("chi2_stat(o where o > 5, w)").starts_with("in row 4 of those that the measure runs over, "));
        QVERIFY(said("chi2_stat(o[2..4], w[2..4])").starts_with("in row 3 of those that the measure runs over, "));
        for (const char* formula : {"shannon(1, 2)", "shannon(o[1], 2)", "shannon(1 + 2, 10)"}) {
            QVERIFY2(said(formula).find("((a, b)") != std::string::npos, said(formula).c_str());
        }
        QVERIFY(near(bench.number("shannon((1, 2))"), std::log(3) - 2 * std::log(2) / 3));
        QVERIFY(near(bench.number("shannon((1, 2), 2)"), (std::log(3) - 2 * std::log(2) / 3) / std::log(2)));
        QVERIFY(near(bench.number("shannon(o, 2)"), bench.number("shannon(o)") / std::log(2)));
    }

    /// No result is −0, and none is written so.
    void zero_has_no_sign() {
        const Bench bench;
        for (const char* formula : {"shannon(5)", "round(-0.3)", "-0", "0 * -1", "-(2 - 2)", "round(-0.004, 2)",
                                    "ceil(-0.5)", "trunc(-0.5)", "sigfig(-0, 2)"}) {
            QVERIFY2(write_cell(bench.value(formula)) == "0", formula);
        }
    }

    /// Quantiles and draws of distributions as wide as doubles reach, against their expansion (Cornish and Fisher
    /// 1938): the search comes to an end, and is right to the digits that the expansion has.
    void quantiles_of_very_wide_distributions() {
        const Bench bench;
        struct Wide {
            const char* distribution;
            double mean, deviation, skewness;
        };
        const double z = 0.6744897501960817; // the normal quantile of 0.75
        for (const Wide& wide :
             {Wide{"poisson(1e17)", 1e17, std::sqrt(1e17), 1 / std::sqrt(1e17)}, Wide{"poisson(1e12)", 1e12, 1e6, 1e-6},
              Wide{"binomial(1e15, 0.25)", 2.5e14, std::sqrt(1e15 * 0.1875), 0.5 / std::sqrt(1e15 * 0.1875)},
              Wide{"hypergeometric(1e14, 5e13, 5e13)", 2.5e13, std::sqrt(5e13 * 0.25 * 0.5), 0},
              Wide{"negative_binomial(1e12, 0.5)", 1e12, std::sqrt(2e12), 1.5 / std::sqrt(0.5e12)}}) {
            const std::string d = wide.distribution;
            const double expected = wide.mean + wide.deviation * (z + wide.skewness * (z * z - 1) / 6);
            const double result = bench.number("quantile(" + d + ", 0.75)");
            QVERIFY2(std::fabs(result - expected) <
                         1e-5 * wide.deviation + 2 * std::nextafter(wide.mean, 1e300) - 2 * wide.mean,
                     (d + ": " + std::to_string(result - expected)).c_str());
            QVERIFY(std::fabs(bench.number("draw(" + d + ")") - wide.mean) < 8 * wide.deviation);
        }
        const double geometric = bench.number("quantile(geometric(1e-17), 0.5)");
        QVERIFY(near(geometric, std::log(2) * 1e17, 1e-12));
        QVERIFY(bench.number("draw(geometric(1e-17))") > 0);
    }

    /// A quantile is the smallest whole number that reaches p: from both sides, over many distributions.
    void quantiles_reach_and_do_not_before() {
        const Bench bench;
        int compared = 0;
        for (const char* d : {"binomial(12, 0.35)", "binomial(1e6, 1e-6)", "poisson(0.01)", "poisson(3.5)",
                              "poisson(2e6)", "geometric(0.3)", "geometric(1e-5)", "negative_binomial(2.5, 0.4)",
                              "hypergeometric(50, 20, 10)", "hypergeometric(1e6, 3e5, 2e4)"}) {
            for (const char* p : {"1e-9", "0.001", "0.25", "0.5", "0.9", "0.999999"}) {
                const std::string name = d;
                const double k = bench.number("quantile(" + name + ", " + p + ")");
                QCOMPARE(k, std::floor(k));
                QVERIFY(bench.number("P(" + name + " <= " + write_cell(Value::number(k)) + ")") >=
                        std::stod(p) * (1 - 1e-12));
                QVERIFY(k == 0 || bench.number("P(" + name + " < " + write_cell(Value::number(k)) + ")") <
                                      std::stod(p) * (1 + 1e-12));
                ++compared;
            }
        }
        QCOMPARE(compared, 60);
    }

    void completed_units_between_dates() {
        const auto date = [](const std::string& day) {
            return "date(" + day.substr(0, 4) + ", " + day.substr(5, 2) + ", " + day.substr(8, 2) + ")";
        };
        const Bench bench;
        for (const Dates& one : dates) {
            const std::string there = "(" + date(one.from) + ", " + date(one.to) + ")";
            const std::string back = "(" + date(one.to) + ", " + date(one.from) + ")";
            for (const auto& [unit, count] : {std::pair{"years", one.years}, std::pair{"months", one.months},
                                              std::pair{"weeks", one.weeks}, std::pair{"days", one.days}}) {
                QCOMPARE(bench.number(unit + there), count);
                QCOMPARE(bench.number(unit + back), count == 0 ? 0 : -count); // in reverse order
            }
            QCOMPARE(bench.number(date(one.to) + " - " + date(one.from)), one.days);
        }
    }

    void the_ends_of_every_quantile_are_the_extremes() {
        Bench bench;
        bench.numbers("x", pebbles);
        for (int type = 1; type <= 9; ++type) {
            const std::string number = std::to_string(type);
            QCOMPARE(bench.number("quantile(x, 0, " + number + ")"), 35.0);
            QCOMPARE(bench.number("quantile(x, 1, " + number + ")"), 70.0);
        }
    }

    void measures_at_their_edges() {
        Bench bench;
        bench.numbers("none", {})
            .numbers("one", {5})
            .numbers("same", {7, 7, 7})
            .numbers("zeros", {0, 0})
            .numbers("gaps", {gap, 4, gap, 6})
            .numbers("other", {1, 2, 3, gap});
        for (const Function& function : catalogue()) {
            const bool single = function.is_measure() && function.arguments.size() == 1;
            const bool of_rows = function.name == "pick" || function.name == "rank" || function.name == "sorted" ||
                                 function.special == Special::search;
            if (single && function.arguments[0].kind == Kind::number && !of_rows) {
                const std::string name(function.name);
                const Value of_none = bench.value(name + "(none)");
                const bool counts = name == "sum" || name == "count" || name == "distinct" || name == "sum_sq";
                QVERIFY2(counts              ? of_none.plain() && of_none.number() == 0
                         : name == "product" ? of_none.number() == 1
                                             : of_none.is_missing(),
                         name.c_str());
                QVERIFY2(!bench.value(name + "(gaps)").is_fault() || name == "margalef", name.c_str());
            }
        }
        QCOMPARE(bench.number("quantile(one, 0.9)"), 5.0);
        QCOMPARE(bench.number("iqr(same)"), 0.0);
        QCOMPARE(bench.number("mode(same)"), 7.0);
        QCOMPARE(bench.cause("skewness(same)"), Cause::out_of_domain);
        QCOMPARE(bench.cause("cv(zeros)"), Cause::division_by_zero);
        QCOMPARE(bench.number("geomean(zeros)"), 0.0);
        QCOMPARE(bench.number("harmean(zeros)"), 0.0);
        QCOMPARE(bench.cause("geomean(same - 8)"), Cause::out_of_domain);
        QCOMPARE(bench.cause("quantile(same, 1.5)"), Cause::out_of_domain);
        QCOMPARE(bench.cause("quantile(same, 0.5, 12)"), Cause::out_of_domain);
        QVERIFY(bench.value("quantile(same, missing)").is_missing());
        QVERIFY(bench.value("cov(gaps, other)").is_missing());
        QCOMPARE(bench.cause("corr(same, other)"), Cause::out_of_domain);
        QCOMPARE(bench.cause("slope(other, same)"), Cause::division_by_zero);
        QVERIFY(bench.value("shannon(zeros)").is_missing());
        QCOMPARE(bench.number("shannon(one)"), 0.0);
        QCOMPARE(bench.cause("shannon(one - 6)"), Cause::out_of_domain);
        QCOMPARE(bench.cause("fisher_alpha(same / 7)"), Cause::out_of_domain);
        QCOMPARE(bench.cause("rarefied(same, 22)"), Cause::out_of_domain);
        QCOMPARE(bench.number("rarefied(same, 21)"), 3.0);
        QVERIFY(bench.value("pielou(one)").is_missing());
        QCOMPARE(bench.cause("grouped_quantile(other, other + 2, same, 0.5)"), Cause::out_of_domain); // they overlap
        QCOMPARE(bench.cause("grouped_quantile(10 * row, 10 * row + 9, same, 0.5)"),
                 Cause::out_of_domain); // or leave gaps
        for (const char* name : {"simpson_unbiased", "margalef", "menhinick", "brillouin", "fisher_alpha", "chao1"}) {
            QCOMPARE(bench.cause(std::string(name) + "(100 * same / 22)"), Cause::out_of_domain); // percentages
        }
        QCOMPARE(bench.cause("rarefied(same / 2, 1)"), Cause::out_of_domain);
        QCOMPARE(bench.number("hill(same, 0)"), 3.0);
        QCOMPARE(bench.number("hill(same, 2)"), 3.0);
        QCOMPARE(bench.cause("kth(same, 4)"), Cause::out_of_domain);
        QCOMPARE(bench.cause("kth(same, 1.5)"), Cause::out_of_domain);
        QCOMPARE(bench.number("sxx(1e200 * one)"), 0.0);
        QCOMPARE(bench.number("mean_dev(one)"), 0.0);
        QCOMPARE(bench.cause("grouped_share(other, other + 2, same, 1)"), Cause::out_of_domain);
    }

    /// P(x) = 0.1, 0.4, 0.3, 0.2 for x = 0 to 3, against sums by hand; frequencies that are neither whole nor add up
    /// to 1.
    void weights_are_frequencies_or_probabilities() {
        Bench bench;
        bench.numbers("x", {0, 1, 2, 3}).numbers("p", {0.1, 0.4, 0.3, 0.2}).numbers("f", {1, 4, 3, 2});
        const std::pair<const char*, double> quantiles[] = {{"0", 0},    {"0.1", 0}, {"0.11", 1}, {"0.5", 1},
                                                            {"0.51", 2}, {"0.8", 2}, {"0.81", 3}, {"1", 3}};
        for (const auto& [probability, expected] : quantiles) {
            QCOMPARE(bench.number(std::string("wquantile(x, p, ") + probability + ")"), expected);
        }
        QVERIFY(near(bench.number("wmean(x, p)"), 1.6));
        QVERIFY(near(bench.number("wvar_pop(x, p)"), 0.84));
        QCOMPARE(bench.number("wquantile(x, f, 0.5)"), 1.5);
        QCOMPARE(bench.cause("wvar(x, p)"), Cause::out_of_domain);
        QCOMPARE(bench.cause("wsd(x, p)"), Cause::out_of_domain);
        QCOMPARE(bench.cause("wquantile(x, p / 2, 0.5)"), Cause::out_of_domain);
        QVERIFY(bench.value("wvar(x, p)").fault().at().what.text().find("wvar_pop") != std::string::npos);
    }

    void plain_arguments_follow_the_formulas_row() {
        Bench bench;
        bench.numbers("x", {1, 2, 3, 4})
            .numbers("p", {0, 0.5, 1, gap})
            .work("q = quantile(x, p)")
            .work("pooled = quantile((x, p), 1)")
            .work("top = quantile(x[1..i], 1)")
            .work("where_q = quantile(x where x > 1, p)");
        QCOMPARE(bench.cell("q", 1).number(), 1.0);
        QCOMPARE(bench.cell("q", 2).number(), 2.5);
        QCOMPARE(bench.cell("q", 3).number(), 4.0);
        QVERIFY(bench.cell("q", 4).is_missing());
        QCOMPARE(bench.cell("pooled", 1).number(), 4.0);
        QCOMPARE(bench.cell("top", 3).number(), 3.0);
        QCOMPARE(bench.cell("where_q", 2).number(), 3.0);
        bench.study.settings.quantile_type = 6;
        QCOMPARE(bench.number("q1(x)"), 1.25);
        QCOMPARE(bench.number("quantile(x, 0.25, 7)"), 1.75);
    }

    void paired_columns_drop_their_gaps_together() {
        Bench bench;
        bench.numbers("x", {1, 2, gap, 4}).numbers("y", {2, gap, 6, 8}).numbers("f", {1, 1, 1, 3});
        QCOMPARE(bench.number("slope(y, x)"), 2.0);
        QCOMPARE(bench.number("wmean(x, f)"), (1 + 2 + 12) / 5.0);
        QCOMPARE(bench.number("wmean(x where x > 1, f)"), (2 + 12) / 4.0);
        QCOMPARE(bench.cause("cov(x)"), Cause::wrong_arguments);
        QCOMPARE(bench.cause("cov(x, y, f)"), Cause::wrong_arguments);
        QCOMPARE(bench.cause("cov(1, 2)"), Cause::wrong_arguments);
        QCOMPARE(bench.cause("quantile(x)"), Cause::wrong_arguments);
        QCOMPARE(bench.cause("quantile(x, \"a\")"), Cause::wrong_kind);
        QVERIFY(bench.value("quantile(x)").fault().at().what.text().find("quantile(x, p[, type])") !=
                std::string::npos);
    }

    void texts_and_their_measures() {
        Bench bench;
        bench.texts("site", {"pool", "weir", "pool", "", "riffle"})
            .work("big = upper(site)")
            .work("named = join(site, \" \", row)")
            .work("long = length(site) > 4");
        QCOMPARE(bench.value("mode(site)").text().str(), std::string("pool"));
        QCOMPARE(bench.number("distinct(site)"), 3.0);
        QCOMPARE(bench.number("count(site)"), 4.0);
        QCOMPARE(bench.number("count(starts(site, \"p\"))"), 2.0);
        QCOMPARE(bench.cell("big", 2).text().str(), std::string("WEIR"));
        QVERIFY(bench.cell("big", 4).is_missing());
        QCOMPARE(bench.cell("named", 5).text().str(), std::string("riffle 5"));
        QVERIFY(bench.cell("long", 5).yes());
        QCOMPARE(bench.value("upper(\"äω\")").text().str(), std::string("ÄΩ"));
        QCOMPARE(bench.number("length(\"µm²\")"), 3.0);
        QCOMPARE(bench.cause("number(\"x\")"), Cause::out_of_domain);
        QCOMPARE(bench.number("number(\" -1.5 \")"), -1.5);
        QCOMPARE(bench.cause("upper(3)"), Cause::wrong_kind);
        QCOMPARE(bench.value("trim(\"  \")").text().str(), std::string());
        QCOMPARE(bench.cause("join(\"a\")"), Cause::wrong_arguments);
    }

    void dates_keep_the_calendar_data() {
        QTest::addColumn<double>("expected");
        const std::pair<const char*, double> rows[] = {
            {"months(date(2026, 1, 31), date(2026, 2, 28))", 0},
            {"months(date(2026, 1, 31), date(2026, 3, 30))", 1},
            {"months(date(2026, 1, 31), date(2026, 3, 31))", 2},
            {"months(date(2026, 3, 31), date(2026, 1, 31))", -2},
            {"years(date(2024, 2, 29), date(2025, 2, 28))", 0},
            {"years(date(2024, 2, 29), date(2025, 3, 1))", 1},
            {"years(date(2024, 2, 29), date(2028, 2, 29))", 4},
            {"years(date(2000, 1, 1), date(1990, 1, 2))", -9},
            {"days(date(2024, 2, 28), date(2024, 3, 1))", 2},
            {"days(date(2100, 2, 28), date(2100, 3, 1))", 1},
            {"weeks(date(2026, 5, 4), date(2026, 5, 11))", 1},
            {"weekday(date(2026, 11, 25))", 3},
            {"weekday(date(1970, 1, 1))", 4},
            {"date(2026, 3, 1) - date(2026, 2, 1)", 28},
            {"year(date(1999, 12, 31) + 1)", 2000},
            {"day(date(2026, 3, 1) - 1)", 28},
        };
        for (const auto& [formula, expected] : rows) {
            QTest::newRow(formula) << expected;
        }
    }
    void dates_keep_the_calendar() {
        QFETCH(double, expected);
        QCOMPARE(Bench().number(QTest::currentDataTag()), expected);
    }

    void days_that_are_not_are_faults() {
        const Bench bench;
        for (const char* formula : {"date(2026, 2, 29)", "date(2026, 13, 1)", "date(2026, 0, 1)", "date(2026, 1.5, 1)",
                                    "date(1e9, 1, 1)", "date(2026, 1, -1)"}) {
            QCOMPARE(bench.cause(formula), Cause::out_of_domain);
        }
        QVERIFY(bench.value("year(missing)").is_missing());
    }

    void numbers_of_ways_refuse_what_is_no_count() {
        const Bench bench;
        for (const char* formula : {"choose(-1, 2)", "choose(5, 2.5)", "arrange(2.5, 1)", "factorial(-1)", "gamma(0)",
                                    "lgamma(-3)", "sigfig(1, 0)"}) {
            QCOMPARE(bench.cause(formula), Cause::out_of_domain);
        }
        QCOMPARE(bench.cause("171!"), Cause::too_large);
        QCOMPARE(bench.cause("gamma(200)"), Cause::too_large);
        QCOMPARE(bench.cause("choose(100000, 50000)"), Cause::too_large);
        QCOMPARE(bench.number("arrange(3, 5)"), 0.0);
    }
};

LEDGEFALL_TEST(TestCatalogue)
#include "test_catalogue.moc"
