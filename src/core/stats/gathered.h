#pragma once

#include "core/stats/measures.h"

#include <vector>

namespace ledgefall {

/// A measure that needs its values together: it keeps them, and works on them when it is asked.
class Gathered : public OfOne {
  public:
    void clear() override {
        Accumulator::clear();
        values_.clear();
    }

    void expect(std::size_t rows) override { values_.reserve(values_.size() + rows); }
    bool gathers() const override { return true; }

  protected:
    void take(const double* values, std::size_t count) override {
        values_.insert(values_.end(), values, values + count);
    }
    std::vector<double> values_; ///< in any order
};

/// The same for two or three samples that are paired.
class GatheredPairs : public Accumulator {
  public:
    explicit GatheredPairs(std::size_t samples)
        : samples_(samples) {}
    void clear() override {
        Accumulator::clear();
        for (auto& sample : samples_) {
            sample.clear();
        }
    }
    bool gathers() const override { return true; }

  protected:
    void take(const double* const* samples, std::size_t count) override {
        for (std::size_t at = 0; at < samples_.size(); ++at) {
            samples_[at].insert(samples_[at].end(), samples[at], samples[at] + count);
        }
    }
    std::vector<std::vector<double>> samples_;
};

/// The plain argument `at`, or `otherwise` where it was left out.
inline double plain_number(Plain plain, std::size_t at, double otherwise) {
    return at < plain.size() && plain[at].plain() ? plain[at].number() : otherwise;
}

/// A measure of gathered values from a function object with `Value operator()(std::vector<double>&, const Faults&)`.
template <class F>
class GatheredBy : public Gathered {
  public:
    explicit GatheredBy(F measure)
        : measure_(std::move(measure)) {}

  protected:
    Value finish(const Faults& faults) override {
        return values_.empty() ? Value::missing() : measure_(values_, faults);
    }

  private:
    F measure_;
};

template <class F>
Made gathered_by(F measure) {
    return std::make_unique<GatheredBy<F>>(std::move(measure));
}

template <class F>
class PairsBy : public GatheredPairs {
  public:
    PairsBy(std::size_t samples, F measure)
        : GatheredPairs(samples)
        , measure_(std::move(measure)) {}

  protected:
    Value finish(const Faults& faults) override {
        return samples_.front().empty() ? Value::missing() : measure_(samples_, faults);
    }

  private:
    F measure_;
};

template <class F>
Made pairs_by(F measure, std::size_t samples = 2) {
    return std::make_unique<PairsBy<F>>(samples, std::move(measure));
}

using Values = std::vector<double>;
using Samples = std::vector<std::vector<double>>;

} // namespace ledgefall
