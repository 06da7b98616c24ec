#pragma once

#include "core/value/distribution.h"

#include <optional>
#include <span>

namespace ledgefall {

// Distributions whose values and probabilities are listed. A number that differs from a listed value by no more than
// what rounding leaves, 1e-12 of the largest of them, is that value: P(D = 0.3) finds the sum of 0.1 and 0.2.

/// How many values a list can have.
constexpr std::size_t most_listed_values = 10'000;

/// A list from values in any order, equal ones put together; nothing where there is none, too many, or where the
/// probabilities are below 0 or do not add up to 1 within 1e-9. What rounding leaves of 1 is divided out.
std::optional<ListedValues> made_list(std::span<const double> values, std::span<const double> probabilities);

/// An end of a range of values, which may be infinite, and whether it is in the range.
struct ListEnd {
    double at;
    bool included;
};

double probability_in_list(const ListedValues& list, double x);
double up_to_in_list(const ListedValues& list, double x, bool included);  ///< P(X ≤ x) or P(X < x)
double beyond_in_list(const ListedValues& list, double x, bool included); ///< P(X ≥ x) or P(X > x)
double between_in_list(const ListedValues& list, ListEnd low, ListEnd high);
double quantile_of_list(const ListedValues& list, double p); ///< the smallest x with P(X ≤ x) ≥ p
double mean_of_list(const ListedValues& list);
double variance_of_list(const ListedValues& list);

/// The distribution of the sum of two independent numbers, or of `times` ones of one distribution. It is of the same
/// family where families add up (binomial of one p, Poisson, negative binomial of one p, normal, χ²), and listed where
/// both have few enough values; nothing otherwise.
std::optional<Distribution> independent_sum(const Distribution& a, const Distribution& b);
std::optional<Distribution> repeated_sum(const Distribution& d, double times);

} // namespace ledgefall
