#include "core/engine/running/trials.h"

#include "core/engine/running/computation.h"
#include "core/engine/running/measure_state.h"
#include "core/value/stopping.h"

#include <algorithm>
#include <atomic>
#include <exception>
#include <mutex>
#include <thread>

namespace ledgefall {
namespace {

thread_local bool among_others = false; ///< whether this thread makes a trial beside those of other threads

Value answer(const Study& study, const std::shared_ptr<const Plan>& plan, const Environment& outer,
             MemoryBudget& memory, const WhatIfCall& call, const Trial& trial) {
    for (const Value& value : trial.values) {
        if (!value.plain()) {
            return value.is_fault() ? value : Value::missing(call.asked.output_kinds.front());
        }
    }
    const InternScope scope;
    Computation computation(study, plan, outer, memory, *call.meant, trial.values);
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
    const Value out = runner.output_value(0, 0);
    return out.is_fault() ? out.for_ever() : out; // what the trial has interned goes with it
}

} // namespace

std::vector<Value> answer_trials(const Study& study, const std::shared_ptr<const Plan>& plan, const Environment& outer,
                                 const WhatIfCall& call, const std::vector<Trial>& trials) {
    std::vector<Value> answers(trials.size(), Value::missing(call.asked.output_kinds.front()));
    MemoryBudget memory;
    std::atomic<std::size_t> next = 0;
    std::exception_ptr broken; // as where the memory did not suffice: told on the thread that asked
    std::mutex telling;
    const auto work = [&] {
        try {
            for (std::size_t at = next++; at < trials.size() && !outer.stopped(); at = next++) {
                answers[at] = answer(study, plan, outer, memory, call, trials[at]);
            }
        } catch (...) {
            next = trials.size();
            const std::lock_guard lock(telling);
            broken = std::current_exception();
        }
    };
    const std::size_t cores = among_others ? 1 : std::min(std::thread::hardware_concurrency(), 8U);
    std::vector<std::jthread> helpers;
    for (std::size_t at = 1; at < std::min(cores, trials.size()); ++at) {
        helpers.emplace_back([&work] {
            among_others = true;
            work();
        });
    }
    const bool before = std::exchange(among_others, among_others || !helpers.empty());
    work();
    among_others = before;
    helpers.clear(); // waits for them
    if (broken) {
        std::rethrow_exception(broken);
    }
    return answers;
}

} // namespace ledgefall
