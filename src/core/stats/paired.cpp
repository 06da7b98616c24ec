// Measures of two columns together. The first sample is x for cov and corr, and y for slope and intercept.

#include "core/stats/gathered.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace ledgefall {
namespace {

/// Means, and sums of squares and products of deviations.
struct Cross {
    double n = 0, mean_a = 0, mean_b = 0, aa = 0, bb = 0, ab = 0;

    Cross(const Values& a, const Values& b)
        : n(static_cast<double>(a.size())) {
        const auto mean = [this](const Values& values) {
            CompensatedSum sum;
            sum.add(values.data(), values.size());
            return sum.total() / n;
        };
        mean_a = mean(a);
        mean_b = mean(b);
        CompensatedSum squares_a;
        CompensatedSum squares_b;
        CompensatedSum products;
        for (std::size_t at = 0; at < a.size(); ++at) {
            const double off_a = a[at] - mean_a;
            const double off_b = b[at] - mean_b;
            squares_a.add(off_a * off_a);
            squares_b.add(off_b * off_b);
            products.add(off_a * off_b);
        }
        aa = squares_a.total();
        bb = squares_b.total();
        ab = products.total();
    }
};

Value correlation(const Cross& cross, const Faults& faults) {
    if (cross.n < 2) {
        return Value::missing();
    }
    if (cross.aa == 0 || cross.bb == 0) {
        return faults.out_of_domain();
    }
    return Value::number(std::clamp(cross.ab / std::sqrt(cross.aa) / std::sqrt(cross.bb), -1.0, 1.0));
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
    return pairs_by(
        [](Samples& samples, const Faults& faults) { return correlation(Cross(samples[0], samples[1]), faults); });
}

Made make_rank_corr(Plain) {
    return pairs_by([](Samples& samples, const Faults& faults) {
        return correlation(Cross(ranks(samples[0]), ranks(samples[1])), faults);
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
