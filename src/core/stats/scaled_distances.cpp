#include "core/stats/scaled_distances.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {

ScaledDistances::ScaledDistances(const std::vector<double>& of)
    : values(of.size()) {
    const auto take = [&](double divided_by) {
        double largest = 0;
        for (std::size_t at = 0; at < of.size(); ++at) {
            values[at] = of[at] / divided_by - of.front() / divided_by;
            largest = std::max(largest, std::fabs(values[at]));
        }
        return largest;
    };
    constexpr double quarter = 4; // so that the distance of the two largest doubles is a number, too
    double largest = take(quarter);
    exponent = 2;
    if (largest < 1e-290) { // so small that a quarter of it would lose digits
        largest = take(1);
        exponent = 0;
    }
    const int size = largest > 0 ? std::ilogb(largest) : 0;
    exponent += size;
    for (double& distance : values) {
        distance = std::ldexp(distance, -size);
    }
}

double ScaledDistances::unscaled(double result, int power) const {
    return std::ldexp(result, power * exponent);
}

} // namespace ledgefall
