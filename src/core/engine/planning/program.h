#pragma once

#include "core/engine/binding/term.h"

#include <array>
#include <memory>
#include <variant>
#include <vector>

namespace ledgefall {

/// Where an instruction finds an argument: in a register, which has a value for every row of the block, or among the
/// scalars, which have one for all rows.
struct Operand {
    bool scalar = true;
    std::uint32_t at = 0;
};

struct MeasureCall;
struct WhatIfCall;

/// What a step reads.
struct Arguments {
    static constexpr std::size_t most = Operation::most_arguments;
    std::array<Operand, most> at{};
    std::array<Kind, most> kinds{};
    std::uint8_t count = 0;

    void add(Operand operand, Kind kind) {
        at[count] = operand;
        kinds[count++] = kind;
    }
};

struct OperateStep {
    Operation operation;
    Arguments arguments;
    Faults faults;
};

/// The cells of a column in the rows of the block, or in rows at a fixed distance.
struct LoadStep {
    std::uint32_t column = 0; ///< its number in the program's list
    std::int64_t shift = 0;
    /// In a two-way table: its axis across, whose length tells a cell's row and column; then the load is so many rows
    /// and columns of the grid away.
    Id across;
    std::int64_t line_shift = 0;
    std::optional<double> otherwise; ///< the number that stands for missing cells and for those past the edges
    GridPart part = GridPart::cell;  ///< of an axis's value in each cell
};

/// One cell of a column.
struct GatherStep {
    std::uint32_t column = 0; ///< its number in the program's list
    Operand row;
    std::uint32_t no_such_row = 0, not_computed_yet = 0; ///< fault sites
};

struct RowNumberStep {
    GridPart part = GridPart::cell;
    Id across; ///< of a two-way table
};

struct CounterStep {
    Operand start;
};

struct MeasureStep {
    std::shared_ptr<const MeasureCall> call;
    Faults faults;
};

struct WhatIfStep {
    std::shared_ptr<const WhatIfCall> call;
    Arguments arguments;
};

struct Instruction {
    using What = std::variant<OperateStep, LoadStep, GatherStep, RowNumberStep, CounterStep, MeasureStep, WhatIfStep>;
    What what;
    Kind kind = Kind::number;
    std::uint32_t to = 0; ///< a register in the body; a scalar in the prelude
    bool checked = true;  ///< whether its results are looked through for what is not finite; else a later step is

    /// The step as one of its kind; null where it is of another.
    template <class Of>
    const Of* as() const {
        return std::get_if<Of>(&what);
    }
};

/// A scalar of a program, before its prelude has run.
struct Scalar {
    enum class From : std::uint8_t { constant, held, row_count, parameter, prelude };
    From from = From::constant;
    Value value;     ///< of a constant
    DefinitionId id; ///< of a held value or foot value, or the table whose rows are counted
};

/// A formula as steps to be run. The prelude is run once; the body over rows, a block at a time. Steps of the prelude
/// are the same instructions, with scalars for registers.
struct Program {
    std::vector<Id> columns, tables;         ///< columns that are read, and the table of each
    std::vector<std::uint32_t> not_a_number; ///< for each column, the fault of a cell in it that is not of its kind
    std::vector<Scalar> scalars;
    std::vector<Instruction> prelude, body;
    std::uint32_t registers = 0;
    std::uint32_t parameters = 0; ///< how many of the scalars, from the first, are given from outside
    std::vector<Operand> outputs;
    std::vector<Kind> output_kinds;
    /// Of a two-way table: how many columns to the left and right of a cell are read, and the table's axis across.
    std::size_t columns_before = 0, columns_after = 0;
    Id across;
    bool some_unchecked =
        false; ///< then a block in which something is not finite is run again, with every step checked
};

/// A what-if as a step of a program: its arguments are the values to try, and the row where what is asked needs it.
struct WhatIfCall {
    std::shared_ptr<const WhatIfTerm> meant;
    Program asked;
    bool at_row = false;
    std::uint32_t too_many = 0; ///< the error of more trials within trials than can be made
};

/// A measure as a step of a program: what it runs over, and the program that is run there.
struct MeasureCall {
    struct Taken {
        std::vector<std::uint32_t> values; ///< numbers of outputs of `inner`; several are paired
        std::optional<std::uint32_t> condition;
    };
    /// One side of a count such as `count(lower <= x < upper)`: x must lie above (or below) an outer value.
    struct Limit {
        Operand value;
        bool above = true;
        bool or_equal = false;
    };
    /// A range that moves with the row: from some rows before or after it (none: from the table's first) to some
    /// others.
    struct Window {
        std::optional<std::int64_t> from;
        std::int64_t to = 0;
    };
    MeasureTerm::Over over = MeasureTerm::Over::table;
    SearchGoal search = SearchGoal::none;
    DefinitionId itself; ///< what a search is of, and where it stands, for its faults
    Span span;
    std::optional<Window> window;
    RollingForm rolling = RollingForm::none; ///< of a window of plain numbers, or of a group within limits
    OfOrder of_order = nullptr;              ///< of one column, whose values in order are all it needs
    /// Then the first output is the x, which is sorted once and searched for each row; where rows are grouped, it is
    /// the last of what is taken, in whose order a group's sums are kept.
    std::vector<Limit> limits;
    /// The same with its rows grouped by keys, where the measure is of the rows that have a key's value, or several.
    std::shared_ptr<const MeasureCall> grouped;
    struct Key {
        std::uint32_t output = 0; ///< of the inner program
        Operand asked;            ///< its value in the outer row
        Kind kind = Kind::number;
    };
    std::vector<Key> keys;
    MakeAccumulator make = nullptr;
    Kind kind = Kind::number;
    Id table;
    Program inner;
    std::vector<Taken> samples;
    std::vector<Operand> parameters; ///< of the outer program, in the order of the inner one's parameters
    std::vector<Operand> plain;      ///< the plain arguments, of the outer program
    std::vector<Kind> plain_kinds;
    std::vector<Operand> values; ///< of a measure across values
    std::vector<Kind> value_kinds;
    std::optional<Operand> from, to;
    /// Of a part of a two-way table: its ends, where it has them, and the table's axes.
    struct Grid {
        std::optional<Operand> from_row, to_row, from_column, to_column;
        Id down, across;
    };
    std::optional<Grid> grid;
};

/// The first measure in a column's program that goes through all rows of a table anew for each row of the column, or
/// null.
const MeasureCall* measure_of_each_row(const Program& program);

/// Compiles a bound formula of the definition `itself`. A formula with several first values gives a program for each.
Program compile(const TermPtr& term, const DefinitionId& itself);

} // namespace ledgefall
