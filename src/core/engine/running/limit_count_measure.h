#pragma once

#include "core/engine/running/measure_state.h"

namespace ledgefall {

/// A count of values within limits that follow the row, such as `count(lower <= x < upper)`: in one pass for a whole
/// block, or by searching the values, which are sorted once.
class LimitCountMeasure : public MeasureState {
  public:
    LimitCountMeasure(const MeasureCall& call, const Environment& environment)
        : call_(call)
        , environment_(environment)
        , inner_(call.inner, environment) {}

    Value at(const Runner& outer, std::size_t in_block, const Faults& faults) override;
    bool fill(const Runner& outer, std::size_t first, std::size_t count, double* slots, State* states,
              bool& plain) override;

  private:
    void start(const Runner& outer, std::size_t in_block);
    void sort_counted(const Runner& outer, std::size_t in_block);

    const MeasureCall& call_;
    const Environment& environment_;
    Runner inner_;
    bool started_ = false;
    // The values in order, how many were missing, and the first fault among them.
    std::vector<double> sorted_;
    std::size_t missing_ = 0;
    std::optional<Value> sorted_fault_;
};

} // namespace ledgefall
