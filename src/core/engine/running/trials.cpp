#include "core/engine/running/trials.h"

#include "core/engine/running/computation.h"
#include "core/engine/running/measure_state.h"
#include "core/parallel/parallel.h"

#include <algorithm>
#include <bit>
#include <thread>

namespace ledgefall {
namespace {

constexpr double most_nested = 200'000; ///< trials within trials
constexpr std::size_t most_kept = 64;   ///< trials at once, of which answers are kept

/// What the trials of one call share.
struct Trials {
    const Study& study;
    const std::shared_ptr<const Plan>& plan;
    const Environment& outer;
    const WhatIfCall& call;
    MemoryBudget& memory;
    TrialAnswers& answers;
    std::size_t count;
};

Value answer(const Trials& all, const Trial& trial) {
    const WhatIfCall& call = all.call;
    for (const Value& value : trial.values) {
        if (!value.plain()) {
            return value.is_fault() ? value : Value::missing(call.asked.output_kinds.front());
        }
    }
    const TrialWorld around = all.outer.world() == nullptr ? TrialWorld() : *all.outer.world();
    const TrialWorld world = around.with(call.meant->replaced, trial.values, all.count);
    if (all.outer.world() != nullptr && world.trials > most_nested) {
        return Value::fault({call.too_many, static_cast<std::uint32_t>(trial.row)});
    }
    if (all.count <= most_kept) {
        if (const auto known = all.answers.find(*call.meant, world, trial.row)) {
            return *known;
        }
    }
    const InternScope scope;
    Computation computation(all.study, all.plan, all.outer, all.memory, *call.meant, trial.values, world, all.answers);
    const std::shared_ptr<const Plan>& plan = all.plan;
    const auto groups = plan->trials.find(call.meant.get());
    computation.run_groups(groups == plan->trials.end() ? std::vector<std::size_t>() : groups->second);
    if (computation.stopped()) {
        return Value::missing(call.asked.output_kinds.front());
    }
    start_allowance();
    Runner runner(call.asked, computation);
    runner.start();
    if (call.at_row) {
        runner.run(trial.row - 1, 1);
    }
    const Value last = runner.output_value(0, 0);
    const Value out = last.is_fault() ? last.persistent() : last; // what the trial has interned goes with it
    if (all.count <= most_kept && !computation.stopped()) {
        all.answers.keep(*call.meant, world, trial.row, out);
    }
    return out;
}

} // namespace

TrialWorld TrialWorld::with(const std::vector<DefinitionId>& ids, const std::vector<Value>& values,
                            std::size_t of_trials) const {
    TrialWorld out = *this;
    out.trials *= static_cast<double>(of_trials);
    for (std::size_t at = 0; at < ids.size(); ++at) {
        const auto same = std::find_if(out.replaced.begin(), out.replaced.end(),
                                       [&](const auto& entry) { return entry.first == ids[at]; });
        if (same != out.replaced.end()) {
            same->second = values[at];
        } else {
            out.replaced.emplace_back(ids[at], values[at]);
        }
    }
    const std::hash<DefinitionId> hash;
    std::sort(out.replaced.begin(), out.replaced.end(),
              [&hash](const auto& a, const auto& b) { return hash(a.first) < hash(b.first); });
    return out;
}

bool TrialWorld::replaces(const DefinitionId& id) const {
    return std::any_of(replaced.begin(), replaced.end(), [&id](const auto& entry) { return entry.first == id; });
}

std::size_t TrialAnswers::hash_of(const WhatIfTerm& what_if, const TrialWorld& world, std::size_t row) {
    std::size_t hash = std::hash<const void*>()(&what_if) ^ (row * 0x9E3779B97F4A7C15U);
    for (const auto& [id, value] : world.replaced) {
        hash = hash * 31 +
               (std::hash<DefinitionId>()(id) ^ std::hash<std::uint64_t>()(std::bit_cast<std::uint64_t>(value.slot())));
    }
    return hash;
}

std::optional<Value> TrialAnswers::find(const WhatIfTerm& what_if, const TrialWorld& world, std::size_t row) const {
    const std::lock_guard lock(mutex_);
    const auto [from, to] = answers_.equal_range(hash_of(what_if, world, row));
    for (auto it = from; it != to; ++it) {
        if (it->second.what_if == &what_if && it->second.row == row && it->second.replaced == world.replaced) {
            return it->second.value;
        }
    }
    return std::nullopt;
}

void TrialAnswers::keep(const WhatIfTerm& what_if, const TrialWorld& world, std::size_t row, const Value& answer) {
    constexpr std::size_t most_answers = 100'000;
    const std::lock_guard lock(mutex_);
    if (answers_.size() < most_answers) {
        answers_.emplace(hash_of(what_if, world, row), Answer{&what_if, world.replaced, row, answer});
    }
}

std::vector<Value> answer_trials(const Study& study, const std::shared_ptr<const Plan>& plan, const Environment& outer,
                                 const WhatIfCall& call, const std::vector<Trial>& trials) {
    std::vector<Value> answers(trials.size(), Value::missing(call.asked.output_kinds.front()));
    MemoryBudget memory;
    TrialAnswers own_answers;
    TrialAnswers* const kept = outer.trial_answers();
    const Trials all{study, plan, outer, call, memory, kept == nullptr ? own_answers : *kept, trials.size()};
    parallel_for(trials.size(), [&, asking = std::this_thread::get_id()](std::size_t at) {
        if (std::this_thread::get_id() != asking) {
            start_allowance();
        }
        if (!outer.stopped()) {
            answers[at] = answer(all, trials[at]);
        }
    });
    return answers;
}

} // namespace ledgefall
