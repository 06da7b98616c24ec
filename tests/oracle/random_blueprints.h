#pragma once

#include "oracle/blueprint.h"

namespace ledgefall::testing {

/// What a random study is about; each subject has a share of the studies, so that none goes untried.
enum class Subject { tables, recurrences, conditions, ranges, grids, what_if, measures, probability, searches, kinds };
constexpr int subject_count = 10;

Blueprint random_blueprint(std::uint64_t seed);
Subject subject_of(std::uint64_t seed);

} // namespace ledgefall::testing
