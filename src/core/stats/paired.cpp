// Measures of two columns together. The first sample is x for cov and corr, and y for slope and intercept.

#include "core/stats/gathered.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace ledgefall {
namespace {

/// Means, and sums of squares and products of deviations; all of it on distances from the first values, which are exact
/// where the values lie close together.
struct Cross {
    double n = 0, mean_a = 0, mean_b = 0, aa = 0, bb = 0, ab = 0;

    Cross(const Values& a, const Values& b)
        : n(static_cast<double>(a.size())) {
        const auto mean_distance = [this](const Values& values) {
            CompensatedSum sum;
            for (const double value : values) {
                sum.add(value - values.front());
            }
            return sum.over(n);
        };
        const double from_a = mean_distance(a);
        const double from_b = mean_distance(b);
        mean_a = a.front() + from_a;
        mean_b = b.front() + from_b;
        CompensatedSum squares_a;
        CompensatedSum squares_b;
        CompensatedSum products;
        for (std::size_t at = 0; at < a.size(); ++at) {
            const double off_a = (a[at] - a.front()) - from_a;
            const double off_b = (b[at] - b.front()) - from_b;
            squares_a.add(off_a * off_a);
            squares_b.add(off_b * off_b);
            products.add(off_a * off_b);
        }
        aa = squares_a.total();
        bb = squares_b.total();
        ab = products.total();
    }
};

/// The values' distances from the first, scaled by a power of two so that their squares neither overflow nor vanish:
/// a correlation does not change by it.
Values scaled_distances(const Values& values) {
    Values out(values.size());
    double largest = 0;
    for (std::size_t at = 0; at < values.size(); ++at) {
        out[at] = values[at] / 4 - values.front() / 4; // the distance of the two largest doubles is held, too
        largest = std::max(largest, std::fabs(out[at]));
    }
    if (largest == 0 && std::any_of(values.begin(), values.end(), [&](double x) { return x != values.front(); })) {
        for (std::size_t at = 0; at < values.size(); ++at) { // so small that a quarter of it is lost
            out[at] = values[at] - values.front();
            largest = std::max(largest, std::fabs(out[at]));
        }
    }
    const int exponent = largest > 0 ? std::ilogb(largest) : 0;
    for (double& distance : out) {
        distance = std::ldexp(distance, -exponent);
    }
    return out;
}

Value correlation(const Values& a, const Values& b, const Faults& faults) {
    const Cross cross(scaled_distances(a), scaled_distances(b));
    if (cross.n < 2) {
        return Value::missing();
    }
    if (cross.aa == 0 || cross.bb == 0) {
        return faults.out_of_domain();
    }
    return faults.number(std::clamp(cross.ab / std::sqrt(cross.aa) / std::sqrt(cross.bb), -1.0, 1.0));
}

/// Ranks from 1; equal values share the mean of theirs.
Values ranks(const Values& values) {
    std::vector<std::size_t> order(values.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    std::sort(order.begin(), order.end(), [&values](std::size_t a, std::size_t b) { return values[a] < values[b]; });
    Values out(values.size());
    for (std::size_t from = 0; from < order.size();) {
        std::size_t to = from;
        while (to < order.size() && values[order[to]] == values[order[from]]) {
            ++to;
        }
        for (std::size_t at = from; at < to; ++at) {
            out[order[at]] = (static_cast<double>(from + 1) + static_cast<double>(to)) / 2;
        }
        from = to;
    }
    return out;
}

} // namespace

Made make_cov(Plain) {
    return pairs_by([](Samples& samples, const Faults& faults) {
        const Cross cross(samples[0], samples[1]);
        return cross.n < 2 ? Value::missing() : faults.number(cross.ab / (cross.n - 1));
    });
}

Made make_corr(Plain) {
    return pairs_by([](Samples& samples, const Faults& faults) { return correlation(samples[0], samples[1], faults); });
}

Made make_rank_corr(Plain) {
    return pairs_by([](Samples& samples, const Faults& faults) {
        return correlation(ranks(samples[0]), ranks(samples[1]), faults);
    });
}

Made make_slope(Plain) {
    return pairs_by([](Samples& samples, const Faults& faults) {
        const Cross cross(samples[0], samples[1]);
        return cross.n < 2     ? Value::missing()
               : cross.bb == 0 ? faults.divided_by_zero()
                               : faults.number(cross.ab / cross.bb);
    });
}

Made make_intercept(Plain) {
    return pairs_by([](Samples& samples, const Faults& faults) {
        const Cross cross(samples[0], samples[1]);
        if (cross.n < 2) {
            return Value::missing();
        }
        return cross.bb == 0 ? faults.divided_by_zero()
                             : faults.number(cross.mean_a - cross.ab / cross.bb * cross.mean_b);
    });
}

} // namespace ledgefall
