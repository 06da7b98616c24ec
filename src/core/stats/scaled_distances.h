#pragma once

#include <vector>

namespace ledgefall {

/// How far values lie from the first of them, divided by a power of two so that their squares and products neither
/// overflow nor vanish. Distances are exact where the values lie close together, and 0 where all are equal.
struct ScaledDistances {
    std::vector<double> values;
    int exponent = 0; ///< a distance is its value times 2^exponent

    explicit ScaledDistances(const std::vector<double>& of);
    /// A result that is `power` distances multiplied together, in full size.
    double unscaled(double result, int power = 1) const;
};

} // namespace ledgefall
