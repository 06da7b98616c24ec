#pragma once

#include "core/engine/running/accumulated_measure.h"
#include "core/engine/running/moving_sum.h"

namespace ledgefall {

/// A sum or mean of the rows to this one, from the first or from a fixed number of rows before it: each from that of
/// the row before. What cannot be brought forward so (faults, sums that are too large) goes to an accumulator.
class WindowMeasure : public MeasureState {
  public:
    WindowMeasure(const MeasureCall& call, const Environment& environment)
        : call_(call)
        , inner_(call.inner, environment)
        , by_accumulator_(call, environment) {}

    Value at(const Runner& outer, std::size_t in_block, const Faults& faults) override {
        return by_accumulator_.at(outer, in_block, faults);
    }
    bool fill(const Runner& outer, std::size_t first, std::size_t count, double* slots, State* states,
              bool& plain) override;

  private:
    template <bool mean>
    void grow(const double* values, std::size_t first, std::size_t count, double* slots);
    template <bool mean>
    void slide(const double* values, std::size_t count, std::size_t reach, double* slots);
    void with_gaps(const double* values, std::size_t count, std::size_t reach, double* slots, State* states,
                   bool& plain);
    const double* bring(std::size_t first, std::size_t count, std::size_t reach, const double* slots);

    const MeasureCall& call_;
    Runner inner_;
    AccumulatedMeasure by_accumulator_;
    bool started_ = false;
    // The values around the block, with not a number for a missing one; of a window from the first row on, the sum at
    // the end of the block before.
    std::vector<double> tail_; ///< the last values before the block, as far as windows reach back
    std::vector<double> values_;
    std::size_t whole_from_ = 0; ///< from this row on no window meets a gap, as far as is known
    MovingSum total_;
    std::size_t totalled_ = 0;
};

} // namespace ledgefall
