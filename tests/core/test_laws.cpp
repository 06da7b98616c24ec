// Laws that measures, distributions, indices and dates obey whatever the values are: what they do to each other under
// shifting, scaling, reordering, gaps, pooling and conditions. They need no table of expected numbers.

#include "core/engine/functions/catalogue.h"
#include "harness/test_program.h"
#include "working.h"

#include <cmath>
#include <random>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

std::vector<double> sample(unsigned seed, std::size_t size) {
    std::mt19937 engine(seed);
    std::vector<double> values(size);
    for (double& value : values) {
        value = static_cast<double>(static_cast<int>(engine() % 4001)) / 16 + 1;
    }
    return values;
}

Bench with(const std::vector<double>& x) {
    Bench bench;
    bench.numbers("x", x);
    return bench;
}

double of(const Bench& bench, const std::string& formula) {
    const double result = bench.number(formula);
    if (std::isnan(result)) {
        qWarning("%s is no number", formula.c_str());
    }
    return result;
}

#define NEAR(a, b) QVERIFY2(near((a), (b), 1e-10), qPrintable(QStringLiteral("%1 %2").arg(a).arg(b)))

const std::vector<std::string> of_one = {"sum",          "count",    "mean",      "median",       "min",
                                         "max",          "range",    "q1",        "q3",           "iqr",
                                         "var",          "sd",       "var_pop",   "sd_pop",       "se",
                                         "cv",           "mad",      "mean_dev",  "sxx",          "geomean",
                                         "harmean",      "skewness", "kurtosis",  "distinct",     "sum_sq",
                                         "richness",     "shannon",  "dominance", "gini_simpson", "inverse_simpson",
                                         "berger_parker"};

/// These take whole numbers only.
const std::vector<std::string> of_counts = {"margalef", "menhinick", "chao1", "simpson_unbiased", "brillouin"};

} // namespace

class TestLaws : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void every_measure_obeys_the_laws_of_samples_data() {
        QTest::addColumn<QString>("name");
        for (const auto* names : {&of_one, &of_counts}) {
            for (const std::string& name : *names) {
                QTest::newRow(name.c_str()) << QString::fromStdString(name);
            }
        }
    }
    void every_measure_obeys_the_laws_of_samples() {
        QFETCH(QString, name);
        const std::string measure = name.toStdString();
        QVERIFY(find_function(measure) != nullptr);
        for (unsigned seed = 1; seed <= 6; ++seed) {
            std::vector<double> x = sample(seed, 5 + 7 * seed);
            x[3] = x[0]; // a tie
            if (std::find(of_counts.begin(), of_counts.end(), measure) != of_counts.end()) {
                std::transform(x.begin(), x.end(), x.begin(), [](double one) { return std::floor(one); });
            }
            const double plain = of(with(x), measure + "(x)");
            std::vector<double> other = x; // the order does not matter
            std::shuffle(other.begin(), other.end(), std::mt19937(seed));
            NEAR(of(with(other), measure + "(x)"), plain);
            std::vector<double> gaps = x; // nor do gaps
            gaps.insert(gaps.begin() + 2, std::nan(""));
            gaps.push_back(std::nan(""));
            NEAR(of(with(gaps), measure + "(x)"), plain);
            Bench bench = with(x); // all rows are the rows from the first to the last
            NEAR(of(bench, measure + "(x[1..last])"), plain);
            NEAR(of(bench, measure + "(x where x > -1)"), plain);
            std::vector<double> some;
            for (const double value : x) {
                if (value > 60) {
                    some.push_back(value);
                }
            }
            if (some.size() > 3) {
                NEAR(of(bench, measure + "(x where x > 60)"), of(with(some), measure + "(x)"));
            }
            const std::size_t half = x.size() / 2; // columns that are pooled are one sample
            Bench halves;
            halves.numbers("a", {x.begin(), x.begin() + static_cast<std::ptrdiff_t>(half)});
            halves.numbers("b", {x.begin() + static_cast<std::ptrdiff_t>(half), x.end()});
            NEAR(of(halves, measure + "((a, b))"), plain);
            bench.work("broken = 1 / (x - x[1])"); // a fault passes on
            QCOMPARE(bench.cause(measure + "(broken)"), Cause::division_by_zero);
        }
    }

    void measures_shift_and_scale_as_they_should() {
        for (unsigned seed = 11; seed < 17; ++seed) {
            const std::vector<double> x = sample(seed, 23);
            Bench bench = with(x);
            bench.work("up = x + 1000").work("wide = 3 * x");
            for (const char* name : {"mean", "median", "min", "max", "q1", "q3"}) {
                const std::string f = name;
                NEAR(of(bench, f + "(up)"), of(bench, f + "(x)") + 1000);
                NEAR(of(bench, f + "(wide)"), 3 * of(bench, f + "(x)"));
            }
            for (const char* name : {"range", "iqr", "sd", "sd_pop", "se", "mad", "mean_dev"}) {
                const std::string f = name;
                NEAR(of(bench, f + "(up)"), of(bench, f + "(x)"));
                NEAR(of(bench, f + "(wide)"), 3 * of(bench, f + "(x)"));
            }
            for (const char* name : {"var", "var_pop", "sxx"}) {
                const std::string f = name;
                NEAR(of(bench, f + "(up)"), of(bench, f + "(x)"));
                NEAR(of(bench, f + "(wide)"), 9 * of(bench, f + "(x)"));
            }
            for (const char* name : {"cv", "skewness", "kurtosis"}) {
                NEAR(of(bench, std::string(name) + "(wide)"), of(bench, std::string(name) + "(x)"));
            }
            NEAR(of(bench, "skewness(-x)"), -of(bench, "skewness(x)"));
            NEAR(of(bench, "var(x)"), of(bench, "var_pop(x)") * 23 / 22);
            NEAR(of(bench, "sd(x)^2"), of(bench, "var(x)"));
            NEAR(of(bench, "se(x)"), of(bench, "sd(x)") / std::sqrt(23));
            NEAR(of(bench, "ln(geomean(x))"), of(bench, "mean(ln(x))"));
            NEAR(of(bench, "1 / harmean(x)"), of(bench, "mean(1 / x)"));
            NEAR(of(bench, "sum(x - mean(x)) + 1"), 1);
        }
    }

    void quantiles_rise_between_the_least_and_the_greatest() {
        const Bench bench = with(sample(21, 17));
        for (int type = 1; type <= 9; ++type) {
            double before = of(bench, "min(x)");
            for (int step = 0; step <= 20; ++step) {
                const double now =
                    of(bench, "quantile(x, " + shortest(step / 20.0) + ", " + std::to_string(type) + ")");
                QVERIFY(now >= before);
                before = now;
            }
            QVERIFY(before <= of(bench, "max(x)"));
        }
        NEAR(of(bench, "quantile(x, 0.5)"), of(bench, "median(x)"));
        NEAR(of(bench, "quantile(x, 0.75) - quantile(x, 0.25)"), of(bench, "iqr(x)"));
    }

    void weights_are_as_many_values() {
        Bench bench;
        bench.numbers("x", {2, 5, 9, 14}).numbers("f", {1, 3, 2, 4}).numbers("one", {1, 1, 1, 1});
        const Bench repeated = with({2, 5, 5, 5, 9, 9, 14, 14, 14, 14});
        const std::pair<const char*, const char*> pairs[] = {
            {"wmean", "mean"}, {"wvar", "var"}, {"wsd", "sd"}, {"wvar_pop", "var_pop"}, {"wsd_pop", "sd_pop"}};
        for (const auto& [weighted, plain] : pairs) {
            NEAR(of(bench, std::string(weighted) + "(x, f)"), of(repeated, std::string(plain) + "(x)"));
            NEAR(of(bench, std::string(weighted) + "(x, one)"), of(bench, std::string(plain) + "(x)"));
        }
        for (const char* p : {"0.1", "0.25", "0.5", "0.9"}) {
            NEAR(of(bench, std::string("wquantile(x, f, ") + p + ")"),
                 of(repeated, std::string("quantile(x, ") + p + ")"));
        }
    }

    void pairs_are_symmetric_where_they_should_be() {
        for (unsigned seed = 31; seed < 36; ++seed) {
            Bench bench = with(sample(seed, 19));
            bench.numbers("y", sample(seed + 100, 19)).work("line = 2.5 * x - 7").work("rising = x^3");
            NEAR(of(bench, "cov(x, y)"), of(bench, "cov(y, x)"));
            NEAR(of(bench, "corr(x, y)"), of(bench, "corr(y, x)"));
            NEAR(of(bench, "cov(x, x)"), of(bench, "var(x)"));
            NEAR(of(bench, "corr(x, line)"), 1);
            NEAR(of(bench, "corr(x, -line)"), -1);
            NEAR(of(bench, "slope(line, x)"), 2.5);
            NEAR(of(bench, "intercept(line, x)"), -7);
            NEAR(of(bench, "rank_corr(x, rising)"), 1); // ranks are the same
            NEAR(of(bench, "slope(y, x)"), of(bench, "cov(x, y) / var(x)"));
            NEAR(of(bench, "slope(y, x) * slope(x, y)"), of(bench, "corr(x, y)^2"));
            NEAR(of(bench, "bray_curtis(x, y)"), of(bench, "bray_curtis(y, x)"));
            NEAR(of(bench, "bray_curtis(x, x) + 1"), 1);
            NEAR(of(bench, "t_stat(x, mean(x)) + 1"), 1);
            NEAR(of(bench, "chi2_stat(x, x) + 1"), 1);
        }
    }

    void indices_of_diversity_agree_with_each_other() {
        for (unsigned seed = 41; seed < 46; ++seed) {
            std::vector<double> counts = sample(seed, 9);
            for (double& count : counts) {
                count = std::floor(count);
            }
            Bench bench = with(counts);
            NEAR(of(bench, "hill(x, 0)"), of(bench, "richness(x)"));
            NEAR(of(bench, "ln(hill(x, 1))"), of(bench, "shannon(x)"));
            NEAR(of(bench, "hill(x, 2)"), of(bench, "inverse_simpson(x)"));
            NEAR(of(bench, "1 / hill(x, 2)"), of(bench, "dominance(x)"));
            NEAR(of(bench, "gini_simpson(x) + dominance(x)"), 1);
            NEAR(of(bench, "pielou(x)"), of(bench, "shannon(x) / ln(richness(x))"));
            NEAR(of(bench, "shannon(x, 2)"), of(bench, "shannon(x) / ln(2)"));
            NEAR(of(bench, "rarefied(x, sum(x))"), of(bench, "richness(x)"));
            NEAR(of(bench, "rarefied(x, 1)"), 1);
            QVERIFY(of(bench, "hill(x, 0)") >= of(bench, "hill(x, 1)"));
            QVERIFY(of(bench, "hill(x, 1)") >= of(bench, "hill(x, 2)"));
            QVERIFY(of(bench, "chao1(x)") >= of(bench, "richness(x)"));
            counts.push_back(0); // a species that was not found
            for (const char* name : {"shannon", "dominance", "gini_simpson", "richness", "berger_parker"}) {
                NEAR(of(with(counts), std::string(name) + "(x)"), of(bench, std::string(name) + "(x)"));
            }
        }
        const Bench even = with({7, 7, 7, 7, 7});
        NEAR(of(even, "shannon(x)"), std::log(5.0));
        NEAR(of(even, "pielou(x)"), 1);
        NEAR(of(even, "hill(x, 3)"), 5);
    }

    void chances_add_up_data() {
        QTest::addColumn<QString>("distribution");
        QTest::addColumn<bool>("whole");
        const auto row = [](const char* distribution, bool whole) {
            QTest::newRow(distribution) << QString::fromUtf8(distribution) << whole;
        };
        row("binomial(12, 0.35)", true);
        row("poisson(3.5)", true);
        row("geometric(0.2)", true);
        row("negative_binomial(3, 0.4)", true);
        row("hypergeometric(30, 12, 9)", true);
        row("normal(5, 2)", false);
        row("exponential(0.7)", false);
        row("uniform(1, 6)", false);
        row("student_t(7)", false);
        row("chi_squared(5)", false);
        row("f_dist(4, 9)", false);
        row("lognormal(0.5, 0.8)", false);
    }
    void chances_add_up() {
        QFETCH(QString, distribution);
        QFETCH(bool, whole);
        Bench bench = with({1});
        bench.held("D = " + distribution.toStdString());
        for (const char* k : {"1", "2", "3", "5"}) {
            const std::string at = k;
            NEAR(of(bench, "P(D <= " + at + ") + P(D > " + at + ")"), 1);
            NEAR(of(bench, "P(D < " + at + ") + P(D = " + at + ") + P(D > " + at + ")"), 1);
            NEAR(of(bench, "1 + P(1 < D <= " + at + ")"), of(bench, "1 + P(D <= " + at + ") - P(D <= 1)"));
            NEAR(of(bench, "P(D > " + at + " | D > 0) * P(D > 0)"), of(bench, "P(D > " + at + ")"));
            NEAR(of(bench, "P(D < 1 or D > " + at + ") + P(1 <= D <= " + at + ")"), 1);
            NEAR(of(bench, "P(not D > " + at + ")"), of(bench, "P(D <= " + at + ")"));
        }
        if (whole) {
            NEAR(of(bench, "sum(P(D = k) for k in 0..300)"), 1);
            NEAR(of(bench, "sum(k * P(D = k) for k in 0..300)"), of(bench, "mean(D)"));
            NEAR(of(bench, "sum((k - mean(D))^2 * P(D = k) for k in 0..300)"), of(bench, "var(D)"));
        } else {
            for (const char* p : {"0.05", "0.5", "0.975"}) {
                NEAR(of(bench, std::string("P(D <= quantile(D, ") + p + "))"), std::stod(p));
            }
            // The density is how fast the chance grows.
            NEAR(std::round(of(bench, "(P(D <= 2.0001) - P(D <= 1.9999)) / 0.0002") * 1e5) / 1e5,
                 std::round(of(bench, "density(D, 2)") * 1e5) / 1e5);
        }
        NEAR(of(bench, "sd(D)^2"), of(bench, "var(D)"));
    }

    void spans_of_dates_agree_with_each_other() {
        std::mt19937 engine(51);
        Bench bench = with({1});
        for (int turn = 0; turn < 200; ++turn) {
            const auto day = [&engine] {
                return "date(" + std::to_string(1990 + engine() % 60) + ", " + std::to_string(1 + engine() % 12) +
                       ", " + std::to_string(1 + engine() % 28) + ")";
            };
            const std::string a = day();
            const std::string b = day();
            const std::string ends = "(" + a + ", " + b + ")";
            const double days = of(bench, "days" + ends);
            QCOMPARE(days, of(bench, b + " - " + a));
            QCOMPARE(of(bench, "days(" + b + ", " + a + ")"), -days);
            QCOMPARE(of(bench, "weeks" + ends), std::trunc(days / 7));
            const double months = of(bench, "months" + ends);
            QCOMPARE(of(bench, "years" + ends), std::trunc(months / 12));
            QVERIFY(std::fabs(months) * 28 <= std::fabs(days) + 1e-9);
            QVERIFY(std::fabs(days) < (std::fabs(months) + 1) * 31);
            const double weekday_a = of(bench, "weekday(" + a + ")");
            const double weekday_b = of(bench, "weekday(" + b + ")");
            const double moved = std::fmod(weekday_a - 1 + days, 7);
            QCOMPARE(moved < 0 ? moved + 7 : moved, weekday_b - 1);
        }
    }

    void of_nothing_sums_are_nothing_and_the_rest_is_missing() {
        for (const std::vector<double>& none :
             {std::vector<double>{}, std::vector<double>{std::nan(""), std::nan("")}}) {
            Bench bench;
            bench.numbers("x", none);
            for (const std::string& name : of_one) {
                const Value value = bench.value(name + "(x)");
                const bool counts = find_function(name)->of_none == "0";
                QVERIFY2(counts ? value.plain() && value.number() == 0 : value.is_missing(), name.c_str());
            }
            QCOMPARE(bench.number("product(x)"), 1.0);
        }
    }
};

LEDGEFALL_TEST(TestLaws)
#include "test_laws.moc"
