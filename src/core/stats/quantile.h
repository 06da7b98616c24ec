#pragma once

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdint>
#include <limits>
#include <string_view>

namespace ledgefall {

/// What the types of quantile do, in words; type k stands at k − 1. The first nine are those of Hyndman and Fan, the
/// other two the quartiles of schools.
inline constexpr std::array<std::string_view, 11> quantile_methods = {
    N_("an observed value: the first that reaches p"),
    N_("like type 1, but averaging two values where p is reached exactly"),
    N_("the value nearest to n·p"),
    N_("interpolated linearly, at n·p"),
    N_("interpolated linearly, at n·p + 0.5"),
    N_("interpolated linearly, at (n + 1)·p"),
    N_("interpolated linearly, at (n − 1)·p + 1"),
    N_("approximately median-unbiased for any distribution"),
    N_("approximately unbiased for normal values"),
    N_("medians of the two halves, without the middle value (exclusive)"),
    N_("medians of the two halves, both with the middle value (inclusive)")};
inline constexpr int exclusive_halves = 10;
inline constexpr int inclusive_halves = 11;

inline bool sound_quantile(double p, double type) {
    return p >= 0 && p <= 1 && type >= 1 && type <= static_cast<double>(quantile_methods.size()) &&
           type == std::floor(type);
}

/// Where each type finds the quantile among n ordered values: at the position (n + more) p + shift, and what it makes
/// of a position between two of them.
struct QuantileType {
    enum class Between : std::uint8_t { upper, upper_or_mean, nearest_even, interpolated };
    double more = 0, shift = 0;
    Between between = Between::interpolated;
};
inline constexpr std::array<QuantileType, 11> quantile_types = {{
    {0, 0, QuantileType::Between::upper},
    {0, 0, QuantileType::Between::upper_or_mean},
    {0, -0.5, QuantileType::Between::nearest_even},
    {0, 0},
    {0, 0.5},
    {1, 0},
    {-1, 1},
    {1.0 / 3, 1.0 / 3},
    {0.25, 0.375},
    {1, 0}, // of quartiles that are medians of halves, for other p
    {-1, 1},
}};

/// The position of a quartile that is the median of a half of n ordered values; 0 of other types and other p. In the
/// exclusive half an odd number leaves out the middle value, in the inclusive one both halves have it.
inline double position_in_halves(double n, double p, int type) {
    if (type < exclusive_halves || (p != 0.25 && p != 0.75)) {
        return 0;
    }
    const double half = std::max(1.0, type == exclusive_halves ? std::floor(n / 2) : std::ceil(n / 2));
    return p < 0.5 ? (half + 1) / 2 : n + 1 - (half + 1) / 2;
}

/// The quantile of `n` ordered values, of which `value(k)` is the k-th from 1, after one of the nine types of Hyndman
/// and Fan (Sample quantiles in statistical packages, The American Statistician 50, 1996) or by the medians of halves,
/// whose other quantiles are those of type 6 (exclusive) and 7 (inclusive). n is at least 1, and p from 0 to 1.
template <class ValueAt>
double quantile_of(double n, double p, int type, ValueAt value) {
    const QuantileType& method = quantile_types[static_cast<std::size_t>(type) - 1];
    // The position as a whole number and a part that is not rounded with it.
    const double product = n * p;
    double below = std::floor(product);
    double part = (product - below) + std::fma(n, p, -product) + (method.more * p + method.shift);
    if (const double position = position_in_halves(n, p, type); position > 0) {
        below = std::floor(position);
        part = position - below;
    }
    // Where the position should be whole and is so but for rounding, it is taken as whole.
    const double slack = 4 * std::numeric_limits<double>::epsilon() * std::max(1.0, product);
    const double carried = std::floor(part + slack);
    below += carried;
    part -= carried;
    part = std::fabs(part) < slack ? 0 : part;

    const double lower = value(std::clamp(below, 1.0, n));
    const double upper = value(std::clamp(below + 1, 1.0, n));
    switch (method.between) {
    case QuantileType::Between::upper:
        return part > 0 ? upper : lower;
    case QuantileType::Between::nearest_even:
        return part == 0 && std::fmod(below, 2) == 0 ? lower : upper;
    case QuantileType::Between::upper_or_mean:
        part = part > 0 ? 1 : 0.5;
        break;
    case QuantileType::Between::interpolated:
        break;
    }
    if (part == 0 || part == 1) {
        return part == 0 ? lower : upper;
    }
    const double apart = upper - lower;
    return std::isfinite(apart) ? lower + part * apart : lower * (1 - part) + upper * part;
}

} // namespace ledgefall
