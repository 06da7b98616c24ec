#include "core/stats/critical_values.h"

#include "core/stats/distributions.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

/// The value of a discrete distribution before or after another; beyond its ends, infinite.
double neighbour(const Distribution& d, double x, bool after) {
    if (d.family != Family::listed) {
        return after ? x + 1 : x - 1;
    }
    const auto& values = listed_values(d).values;
    if (after) {
        const auto next = std::upper_bound(values.begin(), values.end(), x);
        return next == values.end() ? HUGE_VAL : *next;
    }
    const auto here = std::lower_bound(values.begin(), values.end(), x);
    return here == values.begin() ? -HUGE_VAL : *(here - 1);
}

/// The end of a region that grows from one end of a discrete distribution, from a value near it.
std::optional<double> end_of_region(const Distribution& d, double near, double a, bool high) {
    const auto rare = [&](double x) { return (high ? at_least(d, x) : at_most(d, x)) <= a; };
    double x = near;
    while (std::isfinite(x) && !rare(x)) {
        x = neighbour(d, x, high);
        if (density(d, x) == 0 && (high ? at_least(d, x) : at_most(d, x)) == 0) {
            return std::nullopt; // past the last value
        }
    }
    for (double next = neighbour(d, x, !high); std::isfinite(next) && rare(next); next = neighbour(d, x, !high)) {
        x = next;
    }
    return std::isfinite(x) ? std::optional(x) : std::nullopt;
}

std::optional<double> critical(const Distribution& d, double a, bool high) {
    if (!(a > 0 && a < 1)) {
        return std::nullopt;
    }
    const double near = quantile(d, high ? 1 - a : a);
    return !std::isfinite(near)    ? std::nullopt
           : is_discrete(d.family) ? end_of_region(d, near, a, high)
                                   : std::optional(near);
}

} // namespace

std::optional<double> critical_low(const Distribution& d, double a) {
    return critical(d, a, false);
}

std::optional<double> critical_high(const Distribution& d, double a) {
    return critical(d, a, true);
}

} // namespace ledgefall
