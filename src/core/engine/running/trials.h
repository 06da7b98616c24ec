#pragma once

#include "core/engine/planning/plan.h"
#include "core/engine/running/runner.h"

#include <mutex>
#include <unordered_map>

namespace ledgefall {

/// The values that a trial has in the place of held ones, those of the trials around it included: by their ids, in the
/// order of their hashes, so that two worlds that replace the same are equal.
struct TrialWorld {
    std::vector<std::pair<DefinitionId, Value>> replaced;
    double trials = 1; ///< how many there are on the way to this one, where each level makes as many

    /// The same with what a trial in it replaces.
    TrialWorld with(const std::vector<DefinitionId>& ids, const std::vector<Value>& values,
                    std::size_t of_trials) const;
    bool replaces(const DefinitionId& id) const;
};

/// What trials have come to, so that the same is not tried again: of held values that each ask for the one before with
/// another value, there are twice as many trials for each, and hardly any that differ.
class TrialAnswers {
  public:
    std::optional<Value> find(const WhatIfTerm& what_if, const TrialWorld& world, std::size_t row) const;
    void keep(const WhatIfTerm& what_if, const TrialWorld& world, std::size_t row, const Value& answer);

  private:
    struct Answer {
        const WhatIfTerm* what_if;
        std::vector<std::pair<DefinitionId, Value>> replaced;
        std::size_t row;
        Value value;
    };
    static std::size_t hash_of(const WhatIfTerm& what_if, const TrialWorld& world, std::size_t row);

    mutable std::mutex mutex_;
    std::unordered_multimap<std::size_t, Answer> answers_;
};

/// What a what-if asks for, of each trial: what lies between the values that it replaces and what it asks for is
/// computed anew, the rest is taken from `outer`. Several trials are made at the same time, one on each core.
std::vector<Value> answer_trials(const Study& study, const std::shared_ptr<const Plan>& plan, const Environment& outer,
                                 const WhatIfCall& call, const std::vector<Trial>& trials);

} // namespace ledgefall
