#pragma once

#include <algorithm>
#include <array>
#include <cmath>
#include <string_view>

namespace ledgefall {

/// What the nine types of quantile of Hyndman and Fan do, in words; type k stands at k − 1.
inline constexpr std::array<std::string_view, 9> quantile_methods = {
    "a value that occurs: the first that reaches p",
    "like 1, with the mean of two where p is reached exactly",
    "the value nearest to n·p",
    "on the line between values, at n·p",
    "on the line between values, at n·p + 0.5",
    "on the line between values, at (n + 1)·p",
    "on the line between values, at (n − 1)·p + 1",
    "near the median of its own spread, whatever the distribution",
    "unbiased where the values are normal"};

/// The quantile of `n` ordered values, of which `value(k)` is the k-th from 1, after one of the nine types of Hyndman
/// and Fan (Sample quantiles in statistical packages, The American Statistician 50, 1996). n is at least 1, p from 0
/// to 1.
template <class ValueAt>
double quantile_of(double n, double p, int type, ValueAt value) {
    // Where n p should be whole and is so but for rounding, it is taken as whole.
    constexpr double slack = 4 * 2.220446049250313e-16;
    const double shift = type <= 2   ? 0
                         : type == 3 ? -0.5
                         : type == 4 ? 0
                         : type == 5 ? 0.5
                         : type == 6 ? p
                         : type == 7 ? 1 - p
                         : type == 8 ? (p + 1) / 3
                                     : p / 4 + 0.375;
    const double place = n * p + shift;
    const double below = std::floor(place + slack * std::max(1.0, place));
    double part = place - below;
    part = std::fabs(part) < slack * std::max(1.0, place) ? 0 : part;
    const bool even = std::fmod(below, 2) == 0;
    const double weight = type == 1   ? (part > 0 ? 1 : 0)
                          : type == 2 ? (part > 0 ? 1 : 0.5)
                          : type == 3 ? (part == 0 && even ? 0 : 1)
                                      : part;
    const double lower = value(std::clamp(below, 1.0, n));
    const double upper = value(std::clamp(below + 1, 1.0, n));
    if (weight == 0 || weight == 1) {
        return weight == 0 ? lower : upper;
    }
    const double apart = upper - lower;
    return std::isfinite(apart) ? lower + weight * apart : lower * (1 - weight) + upper * weight;
}

} // namespace ledgefall
