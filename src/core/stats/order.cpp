// Measures by order and by frequency.

#include "core/stats/gathered.h"
#include "core/stats/quantile.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <unordered_map>

namespace ledgefall {
namespace {

/// The k-th value from 1, and the one after it where `weight` needs it. The values are divided at the k-th; what comes
/// after it is then the smallest of the rest.
class Places {
  public:
    explicit Places(Values& values)
        : values_(values) {}

    double operator()(double k) {
        const auto at = values_.begin() + static_cast<std::ptrdiff_t>(k) - 1;
        if (divided_at_ != values_.end() && at == divided_at_ + 1) {
            return *std::min_element(at, values_.end());
        }
        if (at != divided_at_) {
            std::nth_element(values_.begin(), at, values_.end());
            divided_at_ = at;
        }
        return *at;
    }

  private:
    Values& values_;
    Values::iterator divided_at_ = values_.end();
};

double median_of(Values& values) {
    return quantile_of(static_cast<double>(values.size()), 0.5, 7, Places(values));
}

Value quantile(Values& values, double p, double type, const Faults& faults) {
    return !sound_quantile(p, type) ? faults.out_of_domain()
                                    : Value::number(quantile_of(static_cast<double>(values.size()), p,
                                                                static_cast<int>(type), Places(values)));
}

/// A measure by order that may be asked for many plain arguments in turn: the second time the values are put in order.
template <OfOrder measure>
class ByOrder : public Gathered {
  public:
    explicit ByOrder(Plain plain) { set_plain(plain); }
    bool set_plain(Plain plain) override {
        plain_.assign(plain.begin(), plain.end());
        return true;
    }
    void clear() override {
        Gathered::clear();
        asked_ = 0;
    }

  protected:
    void take(const double* values, std::size_t count) override {
        Gathered::take(values, count);
        asked_ = 0;
    }
    Value finish(const Faults& faults) override {
        const auto count = static_cast<double>(values_.size());
        if (++asked_ == 1) {
            return measure(plain_, count, Places(values_), faults);
        }
        if (asked_ == 2) {
            std::sort(values_.begin(), values_.end());
        }
        return measure(
            plain_, count, [this](double k) { return values_[static_cast<std::size_t>(k) - 1]; }, faults);
    }

  private:
    std::vector<Value> plain_;
    std::size_t asked_ = 0;
};

/// How often each value occurs. Values are told apart by their bits, so that texts can be counted too.
class Frequencies : public OfOne {
  public:
    explicit Frequencies(bool most_frequent)
        : most_frequent_(most_frequent) {}
    void clear() override {
        Accumulator::clear();
        counts_.clear();
        mode_ = {};
        from_end_ = false;
        taken_ = 0;
    }
    bool order_matters() const override { return most_frequent_; }
    void take_from_end() override { from_end_ = true; }

  protected:
    void take(const double* values, std::size_t count) override {
        for (std::size_t at = 0; at < count; ++at) {
            const double value = values[at] == 0 ? 0.0 : values[at]; // one zero, not two
            Count& known = counts_[std::bit_cast<std::uint64_t>(value)];
            known.first_taken = known.times++ == 0 ? taken_ : known.first_taken;
            ++taken_;
            // Of several the first to occur: where rows come from the end, that is the last to be taken in.
            const bool first = from_end_ || known.first_taken <= mode_.first_taken;
            if (known.times > mode_.times || (known.times == mode_.times && first)) {
                mode_ = known;
                most_frequent_value_ = value;
            }
        }
    }
    Value finish(const Faults&) override {
        return !most_frequent_    ? Value::number(static_cast<double>(counts_.size()))
               : mode_.times <= 1 ? Value::missing()
                                  : Value::number(most_frequent_value_);
    }

  private:
    struct Count {
        std::size_t times = 0, first_taken = 0;
    };
    bool most_frequent_;
    bool from_end_ = false;
    std::size_t taken_ = 0;
    std::unordered_map<std::uint64_t, Count> counts_;
    Count mode_; ///< of the most frequent value so far
    double most_frequent_value_ = 0;
};

/// The one value that is taken in; a row whose value is missing counts as one as well.
class Pick : public OfOne {
  public:
    void clear() override {
        Accumulator::clear();
        rows_ = 0;
        value_.reset();
    }

  protected:
    void take(const double* values, std::size_t count) override {
        rows_ += count;
        value_ = count > 0 ? values[0] : value_;
    }
    void skip(std::size_t count) override { rows_ += count; }
    Value finish(const Faults& faults) override {
        return rows_ > 1 ? faults.out_of_domain() : value_ ? Value::number(*value_) : Value::missing();
    }

  private:
    std::size_t rows_ = 0;
    std::optional<double> value_;
};

} // namespace

namespace {

Value quantile_at(double p, double type, double n, const KthValue& kth, const Faults& faults) {
    if (n == 0) {
        return Value::missing();
    }
    return sound_quantile(p, type) ? Value::number(quantile_of(n, p, static_cast<int>(type), kth))
                                   : faults.out_of_domain();
}

} // namespace

Value smallest_of_order(Plain, double n, const KthValue& kth, const Faults&) {
    return n == 0 ? Value::missing() : Value::number(kth(1));
}
Value largest_of_order(Plain, double n, const KthValue& kth, const Faults&) {
    return n == 0 ? Value::missing() : Value::number(kth(n));
}
Value median_of_order(Plain, double n, const KthValue& kth, const Faults& faults) {
    return quantile_at(0.5, 7, n, kth, faults);
}
Value quantile_of_order(Plain plain, double n, const KthValue& kth, const Faults& faults) {
    return quantile_at(plain_number(plain, 0, -1), plain_number(plain, 1, 7), n, kth, faults);
}
Value q1_of_order(Plain plain, double n, const KthValue& kth, const Faults& faults) {
    return quantile_at(0.25, plain_number(plain, 0, 7), n, kth, faults);
}
Value q3_of_order(Plain plain, double n, const KthValue& kth, const Faults& faults) {
    return quantile_at(0.75, plain_number(plain, 0, 7), n, kth, faults);
}
Value iqr_of_order(Plain plain, double n, const KthValue& kth, const Faults& faults) {
    const Value low = q1_of_order(plain, n, kth, faults);
    const Value high = q3_of_order(plain, n, kth, faults);
    return low.plain() && high.plain() ? faults.number(high.number() - low.number()) : low;
}

Value kth_of_order(Plain plain, double n, const KthValue& kth, const Faults& faults) {
    const double k = plain_number(plain, 0, 0);
    return n == 0                                   ? Value::missing()
           : k >= 1 && k <= n && k == std::floor(k) ? Value::number(kth(k))
                                                    : faults.out_of_domain();
}

/// The k-th smallest distance from the median is found between two rows of distances, those below it and those above,
/// each in order: how many of the k are below is searched for.
Value mad_of_order(Plain, double n, const KthValue& kth, const Faults& faults) {
    if (n == 0) {
        return Value::missing();
    }
    const double middle = quantile_of(n, 0.5, 7, kth);
    const double below = std::floor(n / 2); // values at most the median, from it down; the others from it up
    const auto down = [&](double at) {
        return at < 1 ? -HUGE_VAL : at > below ? HUGE_VAL : middle - kth(below + 1 - at);
    };
    const auto up = [&](double at) {
        return at < 1 ? -HUGE_VAL : at > n - below ? HUGE_VAL : kth(below + at) - middle;
    };
    const auto distance = [&](double k) {
        double from = std::max(0.0, k - (n - below));
        double to = std::min(k, below);
        while (from < to) { // the least count of those below that leaves no nearer one out
            const double half = std::floor((from + to) / 2);
            (down(half + 1) < up(k - half) ? from : to) = down(half + 1) < up(k - half) ? half + 1 : half;
        }
        return std::max(down(from), up(k - from));
    };
    return faults.number(quantile_of(n, 0.5, 7, distance));
}

Made make_pick(Plain) {
    return std::make_unique<Pick>();
}

Made make_median(Plain) {
    return gathered_by([](Values& values, const Faults&) { return Value::number(median_of(values)); });
}

Made make_quantile(Plain plain) {
    return std::make_unique<ByOrder<&quantile_of_order>>(plain);
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

Made make_kth(Plain plain) {
    return std::make_unique<ByOrder<&kth_of_order>>(plain);
}

Made make_mode(Plain) {
    return std::make_unique<Frequencies>(true);
}
Made make_modes(Plain) {
    return gathered_by([](Values& values, const Faults&) {
        std::sort(values.begin(), values.end());
        std::size_t most = 2; // a value that occurs once is none
        std::string modes;
        for (auto from = values.begin(); from != values.end();) {
            const auto to = std::find_if(from, values.end(), [from](double value) { return value != *from; });
            const auto times = static_cast<std::size_t>(to - from);
            if (times >= most) {
                modes = (times > most || modes.empty() ? "" : modes + "; ") + shortest(*from);
                most = times;
            }
            from = to;
        }
        return modes.empty() ? Value::missing(Kind::text) : Value::text(Text(modes));
    });
}
Made make_leaves(Plain plain) {
    return gathered_by(
        [stem = plain_number(plain, 0, 0), unit = plain_number(plain, 1, 1)](Values& values, const Faults& faults) {
            const bool sound = unit > 0 && std::all_of(values.begin(), values.end(), [](double x) { return x >= 0; });
            if (!sound) {
                return faults.out_of_domain();
            }
            std::sort(values.begin(), values.end());
            std::string leaves;
            for (const double value : values) {
                const double units = std::floor(value / unit * (1 + 1e-12)); // digits beyond the leaf are cut off
                if (std::floor(units / 10) == stem) {
                    leaves += (leaves.empty() ? "" : " ") + std::to_string(static_cast<int>(units - 10 * stem));
                }
            }
            return Value::text(Text(leaves));
        });
}
Made make_distinct(Plain) {
    return std::make_unique<Frequencies>(false);
}

} // namespace ledgefall
