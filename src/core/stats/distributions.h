#pragma once

#include "core/value/distribution.h"

#include <span>
#include <string_view>

namespace ledgefall {

// Probabilities of the families, most of them by Boost.Math. Everything here takes a distribution that is `sound`; what
// has no value is not a number, what has no finite one is infinite.

/// Whether its numbers are within the family's domain.
bool is_valid(const Distribution& d);
bool is_discrete(Family family);

double density(const Distribution& d, double x);   ///< P(X = x) of a discrete one
double at_most(const Distribution& d, double x);   ///< P(X ≤ x), to full relative precision in the lower tail
double more_than(const Distribution& d, double x); ///< P(X > x), to full relative precision in the upper tail
double less_than(const Distribution& d, double x); ///< P(X < x)
double at_least(const Distribution& d, double x);  ///< P(X ≥ x)
double quantile(const Distribution& d, double p);  ///< of a discrete one the smallest k with P(X ≤ k) ≥ p
double mean_of(const Distribution& d);
double variance_of(const Distribution& d);

/// P(low < X < high), ends not included, either of which may be infinite.
double between(const Distribution& d, double low, double high);

/// A number drawn from the distribution, the same for the same key: the quantile of a number between 0 and 1 that is
/// made of the key (SplitMix64; Steele, Lea and Flood 2014).
double draw_number(const Distribution& d, std::uint64_t key);
std::uint64_t mixed(std::uint64_t key, std::uint64_t with);

} // namespace ledgefall
