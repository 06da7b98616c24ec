// Measures: of whole columns, running, in windows, and counts within limits.

#include "bench.h"

#include <algorithm>
#include <cmath>

namespace ledgefall::benchmarks {
namespace {

void mean_sd_by_hand(benchmark::State& state) {
    for (auto _ : state) {
        double sum = 0;
        for (const double value : x()) {
            sum += value;
        }
        const double mean = sum / static_cast<double>(rows);
        double squares = 0;
        for (const double value : x()) {
            squares += (value - mean) * (value - mean);
        }
        double sd = std::sqrt(squares / static_cast<double>(rows - 1));
        benchmark::DoNotOptimize(sd);
    }
}

/// The three quartiles, each from a copy of its own, as the three held values are.
void quartiles_by_hand(benchmark::State& state) {
    for (auto _ : state) {
        for (const double p : {0.25, 0.5, 0.75}) {
            std::vector<double> values = x();
            const double place = p * static_cast<double>(rows - 1);
            const auto at = values.begin() + static_cast<std::ptrdiff_t>(place);
            std::nth_element(values.begin(), at, values.end());
            const double above = *std::min_element(at + 1, values.end());
            double quartile = *at + (place - std::floor(place)) * (above - *at);
            benchmark::DoNotOptimize(quartile);
        }
    }
}

Study classes() {
    Study study = study_with({});
    Id table;
    study = *add_table(study, "Classes", &table);
    study = *count_rows(study, table, "40");
    study = *write_column(study, table, "lower = (row - 1) * 2.5");
    study = *write_column(study, table, "upper = lower + 2.5");
    return *write_column(study, table, "f = count(lower <= Data.x < upper)");
}

void class_counts_by_hand(benchmark::State& state) {
    for (auto _ : state) {
        std::vector<double> counts(40);
        for (const double value : x()) {
            const auto number = static_cast<std::ptrdiff_t>(value / 2.5);
            if (number >= 0 && number < 40) {
                ++counts[static_cast<std::size_t>(number)];
            }
        }
        benchmark::DoNotOptimize(counts.data());
        benchmark::ClobberMemory();
    }
}

} // namespace

void register_measures() {
    pair_side("mean_sd/ledgefall", [](benchmark::State& state) {
        by_ledgefall(state, study_with({}, {"m = mean(x)", "s = sd(x)"}));
    });
    pair_side("mean_sd/by_hand", &mean_sd_by_hand);
    pair_side("quartiles/ledgefall", [](benchmark::State& state) {
        by_ledgefall(state, study_with({}, {"a = q1(x)", "b = median(x)", "c = q3(x)"}));
    });
    pair_side("quartiles/by_hand", &quartiles_by_hand);
    pair_side("running_total/ledgefall",
              [](benchmark::State& state) { by_ledgefall(state, study_with({"z = sum(x[1..i])"})); });
    pair_side("running_total/by_hand", [](benchmark::State& state) {
        by_hand(state, [xs = x().data()](std::vector<double>& z) {
            double sum = 0;
            for (std::size_t row = 0; row < rows; ++row) {
                z[row] = sum += xs[row];
            }
        });
    });
    pair_side("moving_mean/ledgefall",
              [](benchmark::State& state) { by_ledgefall(state, study_with({"z = mean(x[i-24..i])"})); });
    pair_side("moving_mean/by_hand", [](benchmark::State& state) {
        by_hand(state, [xs = x().data()](std::vector<double>& z) {
            double sum = 0;
            for (std::size_t row = 0; row < rows; ++row) {
                sum += xs[row];
                sum -= row >= 25 ? xs[row - 25] : 0;
                z[row] = sum / static_cast<double>(std::min<std::size_t>(row + 1, 25));
            }
        });
    });
    pair_side("rank_count/ledgefall",
              [](benchmark::State& state) { by_ledgefall(state, study_with({"z = count(x < x[i])"})); });
    pair_side("rank_count/by_hand", [](benchmark::State& state) {
        by_hand(state, [xs = x().data()](std::vector<double>& z) {
            std::vector<double> sorted = x();
            std::sort(sorted.begin(), sorted.end());
            for (std::size_t row = 0; row < rows; ++row) {
                z[row] = static_cast<double>(std::lower_bound(sorted.begin(), sorted.end(), xs[row]) - sorted.begin());
            }
        });
    });
    pair_side("class_counts/ledgefall", [](benchmark::State& state) { by_ledgefall(state, classes()); });
    pair_side("class_counts/by_hand", &class_counts_by_hand);
}

} // namespace ledgefall::benchmarks
