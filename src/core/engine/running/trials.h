#pragma once

#include "core/engine/planning/plan.h"
#include "core/engine/running/runner.h"

namespace ledgefall {

/// What a what-if asks for, of each trial: what lies between the values that it replaces and what it asks for is worked
/// out anew, the rest is taken from `outer`. Several trials are made at the same time, one on each core.
std::vector<Value> answer_trials(const Study& study, const std::shared_ptr<const Plan>& plan, const Environment& outer,
                                 const WhatIfCall& call, const std::vector<Trial>& trials);

} // namespace ledgefall
