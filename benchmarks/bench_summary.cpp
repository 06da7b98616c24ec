// A summary of columns, and the counts of a column in classes while their width is dragged.

#include "bench.h"
#include "core/stats/classing.h"
#include "core/study/builders/summary.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace ledgefall::benchmarks {
namespace {

constexpr std::size_t columns_of_summary = 6;

const std::vector<std::vector<double>>& six_columns() {
    static const std::vector<std::vector<double>> columns = [] {
        std::vector<std::vector<double>> result;
        for (unsigned seed = 11; result.size() < columns_of_summary; ++seed) {
            result.push_back(some_numbers(seed));
        }
        return result;
    }();
    return columns;
}

/// Twelve measures of six columns, in a table of their own.
Study summary() {
    Study study;
    Id table;
    study = *add_table(study, "Data", &table);
    SummaryRequest request;
    for (std::size_t at = 0; at < columns_of_summary; ++at) {
        std::vector<Id> added;
        const std::string name = "x" + std::to_string(at);
        study = *add_columns(study, table, {{name, name, "", Column::numbers(six_columns()[at])}}, &added);
        request.columns.push_back(added.front());
    }
    request.measures = {"n",       "total", "avg",    "sd_sample", "sd_whole", "std_error",
                        "lower_q", "least", "middle", "upper_q",   "most",     "spread"};
    return *summary_table(study, request);
}

/// The same by loops: two passes for the spread, and the quartiles by selection in one copy.
void summary_by_hand(benchmark::State& state) {
    for (auto _ : state) {
        std::vector<double> results;
        for (const std::vector<double>& column : six_columns()) {
            const auto n = static_cast<double>(column.size());
            double sum = 0;
            double least = column.front();
            double most = column.front();
            for (const double value : column) {
                sum += value;
                least = std::min(least, value);
                most = std::max(most, value);
            }
            double squares = 0;
            for (const double value : column) {
                squares += (value - sum / n) * (value - sum / n);
            }
            const double sd = std::sqrt(squares / (n - 1));
            results.insert(results.end(),
                           {n, sum, sum / n, sd, std::sqrt(squares / n), sd / std::sqrt(n), least, most, most - least});
            std::vector<double> values = column;
            auto from = values.begin();
            for (const double p : {0.25, 0.5, 0.75}) {
                const double place = p * (n - 1);
                const auto at = values.begin() + static_cast<std::ptrdiff_t>(place);
                std::nth_element(from, at, values.end());
                const double above = *std::min_element(at + 1, values.end());
                results.push_back(*at + (place - std::floor(place)) * (above - *at));
                from = at;
            }
        }
        benchmark::DoNotOptimize(results.data());
    }
}

/// One step of a drag: classes of a width that cover the values, and their counts.
void recount(benchmark::State& state) {
    const Column cells = Column::numbers(x());
    double width = 2;
    for (auto _ : state) {
        width = width > 9 ? 2 : width + 0.25;
        const auto covered = cover_with_classes(cells, 0, width, true);
        const ClassCounts counts = count_in_classes(cells, boundaries_of(*covered), true, false, false);
        benchmark::DoNotOptimize(counts.counts.data());
    }
}

void recount_by_hand(benchmark::State& state) {
    double width = 2;
    for (auto _ : state) {
        width = width > 9 ? 2 : width + 0.25;
        std::vector<std::size_t> counts(static_cast<std::size_t>(100 / width) + 1);
        for (const double value : x()) {
            ++counts[static_cast<std::size_t>(value / width)];
        }
        benchmark::DoNotOptimize(counts.data());
    }
}

} // namespace

void register_summary() {
    pair_side("summary/ledgefall", [](benchmark::State& state) { by_ledgefall(state, summary()); });
    pair_side("summary/by_hand", &summary_by_hand);
    pair_side("class_drag/ledgefall", &recount);
    pair_side("class_drag/by_hand", &recount_by_hand);
}

} // namespace ledgefall::benchmarks
