// Columns that need each other's earlier rows.

#include "bench.h"

#include <cmath>

namespace ledgefall::benchmarks {
namespace {

/// A puck that a centre draws: eight columns, each from the row before.
Study puck(std::size_t steps) {
    Study study;
    Id table;
    study = *add_table(study, "Data", &table);
    study = *count_rows(study, table, std::to_string(steps));
    for (const char* held : {"dt = 0.001", "G = 4"}) {
        study = *hold(study, table, held);
    }
    for (const char* column : {"t = first 0 then t[i-1] + dt", "px = first 1 then px[i-1] + vx[i-1] * dt",
                               "py = first 0 then py[i-1] + vy[i-1] * dt", "r = sqrt(px^2 + py^2)",
                               "ax = -G * px / r^3", "ay = -G * py / r^3", "vx = first 0 then vx[i-1] + ax[i-1] * dt",
                               "vy = first 2 then vy[i-1] + ay[i-1] * dt"}) {
        study = *write_column(study, table, column);
    }
    return study;
}

constexpr std::size_t trial_steps = 10'000, trials = 200;

double pull_of(std::size_t trial) {
    return 3 + static_cast<double>(trial) / 100;
}

/// How far the puck comes under each of many pulls: one what-if for each row.
void tried_pulls(benchmark::State& state) {
    std::vector<double> pulls(trials);
    for (std::size_t trial = 0; trial < trials; ++trial) {
        pulls[trial] = pull_of(trial);
    }
    Study study = puck(trial_steps);
    Id table;
    study = *hold(study, Id(), "pull = 4");
    study = *hold(study, study.tables.front()->id, "G = pull");
    study = *add_table(study, "Trials", &table);
    study = *add_columns(study, table, {{"p", "p", "", Column::numbers(pulls)}});
    study = *write_column(study, table, "far = max(Data.r) with pull = p");
    by_ledgefall(state, study);
}

/// The same as that many runs of the recurrence, each of a study in which the pull is held.
void runs_of_pulls(benchmark::State& state) {
    Study study = puck(trial_steps);
    Id pull;
    study = *hold(study, study.tables.front()->id, "G = 4", &pull);
    for (auto _ : state) {
        for (std::size_t trial = 0; trial < trials; ++trial) {
            benchmark::DoNotOptimize(compute(*give_held(study, pull, Value::number(pull_of(trial)))));
        }
    }
}

void central_force_by_hand(benchmark::State& state) {
    for (auto _ : state) {
        const double dt = 0.001;
        const double pull = 4;
        std::vector<double> t(rows), px(rows), py(rows), r(rows), ax(rows), ay(rows), vx(rows), vy(rows);
        for (std::size_t row = 0; row < rows; ++row) {
            if (row == 0) {
                px[0] = 1;
                vy[0] = 2;
            } else {
                t[row] = t[row - 1] + dt;
                px[row] = px[row - 1] + vx[row - 1] * dt;
                py[row] = py[row - 1] + vy[row - 1] * dt;
                vx[row] = vx[row - 1] + ax[row - 1] * dt;
                vy[row] = vy[row - 1] + ay[row - 1] * dt;
            }
            r[row] = std::sqrt(px[row] * px[row] + py[row] * py[row]);
            ax[row] = -pull * px[row] / (r[row] * r[row] * r[row]);
            ay[row] = -pull * py[row] / (r[row] * r[row] * r[row]);
        }
        benchmark::DoNotOptimize(py.data());
        benchmark::ClobberMemory();
    }
}

} // namespace

void register_sequences() {
    pair_side("central_force/ledgefall", [](benchmark::State& state) { by_ledgefall(state, puck(rows)); });
    pair_side("central_force/by_hand", &central_force_by_hand);
    pair_side("what_if/ledgefall", &tried_pulls);
    pair_side("what_if/by_hand", &runs_of_pulls);
    pair_side("growth/ledgefall", [](benchmark::State& state) {
        by_ledgefall(state, study_with({"z = first 100 then z[i-1] * 0.5 + x"}));
    });
    pair_side("growth/by_hand", [](benchmark::State& state) {
        by_hand(state, [xs = x().data()](std::vector<double>& z) {
            z[0] = 100;
            for (std::size_t row = 1; row < rows; ++row) {
                z[row] = z[row - 1] * 0.5 + xs[row];
            }
        });
    });
}

} // namespace ledgefall::benchmarks
