#pragma once

#include "core/engine/kept_sum.h"
#include "core/engine/runner.h"

namespace ledgefall {

/// Gives this thread its allowance for one definition: measures within measures may take very many steps, and where
/// they have used it up they come to a fault rather than to no end.
void start_allowance();

/// A measure while it is being worked out for the rows of an outer program, one after the other. Where only its range
/// moves with the row, what it measures is worked out once, and a range that grows is added to, not measured anew.
class MeasureState {
  public:
    MeasureState(const MeasureCall& call, const Environment& environment);

    /// The measure for a row of the block that `outer` is running.
    Value at(const Runner& outer, std::size_t in_block, const Faults& faults);

    /// The measure for all rows of the block that `outer` is running, from row `first` on, into `slots` and `states`;
    /// false where it has to be asked row by row. `plain` tells whether all of them are.
    bool fill(const Runner& outer, std::size_t first, std::size_t count, double* slots, State* states, bool& plain);

  private:
    struct Range {
        std::size_t from = 0, to = 0; ///< of rows from 0; `to` is not included
        std::optional<Value> instead; ///< the result where there is no range
    };

    /// Makes the accumulator anew where the plain arguments have changed; a value where there can be no measure.
    std::optional<Value> prepare(const Runner& outer, std::size_t in_block);
    Range range_at(const Runner& outer, std::size_t in_block, const Faults& faults) const;
    Value across(const Runner& outer, std::size_t in_block, const Faults& faults);
    Value whole(const Runner& outer, std::size_t in_block, const Range& range, const Faults& faults);
    Value growing(const Range& range, const Faults& faults);
    Value within_limits(const Runner& outer, std::size_t in_block);
    void sort_counted();
    bool count_by_limits(const Runner& outer, std::size_t rows, double* slots);
    bool keep_up(std::size_t first, std::size_t count, double* slots, State* states, bool& plain);
    void slide(const double* values, std::size_t count, std::size_t reach, double* slots);
    void with_gaps(const double* values, std::size_t count, std::size_t reach, double* slots, State* states,
                   bool& plain);
    const double* bring(std::size_t first, std::size_t count, std::size_t reach, const double* slots);
    void take(std::size_t rows);
    void remember(std::size_t to);
    Value of_kind(const Value& value) const;

    const MeasureCall& call_;
    const Environment& environment_;
    Runner inner_;
    std::unique_ptr<Accumulator> accumulator_;
    std::vector<Value> plain_; ///< with which the accumulator was made
    bool started_ = false;
    bool taken_ = false; ///< the whole table, which does not change with the row

    // Of a range that moves: what the inner program gave for the rows so far, and the range last measured.
    std::vector<Column> remembered_;
    Range last_;

    // Of a window whose sum is kept up: the values around the block, with not a number for a missing one; of one from
    // the first row on, the sum at the end of the block before.
    std::vector<double> tail_; ///< the last values before the block, as far as windows reach back
    std::vector<double> values_;
    std::size_t whole_from_ = 0; ///< from this row on no window meets a gap, as far as is known
    KeptSum total_;
    std::size_t totalled_ = 0;

    // Of a count within limits: the values in order, how many were missing, and the first fault among them.
    std::vector<double> sorted_;
    std::size_t missing_ = 0;
    std::optional<Value> sorted_fault_;
};

} // namespace ledgefall
