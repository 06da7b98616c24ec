// Other means, and the moments of third and fourth order.

#include "core/stats/gathered.h"
#include "core/stats/scaled_distances.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

double mean_of(const Values& values) {
    CompensatedSum sum;
    sum.add(values.data(), values.size());
    return sum.over(static_cast<double>(values.size()));
}

/// The mean of `change(x)` over the values.
template <class F>
double mean_of(const Values& values, F change) {
    CompensatedSum sum;
    for (const double value : values) {
        sum.add(change(value));
    }
    return sum.over(static_cast<double>(values.size()));
}

/// A central moment over the right power of the spread, which does not change with the values' scale; no value where
/// there is no spread.
Value standardised(const Values& values, int order, double minus, const Faults& faults) {
    const Values distances = ScaledDistances(values).values;
    const double mean = mean_of(distances);
    const double second = mean_of(distances, [mean](double x) { return (x - mean) * (x - mean); });
    if (second == 0) {
        return faults.out_of_domain();
    }
    const double moment = mean_of(distances, [mean, order](double x) { return std::pow(x - mean, order); });
    return faults.number(moment / std::pow(second, order / 2.0) - minus);
}

} // namespace

Made make_geomean(Plain) {
    return gathered_by([](Values& values, const Faults& faults) {
        const double least = *std::min_element(values.begin(), values.end());
        if (least <= 0) {
            return least < 0 ? faults.out_of_domain() : Value::number(0);
        }
        return faults.number(std::exp(mean_of(values, [](double x) { return std::log(x); })));
    });
}

Made make_harmean(Plain) {
    return gathered_by([](Values& values, const Faults& faults) {
        const double least = *std::min_element(values.begin(), values.end());
        if (least <= 0) {
            return least < 0 ? faults.out_of_domain() : Value::number(0); // its limit at 0
        }
        return faults.number(least / mean_of(values, [least](double x) { return least / x; }));
    });
}

Made make_skewness(Plain) {
    return gathered_by([](Values& values, const Faults& faults) { return standardised(values, 3, 0, faults); });
}

Made make_kurtosis(Plain) {
    return gathered_by([](Values& values, const Faults& faults) { return standardised(values, 4, 3, faults); });
}

} // namespace ledgefall
