#pragma once

#include "core/value/value.h"

#include <functional>
#include <memory>
#include <optional>
#include <span>
#include <vector>

namespace ledgefall {

/// Where a step of a computation finds up to a block of values: contiguous slots with their states, or one value that
/// holds for every row.
struct Lane {
    const double* slots = nullptr;
    const State* states = nullptr; ///< null where all are plain
    bool single = false;           ///< one value for all rows

    State state(std::size_t row) const { return states == nullptr ? State::plain : states[single ? 0 : row]; }
    double slot(std::size_t row) const { return slots[single ? 0 : row]; }
};

/// How a step says what went wrong in it: the sites of its faults, and the row it is at.
struct Faults {
    std::uint32_t division = 0;
    std::uint32_t domain = 0;
    std::uint32_t large = 0;
    std::uint32_t steps = 0;
    std::uint32_t arguments = 0; ///< of a distribution: numbers that its family does not take
    std::uint32_t row = 0;

    Value divided_by_zero() const { return Value::fault({division, row}); }
    Value out_of_domain() const { return Value::fault({domain, row}); }
    Value too_large() const { return Value::fault({large, row}); }
    Value arguments_out_of_domain() const { return Value::fault({arguments, row}); }
    Value too_many_steps() const { return Value::fault({steps, row}); }
    /// `x` where it is finite; a fault that says why where it is not.
    Value number(double x) const;
};

/// Takes in the values of a sample, some at a time, and gives its measure. Missing values are left out; the first
/// fault among them becomes the result. Pooled samples are simply taken in one after the other.
class Accumulator {
  public:
    virtual ~Accumulator() = default;

    /// Takes in `rows` values of a sample, or of several that are paired row by row; where `condition` is given, only
    /// the rows for which it is yes. A row in which any of them is missing is left out whole.
    void add(std::span<const Lane> samples, const Lane* condition, std::size_t rows);
    void add(const Lane& sample, const Lane* condition, std::size_t rows) { add({&sample, 1}, condition, rows); }

    /// The measure of what has been taken in. It may be asked at any time, as a running measure is. It is never a
    /// number that is not finite.
    Value result(const Faults& faults);

    virtual void clear() { fault_.reset(); }

    /// Takes other plain arguments for what has been taken in already; false where it has to be made anew for them.
    virtual bool set_plain(std::span<const Value>) { return false; }

    /// Told, where it is known, which row (from 0) the next values begin with.
    void begin_at(std::size_t row) { next_row_ = row; }

    /// Whether it keeps all values and works on them when it is asked, so that asking costs as much as taking them in.
    virtual bool gathers() const { return false; }

    /// Whether the order in which values are taken in decides between several results.
    virtual bool order_matters() const { return false; }
    /// Rows are taken in from the last to the first, until it is cleared.
    virtual void take_from_end() {}

    /// Told, where it is known, how many rows are to come.
    virtual void expect(std::size_t) {}

  protected:
    /// `samples[k]` are the values of the k-th sample.
    virtual void take(const double* const* samples, std::size_t count) = 0;
    virtual Value finish(const Faults& faults) = 0;
    /// The row (from 1) of the k-th of the values that `take` was given.
    std::uint32_t row_of(std::size_t k) const {
        return (rows_taken_ != nullptr ? rows_taken_[k] : static_cast<std::uint32_t>(next_row_ + k)) + 1;
    }
    /// Called with the number of missing values left out, for those measures that count rows.
    virtual void skip(std::size_t) {}

  private:
    bool chosen(const Lane& condition, std::size_t row);
    std::size_t next_row_ = 0;
    const std::uint32_t* rows_taken_ = nullptr; ///< of the values that are taken; null: one after the other

    std::optional<Fault> fault_;
};

/// A measure of one sample.
class OfOne : public Accumulator {
  protected:
    void take(const double* const* samples, std::size_t count) final { take(samples[0], count); }
    virtual void take(const double* values, std::size_t count) = 0;
};

/// A sum that keeps what rounding loses (Neumaier 1974, in eight lanes): ten times 0.1 is 1. What it has on the way may
/// be larger than a double: it is then scaled down.
class CompensatedSum {
  public:
    void add(const double* values, std::size_t count);
    void add(double value);
    double total() const;
    /// The total over a count, divided before it is rounded: the mean of three times 0.1 is 0.1.
    double over(double count) const;
    /// The same over another sum, with what either has lost.
    double over(const CompensatedSum& divisor) const;

  private:
    static constexpr std::size_t lanes = 8;
    void add_to(std::size_t lane, double value);
    void add_as_they_are(const double* values, std::size_t count);
    void scale_down();
    bool finite() const;
    CompensatedSum added_lanes() const;
    CompensatedSum in_one_lane() const; ///< the total as the first lane's sum and what it has lost
    double sums_[lanes] = {};
    double lost_[lanes] = {};
    int exponent_ = 0; ///< the sums are in units of 2^exponent
};

/// A measure from the k-th smallest of n values, k from 1, with its plain arguments.
using KthValue = std::function<double(double k)>;
using OfOrder = Value (*)(std::span<const Value> plain, double n, const KthValue& kth, const Faults& faults);

/// Makes a measure; `plain` are its plain arguments, such as the p of `quantile(x, p)`.
using MakeAccumulator = std::unique_ptr<Accumulator> (*)(std::span<const Value> plain);

template <class Measure>
std::unique_ptr<Accumulator> make_measure(std::span<const Value>) {
    return std::make_unique<Measure>();
}

} // namespace ledgefall
