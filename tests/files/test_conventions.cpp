// The figures of the field's conventions, for the demo data: computed by ordinary formulas on the command line.

#include "calc/calculator.h"
#include "harness/test_program.h"

#include <QtTest>

#include <cmath>

using namespace ledgefall;
using Do = Step::Do;

namespace {

/// The numbers that these steps print.
std::vector<double> numbers(const std::string& file, const std::vector<Step>& steps) {
    const auto printed = Calculator().run(file, steps);
    if (!printed) {
        qFatal("%s", printed.refusal().text().c_str());
    }
    std::vector<double> out;
    std::istringstream lines(*printed);
    for (std::string line; std::getline(lines, line);) {
        out.push_back(std::stod(line));
    }
    return out;
}

void compare(const std::vector<double>& given, const std::vector<std::pair<double, double>>& wanted) {
    QCOMPARE(given.size(), wanted.size());
    for (std::size_t at = 0; at < wanted.size(); ++at) {
        const auto [value, slack] = wanted[at];
        QVERIFY2(std::fabs(given[at] - value) <= slack, std::to_string(given[at]).c_str());
    }
}

const std::string course = DEMO_FOLDER "/marrow-beck.ledgefall";
const std::string sites = DEMO_FOLDER "/diversity.ledgefall";

} // namespace

class TestConventions : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void drift_times_of_riffle_and_weir_after_welch() {
        const std::string riffle = "Drift.time where Drift.site = \"riffle\"";
        const std::string weir = "Drift.time where Drift.site = \"weir\"";
        compare(numbers(course, {{Do::hold, "va = se(" + riffle + ")^2"},
                                 {Do::hold, "vb = se(" + weir + ")^2"},
                                 {Do::hold, "df = (va + vb)^2 / (va^2 / (count(" + riffle + ") - 1) + vb^2 / (count(" +
                                                weir + ") - 1))"},
                                 {Do::value, "t_stat2(" + riffle + ", " + weir + ")"},
                                 {Do::value, "df"},
                                 {Do::value, "2 * P(student_t(df) > abs(t_stat2(" + riffle + ", " + weir + ")))"}}),
                {{-10.1716, 5e-5}, {15.868, 5e-4}, {2.34e-8, 5e-11}});
    }

    void drift_times_of_all_sites() {
        const std::string by_site = " where site = site[i])";
        const auto f_of = [](const std::string& x, const std::string& mean) {
            return "sum((" + mean + " - mean(" + x + "))^2) / 2 / (sum((" + x + " - " + mean + ")^2) / (rows - 3))";
        };
        compare(numbers(course, {{Do::in, "Drift"},
                                 {Do::column, "own = mean(time" + by_site},
                                 {Do::value, f_of("time", "own")}, // one-way analysis of variance
                                 {Do::column, "off = abs(time - median(time" + by_site + ")"},
                                 {Do::column, "own_off = mean(off" + by_site},
                                 {Do::value, f_of("off", "own_off")}, // Levene with medians
                                 {Do::value, "P(f_dist(2, rows - 3) > " + f_of("off", "own_off") + ")"},
                                 {Do::column, "place = rank(time)"},
                                 {Do::column, "own_place = mean(place" + by_site},
                                 {Do::value, "sum((own_place - mean(place))^2) / var(place)"}}), // Kruskal and Wallis
                {{68.156, 5e-4}, {4.007, 5e-4}, {0.0277, 5e-5}, {31.135, 5e-4}});
    }

    void drift_times_after_welch_with_three_sites() {
        const std::string mean = "sum(w * own) / sum(w)";
        const std::string lambda = "sum((1 - w / sum(w))^2 / (n - 1))";
        compare(numbers(course, {{Do::in, "Drift_by_site"},
                                 {Do::column, "own = mean(Drift.time where Drift.site = site)"},
                                 {Do::column, "w = n / var(Drift.time where Drift.site = site)"},
                                 {Do::value, "sum(w * (own - " + mean +
                                                 ")^2) / 2 / (1 + 2 * (rows - 2) / (rows^2 - 1) * " + lambda + ")"}}),
                {{89.900, 5e-4}});
    }

    void a_binomial_test_by_small_probabilities() {
        compare(numbers("", {{Do::rows, "13"},
                             {Do::column, "p = P(binomial(12, 0.35) = row - 1)"},
                             {Do::value, "sum(p where p <= p[9] * (1 + 1e-9))"}}),
                {{0.0312, 5e-5}});
    }

    void diversity_of_riffle_and_weir_after_hutcheson() {
        compare(numbers(sites, {{Do::hold, "va = shannon_var(Sites.riffle)"},
                                {Do::hold, "vb = shannon_var(Sites.weir)"},
                                {Do::value, "(shannon(Sites.riffle) - shannon(Sites.weir)) / sqrt(va + vb)"},
                                {Do::value, "(va + vb)^2 / (va^2 / sum(Sites.riffle) + vb^2 / sum(Sites.weir))"}}),
                {{-3.545, 5e-4}, {349.8, 0.05}});
    }

    /// The medians of the two halves, worked out by hand for 4 to 8 values.
    void quartiles_as_schools_take_them() {
        const std::string data = "1, 3, 4, 8, 9, 12, 20, 21";
        struct Quartiles {
            int n;
            double exclusive_low, exclusive_high, inclusive_low, inclusive_high;
        };
        for (const Quartiles& one : {Quartiles{4, 2, 6, 2, 6}, Quartiles{5, 2, 8.5, 3, 8}, Quartiles{6, 3, 9, 3, 9},
                                     Quartiles{7, 3, 12, 3.5, 10.5}, Quartiles{8, 3.5, 16, 3.5, 16},
                                     Quartiles{2, 1, 3, 1, 3}, Quartiles{3, 1, 4, 2, 3.5}}) {
            std::string some;
            std::istringstream all(data);
            std::string value;
            for (int at = 0; at < one.n && std::getline(all, value, ','); ++at) {
                some += (at == 0 ? "(" : ", ") + value;
            }
            const std::string sample = some + ")";
            for (const char* method : {"exclusive", "inclusive"}) {
                const bool inclusive = std::string(method) == "inclusive";
                compare(numbers("", {{Do::setting, std::string("quantile_type = ") + method},
                                     {Do::value, "q1(" + sample.substr(1)},
                                     {Do::value, "q3(" + sample.substr(1)},
                                     {Do::value, "quantile(" + sample + ", 0.25)"},
                                     {Do::value, "quantile(" + sample + ", 0.75, " + (inclusive ? "11)" : "10)")},
                                     {Do::value, "quantile(" + sample + ", 0.5) - median(" + sample.substr(1)}}),
                        {{inclusive ? one.inclusive_low : one.exclusive_low, 1e-12},
                         {inclusive ? one.inclusive_high : one.exclusive_high, 1e-12},
                         {inclusive ? one.inclusive_low : one.exclusive_low, 1e-12},
                         {inclusive ? one.inclusive_high : one.exclusive_high, 1e-12},
                         {0, 1e-12}});
            }
        }
    }

    void modes_sorted_values_and_sums_of_squares() {
        const auto of = [](const std::string& formula) { return *Calculator().run("", {{Do::value, formula}}); };
        QCOMPARE(of("modes(4, 1, 4, 2, 1)"), std::string("1; 4\n"));
        QCOMPARE(of("modes(2, 2, 2, 1, 1)"), std::string("2\n"));
        QCOMPARE(of("is_missing(modes(3, 1, 2))"), std::string("yes\n")); // where every value occurs once there is none
        QCOMPARE(of("is_missing(mode(3, 1, 2))"), std::string("yes\n"));
        QCOMPARE(of("sum_sq(1, -2, 3.5)"), std::string("17.25\n"));
        QCOMPARE(of("sum_sq(1e8, 1e-8) - 1e16"), std::string("0\n"));
        QCOMPARE(*Calculator().run("", {{Do::rows, "4"},
                                        {Do::column, "x = if row = 2 then missing else mod_of[i]"},
                                        {Do::column, "mod_of = (row * 7) mod 5"},
                                        {Do::column, "s = sorted(x)"},
                                        {Do::value, "s[1] * 100 + s[2] * 10 + s[3]"},
                                        {Do::value, "is_missing(s[4])"}}),
                 std::string("123\nyes\n"));
    }

    void values_with_their_uncertainty_as_text() {
        const std::pair<const char*, const char*> wanted[] = {{"plus_minus(50.875, 1.8624)", "50.9 ± 1.9"},
                                                              {"plus_minus(5087.4, 123.4)", "5090 ± 120"},
                                                              {"plus_minus(0.001234, 0.0000996)", "0.00123 ± 0.00010"},
                                                              {"plus_minus(-3.14159, 0.25)", "-3.14 ± 0.25"},
                                                              {"plus_minus(7, 0)", "7 ± 0"},
                                                              {"plus_minus(2.675, 0.015)", "2.675 ± 0.015"},
                                                              {"plus_minus(100, 9.96)", "100 ± 10"},
                                                              {"plus_minus(0, 0.5)", "0.00 ± 0.50"}};
        for (const auto& [formula, text] : wanted) {
            QCOMPARE(*Calculator().run("", {{Do::value, formula}}), text + std::string("\n"));
        }
        QVERIFY(!Calculator().run("", {{Do::value, "plus_minus(1, -1)"}}));
    }
};

LEDGEFALL_TEST(TestConventions)
#include "test_conventions.moc"
