// Other means, and the moments of third and fourth order.

#include "core/stats/gathered.h"
#include "core/stats/growing_moments.h"
#include "core/stats/scaled_distances.h"

#include <algorithm>
#include <cmath>
#include <utility>

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

/// Skewness (order 3) or excess kurtosis (order 4). Asked again, as in a range that grows, it goes on from what it had.
class Standardised : public Gathered {
  public:
    explicit Standardised(int order)
        : order_(order) {}
    void clear() override {
        Gathered::clear();
        moments_ = {};
        moved_to_ = 0;
        asked_ = false;
    }
    bool gathers() const override { return false; }

  protected:
    Value finish(const Faults& faults) override {
        if (values_.empty()) {
            return Value::missing();
        }
        const double minus = order_ == 4 ? 3 : 0;
        if (!std::exchange(asked_, true)) {
            return standardised(values_, order_, minus, faults);
        }
        for (; moved_to_ < values_.size(); ++moved_to_) {
            moments_.add(values_[moved_to_]);
        }
        const GrowingMoments& m = moments_;
        if (m.second == 0) {
            return faults.out_of_domain();
        }
        const Wide variance = m.second / m.n;
        const Wide moment = (order_ == 3 ? m.third : m.fourth) / m.n;
        const Wide power = variance * (order_ == 3 ? square_root(variance) : variance);
        return faults.number(static_cast<double>(moment / power) - minus);
    }

  private:
    int order_;
    GrowingMoments moments_;
    std::size_t moved_to_ = 0; ///< how many values the moments are of
    bool asked_ = false;
};

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
    return std::make_unique<Standardised>(3);
}

Made make_kurtosis(Plain) {
    return std::make_unique<Standardised>(4);
}

} // namespace ledgefall
