#pragma once

#include "core/value/distribution.h"

#include <memory>
#include <optional>
#include <span>
#include <vector>

namespace ledgefall {

/// A condition on one random number X: comparisons of X with numbered limits, joined by `and`, `or` and `not`.
struct Event {
    enum class Type : std::uint8_t { comparison, conjunction, disjunction, negation };
    enum class Comparison : std::uint8_t { less, less_equal, greater, greater_equal, equal, not_equal };

    Type type = Type::comparison;
    Comparison comparison = Comparison::equal; ///< of X, on the left, with the limit
    std::size_t limit = 0;                     ///< of a comparison: the number of its limit, from 0
    std::vector<Event> parts = {};             ///< of the others: two, of a negation one
};

/// What `P(event | given)` asks.
struct ConditionalEvent {
    Event event;
    std::optional<Event> given;
};

/// The probability of an event for X of a distribution whose numbers are sound, given what is known to hold; not a
/// number where that has the probability 0.
double probability(const Distribution& d, const ConditionalEvent& event, std::span<const double> limits);

} // namespace ledgefall
