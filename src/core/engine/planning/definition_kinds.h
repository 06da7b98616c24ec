#pragma once

#include "core/engine/binding/binder.h"
#include "core/study/model/study.h"

namespace ledgefall {

struct Plan;
struct PlannedDefinition;

/// How a definition is computed.
enum class Work : std::uint8_t { single, row_count, column, stop, axis, grid_size, foot_row };

/// One kind of definition: all that planning and computing ask of it. The kinds are the entries of
/// definition_kinds.cpp.
struct DefinitionKind {
    Work work = Work::single;
    std::vector<const Formula*> (*formulas)(const PlannedDefinition& definition) = nullptr;
    /// The links that it has beside those of its formulas; null where there are none.
    void (*link)(const Plan& plan, PlannedDefinition& definition) = nullptr;
    /// Why its formula cannot give values of a kind; null where it can give any.
    std::optional<Sentence> (*refuses)(Kind kind) = nullptr;
    /// The value of another foot line that a name means, of a foot value.
    DefinitionId (*of_line)(const PlannedDefinition& definition, Id line) = nullptr;
    bool always_worked = false; ///< without formulas too
    bool names_rows = false;    ///< its formula is computed row by row
    bool in_table = true;       ///< its formula sees the names of its table
    bool brings_rows = false;   ///< what uses it needs the number of its table's rows
    bool needs_rows = false;    ///< it needs the number of its table's rows
    bool has_size = false;      ///< its terms have a size, by which what is only rounding is told
};

/// A column, or an axis whose cells are typed.
extern const DefinitionKind column_kind;
extern const DefinitionKind held_kind;
extern const DefinitionKind check_kind;
extern const DefinitionKind chart_number_kind;
extern const DefinitionKind row_count_kind;
/// The condition for a table's last row.
extern const DefinitionKind early_stop_kind;
/// An axis that is computed.
extern const DefinitionKind axis_kind;
/// How many cells a two-way table has.
extern const DefinitionKind grid_size_kind;
extern const DefinitionKind foot_kind;
/// A foot line's values under all columns of a layer of a two-way table, or beside all its rows.
extern const DefinitionKind foot_row_kind;

} // namespace ledgefall
