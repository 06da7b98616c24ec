// Variance and what is made of it.

#include "core/stats/gathered.h"
#include "core/stats/scaled_distances.h"

#include <algorithm>
#include <cmath>
#include <vector>

namespace ledgefall {
namespace {

/// The sum of squared deviations: within a piece by two passes with the correction of Björck, between pieces by the
/// update of Chan, Golub and LeVeque (1983); all of it on distances from the first value, which are exact where the
/// values lie close together. It holds up where the values are large and their spread is small.
class Spread : public OfOne {
  public:
    enum class Form { variance, deviation, error, relative, squares };
    Spread(bool population, Form form)
        : population_(population)
        , form_(form) {}
    void clear() override {
        Accumulator::clear();
        count_ = mean_ = squares_ = 0;
        exponent_ = 0;
        sum_ = {};
    }

  protected:
    void take(const double* values, std::size_t count) override {
        constexpr std::size_t piece = 1024;
        if (form_ == Form::relative) {
            sum_.add(values, count);
        }
        first_ = count_ == 0 && count > 0 ? values[0] : first_;
        for (std::size_t at = 0; at < count; at += piece) {
            const std::size_t here = std::min(piece, count - at);
            const double before[] = {count_, mean_, squares_};
            if (exponent_ == 0) {
                take_piece(values + at, here, first_);
                if (squares_ < most && (squares_ > least || all_equal(values + at, here))) {
                    continue;
                }
                count_ = before[0];
                mean_ = before[1];
                squares_ = before[2];
            }
            take_scaled(values + at, here);
        }
    }

    Value finish(const Faults& faults) override {
        if (form_ == Form::squares && count_ > 0) {
            return faults.number(std::ldexp(squares_, 2 * exponent_));
        }
        const double over = population_ ? count_ : count_ - 1;
        if (over <= 0) {
            return Value::missing();
        }
        const double deviation = std::sqrt(squares_ / over);
        switch (form_) {
        case Form::variance:
            return faults.number(std::ldexp(squares_ / over, 2 * exponent_));
        case Form::deviation:
            return faults.number(std::ldexp(deviation, exponent_));
        case Form::error:
            return faults.number(std::ldexp(deviation / std::sqrt(count_), exponent_));
        case Form::relative:
        case Form::squares:
            break;
        }
        const double mean = std::ldexp(std::fabs(sum_.over(count_)), -exponent_);
        return mean == 0 ? faults.divided_by_zero() : faults.number(deviation / mean);
    }

  private:
    bool all_equal(const double* values, std::size_t count) const {
        return squares_ == 0 && std::all_of(values, values + count, [this](double x) { return x == first_; });
    }

    /// Where squares would overflow, or vanish: the same on values divided by a power of two, as are the sums so far.
    void take_scaled(const double* values, std::size_t count) {
        double largest = 0;
        for (std::size_t at = 0; at < count; ++at) {
            largest = std::max(largest, std::fabs(values[at] / 2 - first_ / 2));
        }
        largest = largest == 0 ? std::fabs(values[0] - first_) : largest;
        const int wanted = largest == 0 ? exponent_ : std::ilogb(largest) + 1;
        const bool all_zero = squares_ == 0 && mean_ == 0;
        if (all_zero || wanted > exponent_) {
            squares_ = std::ldexp(squares_, 2 * (exponent_ - wanted));
            mean_ = std::ldexp(mean_, exponent_ - wanted);
            exponent_ = wanted;
        }
        std::vector<double> scaled(count);
        for (std::size_t at = 0; at < count; ++at) {
            scaled[at] = std::ldexp(values[at], -exponent_) - std::ldexp(first_, -exponent_);
        }
        take_piece(scaled.data(), count, 0);
    }

    void take_piece(const double* values, std::size_t count, double first) {
        constexpr std::size_t lanes = 8;
        const std::size_t whole = count - count % lanes;
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

    bool population_;
    Form form_;
    double first_ = 0;                          ///< from which distances are taken
    double count_ = 0, mean_ = 0, squares_ = 0; ///< of distances in units of 2^exponent
    int exponent_ = 0;                          ///< 0 unless squares would overflow or vanish
    CompensatedSum sum_;                        ///< of the values themselves, where their mean is needed
    static constexpr double most = 1e300, least = 1e-280;
};

} // namespace

std::unique_ptr<Accumulator> make_var(std::span<const Value>) {
    return std::make_unique<Spread>(false, Spread::Form::variance);
}
std::unique_ptr<Accumulator> make_var_pop(std::span<const Value>) {
    return std::make_unique<Spread>(true, Spread::Form::variance);
}
std::unique_ptr<Accumulator> make_sd(std::span<const Value>) {
    return std::make_unique<Spread>(false, Spread::Form::deviation);
}
std::unique_ptr<Accumulator> make_sd_pop(std::span<const Value>) {
    return std::make_unique<Spread>(true, Spread::Form::deviation);
}
std::unique_ptr<Accumulator> make_se(std::span<const Value>) {
    return std::make_unique<Spread>(false, Spread::Form::error);
}
std::unique_ptr<Accumulator> make_cv(std::span<const Value>) {
    return std::make_unique<Spread>(false, Spread::Form::relative);
}

Made make_sxx(Plain) {
    return std::make_unique<Spread>(true, Spread::Form::squares);
}

Made make_mean_dev(Plain) {
    return gathered_by([](Values& values, const Faults& faults) {
        const ScaledDistances distances(values);
        const auto n = static_cast<double>(values.size());
        CompensatedSum sum;
        sum.add(distances.values.data(), distances.values.size());
        const double mean = sum.over(n);
        CompensatedSum apart;
        for (const double distance : distances.values) {
            apart.add(std::fabs(distance - mean));
        }
        return faults.number(distances.unscaled(apart.over(n)));
    });
}

} // namespace ledgefall
