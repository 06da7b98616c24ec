// Measures of two columns together. The first sample is x for cov and corr, and y for slope and intercept.

#include "core/stats/gathered.h"
#include "core/stats/scaled_distances.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace ledgefall {
namespace {

/// Sums of squares and products of deviations of two samples, each on its scaled distances.
struct Cross {
    ScaledDistances a, b;
    double n = 0, from_a = 0, from_b = 0; ///< the means, as scaled distances
    double aa = 0, bb = 0, ab = 0;

    Cross(const Values& first, const Values& second)
        : a(first)
        , b(second)
        , n(static_cast<double>(first.size())) {
        const auto mean = [this](const Values& distances) {
            CompensatedSum sum;
            sum.add(distances.data(), distances.size());
            return sum.over(n);
        };
        from_a = mean(a.values);
        from_b = mean(b.values);
        CompensatedSum squares_a;
        CompensatedSum squares_b;
        CompensatedSum products;
        for (std::size_t at = 0; at < a.values.size(); ++at) {
            const double off_a = a.values[at] - from_a;
            const double off_b = b.values[at] - from_b;
            squares_a.add(off_a * off_a);
            squares_b.add(off_b * off_b);
            products.add(off_a * off_b);
        }
        aa = squares_a.total();
        bb = squares_b.total();
        ab = products.total();
    }
    double slope() const { return std::ldexp(ab / bb, a.exponent - b.exponent); }
};

Value correlation(const Values& a, const Values& b, const Faults& faults) {
    const Cross cross(a, b);
    if (cross.n < 2) {
        return Value::missing();
    }
    if (cross.aa == 0 || cross.bb == 0) {
        return faults.out_of_domain();
    }
    if (cross.n == 2) {
        return Value::number(cross.ab < 0 ? -1 : 1); // two points lie on a line
    }
    return faults.number(std::clamp(cross.ab / std::sqrt(cross.aa * cross.bb), -1.0, 1.0));
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
        return cross.n < 2 ? Value::missing()
                           : faults.number(std::ldexp(cross.ab / (cross.n - 1), cross.a.exponent + cross.b.exponent));
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
        return cross.n < 2 ? Value::missing() : cross.bb == 0 ? faults.divided_by_zero() : faults.number(cross.slope());
    });
}

Made make_intercept(Plain) {
    return pairs_by([](Samples& samples, const Faults& faults) {
        const Cross cross(samples[0], samples[1]);
        if (cross.n < 2) {
            return Value::missing();
        }
        if (cross.bb == 0) {
            return faults.divided_by_zero();
        }
        const double mean_a = samples[0].front() + cross.a.unscaled(cross.from_a);
        const double mean_b = samples[1].front() + cross.b.unscaled(cross.from_b);
        return faults.number(mean_a - cross.slope() * mean_b);
    });
}

} // namespace ledgefall
