// Columns whose rows need nothing of each other, and a held value that changes under them.

#include "bench.h"

#include <cmath>

namespace ledgefall::benchmarks {
namespace {

/// One held value changes under six dependent columns: from the study to results, what does not depend on it taken
/// over.
void held_change_ledgefall(benchmark::State& state) {
    Study study = study_with(
        {"a = x * h", "b = a + y", "c = a - y", "d = b * c", "f = sqrt(abs(d))", "g = f / h", "u = x + y"}, {"h = 2"});
    const Id table = study.tables.front()->id;
    ResultsPtr results = compute(study);
    int turn = 0;
    for (auto _ : state) {
        study = *hold(study, table, "h = " + std::to_string(2 + ++turn % 100));
        results = compute(study, results);
        benchmark::DoNotOptimize(results);
    }
}

void held_change_by_hand(benchmark::State& state) {
    double h = 2;
    std::vector<double> columns[6];
    for (auto _ : state) {
        h = h < 100 ? h + 1 : 2;
        for (auto& column : columns) {
            column = std::vector<double>(rows);
        }
        auto& [a, b, c, d, f, g] = columns;
        const double* xs = x().data();
        const double* ys = y().data();
        const auto fill = [](std::vector<double>& column, auto formula) {
            for (std::size_t row = 0; row < rows; ++row) {
                column[row] = formula(row);
            }
        };
        fill(a, [&](std::size_t row) { return xs[row] * h; });
        fill(b, [&](std::size_t row) { return a[row] + ys[row]; });
        fill(c, [&](std::size_t row) { return a[row] - ys[row]; });
        fill(d, [&](std::size_t row) { return b[row] * c[row]; });
        fill(f, [&](std::size_t row) { return std::sqrt(std::fabs(d[row])); });
        fill(g, [&](std::size_t row) { return f[row] / h; });
        benchmark::ClobberMemory();
    }
}

} // namespace

void register_columns() {
    pair_side("poly/ledgefall", [](benchmark::State& state) { by_ledgefall(state, study_with({"z = x^2 + y^3"})); });
    pair_side("poly/by_hand", [](benchmark::State& state) {
        by_hand(state, [xs = x().data(), ys = y().data()](std::vector<double>& z) {
            for (std::size_t row = 0; row < rows; ++row) {
                z[row] = xs[row] * xs[row] + ys[row] * ys[row] * ys[row];
            }
        });
    });
    pair_side("share/ledgefall", [](benchmark::State& state) { by_ledgefall(state, study_with({"z = x / sum(x)"})); });
    pair_side("share/by_hand", [](benchmark::State& state) {
        by_hand(state, [xs = x().data()](std::vector<double>& z) {
            double sum = 0;
            for (const double value : x()) {
                sum += value;
            }
            for (std::size_t row = 0; row < rows; ++row) {
                z[row] = xs[row] / sum;
            }
        });
    });
    pair_side("p_log_p/ledgefall", [](benchmark::State& state) {
        by_ledgefall(state, study_with({"z = p * ln(p)", "p = x / sum(x)"}));
    });
    pair_side("p_log_p/by_hand", [](benchmark::State& state) {
        by_hand(state, [xs = x().data()](std::vector<double>& z) {
            double sum = 0;
            for (const double value : x()) {
                sum += value;
            }
            std::vector<double> p(rows);
            for (std::size_t row = 0; row < rows; ++row) {
                p[row] = xs[row] / sum;
            }
            for (std::size_t row = 0; row < rows; ++row) {
                z[row] = p[row] * std::log(p[row]);
            }
            benchmark::DoNotOptimize(p.data());
        });
    });
    pair_side("held_change/ledgefall", &held_change_ledgefall);
    pair_side("held_change/by_hand", &held_change_by_hand);
}

} // namespace ledgefall::benchmarks
