#pragma once

#include "core/engine/functions/catalogue.h"
#include "core/study/model/scope.h"

#include <memory>
#include <optional>
#include <variant>
#include <vector>

namespace ledgefall {

struct Term;
using TermPtr = std::shared_ptr<const Term>;

/// One sample of a measure, or several that are paired row by row, and the condition for a row to be taken (or null).
struct Sample {
    std::vector<TermPtr> values;
    TermPtr condition;

    std::uint32_t on() const; ///< what its values and condition depend on
};

/// What a row number counts in a two-way table: all cells, the rows of the grid, or its columns.
enum class GridPart : std::uint8_t { cell, row, column };

/// The part of a two-way table that a measure runs over: from one row of the grid to another, and from one column to
/// another (from 1); null: the table's ends.
struct GridRange {
    TermPtr from_row, to_row, from_column, to_column;
    Id down, across; ///< the table's axes
};

/// A measure as it is meant: over the rows of a table (or a part of them), over a bound number, or across some values.
struct MeasureTerm {
    enum class Over : std::uint8_t { table, bound, values };
    const Function* function = nullptr;
    MakeAccumulator make = nullptr;
    Over over = Over::table;
    /// Of a measure over a bound number that looks for one of its values: where it comes to 0, is least, or greatest.
    SearchGoal search = SearchGoal::none;
    Id table;
    std::uint32_t level = 1; ///< of its rows
    std::vector<Sample> samples;
    std::vector<TermPtr> plain;
    TermPtr from, to;              ///< the first and last row (from 1) or number; null: the table's ends
    std::optional<GridRange> grid; ///< of a part of a two-way table

    /// Whether it is taken of all rows, whichever row asks.
    bool of_all_rows() const { return !from && !to && !grid; }
};

/// How one definition needs another; what decides whether columns that need each other can be computed row by row.
enum class DependencyKind : std::uint8_t {
    value,
    same_row,
    earlier_row,
    fixed_row,
    computed_row,
    later_row,
    rows_before,
    rows_to_here,
    same_stop, ///< of a column that decides where its table stops, to that decision
    whole
};

struct Dependency {
    DependencyKind type = DependencyKind::value;
    DefinitionId target;
    std::uint64_t row = 0;   ///< of a fixed row
    bool line_above = false; ///< of an earlier row of a two-way table: in an earlier row of the grid
};

/// What is asked with other values in the place of held ones. It is bound apart from the measures around it: of those
/// that run over rows it has none.
struct WhatIfTerm {
    TermPtr asked;
    std::vector<DefinitionId> replaced;
    std::vector<std::string> names;                       ///< of those, as written
    std::vector<Dependency> links;                        ///< what `asked` needs
    std::vector<std::shared_ptr<const WhatIfTerm>> inner; ///< the what-ifs in `asked`, those within them too
    Span span;
};

struct ConstantTerm {
    Value value;
};

/// The cells of a column in the rows that run.
struct ColumnTerm {
    Id id, table;
    std::uint32_t level = 0;        ///< whose rows it runs over
    std::int64_t shift = 0;         ///< rows from the running one
    std::int64_t line_shift = 0;    ///< of a layer: rows of the grid from the running one; `shift` then are columns
    GridPart part = GridPart::cell; ///< of an axis of a two-way table that is read in each cell
    Id across = {};                 ///< of what is told by the columns of a two-way table: its axis across
};

/// A held value, or a foot line's under one column.
struct HeldTerm {
    DefinitionId id;
};

/// One cell of a column.
struct CellTerm {
    Id id, table;
    TermPtr row; ///< from 1
};

struct RowNumberTerm {
    std::uint32_t level = 0;        ///< whose rows are counted
    GridPart part = GridPart::cell; ///< in a two-way table, what is counted
    Id across = {};                 ///< and its axis across
};

struct RowCountTerm {
    Id table;
};

/// The bound number of the innermost measure over one.
struct CounterTerm {};

struct OperationTerm {
    Operation operation;
    std::vector<TermPtr> kids = {};
    const Function* function = nullptr; ///< that was written as a call
    std::optional<Operator> op = {};    ///< that was written as an operator
    std::string_view domain = {};       ///< the sentence of a value outside the operation's domain
    std::string_view distribution = {}; ///< the sentence of numbers that a distribution's family does not take
    std::string_view no_division = {};  ///< the sentence of a division by zero, where it is not the usual one

    std::string display_name() const; ///< its sign or name, for sentences
};

/// A what-if: the values to try, and the row where what is asked needs it.
struct TriedTerm {
    std::shared_ptr<const WhatIfTerm> what_if;
    std::vector<TermPtr> values;
    TermPtr row;
};

/// A formula after its names have been bound and its kinds found: what the compiler reads. `on` says what a term
/// depends on, a bit a level: bit 0 is the formula's own row, bit k the rows of the k-th measure around it. A term that
/// does not depend on the rows that are running is computed once.
struct Term {
    using What = std::variant<ConstantTerm, ColumnTerm, HeldTerm, CellTerm, RowNumberTerm, RowCountTerm, CounterTerm,
                              OperationTerm, std::shared_ptr<const MeasureTerm>, TriedTerm>;
    What what;
    Kind kind = Kind::number;
    std::uint32_t on = 0;
    Span span;
    bool open_kind = false; ///< `missing` written out: of whatever kind is needed

    /// The term as one of its kind; null where it is of another.
    template <class Of>
    const Of* as() const {
        return std::get_if<Of>(&what);
    }
    /// An operation of two terms; null where it is none.
    const OperationTerm* pair() const {
        const OperationTerm* operation = as<OperationTerm>();
        return operation != nullptr && operation->kids.size() == 2 ? operation : nullptr;
    }
};

inline std::uint32_t levels_of(const std::vector<TermPtr>& terms) {
    std::uint32_t bits = 0;
    for (const TermPtr& term : terms) {
        bits |= term->on;
    }
    return bits;
}

inline std::uint32_t Sample::on() const {
    return levels_of(values) | (condition ? condition->on : 0);
}

struct StaticFault {
    Cause cause = Cause::syntax;
    Sentence what;
    Span span;
    std::optional<SuggestedCorrection> correction = std::nullopt;
    std::string waits_for = {}; ///< a name that is not there yet
};

struct BoundFormula {
    TermPtr term;               ///< of the formula, or of what follows `then`
    std::vector<TermPtr> first; ///< the first values of a recurrence
    std::vector<Dependency> links;
    std::vector<std::shared_ptr<const WhatIfTerm>> what_ifs;
    std::optional<StaticFault> fault; ///< then `term` is null
};

/// What a formula is bound in.
struct BindingScope {
    const Study* study = nullptr;
    const Table* own = nullptr;             ///< null: the ledge, where there are no rows
    bool has_rows = false;                  ///< false for held values and feet
    const ColumnDefinition* each = nullptr; ///< what `each` stands for
    GridPart along = GridPart::cell;        ///< of a foot line of a two-way table: what it is taken for each of
    DefinitionId itself;                    ///< what is being defined
    std::function<Kind(const DefinitionId&)> kind_of;
    std::function<void(Kind)> first_kind; ///< told as soon as the first values of a recurrence are bound
};

BoundFormula bind_formula(const Node& tree, const BindingScope& scope);

} // namespace ledgefall
