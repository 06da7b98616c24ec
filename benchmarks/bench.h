#pragma once

#include "core/engine/running/results.h"
#include "core/study/edits/edits.h"

#include <benchmark/benchmark.h>

#include <random>
#include <string>
#include <vector>

namespace ledgefall::benchmarks {

/// How many rows a benchmark has; `--rows N` on the command line changes it, to see how the cost grows.
inline std::size_t rows = 1'000'000;

inline std::vector<double> some_numbers(unsigned seed) {
    std::mt19937_64 engine(seed);
    std::uniform_real_distribution<double> spread(0.5, 99.5);
    std::vector<double> numbers(rows);
    for (double& number : numbers) {
        number = spread(engine);
    }
    return numbers;
}

inline const std::vector<double>& x() {
    static const std::vector<double> numbers = some_numbers(1);
    return numbers;
}

inline const std::vector<double>& y() {
    static const std::vector<double> numbers = some_numbers(2);
    return numbers;
}

/// A table Data of x and y with further columns, and held values on its ledge.
inline Study study_with(const std::vector<std::string>& columns, const std::vector<std::string>& held = {}) {
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
inline void by_ledgefall(benchmark::State& state, const Study& study) {
    for (auto _ : state) {
        benchmark::DoNotOptimize(compute(study));
    }
}

/// Does work by hand that fills a column.
template <class Work>
void by_hand(benchmark::State& state, Work work) {
    for (auto _ : state) {
        std::vector<double> z(rows);
        work(z);
        benchmark::DoNotOptimize(z.data());
        benchmark::ClobberMemory();
    }
}

template <class Run>
void pair_side(const std::string& name, Run run) {
    benchmark::RegisterBenchmark(name.c_str(), run)->Unit(benchmark::kMillisecond);
}

void register_columns();
void register_measures();
void register_sequences();
void register_summary();
void register_charts();
void register_grids();
void register_files();

} // namespace ledgefall::benchmarks
