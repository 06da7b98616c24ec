#pragma once

#include "core/engine/program.h"
#include "core/engine/runner.h"

#include <optional>
#include <unordered_map>

namespace ledgefall {

/// The programs of columns that are worked out together, row by row, as one list of steps on plain numbers. It knows no
/// gaps and no faults: a row in which a number is not finite, or a cell is missing, is given back to the programs
/// themselves, which find out what it is.
class RowSteps {
  public:
    struct Source {
        Id column;
        const Program* program = nullptr;
        const Runner* scalars = nullptr; ///< the program's, with its prelude run
    };

    /// Nothing where a program has a step that cannot be done in this way.
    static std::optional<RowSteps> of(const std::vector<Source>& sources, const Environment& environment);

    /// Makes room for rows from `first` (a multiple of the chunk size) on, up to a chunk of them.
    void begin(std::size_t first, std::size_t count);

    /// Works out a row of the chunk; false where it has to be done with care. Column `k`'s result is `result(k)`.
    bool run(std::size_t row);

    double result(std::size_t column) const { return own_[column].cells[at_]; }
    /// Says what a column's row came to when it was done with care.
    void put(std::size_t row, std::size_t column, const Value& value);
    const double* results(std::size_t column) const { return own_[column].cells.data() + before_; }

  private:
    struct Step {
        Operation::RowCode code = Operation::RowCode::none;
        bool checked = false;
        std::uint8_t count = 0;
        std::uint32_t to = 0;
        std::array<std::uint32_t, 3> from{};
        Operation::Row call = nullptr;
        const double* cells = nullptr; ///< of a load, from where the chunk's first row reads
        std::size_t column = 0;        ///< of a load: which one's cells
        std::int64_t shift = 0;
    };
    /// The cells of a column around the chunk; what is not a plain number stands as not a number.
    struct Window {
        std::vector<double> cells;
        const Column* source = nullptr; ///< null for one that is being worked out
    };

    bool add(const Source& source, const std::vector<Source>& sources, const Environment& environment);
    std::optional<std::size_t> window_of(Id column, const std::vector<Source>& sources, const Environment& environment);

    std::vector<Step> steps_;
    std::vector<double> registers_;
    std::vector<std::uint32_t> outputs_; ///< the register of each column's result
    std::vector<Window> own_, others_;
    std::unordered_map<Id, std::size_t> known_others_;
    std::size_t before_ = 0, after_ = 0; ///< how far the loads reach out of the chunk
    std::size_t first_ = 0, count_ = 0, at_ = 0;
};

} // namespace ledgefall
