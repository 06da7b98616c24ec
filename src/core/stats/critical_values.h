#pragma once

#include "core/value/distribution.h"

#include <optional>

namespace ledgefall {

/// The largest x with P(X ≤ x) ≤ a, the end of a critical region of small values; nothing where even the smallest
/// value is more likely than that.
std::optional<double> critical_low(const Distribution& d, double a);
/// The smallest x with P(X ≥ x) ≤ a, where a critical region of large values begins.
std::optional<double> critical_high(const Distribution& d, double a);

} // namespace ledgefall
