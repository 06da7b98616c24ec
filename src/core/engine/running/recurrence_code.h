#pragma once

#include "core/engine/functions/operation.h"
#include "core/value/column.h"

#include <array>
#include <cstdint>
#include <limits>
#include <vector>

namespace ledgefall {

constexpr double no_number = std::numeric_limits<double>::quiet_NaN(); ///< for gaps, faults and what is not known yet

/// One operation on registers, which are plain numbers.
struct RecurrenceStep {
    enum class Code : std::uint8_t {
        call,
        add,
        subtract,
        multiply,
        divide,
        negate,
        square,
        cube,
        root,
        add_product,
        end
    };
    Code code = Code::call;
    std::uint32_t to = 0;
    std::array<std::uint32_t, 3> from{};
    Operation::Row call = nullptr;
    std::uint32_t carries = 0; ///< as an `Operation` has it: from which arguments a NaN surely reaches the result
};

/// A cell of a column that is put into a register before the steps of its row.
struct RecurrenceLoad {
    std::uint32_t to = 0;
    std::size_t window = 0; ///< a column that is computed, by its place; after those, one of `others`
    std::int64_t shift = 0;
    const double* cells = nullptr; ///< from where the chunk's first row reads; set while the program runs
};

/// Columns that are computed together, as one list of steps for a row: what the RecurrenceCompiler makes and the
/// RecurrenceProgram runs.
struct RecurrenceCode {
    std::vector<RecurrenceStep> steps;
    std::vector<RecurrenceLoad> loads;
    std::vector<std::uint32_t> row_numbers; ///< registers that hold the row's number
    std::vector<std::uint32_t> checked;     ///< registers that have to be finite, or the row needs care
    std::vector<double> registers;          ///< with the constants already in their places
    std::vector<std::uint32_t> outputs;     ///< the register of each column's result
    std::vector<const Column*> others;      ///< finished columns that are read
    std::size_t before = 1, after = 0;      ///< how many rows the loads reach out of a chunk
};

} // namespace ledgefall
