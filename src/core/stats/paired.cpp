// Measures of two columns together. The first sample is x for cov and corr, and y for slope and intercept.

#include "core/stats/gathered.h"
#include "core/stats/growing_moments.h"
#include "core/stats/scaled_distances.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <utility>

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

/// A measure of two samples. The first time it is asked it takes two passes over them; asked again, as in a range that
/// grows, it goes on from what it had.
template <class OfSamples, class OfMoments>
class CrossMeasure : public GatheredPairs {
  public:
    CrossMeasure(OfSamples of_samples, OfMoments of_moments)
        : GatheredPairs(2)
        , of_samples_(of_samples)
        , of_moments_(of_moments) {}
    void clear() override {
        GatheredPairs::clear();
        moments_ = {};
        moved_to_ = 0;
        asked_ = false;
    }
    bool gathers() const override { return false; }

  protected:
    Value finish(const Faults& faults) override {
        const std::size_t size = samples_[0].size();
        if (size < 2) {
            return Value::missing();
        }
        if (!std::exchange(asked_, true)) {
            return of_samples_(Cross(samples_[0], samples_[1]), samples_, faults);
        }
        for (; moved_to_ < size; ++moved_to_) {
            moments_.add(samples_[0][moved_to_], samples_[1][moved_to_]);
        }
        return of_moments_(moments_, faults);
    }

  private:
    OfSamples of_samples_;
    OfMoments of_moments_;
    GrowingCross moments_;
    std::size_t moved_to_ = 0; ///< how many pairs the moments are of
    bool asked_ = false;
};

template <class OfSamples, class OfMoments>
Made cross_measure(OfSamples of_samples, OfMoments of_moments) {
    return std::make_unique<CrossMeasure<OfSamples, OfMoments>>(of_samples, of_moments);
}

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
    return cross_measure(
        [](const Cross& cross, const Samples&, const Faults& faults) {
            return faults.number(std::ldexp(cross.ab / (cross.n - 1), cross.a.exponent + cross.b.exponent));
        },
        [](const GrowingCross& cross, const Faults& faults) {
            return faults.number(static_cast<double>(cross.ab / (cross.n - 1)));
        });
}

Made make_corr(Plain) {
    return cross_measure([](const Cross&, const Samples& samples,
                            const Faults& faults) { return correlation(samples[0], samples[1], faults); },
                         [](const GrowingCross& cross, const Faults& faults) {
                             if (cross.aa == 0 || cross.bb == 0) {
                                 return faults.out_of_domain();
                             }
                             const Wide size = square_root(cross.aa) * square_root(cross.bb);
                             return Value::number(std::clamp(static_cast<double>(cross.ab / size), -1.0, 1.0));
                         });
}

Made make_rank_corr(Plain) {
    return pairs_by([](Samples& samples, const Faults& faults) {
        return correlation(ranks(samples[0]), ranks(samples[1]), faults);
    });
}

Made make_slope(Plain) {
    return cross_measure(
        [](const Cross& cross, const Samples&, const Faults& faults) {
            return cross.bb == 0 ? faults.divided_by_zero() : faults.number(cross.slope());
        },
        [](const GrowingCross& cross, const Faults& faults) {
            return cross.bb == 0 ? faults.divided_by_zero() : faults.number(static_cast<double>(cross.ab / cross.bb));
        });
}

Made make_intercept(Plain) {
    return cross_measure(
        [](const Cross& cross, const Samples& samples, const Faults& faults) {
            const double mean_a = samples[0].front() + cross.a.unscaled(cross.from_a);
            const double mean_b = samples[1].front() + cross.b.unscaled(cross.from_b);
            return cross.bb == 0 ? faults.divided_by_zero() : faults.number(mean_a - cross.slope() * mean_b);
        },
        [](const GrowingCross& cross, const Faults& faults) {
            const Wide slope = cross.bb == 0 ? 0 : cross.ab / cross.bb;
            return cross.bb == 0 ? faults.divided_by_zero()
                                 : faults.number(static_cast<double>(cross.mean_a - slope * cross.mean_b));
        });
}

} // namespace ledgefall
