// What is made of distributions: critical regions, tables of probabilities, approximations, fits to counts.

#include "core/study/builders/distribution_tables.h"
#include "harness/test_program.h"
#include "working.h"

#include <cmath>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

double held(const Study& study, const ResultsPtr& results, const std::string& name) {
    const HeldValue* value = study.held_named(name);
    const Value result = value == nullptr ? Value::missing() : results->single(value->id);
    return result.plain() ? result.number() : std::nan("");
}

/// C(n, k) p^k (1 − p)^(n − k), factor by factor.
double binomial(int n, double p, int k) {
    double chance = 1;
    for (int at = 1; at <= k; ++at) {
        chance *= p * (n - k + at) / at;
    }
    return chance * std::pow(1 - p, n - k);
}

} // namespace

class TestDistributionTables : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void a_critical_region_has_its_ends_and_its_size() {
        const Study large = *critical_region(Study(), "binomial(20, 0.5)", 0.05, CriticalSide::large);
        const auto results = compute(large);
        QCOMPARE(held(large, results, "critical_from"), 15.0); // P(X ≥ 15) = 0.0207, P(X ≥ 14) = 0.0577
        double tail = 0;
        for (int k = 15; k <= 20; ++k) {
            tail += binomial(20, 0.5, k);
        }
        QVERIFY(near(held(large, results, "actual_size"), tail, 1e-12));
        QVERIFY(large.held_named("D") != nullptr);
        const Study both = *critical_region(large, "D", 0.05, CriticalSide::both);
        const auto then = compute(both);
        QCOMPARE(both.ledge.size(), large.ledge.size() + 4); // D is held already
        QCOMPARE(held(both, then, "critical_up_to"), 5.0);
        QVERIFY(near(held(both, then, "actual_size_2"), 2 * tail, 1e-12));
        QVERIFY(!critical_region(Study(), "D", 0, CriticalSide::small));
        QVERIFY(!critical_region(Study(), "binomial(", 0.05, CriticalSide::small));
        const Study none = *critical_region(Study(), "binomial(3, 0.5)", 0.05, CriticalSide::small);
        QVERIFY(compute(none)->single(none.held_named("critical_up_to")->id).is_fault());
    }

    void tables_of_probabilities_and_their_approximation() {
        Id table;
        const Study exact = *probability_table(Study(), "binomial(10, 0.3)", &table);
        const auto results = compute(exact);
        const auto cell = [&](const char* name, std::size_t row) {
            return results->cell(exact.table(table)->column_named(name)->id, row).number();
        };
        QCOMPARE(cell("k", 0), 0.0);
        for (std::size_t row = 0; row < results->rows(table); ++row) {
            QVERIFY(near(cell("p", row), binomial(10, 0.3, static_cast<int>(row)), 1e-12));
            QVERIFY(near(cell("up_to", row) + cell("from_k", row) - cell("p", row), 1, 1e-12));
        }
        Id other;
        const Study beside = *approximation_table(Study(), "binomial(40, 0.4)", &other);
        const auto then = compute(beside);
        const Id error = beside.table(other)->column_named("error")->id;
        double largest = 0;
        double below = 0;
        int k = 0;
        for (std::size_t row = 0; row < then->rows(other); ++row) {
            const double at = then->cell(beside.table(other)->column_named("k")->id, row).number();
            for (; k <= static_cast<int>(at); ++k) {
                below += binomial(40, 0.4, k);
            }
            const double normal = 0.5 * std::erfc(-(at + 0.5 - 16) / std::sqrt(2 * 9.6));
            QVERIFY(std::fabs(then->cell(error, row).number() - (normal - below)) < 1e-10);
            largest = std::max(largest, std::fabs(normal - below));
        }
        QVERIFY(largest > 0.001 && largest < 0.01);
    }

    void counts_are_fitted_by_a_mean_or_a_probability() {
        Bench bench;
        bench.numbers("x", {0, 1, 2, 3, 4}).numbers("f", {10, 18, 14, 6, 2});
        Id expected;
        bench.take(fit_counts(bench.study, bench.id("x"), bench.id("f"), FittedFamily::poisson, &expected));
        const double mean = (18 + 28 + 18 + 8) / 50.0;
        for (int k = 0; k <= 4; ++k) {
            const double wanted = 50 * std::exp(-mean) * std::pow(mean, k) / std::tgamma(k + 1);
            QVERIFY(near(bench.results->cell(expected, static_cast<std::size_t>(k)).number(), wanted, 1e-12));
        }
        bench.take(fit_counts(bench.study, bench.id("x"), bench.id("f"), FittedFamily::binomial, &expected));
        for (int k = 0; k <= 4; ++k) {
            QVERIFY(near(bench.results->cell(expected, static_cast<std::size_t>(k)).number(),
                         50 * binomial(4, mean / 4, k), 1e-12));
        }
        QVERIFY(!fit_counts(bench.study, bench.id("x"), bench.id("x"), FittedFamily::poisson));
    }
};

LEDGEFALL_TEST(TestDistributionTables)
#include "test_distribution_tables.moc"
