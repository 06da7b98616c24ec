#pragma once

#include "core/engine/running/recurrence_code.h"
#include "core/value/value.h"

#include <optional>

namespace ledgefall {

/// Runs columns that are computed together, row by row, as one list of steps on plain numbers. It knows no gaps and
/// no faults: a row in which a number is not finite, or a cell is missing, is left to the columns' own programs, which
/// find out what it is.
class RecurrenceProgram {
  public:
    explicit RecurrenceProgram(RecurrenceCode code);

    /// Begins with the rows from `first` (a multiple of the chunk size) on, up to a chunk of them; `cells` are where
    /// each column's results go.
    void begin(std::size_t first, std::size_t count, const std::vector<double*>& cells);

    /// Computes the chunk's rows from `from` on, up to `to` or to the first for which column `until` is yes, and gives
    /// the row it has come to: one that has to be done with care, where that is not the end.
    std::size_t run(std::size_t from, std::size_t to, std::optional<std::size_t> until);

    /// Says what a column's row came to when it was done with care.
    void put(std::size_t row, std::size_t column, const Value& value);

  private:
    /// Where a column's result goes that later rows read.
    struct Output {
        std::uint32_t from = 0;
        double* cells = nullptr; ///< where the chunk's first row stands
    };

    bool run_row(std::size_t row, std::size_t k);
    static void run_steps(const RecurrenceStep* step, double* r);

    RecurrenceCode code_;
    /// The cells around the chunk of the columns that are computed, and of the others; what is not a plain number
    /// stands as not a number.
    std::vector<std::vector<double>> own_, others_;
    std::vector<Output> outputs_read_later_;
    std::vector<double*> cells_; ///< where the chunk's first row stands in each column
    static constexpr std::size_t rows_at_once = 64;
    std::vector<double> recent_; ///< the results of the latest rows, column by column
    std::size_t first_ = 0, count_ = 0;
};

} // namespace ledgefall
