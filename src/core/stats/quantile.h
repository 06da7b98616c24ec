#pragma once

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdint>
#include <limits>
#include <string_view>

namespace ledgefall {

/// What the nine types of quantile of Hyndman and Fan do, in words; type k stands at k − 1.
inline constexpr std::array<std::string_view, 9> quantile_methods = {
    N_("an observed value: the first that reaches p"),
    N_("like type 1, but averaging two values where p is reached exactly"),
    N_("the value nearest to n·p"),
    N_("interpolated linearly, at n·p"),
    N_("interpolated linearly, at n·p + 0.5"),
    N_("interpolated linearly, at (n + 1)·p"),
    N_("interpolated linearly, at (n − 1)·p + 1"),
    N_("approximately median-unbiased for any distribution"),
    N_("approximately unbiased for normal values")};

inline bool sound_quantile(double p, double type) {
    return p >= 0 && p <= 1 && type >= 1 && type <= 9 && type == std::floor(type);
}

/// Where each type finds the quantile among n ordered values: at the position (n + more) p + shift, and what it makes
/// of a position between two of them.
struct QuantileType {
    enum class Between : std::uint8_t { upper, upper_or_mean, nearest_even, interpolated };
    double more = 0, shift = 0;
    Between between = Between::interpolated;
};
inline constexpr std::array<QuantileType, 9> quantile_types = {{
    {0, 0, QuantileType::Between::upper},
    {0, 0, QuantileType::Between::upper_or_mean},
    {0, -0.5, QuantileType::Between::nearest_even},
    {0, 0},
    {0, 0.5},
    {1, 0},
    {-1, 1},
    {1.0 / 3, 1.0 / 3},
    {0.25, 0.375},
}};

/// The quantile of `n` ordered values, of which `value(k)` is the k-th from 1, after one of the nine types of Hyndman
/// and Fan (Sample quantiles in statistical packages, The American Statistician 50, 1996). n is at least 1, p from 0
/// to 1, and the type a whole number from 1 to 9.
template <class ValueAt>
double quantile_of(double n, double p, int type, ValueAt value) {
    const QuantileType& method = quantile_types[static_cast<std::size_t>(type) - 1];
    // The position as a whole number and a part that is not rounded with it.
    const double product = n * p;
    double below = std::floor(product);
    double part = (product - below) + std::fma(n, p, -product) + (method.more * p + method.shift);
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
