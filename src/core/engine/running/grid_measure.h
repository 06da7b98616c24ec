#pragma once

#include "core/engine/running/accumulated_measure.h"

namespace ledgefall {

/// A measure of a part of a two-way table that moves with the cell: its row, its column, what lies above it or to its
/// left. Each part is measured once: cells with the same part share its value, and one that grows is added to.
class GridMeasure : public AccumulatedMeasure {
  public:
    GridMeasure(const MeasureCall& call, const Environment& environment);
    Value at(const Runner& outer, std::size_t in_block, const Faults& faults) override;
    /// All of each row, or of each column: computed a line at a time.
    bool fill(const Runner& outer, std::size_t first, std::size_t count, double* slots, State* states,
              bool& plain) override;

  private:
    /// Rows and columns of the grid from 0; the ends are not included.
    struct Part {
        std::size_t from_row = 0, to_row = 0, from_column = 0, to_column = 0;
        friend bool operator==(const Part&, const Part&) = default;
        bool empty() const { return from_row >= to_row || from_column >= to_column; }
    };
    /// A part that was measured, and what it came to.
    struct Measured {
        Part part;
        std::unique_ptr<Accumulator> accumulator;
        std::optional<Value> result;
    };

    Part part_at(const Runner& outer, std::size_t in_block, const Faults& faults, std::optional<Value>& instead) const;
    Value with_parameters(const Runner& outer, std::size_t in_block, const Part& part, const Faults& faults);
    Value measured(Measured& known, const Part& part, const Faults& faults);
    void add_part(Accumulator& accumulator, const Part& part);
    void add_cells(Accumulator& accumulator, std::size_t from, std::size_t to);
    void add_column(Accumulator& accumulator, std::size_t column, std::size_t from_row, std::size_t to_row);

    const Column& cells_of(std::uint32_t output) const override {
        return direct_ != nullptr ? *direct_ : remembered_[output];
    }
    std::size_t ready() const { return direct_ != nullptr ? direct_->size() : remembered_.front().size(); }

    /// Some neighbouring columns, turned so that each stands contiguously: cells are then read a line of the cache at a
    /// time.
    struct Turned {
        std::size_t first = 0, count = 0;
        std::vector<double> slots;
        std::vector<State> states; ///< empty where all are plain
    };
    const Turned& turned(std::uint32_t output, std::size_t column);
    static constexpr std::size_t rows_together = 8;
    bool turn_together(const Column& cells, std::size_t row, Turned& block) const;

    const MeasureCall::Grid& grid_;
    const Column* direct_ = nullptr; ///< the layer itself, where what is measured is nothing but one that is computed
    std::vector<Turned> turned_;     ///< of each output
    std::size_t rows_ = 0, columns_ = 0;
    bool one_by_one_ = false;     ///< cells are added so that a fault tells its own
    std::vector<Measured> known_; ///< by the column at which the part begins
};

} // namespace ledgefall
