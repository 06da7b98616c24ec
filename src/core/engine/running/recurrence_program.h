#pragma once

#include "core/engine/planning/program.h"
#include "core/engine/running/runner.h"

#include <optional>
#include <unordered_map>

namespace ledgefall {

/// The programs of columns that are worked out together, row by row, as one list of steps on plain numbers. It knows no
/// gaps and no faults: a row in which a number is not finite, or a cell is missing, is given back to the programs
/// themselves, which find out what it is.
class RecurrenceProgram {
  public:
    struct Source {
        DefinitionId column;
        const Program* program = nullptr;
        const Runner* scalars = nullptr; ///< the program's, with its prelude run
    };

    /// Nothing where a program has a step that cannot be done in this way.
    static std::optional<RecurrenceProgram> of(const std::vector<Source>& sources, const Environment& environment);

    /// Begins with the rows from `first` (a multiple of the chunk size) on, up to a chunk of them; `cells` are where
    /// each column's results go.
    void begin(std::size_t first, std::size_t count, const std::vector<double*>& cells);

    /// Works out the chunk's rows from `from` on, up to `to` or to the first for which column `until` is yes, and gives
    /// the row it has come to: one that has to be done with care, where that is not the end.
    std::size_t run(std::size_t from, std::size_t to, std::optional<std::size_t> until);

    /// Says what a column's row came to when it was done with care.
    void put(std::size_t row, std::size_t column, const Value& value);

  private:
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
    struct Step {
        Code code = Code::call;
        std::uint32_t to = 0;
        std::array<std::uint32_t, 3> from{};
        Operation::Row call = nullptr;
    };
    /// A cell of a column that is put into a register before the steps of its row.
    struct Load {
        std::uint32_t to = 0;
        std::size_t window = 0;
        std::int64_t shift = 0;
        const double* cells = nullptr; ///< from where the chunk's first row reads
    };
    /// The cells of a column around the chunk; what is not a plain number stands as not a number.
    struct Window {
        std::vector<double> cells;
        const Column* source = nullptr; ///< null for one that is being worked out
    };

    bool add(const Source& source, const std::vector<Source>& sources, const Environment& environment);
    std::size_t window_of(Id column, const std::vector<Source>& sources, const Environment& environment);

    static std::optional<Code> code_of(Operation::RowCode code);
    bool add_load(const Instruction& instruction, const Program& program, const std::vector<Source>& sources,
                  const Environment& environment, std::uint32_t to);
    void join_products(std::size_t from);
    void read_before_written();
    void leave_out_covered_checks();
    bool run_row(std::size_t row, std::size_t k);
    static void run_steps(const Step* step, double* r);

    std::vector<Step> steps_;
    std::vector<Load> loads_;
    std::vector<std::uint32_t> row_numbers_; ///< registers that hold the row's number
    std::vector<std::uint32_t> checked_;     ///< registers that have to be finite, or the row needs care
    std::vector<double> registers_;
    std::vector<std::uint32_t> outputs_; ///< the register of each column's result
    std::vector<Window> own_, others_;
    struct Output {
        std::uint32_t from = 0;
        double* cells = nullptr; ///< where the chunk's first row stands
    };
    std::vector<Output> windows_; ///< those of our own that later rows are read from
    std::vector<double*> cells_;  ///< where the chunk's first row stands in each column
    static constexpr std::size_t held_rows = 64;
    std::vector<double> recent_; ///< the results of the latest rows, column by column
    std::unordered_map<Id, std::size_t> known_others_;
    std::size_t before_ = 0, after_ = 0; ///< how far the loads reach out of the chunk
    std::size_t first_ = 0, count_ = 0;
};

} // namespace ledgefall
