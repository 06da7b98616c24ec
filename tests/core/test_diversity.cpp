// Diversity indices against their definitions, computed in long doubles from the counts, and by exact fractions where
// a definition has only whole numbers; for communities of many shapes.

#include "harness/test_program.h"
#include "working.h"

#include <boost/multiprecision/cpp_int.hpp>

#include <numeric>
#include <random>
#include <set>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

using Fraction = boost::multiprecision::cpp_rational;
using Counts = std::vector<double>;

long double sum_of(const Counts& counts, const std::function<long double(long double)>& term) {
    long double sum = 0;
    for (const double n : counts) {
        sum += n > 0 ? term(n) : 0;
    }
    return sum;
}

/// C(all − n, m) / C(all, m), factor by factor.
Fraction chance_of_none(long long all, long long n, long long m) {
    Fraction chance = 1;
    for (long long drawn = 0; drawn < m; ++drawn) {
        chance *= Fraction(std::max(0LL, all - n - drawn), all - drawn);
    }
    return chance;
}

std::vector<Counts> communities() {
    std::vector<Counts> all = {{1, 1},         {5, 0, 0, 3}, {100, 1, 1, 1}, {7, 7, 7, 7, 7}, {1, 2, 3, 4, 5, 6, 7, 8},
                               {1000000, 3, 2}};
    std::mt19937 random(17);
    for (int round = 0; round < 30; ++round) {
        Counts counts;
        for (int species = 0; species < 2 + round; ++species) {
            counts.push_back(static_cast<double>(random() % 60));
        }
        counts.front() += 2;
        counts.back() += 1;
        all.push_back(counts);
    }
    return all;
}

} // namespace

class TestDiversity : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void indices_are_their_definitions() {
        int compared = 0;
        for (const Counts& counts : communities()) {
            Bench bench;
            bench.numbers("n", counts);
            const long double all = std::accumulate(counts.begin(), counts.end(), 0.0L);
            const auto species =
                static_cast<long double>(std::count_if(counts.begin(), counts.end(), [](double n) { return n > 0; }));
            const auto p = [all](long double n) { return n / all; };
            const long double entropy = -sum_of(counts, [&](long double n) { return p(n) * std::log(p(n)); });
            const long double dominance = sum_of(counts, [&](long double n) { return p(n) * p(n); });
            const long double pairs = sum_of(counts, [](long double n) { return n * (n - 1); });
            const std::pair<const char*, long double> wanted[] = {
                {"richness(n)", species},
                {"shannon(n)", entropy},
                {"shannon(n, 2)", entropy / std::log(2.0L)},
                {"dominance(n)", dominance},
                {"inverse_simpson(n)", 1 / dominance},
                {"margalef(n)", (species - 1) / std::log(all)},
                {"menhinick(n)", species / std::sqrt(all)},
                {"berger_parker(n)", *std::max_element(counts.begin(), counts.end()) / all},
                {"hill(n, 0)", species},
                {"hill(n, 1)", std::exp(entropy)},
                {"hill(n, 2)", 1 / dominance},
                {"hill(n, 3)", std::pow(sum_of(counts, [&](long double n) { return std::pow(p(n), 3.0L); }), -0.5L)},
                {"hill(n, 0.5)", std::pow(sum_of(counts, [&](long double n) { return std::sqrt(p(n)); }), 2.0L)},
            };
            for (const auto& [formula, value] : wanted) {
                QVERIFY2(near(bench.number(formula), static_cast<double>(value), 1e-12), formula);
                ++compared;
            }
            QVERIFY(std::fabs(bench.number("gini_simpson(n)") - static_cast<double>(1 - dominance)) < 1e-14);
            QVERIFY(std::fabs(bench.number("simpson_unbiased(n)") -
                              static_cast<double>(1 - pairs / (all * (all - 1)))) < 1e-13);
            // The Hill numbers fall with their order, and from one side of 1 to the other without a step.
            double last = bench.number("hill(n, 0)");
            for (const char* q : {"0.3", "0.9", "0.9999999", "1", "1.0000001", "1.1", "2", "7", "50"}) {
                const double now = bench.number("hill(n, " + std::string(q) + ")");
                QVERIFY2(now <= last * (1 + 1e-12), q);
                last = now;
            }
        }
        QVERIFY(compared > 400);
    }

    void rarefied_by_exact_fractions() {
        int compared = 0;
        for (const Counts& counts : communities()) {
            const auto all = static_cast<long long>(std::accumulate(counts.begin(), counts.end(), 0.0));
            Bench bench;
            bench.numbers("n", counts);
            for (const long long m : {1LL, 2LL, 5LL, std::min(all / 2, 60LL), std::min(all, 90LL)}) {
                if (m > all) {
                    continue;
                }
                Fraction wanted = 0;
                for (const double n : counts) {
                    wanted += n > 0 ? 1 - chance_of_none(all, static_cast<long long>(n), m) : 0;
                }
                QVERIFY(
                    near(bench.number("rarefied(n, " + std::to_string(m) + ")"), wanted.convert_to<double>(), 1e-12));
                ++compared;
            }
        }
        QVERIFY(compared > 120);
    }

    /// By drawing every set of m individuals, and counting the species in each.
    void the_spread_of_rarefaction_by_all_draws() {
        for (const Counts& counts : {Counts{2, 2}, Counts{1, 1, 1}, Counts{4, 0, 2, 1}, Counts{3, 3, 3, 2, 1}}) {
            std::vector<std::size_t> species;
            for (std::size_t at = 0; at < counts.size(); ++at) {
                species.insert(species.end(), static_cast<std::size_t>(counts[at]), at);
            }
            Bench bench;
            bench.numbers("n", counts);
            for (std::size_t m = 0; m <= species.size(); ++m) {
                long long draws = 0;
                long long sum = 0;
                long long squares = 0;
                for (std::size_t set = 0; set < std::size_t{1} << species.size(); ++set) {
                    std::set<std::size_t> seen;
                    std::size_t drawn = 0;
                    for (std::size_t at = 0; at < species.size(); ++at) {
                        if ((set >> at) % 2 == 1) {
                            ++drawn;
                            seen.insert(species[at]);
                        }
                    }
                    if (drawn == m) {
                        const auto found = static_cast<long long>(seen.size());
                        ++draws;
                        sum += found;
                        squares += found * found;
                    }
                }
                const Fraction mean(sum, draws);
                const double variance = (Fraction(squares, draws) - mean * mean).convert_to<double>();
                const std::string size = std::to_string(m);
                QVERIFY(std::fabs(bench.number("rarefied_sd(n, " + size + ")") - std::sqrt(variance)) < 1e-7);
                QVERIFY(near(bench.number("rarefied(n, " + size + ")"), mean.convert_to<double>(), 1e-12));
            }
        }
    }

    void further_indices_by_hand() {
        Bench bench;
        bench.numbers("n", {6, 2, 1, 1});
        const double h = -(0.6 * std::log(0.6) + 0.2 * std::log(0.2) + 0.2 * std::log(0.1));
        const double squares =
            0.6 * std::pow(std::log(0.6), 2) + 0.2 * std::pow(std::log(0.2), 2) + 0.2 * std::pow(std::log(0.1), 2);
        QVERIFY(near(bench.number("shannon_var(n)"), (squares - h * h) / 10 + 3.0 / 200, 1e-13));
        QVERIFY(near(bench.number("simpson_evenness(n)"), 1 / 0.42 / 4, 1e-13));
        QVERIFY(near(bench.number("good_coverage(n)"), 0.8, 1e-14));
        bench.numbers("cover", {0.6, 0.2, 0.1, 0.1});
        for (const char* counts_only : {"shannon_var(cover)", "good_coverage(cover)", "rarefied_sd(cover, 1)"}) {
            QCOMPARE(bench.cause(counts_only), Cause::out_of_domain);
        }
        QVERIFY(near(bench.number("chapman(24, 30, 9)"), 25 * 31 / 10.0 - 1, 1e-14));
        QVERIFY(near(bench.number("chapman_sd(24, 30, 9)"), std::sqrt(25 * 31 * 15 * 21 / (100 * 11.0)), 1e-14));
        QCOMPARE(bench.number("chapman(5, 5, 5)"), 5.0);
        for (const char* wrong : {"chapman(5, 5, 6)", "chapman(5.5, 5, 1)", "chapman(5, 5, -1)"}) {
            QCOMPARE(bench.cause(wrong), Cause::out_of_domain);
        }
    }

    void what_has_no_index_says_so() {
        Bench bench;
        bench.numbers("zeros", {0, 0}).numbers("below", {3, -1}).numbers("none", {std::nan(""), std::nan("")});
        QCOMPARE(bench.number("richness(zeros)"), 0.0);
        for (const char* index : {"shannon", "dominance", "chao1", "brillouin"}) {
            QVERIFY(bench.value(std::string(index) + "(zeros)").is_missing());
            QVERIFY(bench.value(std::string(index) + "(none)").is_missing());
            QCOMPARE(bench.cause(std::string(index) + "(below)"), Cause::out_of_domain);
        }
        bench.numbers("n", {3, 1});
        QCOMPARE(bench.cause("hill(n, -1)"), Cause::out_of_domain);
        QCOMPARE(bench.cause("rarefied(n, 5)"), Cause::out_of_domain);
        QCOMPARE(bench.cause("shannon(n, 1)"), Cause::out_of_domain);
    }
};

LEDGEFALL_TEST(TestDiversity)
#include "test_diversity.moc"
