#pragma once

#include <functional>

namespace ledgefall {

/// The smallest whole number k (beyond 2^53, the smallest double) from `low` to `high` for which `reached(k)`;
/// `reached` is false below some number and true from there on. The search begins at `guess` and steps away from it,
/// doubling `step`. Not a number where it is reached nowhere.
double first_whole_reached(double low, double high, double guess, double step,
                           const std::function<bool(double)>& reached);

/// The smallest double from `low` to `high` for which `reached`, by halving the doubles in between.
double first_double_reached(double low, double high, const std::function<bool(double)>& reached);

} // namespace ledgefall
