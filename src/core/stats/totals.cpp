// Sums, counts and extremes.

#include "core/stats/measures.h"

#include <algorithm>
#include <cmath>
#include <cstdint>

namespace ledgefall {
namespace {

class Sum : public OfOne {
  public:
    void clear() override {
        Accumulator::clear();
        sum_ = {};
        count_ = 0;
    }

  protected:
    void take(const double* values, std::size_t count) override {
        sum_.add(values, count);
        count_ += count;
    }
    Value finish(const Faults& faults) override { return finite_sum(faults); }
    Value finite_sum(const Faults& faults) const {
        const double total = sum_.total();
        return std::isfinite(total) ? Value::number(total) : faults.too_large();
    }
    CompensatedSum sum_;
    std::size_t count_ = 0;
};

/// Of squares and of what rounding each has lost.
class SumOfSquares : public Sum {
  protected:
    void take(const double* values, std::size_t count) override {
        for (std::size_t at = 0; at < count; ++at) {
            const double square = values[at] * values[at];
            sum_.add(square);
            sum_.add(std::isfinite(square) ? std::fma(values[at], values[at], -square) : 0);
        }
    }
};

class Mean : public Sum {
  protected:
    Value finish(const Faults& faults) override {
        if (count_ == 0) {
            return Value::missing();
        }
        return faults.number(sum_.over(static_cast<double>(count_)));
    }
};

/// As a number from ½ to 1 and an exponent, so that a product on the way may be larger or smaller than any double.
class Product : public OfOne {
  public:
    void clear() override {
        Accumulator::clear();
        product_ = 1;
        exponent_ = 0;
    }

  protected:
    void take(const double* values, std::size_t count) override {
        constexpr double most = 1e150;
        constexpr double least = 1e-150;
        for (std::size_t at = 0; at < count; ++at) {
            const double size = std::fabs(values[at]);
            const double so_far = std::fabs(product_);
            if (size < most && size > least && so_far < most && so_far > least) {
                product_ *= values[at];
            } else {
                multiply_scaled(values[at]);
            }
        }
    }
    Value finish(const Faults& faults) override {
        const auto exponent = static_cast<int>(std::clamp<std::int64_t>(exponent_, -5000, 5000));
        const double product = std::ldexp(product_, exponent);
        return std::isfinite(product) ? Value::number(product) : faults.too_large();
    }

  private:
    void multiply_scaled(double value) {
        int of_product = 0;
        int of_value = 0;
        product_ = std::frexp(product_, &of_product) * std::frexp(value, &of_value);
        exponent_ += of_product + of_value;
    }
    double product_ = 1;
    std::int64_t exponent_ = 0;
};

class Count : public OfOne {
  public:
    void clear() override {
        Accumulator::clear();
        count_ = rows_known_ = 0;
    }

  protected:
    void take(const double*, std::size_t count) override { count_ += count; }
    Value finish(const Faults&) override { return Value::number(static_cast<double>(count_)); }
    std::size_t count_ = 0;
    std::size_t rows_known_ = 0;
};

class CountYes : public Count {
  protected:
    void take(const double* values, std::size_t count) override {
        double yes = 0; // of ones and zeros, and no more of them than a double counts exactly
        for (std::size_t at = 0; at < count; ++at) {
            yes += values[at];
        }
        count_ += static_cast<std::size_t>(yes);
        rows_known_ += count;
    }
};

class Share : public CountYes {
  protected:
    Value finish(const Faults&) override {
        return rows_known_ == 0 ? Value::missing()
                                : Value::number(static_cast<double>(count_) / static_cast<double>(rows_known_));
    }
};

/// Smallest and largest; which of them is told is for the measures below.
class Extremes : public OfOne {
  public:
    void clear() override {
        Accumulator::clear();
        count_ = 0;
    }

  protected:
    void take(const double* values, std::size_t count) override {
        if (count == 0) {
            return;
        }
        double low = count_ == 0 ? values[0] : low_;
        double high = count_ == 0 ? values[0] : high_;
        for (std::size_t at = 0; at < count; ++at) {
            low = values[at] < low ? values[at] : low;
            high = values[at] > high ? values[at] : high;
        }
        low_ = low;
        high_ = high;
        count_ += count;
    }
    std::size_t count_ = 0;
    double low_ = 0, high_ = 0;
};

class Min : public Extremes {
  protected:
    Value finish(const Faults&) override { return count_ == 0 ? Value::missing() : Value::number(low_); }
};

class Max : public Extremes {
  protected:
    Value finish(const Faults&) override { return count_ == 0 ? Value::missing() : Value::number(high_); }
};

class Range : public Extremes {
  protected:
    Value finish(const Faults& faults) override { return count_ == 0 ? Value::missing() : faults.number(high_ - low_); }
};

} // namespace

std::unique_ptr<Accumulator> make_sum(std::span<const Value>) {
    return std::make_unique<Sum>();
}
std::unique_ptr<Accumulator> make_sum_sq(std::span<const Value>) {
    return std::make_unique<SumOfSquares>();
}
std::unique_ptr<Accumulator> make_product(std::span<const Value>) {
    return std::make_unique<Product>();
}
std::unique_ptr<Accumulator> make_mean(std::span<const Value>) {
    return std::make_unique<Mean>();
}
std::unique_ptr<Accumulator> make_count(std::span<const Value>) {
    return std::make_unique<Count>();
}
std::unique_ptr<Accumulator> make_count_yes(std::span<const Value>) {
    return std::make_unique<CountYes>();
}
std::unique_ptr<Accumulator> make_share(std::span<const Value>) {
    return std::make_unique<Share>();
}
std::unique_ptr<Accumulator> make_min(std::span<const Value>) {
    return std::make_unique<Min>();
}
std::unique_ptr<Accumulator> make_max(std::span<const Value>) {
    return std::make_unique<Max>();
}
std::unique_ptr<Accumulator> make_range(std::span<const Value>) {
    return std::make_unique<Range>();
}

} // namespace ledgefall
