#pragma once

#include "core/study/model/scope.h"

#include <optional>

namespace ledgefall {

/// Something in a formula that is allowed and rarely what was meant.
struct Hint {
    Sentence what;
    Span span;
};

/// The first such thing in a formula of `own`: a step from row to row within a measure, as in `mean(abs(x - x[i-1]))`,
/// where `[i-1]` is one row of the formula while x runs over all.
std::optional<Hint> hint_for(const Node& tree, const Study& study, const Table* own);

} // namespace ledgefall
