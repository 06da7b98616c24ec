// Variance and what is made of it.

#include "core/stats/measures.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

/// The sum of squared deviations: within a piece by two passes with the correction of Björck, between pieces by the
/// update of Chan, Golub and LeVeque (1983); all of it on distances from the first value, which are exact where the
/// values lie close together. It holds up where the values are large and their spread is small.
class Spread : public OfOne {
  public:
    enum class Form { variance, deviation, error, relative };
    Spread(bool population, Form form)
        : population_(population)
        , form_(form) {}
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
        const double deviation = std::sqrt(variance);
        switch (form_) {
        case Form::variance:
            return Value::number(variance);
        case Form::deviation:
            return Value::number(deviation);
        case Form::error:
            return Value::number(deviation / std::sqrt(count_));
        case Form::relative:
            break;
        }
        const double mean = first_ + mean_;
        return mean == 0 ? faults.divided_by_zero() : faults.number(deviation / mean);
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

    bool population_;
    Form form_;
    double first_ = 0; ///< from which distances are taken
    double count_ = 0, mean_ = 0, squares_ = 0;
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

} // namespace ledgefall
