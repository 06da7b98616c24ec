#pragma once

#include "core/engine/running/measure_state.h"

namespace ledgefall {

/// A measure by its accumulator. Where only its range moves with the row, what it measures is computed once, and a
/// range that grows is added to, not measured anew.
class AccumulatedMeasure : public MeasureState {
  public:
    AccumulatedMeasure(const MeasureCall& call, const Environment& environment);
    Value at(const Runner& outer, std::size_t in_block, const Faults& faults) override;

  protected:
    struct Range {
        std::size_t from = 0, to = 0; ///< of rows from 0; `to` is not included
        std::optional<Value> instead; ///< the result where there is no range
    };

    /// Makes the accumulator anew where the plain arguments have changed; a value where there can be no measure.
    std::optional<Value> prepare(const Runner& outer, std::size_t in_block);
    Range range_at(const Runner& outer, std::size_t in_block, const Faults& faults) const;
    Value across(const Runner& outer, std::size_t in_block, const Faults& faults);
    Value whole(const Runner& outer, std::size_t in_block, const Range& range, const Faults& faults);
    /// Of a range that moves with the row.
    virtual Value growing(const Range& range, const Faults& faults);
    Value of_rest(const Range& range, const Faults& faults);
    void add_rows(Accumulator& accumulator, std::size_t from, std::size_t to);
    /// What the inner program gave for the rows so far.
    virtual const Column& cells_of(std::uint32_t output) const { return remembered_[output]; }
    void take(std::size_t first, std::size_t rows);
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
    // Of a range from the row to a fixed end: the measures from each row on, computed from the end.
    std::vector<Value> rest_;
    std::size_t rest_from_ = 0, rest_to_ = 0;
};

} // namespace ledgefall
