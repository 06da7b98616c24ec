// Two-way tables of 1,000 by 1,000 cells, and counts of pairs.

#include "bench.h"
#include "core/study/builders/contingency.h"
#include "core/study/edits/edit_grid.h"

#include <array>
#include <cmath>

namespace ledgefall::benchmarks {
namespace {

constexpr std::size_t side = 1000;

/// A two-way table with layers, and foot lines of the first.
Study grid(const std::vector<std::string>& layers, const std::vector<std::string>& feet = {}) {
    Study study;
    Id table;
    study = *hold(study, Id(), "pay = 40");
    study = *hold(study, Id(), "k = 0.2");
    study = *add_two_way_table(study, "Grid", {"a", "", "", "0.001..1 by 0.001"}, {"b", "", "", "1..1000"}, &table);
    for (const std::string& layer : layers) {
        study = *write_column(study, table, layer);
    }
    for (const std::string& foot : feet) {
        study = *define_foot_line(study, table, foot, {study.table(table)->columns.front()->id});
    }
    return study;
}

/// A sum that keeps what rounding loses, as the engine's do.
struct Sum {
    double sum = 0, lost = 0;
    void add(double x) {
        const double next = sum + x;
        lost += std::fabs(sum) >= std::fabs(x) ? (sum - next) + x : (x - next) + sum;
        sum = next;
    }
    double value() const { return sum + lost; }
};

void computed(benchmark::State& state) {
    by_ledgefall(state, grid({"value = pay * ((1 + a)^b - 1) / a"}));
}

void worked_by_hand(benchmark::State& state) {
    for (auto _ : state) {
        std::vector<double> cells(side * side);
        for (std::size_t row = 0; row < side; ++row) {
            const double rate = 0.001 * static_cast<double>(row + 1);
            for (std::size_t column = 0; column < side; ++column) {
                cells[row * side + column] = 40 * (std::pow(1 + rate, static_cast<double>(column + 1)) - 1) / rate;
            }
        }
        benchmark::DoNotOptimize(cells.data());
    }
}

/// Only the sums: what they are of is there before, and they are computed anew for another `k`.
void sums(benchmark::State& state) {
    Study study = grid({"value = a * b"}, {"total = sum(each) * k"});
    ResultsPtr results = compute(study);
    double k = 0.3;
    for (auto _ : state) {
        study = *give_held(study, study.ledge.back()->id, Value::number(k += 0.001));
        results = compute(study, results);
        benchmark::DoNotOptimize(results.get());
    }
}

void sums_by_hand(benchmark::State& state) {
    std::vector<double> cells(side * side);
    for (std::size_t at = 0; at < cells.size(); ++at) {
        cells[at] = static_cast<double>(at / side + 1) * 0.001 * static_cast<double>(at % side + 1);
    }
    for (auto _ : state) {
        std::vector<Sum> of_rows(side);
        std::vector<Sum> of_columns(side);
        Sum all;
        for (std::size_t row = 0; row < side; ++row) {
            for (std::size_t column = 0; column < side; ++column) {
                const double cell = cells[row * side + column];
                of_rows[row].add(cell);
                of_columns[column].add(cell);
                all.add(cell);
            }
        }
        benchmark::DoNotOptimize(of_rows.data());
        benchmark::DoNotOptimize(of_columns.data());
        benchmark::DoNotOptimize(all);
    }
}

void rod(benchmark::State& state) {
    by_ledgefall(state,
                 grid({"u = first if 400 < b < 600 then 100 else 0 then u[i-1, j] + k * (default(u[i-1, j-1], 0) "
                       "- 2 * u[i-1, j] + default(u[i-1, j+1], 0))"}));
}

void rod_by_hand(benchmark::State& state) {
    for (auto _ : state) {
        std::vector<double> u(side * side);
        for (std::size_t column = 0; column < side; ++column) {
            u[column] = column + 1 > 400 && column + 1 < 600 ? 100 : 0;
        }
        for (std::size_t row = 1; row < side; ++row) {
            const double* before = u.data() + (row - 1) * side;
            double* now = u.data() + row * side;
            for (std::size_t column = 0; column < side; ++column) {
                const double left = column == 0 ? 0 : before[column - 1];
                const double right = column + 1 == side ? 0 : before[column + 1];
                now[column] = before[column] + 0.2 * (left - 2 * before[column] + right);
            }
        }
        benchmark::DoNotOptimize(u.data());
    }
}

constexpr std::size_t sites = 12, kinds = 40;

std::size_t site_of(std::size_t row) {
    return static_cast<std::size_t>(x()[row] * 1000) % sites;
}
std::size_t kind_of_catch(std::size_t row) {
    return static_cast<std::size_t>(y()[row] * 1000) % kinds;
}

void pairs(benchmark::State& state) {
    std::vector<Value> site;
    std::vector<Value> kind;
    for (std::size_t row = 0; row < rows; ++row) {
        site.push_back(Value::text(Text("site " + std::to_string(site_of(row)))));
        kind.push_back(Value::text(Text("kind " + std::to_string(kind_of_catch(row)))));
    }
    Study study;
    Id table;
    std::vector<Id> columns;
    study = *add_table(study, "Data", &table);
    study = *add_columns(
        study, table,
        {{"site", "site", "", Column::of(Kind::text, site)}, {"kind", "kind", "", Column::of(Kind::text, kind)}},
        &columns);
    Id made;
    study = *add_two_way_table(study, "Pairs", {"s", "", "", "Data.site"}, {"c", "", "", "Data.kind"}, &made);
    study = *write_column(study, made, "n = count(Data.site = s and Data.kind = c)");
    by_ledgefall(state, study);
}

/// One pass that finds the place of each text's number and counts.
void pairs_by_hand(benchmark::State& state) {
    std::vector<std::uint64_t> site(rows);
    std::vector<std::uint64_t> kind(rows);
    for (std::size_t row = 0; row < rows; ++row) {
        site[row] = 0x9E3779B97F4A7C15U * (site_of(row) + 1);
        kind[row] = 0xC2B2AE3D27D4EB4FU * (kind_of_catch(row) + 1);
    }
    for (auto _ : state) {
        std::unordered_map<std::uint64_t, std::size_t> known_sites;
        std::unordered_map<std::uint64_t, std::size_t> known_kinds;
        std::vector<std::size_t> counts(sites * kinds);
        for (std::size_t row = 0; row < rows; ++row) {
            const std::size_t s = known_sites.try_emplace(site[row], known_sites.size()).first->second;
            const std::size_t c = known_kinds.try_emplace(kind[row], known_kinds.size()).first->second;
            ++counts[s * kinds + c];
        }
        benchmark::DoNotOptimize(counts.data());
    }
}

} // namespace

void register_grids() {
    pair_side("grid/ledgefall", &computed);
    pair_side("grid/by_hand", &worked_by_hand);
    pair_side("grid_sums/ledgefall", &sums);
    pair_side("grid_sums/by_hand", &sums_by_hand);
    pair_side("rod/ledgefall", &rod);
    pair_side("rod/by_hand", &rod_by_hand);
    pair_side("pairs/ledgefall", &pairs);
    pair_side("pairs/by_hand", &pairs_by_hand);
}

} // namespace ledgefall::benchmarks
