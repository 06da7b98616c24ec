// Measures by order and by frequency.

#include "core/stats/gathered.h"
#include "core/stats/quantile.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <unordered_map>

namespace ledgefall {
namespace {

double nth(Values& values, double k) {
    const auto at = values.begin() + static_cast<std::ptrdiff_t>(k) - 1;
    std::nth_element(values.begin(), at, values.end());
    return *at;
}

double median_of(Values& values) {
    const auto n = static_cast<double>(values.size());
    return quantile_of(n, 0.5, 7, [&values](double k) { return nth(values, k); });
}

Value quantile(Values& values, double p, double type, const Faults& faults) {
    const bool known = p >= 0 && p <= 1 && type >= 1 && type <= 9 && type == std::floor(type);
    if (!known) {
        return faults.out_of_domain();
    }
    const auto n = static_cast<double>(values.size());
    return Value::number(quantile_of(n, p, static_cast<int>(type), [&values](double k) { return nth(values, k); }));
}

/// How often each value occurs. Values are told apart by their bits, so that texts can be counted too.
class Frequencies : public OfOne {
  public:
    explicit Frequencies(bool most_frequent)
        : most_frequent_(most_frequent) {}
    void clear() override {
        Accumulator::clear();
        order_.clear();
        counts_.clear();
    }

  protected:
    void take(const double* values, std::size_t count) override {
        for (std::size_t at = 0; at < count; ++at) {
            const double value = values[at] == 0 ? 0.0 : values[at]; // one zero, not two
            if (counts_[std::bit_cast<std::uint64_t>(value)]++ == 0) {
                order_.push_back(value);
            }
        }
    }
    Value finish(const Faults&) override {
        if (!most_frequent_) {
            return Value::number(static_cast<double>(order_.size()));
        }
        if (order_.empty()) {
            return Value::missing();
        }
        const auto count = [this](double value) { return counts_.at(std::bit_cast<std::uint64_t>(value)); };
        return Value::number(*std::max_element(order_.begin(), order_.end(),
                                               [&count](double a, double b) { return count(a) < count(b); }));
    }

  private:
    bool most_frequent_;
    std::vector<double> order_; ///< in which the values first occurred
    std::unordered_map<std::uint64_t, std::size_t> counts_;
};

} // namespace

Made make_median(Plain) {
    return gathered_by([](Values& values, const Faults&) { return Value::number(median_of(values)); });
}

Made make_quantile(Plain plain) {
    return gathered_by([p = plain_number(plain, 0, -1), type = plain_number(plain, 1, 7)](
                           Values& values, const Faults& faults) { return quantile(values, p, type, faults); });
}

Made make_q1(Plain plain) {
    return gathered_by([type = plain_number(plain, 0, 7)](Values& values, const Faults& faults) {
        return quantile(values, 0.25, type, faults);
    });
}

Made make_q3(Plain plain) {
    return gathered_by([type = plain_number(plain, 0, 7)](Values& values, const Faults& faults) {
        return quantile(values, 0.75, type, faults);
    });
}

Made make_iqr(Plain plain) {
    return gathered_by([type = plain_number(plain, 0, 7)](Values& values, const Faults& faults) {
        const Value low = quantile(values, 0.25, type, faults);
        const Value high = quantile(values, 0.75, type, faults);
        return low.is_fault() ? low : faults.number(high.number() - low.number());
    });
}

Made make_mad(Plain) {
    return gathered_by([](Values& values, const Faults&) {
        const double middle = median_of(values);
        Values distances = values;
        for (double& distance : distances) {
            distance = std::fabs(distance - middle);
        }
        return Value::number(median_of(distances));
    });
}

Made make_mode(Plain) {
    return std::make_unique<Frequencies>(true);
}
Made make_distinct(Plain) {
    return std::make_unique<Frequencies>(false);
}

} // namespace ledgefall
