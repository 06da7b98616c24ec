#pragma once

#include "core/engine/running/runner.h"

namespace ledgefall {

/// Gives this thread its allowance for one definition: measures within measures may take very many steps, and where
/// they have used it up they come to a fault rather than to no end.
void start_allowance();

/// Takes so many rows from this thread's allowance; false where it is used up.
bool spend_allowance(double rows);

/// A measure while it is being computed for the rows of an outer program, one after the other. There is one class for
/// each way of working it out.
class MeasureState {
  public:
    virtual ~MeasureState() = default;

    /// The measure for a row of the block that `outer` is running.
    virtual Value at(const Runner& outer, std::size_t in_block, const Faults& faults) = 0;

    /// The measure for all rows of the block that `outer` is running, from row `first` on, into `slots` and `states`;
    /// false where it has to be asked row by row. `plain` tells whether all of them are.
    virtual bool fill(const Runner& outer, std::size_t first, std::size_t count, double* slots, State* states,
                      bool& plain);
};

/// The way that fits the call: counting within limits, a sum or mean over a moving window, or an accumulator.
std::unique_ptr<MeasureState> make_measure_state(const MeasureCall& call, const Environment& environment);

} // namespace ledgefall
