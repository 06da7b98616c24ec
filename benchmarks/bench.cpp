// The engine beside the same work written by hand, in one run, so that the figure is a ratio:
// NAME/ledgefall over NAME/by_hand. Both give a column or a value into memory of their own each time.

#include "core/engine/memory.h"
#include "core/engine/results.h"
#include "core/study/edits.h"

#include <benchmark/benchmark.h>

#include <cmath>
#include <random>
#include <vector>

namespace {

using namespace ledgefall;

constexpr std::size_t rows = 1'000'000;

std::vector<double> some_numbers(unsigned seed) {
    std::mt19937_64 engine(seed);
    std::uniform_real_distribution<double> spread(0.5, 99.5);
    std::vector<double> numbers(rows);
    for (double& number : numbers) {
        number = spread(engine);
    }
    return numbers;
}

const std::vector<double>& x() {
    static const std::vector<double> numbers = some_numbers(1);
    return numbers;
}

const std::vector<double>& y() {
    static const std::vector<double> numbers = some_numbers(2);
    return numbers;
}

/// A table of x and y with further columns, and held values on the ledge.
Study study_with(const std::vector<std::string>& columns, const std::vector<std::string>& held) {
    Study study;
    Id table;
    study = *add_table(study, "Data", &table);
    study = *add_columns(study, table, {{"x", "x", "", Column::numbers(x())}, {"y", "y", "", Column::numbers(y())}});
    for (const std::string& definition : held) {
        study = *hold(study, table, definition);
    }
    for (const std::string& definition : columns) {
        study = *write_column(study, table, definition);
    }
    return study;
}

/// Works a study out from nothing each time; its plan is made each time too.
void by_ledgefall(benchmark::State& state, const Study& study) {
    for (auto _ : state) {
        benchmark::DoNotOptimize(compute(study));
    }
}

void poly_ledgefall(benchmark::State& state) {
    by_ledgefall(state, study_with({"z = x^2 + y^3"}, {}));
}

void poly_by_hand(benchmark::State& state) {
    for (auto _ : state) {
        const std::vector<double>& a = x();
        const std::vector<double>& b = y();
        std::vector<double> z(rows);
        for (std::size_t row = 0; row < rows; ++row) {
            z[row] = a[row] * a[row] + b[row] * b[row] * b[row];
        }
        benchmark::DoNotOptimize(z.data());
        benchmark::ClobberMemory();
    }
}

void mean_sd_ledgefall(benchmark::State& state) {
    by_ledgefall(state, study_with({}, {"m = mean(x)", "s = sd(x)"}));
}

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

void share_ledgefall(benchmark::State& state) {
    by_ledgefall(state, study_with({"z = x / sum(x)"}, {}));
}

void share_by_hand(benchmark::State& state) {
    for (auto _ : state) {
        const std::vector<double>& a = x();
        std::vector<double> z(rows);
        double sum = 0;
        for (const double value : a) {
            sum += value;
        }
        for (std::size_t row = 0; row < rows; ++row) {
            z[row] = a[row] / sum;
        }
        benchmark::DoNotOptimize(z.data());
        benchmark::ClobberMemory();
    }
}

} // namespace

BENCHMARK(poly_ledgefall)->Name("poly/ledgefall")->Unit(benchmark::kMillisecond);
BENCHMARK(poly_by_hand)->Name("poly/by_hand")->Unit(benchmark::kMillisecond);
BENCHMARK(mean_sd_ledgefall)->Name("mean_sd/ledgefall")->Unit(benchmark::kMillisecond);
BENCHMARK(mean_sd_by_hand)->Name("mean_sd/by_hand")->Unit(benchmark::kMillisecond);
BENCHMARK(share_ledgefall)->Name("share/ledgefall")->Unit(benchmark::kMillisecond);
BENCHMARK(share_by_hand)->Name("share/by_hand")->Unit(benchmark::kMillisecond);

int main(int count, char** arguments) {
    keep_memory_at_hand(); // for both sides alike
    benchmark::Initialize(&count, arguments);
    benchmark::RunSpecifiedBenchmarks();
    return 0;
}
