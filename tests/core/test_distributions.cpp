// Distributions against their definitions: terms and densities add up to 1 and to the moments that are told; tails are
// sums of terms, complements of each other and rising; quantiles lie where tails say. The sums and integrals are this
// test's own.

#include "core/stats/combinations.h"
#include "core/stats/distributions.h"
#include "harness/test_program.h"
#include "working.h"

#include <QtTest>

#include <algorithm>
#include <cmath>
#include <functional>
#include <vector>

using namespace ledgefall;

namespace {

struct Named {
    const char* name;
    Distribution d;
    double from, to; ///< nearly all of it lies in between
};

const std::vector<Named> discrete = {
    {"binomial(12, 0.35)", {Family::binomial, {12, 0.35, 0}}, 0, 12},
    {"binomial(1, 0.5)", {Family::binomial, {1, 0.5, 0}}, 0, 1},
    {"binomial(0, 0.5)", {Family::binomial, {0, 0.5, 0}}, 0, 0},
    {"binomial(7, 0)", {Family::binomial, {7, 0, 0}}, 0, 7},
    {"binomial(7, 1)", {Family::binomial, {7, 1, 0}}, 0, 7},
    {"binomial(400, 0.01)", {Family::binomial, {400, 0.01, 0}}, 0, 400},
    {"binomial(2000, 0.97)", {Family::binomial, {2000, 0.97, 0}}, 0, 2000},
    {"poisson(0.02)", {Family::poisson, {0.02, 0, 0}}, 0, 40},
    {"poisson(3.5)", {Family::poisson, {3.5, 0, 0}}, 0, 80},
    {"poisson(900)", {Family::poisson, {900, 0, 0}}, 0, 2000},
    {"geometric(0.2)", {Family::geometric, {0.2, 0, 0}}, 0, 400},
    {"geometric(0.999)", {Family::geometric, {0.999, 0, 0}}, 0, 30},
    {"negative_binomial(2.5, 0.4)", {Family::negative_binomial, {2.5, 0.4, 0}}, 0, 300},
    {"negative_binomial(0.3, 0.1)", {Family::negative_binomial, {0.3, 0.1, 0}}, 0, 1500},
    {"hypergeometric(50, 5, 10)", {Family::hypergeometric, {50, 5, 10}}, 0, 5},
    {"hypergeometric(50, 45, 10)", {Family::hypergeometric, {50, 45, 10}}, 0, 10},
    {"hypergeometric(9000, 4000, 300)", {Family::hypergeometric, {9000, 4000, 300}}, 0, 300},
};

const std::vector<Named> continuous = {
    {"uniform(2, 5)", {Family::uniform, {2, 5, 0}}, 2, 5},
    {"normal(10, 2)", {Family::normal, {10, 2, 0}}, -20, 40},
    {"exponential(0.25)", {Family::exponential, {0.25, 0, 0}}, 0, 200},
    {"student_t(5)", {Family::student_t, {5, 0, 0}}, -3000, 3000},
    {"student_t(30)", {Family::student_t, {30, 0, 0}}, -60, 60},
    {"chi_squared(4)", {Family::chi_squared, {4, 0, 0}}, 0, 120},
    {"f_dist(6, 30)", {Family::f_dist, {6, 30, 0}}, 0, 400},
    {"lognormal(1, 0.5)", {Family::lognormal, {1, 0.5, 0}}, 0, 300},
};

bool near(double a, double b, double relative) {
    return a == b || std::fabs(a - b) <= relative * std::max(std::fabs(a), std::fabs(b));
}

/// Simpson's rule, halved until two halvings agree; in the variable t of x = sinh(t), so that long tails are short.
double integral(const std::function<double(double)>& f, double from, double to) {
    const double a = std::asinh(from);
    const double b = std::asinh(to);
    const auto g = [&f](double t) { return f(std::sinh(t)) * std::cosh(t); };
    double before = 0;
    for (int steps = 256; steps <= 1 << 18; steps *= 2) {
        const double width = (b - a) / steps;
        double sum = g(a) + g(b);
        for (int at = 1; at < steps; ++at) {
            sum += g(a + at * width) * (at % 2 == 1 ? 4 : 2);
        }
        const double now = sum * width / 3;
        if (steps > 1024 && std::fabs(now - before) < 1e-11 * std::fabs(now)) {
            return now;
        }
        before = now;
    }
    return before;
}

} // namespace

class TestDistributions : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void terms_add_up() {
        for (const Named& one : discrete) {
            long double all = 0;
            long double mean = 0;
            long double squares = 0;
            for (double k = one.from; k <= one.to; ++k) {
                const double term = density(one.d, k);
                QVERIFY2(term >= 0 && term <= 1 + 1e-15, one.name);
                all += term;
                mean += static_cast<long double>(term) * k;
            }
            for (double k = one.from; k <= one.to; ++k) {
                squares += static_cast<long double>(density(one.d, k)) * (k - mean) * (k - mean);
            }
            QVERIFY2(near(static_cast<double>(all), 1, 1e-12), one.name);
            QVERIFY2(near(static_cast<double>(mean), mean_of(one.d), 1e-11), one.name);
            QVERIFY2(near(static_cast<double>(squares), variance_of(one.d), 1e-10) || variance_of(one.d) == 0,
                     one.name);
            QCOMPARE(density(one.d, one.from + 0.5), 0.0);
            QCOMPARE(density(one.d, -1), 0.0);
        }
    }

    /// Both tails, far out too, where one of them is all that is left.
    /// By exact fractions of the doubles, rounded once.
    void terms_near_certainty_keep_their_digits() {
        struct Term {
            const char* formula;
            double expected;
        };
        const Term terms[] = {
            {"P(binomial(1000, 0.999999999999) = 999)", 9.999778772809227e-10},
            {"P(binomial(100, 0.9999999) = 99)", 9.999900995221644e-06},
            {"P(binomial(5000, 0.99999) = 4999)", 4.756193495373402e-02},
            {"P(negative_binomial(200, 0.9999999) = 1)", 1.999959999345328e-05},
        };
        for (const Term& term : terms) {
            const double value = testing::Bench().number(term.formula);
            QVERIFY2(testing::near(value, term.expected, 1e-14),
                     (std::string(term.formula) + " " + shortest(value)).c_str());
        }
    }

    void tails_are_sums_of_terms() {
        int compared = 0;
        for (const Named& one : discrete) {
            std::vector<long double> up_to;
            long double sum = 0;
            for (double k = one.from; k <= one.to; ++k) {
                sum += density(one.d, k);
                up_to.push_back(sum);
            }
            std::vector<long double> beyond(up_to.size() + 1, 0);
            for (std::size_t at = up_to.size(); at > 0; --at) {
                beyond[at - 1] =
                    beyond[at] + static_cast<long double>(density(one.d, one.from + static_cast<double>(at - 1)));
            }
            const bool ends = one.d.family == Family::binomial || one.d.family == Family::hypergeometric;
            const std::size_t step = std::max<std::size_t>(1, up_to.size() / 60);
            for (std::size_t at = 0; at < up_to.size(); at += step) {
                const double k = one.from + static_cast<double>(at);
                const auto below = static_cast<double>(up_to[at]);
                const auto above = static_cast<double>(beyond[at + 1]);
                if (below > 1e-250) {
                    QVERIFY2(near(at_most(one.d, k), below, 1e-10), one.name);
                }
                if (above > 1e-250 && (ends || k < 0.7 * one.to)) { // else what is beyond the last term counts
                    QVERIFY2(near(more_than(one.d, k), above, 1e-9), one.name);
                }
                QCOMPARE(less_than(one.d, k + 1), at_most(one.d, k));
                QCOMPARE(at_least(one.d, k + 1), more_than(one.d, k));
                QVERIFY(near(at_most(one.d, k) + more_than(one.d, k), 1, 1e-12));
                ++compared;
            }
        }
        QVERIFY(compared > 400);
    }

    void densities_have_the_area_and_moments_that_are_told() {
        for (const Named& one : continuous) {
            const auto f = [&one](double x) {
                const double result = density(one.d, std::clamp(x, one.from, one.to));
                return std::isfinite(result) ? result : 0;
            };
            QVERIFY2(near(integral(f, one.from, one.to), 1, 2e-7), one.name);
            const double mean = integral([&f](double x) { return x * f(x); }, one.from, one.to);
            QVERIFY2(std::fabs(mean - mean_of(one.d)) < 1e-6 * (1 + std::fabs(mean)), one.name);
            const double variance =
                integral([&f, mean](double x) { return (x - mean) * (x - mean) * f(x); }, one.from, one.to);
            QVERIFY2(near(variance, variance_of(one.d), 2e-4), one.name);
        }
    }

    void tails_are_areas() {
        int compared = 0;
        for (const Named& one : continuous) {
            const auto f = [&one](double x) {
                const double result = density(one.d, std::clamp(x, one.from, one.to));
                return std::isfinite(result) ? result : 0;
            };
            double last = 0;
            for (const double p : {0.001, 0.05, 0.3, 0.5, 0.8, 0.99, 0.9999}) {
                const double x = quantile(one.d, p);
                QVERIFY2(near(at_most(one.d, x), p, 1e-10), one.name);
                QVERIFY2(near(more_than(one.d, x), 1 - p, 1e-8), one.name);
                QVERIFY2(near(integral(f, one.from, x), p, 2e-6), one.name);
                QVERIFY(x > last || p == 0.001);
                last = x;
                ++compared;
            }
            QVERIFY(near(between(one.d, quantile(one.d, 0.2), quantile(one.d, 0.7)), 0.5, 1e-9));
        }
        QCOMPARE(compared, 56);
    }

    void draws_follow_their_distribution() {
        for (const auto* list : {&discrete, &continuous}) {
            for (const Named& one : *list) {
                constexpr int draws = 4000;
                long double sum = 0;
                for (int key = 0; key < draws; ++key) {
                    const double x = draw_number(one.d, mixed(20261126, static_cast<std::uint64_t>(key)));
                    QVERIFY2(std::isfinite(x) && x >= one.from - 1e4 && x <= one.to + 1e4, one.name);
                    sum += x;
                }
                const double error = std::sqrt(variance_of(one.d) / draws);
                QVERIFY2(std::fabs(static_cast<double>(sum) / draws - mean_of(one.d)) <= 5 * error + 1e-12, one.name);
                QCOMPARE(draw_number(one.d, 7), draw_number(one.d, 7));
            }
        }
    }

    /// Against Pascal's triangle in whole numbers of 128 bits.
    void numbers_of_ways() {
        std::vector<unsigned __int128> row = {1};
        int exact = 0;
        for (int n = 0; n <= 120; ++n) {
            for (int k = 0; k <= n; ++k) {
                const auto wanted = static_cast<double>(row[static_cast<std::size_t>(k)]);
                const double ways = choose(n, k);
                if (wanted < 9007199254740992.0) {
                    QCOMPARE(ways, wanted);
                    ++exact;
                } else {
                    QVERIFY(near(ways, wanted, 3e-16));
                }
            }
            std::vector<unsigned __int128> next(row.size() + 1, 1);
            for (std::size_t k = 1; k < row.size(); ++k) {
                next[k] = row[k - 1] + row[k];
            }
            row = next;
        }
        QVERIFY(exact > 2500);
        QVERIFY(std::isinf(choose(1031, 515)) && std::isfinite(choose(1029, 514)));
        QVERIFY(std::isnan(choose(2.5, 1)) && std::isnan(choose(-1, 0)) && std::isnan(factorial(-1)));
        QCOMPARE(choose(3, 4), 0.0);
        QCOMPARE(arrange(5, 2), 20.0);
        QVERIFY(std::isinf(arrange(1e15, 40)) && std::isinf(factorial(171)));
    }
};

LEDGEFALL_TEST(TestDistributions)
#include "test_distributions.moc"
