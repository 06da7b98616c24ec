#include "core/stats/accumulator.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace ledgefall {

Value Faults::number(double x) const {
    if (std::isfinite(x)) {
        return Value::number(x);
    }
    return std::isnan(x) ? out_of_domain() : too_large();
}

void Accumulator::add(const Lane& sample, const Lane* condition, std::size_t rows) {
    if (sample.states == nullptr && !sample.single && condition == nullptr) {
        take(sample.slots, rows);
        return;
    }
    std::array<double, 256> kept{};
    std::size_t count = 0;
    std::size_t left_out = 0;
    for (std::size_t row = 0; row < rows; ++row) {
        if (condition != nullptr) {
            const State known = condition->state(row);
            if (known == State::fault && !fault_) {
                fault_ = Value::of(condition->slot(row), Kind::yes_no, known).fault();
            }
            if (known != State::plain || condition->slot(row) == 0.0) {
                continue;
            }
        }
        const State state = sample.state(row);
        if (state == State::plain) {
            kept[count++] = sample.slot(row);
        } else if (state == State::fault) {
            fault_ = fault_ ? fault_ : Value::of(sample.slot(row), Kind::number, state).fault();
        } else {
            ++left_out;
        }
        if (count == kept.size()) {
            take(kept.data(), count);
            count = 0;
        }
    }
    take(kept.data(), count);
    skip(left_out);
}

Value Accumulator::result(const Faults& faults) {
    return fault_ ? Value::fault(*fault_) : finish(faults);
}

void CompensatedSum::add_to(std::size_t lane, double value) {
    const double sum = sums_[lane] + value;
    const double of_value = sum - sums_[lane];
    lost_[lane] += (sums_[lane] - (sum - of_value)) + (value - of_value);
    sums_[lane] = sum;
}

void CompensatedSum::add(const double* values, std::size_t count) {
    const std::size_t whole = count - count % lanes;
    double sums[lanes];
    double lost[lanes];
    std::copy_n(sums_, lanes, sums);
    std::copy_n(lost_, lanes, lost);
    for (std::size_t at = 0; at < whole; at += lanes) {
        for (std::size_t lane = 0; lane < lanes; ++lane) {
            const double value = values[at + lane];
            const double sum = sums[lane] + value;
            const double of_value = sum - sums[lane];
            lost[lane] += (sums[lane] - (sum - of_value)) + (value - of_value);
            sums[lane] = sum;
        }
    }
    std::copy_n(sums, lanes, sums_);
    std::copy_n(lost, lanes, lost_);
    for (std::size_t at = whole; at < count; ++at) {
        add_to(at % lanes, values[at]);
    }
}

double CompensatedSum::total() const {
    CompensatedSum all;
    for (std::size_t lane = 0; lane < lanes; ++lane) {
        all.add_to(0, sums_[lane]);
    }
    for (std::size_t lane = 0; lane < lanes; ++lane) {
        all.add_to(0, lost_[lane]);
    }
    return all.sums_[0] + all.lost_[0];
}

namespace {

class Sum : public Accumulator {
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

class Mean : public Sum {
  protected:
    Value finish(const Faults& faults) override {
        if (count_ == 0) {
            return Value::missing();
        }
        const Value sum = finite_sum(faults);
        return sum.plain() ? Value::number(sum.number() / static_cast<double>(count_)) : sum;
    }
};

class Product : public Accumulator {
  public:
    void clear() override {
        Accumulator::clear();
        product_ = 1;
    }

  protected:
    void take(const double* values, std::size_t count) override {
        for (std::size_t at = 0; at < count; ++at) {
            product_ *= values[at];
        }
    }
    Value finish(const Faults& faults) override {
        return std::isfinite(product_) ? Value::number(product_) : faults.too_large();
    }

  private:
    double product_ = 1;
};

class Count : public Accumulator {
  public:
    void clear() override {
        Accumulator::clear();
        count_ = known_ = 0;
    }

  protected:
    void take(const double*, std::size_t count) override { count_ += count; }
    Value finish(const Faults&) override { return Value::number(static_cast<double>(count_)); }
    std::size_t count_ = 0;
    std::size_t known_ = 0;
};

class CountYes : public Count {
  protected:
    void take(const double* values, std::size_t count) override {
        double yes = 0; // of ones and zeros, and no more of them than a double counts exactly
        for (std::size_t at = 0; at < count; ++at) {
            yes += values[at];
        }
        count_ += static_cast<std::size_t>(yes);
        known_ += count;
    }
};

class Share : public CountYes {
  protected:
    Value finish(const Faults&) override {
        return known_ == 0 ? Value::missing()
                           : Value::number(static_cast<double>(count_) / static_cast<double>(known_));
    }
};

/// Smallest and largest; which of them is told is for the measures below.
class Extremes : public Accumulator {
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

class Median : public Accumulator {
  public:
    void clear() override {
        Accumulator::clear();
        values_.clear();
    }

  protected:
    void take(const double* values, std::size_t count) override {
        values_.insert(values_.end(), values, values + count);
    }
    Value finish(const Faults&) override {
        const std::size_t n = values_.size();
        if (n == 0) {
            return Value::missing();
        }
        const auto middle = values_.begin() + static_cast<std::ptrdiff_t>(n / 2);
        std::nth_element(values_.begin(), middle, values_.end());
        if (n % 2 == 1) {
            return Value::number(*middle);
        }
        const double below = *std::max_element(values_.begin(), middle);
        return Value::number(below + (*middle - below) / 2);
    }

  private:
    std::vector<double> values_;
};

/// The sum of squared deviations: within a piece by two passes with the correction of Björck, between pieces by the
/// update of Chan, Golub and LeVeque (1983); all of it on distances from the first value, which are exact where the
/// values lie close together. It holds up where the values are large and their spread is small.
class Spread : public Accumulator {
  public:
    Spread(bool population, bool root)
        : population_(population)
        , root_(root) {}
    void clear() override {
        Accumulator::clear();
        count_ = mean_ = squares_ = 0;
    }

  protected:
    void take(const double* values, std::size_t count) override {
        constexpr std::size_t piece = 1024;
        first_ = count_ == 0 && count > 0 ? values[0] : first_;
        for (std::size_t at = 0; at < count; at += piece) {
            take_piece(values + at, std::min(piece, count - at));
        }
    }

    Value finish(const Faults& faults) override {
        const double over = population_ ? count_ : count_ - 1;
        if (over <= 0) {
            return Value::missing();
        }
        const double variance = squares_ / over;
        if (!std::isfinite(variance)) {
            return faults.too_large();
        }
        return Value::number(root_ ? std::sqrt(variance) : variance);
    }

  private:
    void take_piece(const double* values, std::size_t count) {
        constexpr std::size_t lanes = 8;
        const std::size_t whole = count - count % lanes;
        const double first = first_;
        double sums[lanes] = {};
        for (std::size_t at = 0; at < whole; at += lanes) {
            for (std::size_t lane = 0; lane < lanes; ++lane) {
                sums[lane] += values[at + lane] - first;
            }
        }
        for (std::size_t at = whole; at < count; ++at) {
            sums[0] += values[at] - first;
        }
        const double mean = added(sums) / static_cast<double>(count);
        double off[lanes] = {};
        double squares[lanes] = {};
        for (std::size_t at = 0; at < whole; at += lanes) {
            for (std::size_t lane = 0; lane < lanes; ++lane) {
                const double deviation = (values[at + lane] - first) - mean;
                off[lane] += deviation;
                squares[lane] += deviation * deviation;
            }
        }
        for (std::size_t at = whole; at < count; ++at) {
            const double deviation = (values[at] - first) - mean;
            off[0] += deviation;
            squares[0] += deviation * deviation;
        }
        merge(static_cast<double>(count), mean, added(off), added(squares));
    }

    static double added(const double (&lanes)[8]) {
        return ((lanes[0] + lanes[1]) + (lanes[2] + lanes[3])) + ((lanes[4] + lanes[5]) + (lanes[6] + lanes[7]));
    }

    void merge(double count, double mean, double off, double squares) {
        mean += off / count;
        squares -= off * off / count;
        const double all = count_ + count;
        const double apart = mean - mean_;
        squares_ += squares + (count_ == 0 ? 0 : apart * apart * (count_ / all) * count);
        mean_ = count_ == 0 ? mean : mean_ + apart * (count / all);
        count_ = all;
    }

    bool population_, root_;
    double first_ = 0; ///< from which distances are taken
    double count_ = 0, mean_ = 0, squares_ = 0;
};

template <class Measure>
std::unique_ptr<Accumulator> make() {
    return std::make_unique<Measure>();
}

} // namespace

std::unique_ptr<Accumulator> make_sum(const std::vector<Value>&) {
    return make<Sum>();
}
std::unique_ptr<Accumulator> make_product(const std::vector<Value>&) {
    return make<Product>();
}
std::unique_ptr<Accumulator> make_mean(const std::vector<Value>&) {
    return make<Mean>();
}
std::unique_ptr<Accumulator> make_count(const std::vector<Value>&) {
    return make<Count>();
}
std::unique_ptr<Accumulator> make_count_yes(const std::vector<Value>&) {
    return make<CountYes>();
}
std::unique_ptr<Accumulator> make_share(const std::vector<Value>&) {
    return make<Share>();
}
std::unique_ptr<Accumulator> make_min(const std::vector<Value>&) {
    return make<Min>();
}
std::unique_ptr<Accumulator> make_max(const std::vector<Value>&) {
    return make<Max>();
}
std::unique_ptr<Accumulator> make_range(const std::vector<Value>&) {
    return make<Range>();
}
std::unique_ptr<Accumulator> make_median(const std::vector<Value>&) {
    return make<Median>();
}
std::unique_ptr<Accumulator> make_var(const std::vector<Value>&) {
    return std::make_unique<Spread>(false, false);
}
std::unique_ptr<Accumulator> make_var_pop(const std::vector<Value>&) {
    return std::make_unique<Spread>(true, false);
}
std::unique_ptr<Accumulator> make_sd(const std::vector<Value>&) {
    return std::make_unique<Spread>(false, true);
}
std::unique_ptr<Accumulator> make_sd_pop(const std::vector<Value>&) {
    return std::make_unique<Spread>(true, true);
}

} // namespace ledgefall
