#pragma once

#include "core/engine/planning/program.h"
#include "core/study/model/study.h"

#include <unordered_map>
#include <vector>

namespace ledgefall {

/// What one formula of a definition comes to: the rows it is for, and the programs for them.
struct PlannedPiece {
    std::optional<std::uint64_t> from, to; ///< ids of rows; none: from the first, to the last
    std::vector<Program> first;
    Program program;
};

/// A column, held value, foot value or number of rows, with its formulas bound and compiled.
struct PlannedDefinition {
    enum class What : std::uint8_t {
        column,
        held,
        foot,
        row_count,
        until,
        check,
        axis,
        chart_number,
        cells,   ///< of a two-way table: how many cells it has
        foot_row ///< of a two-way table: a foot line's values under all columns of a layer, or beside all its rows
    };
    What what = What::column;
    DefinitionId id;
    const Table* table = nullptr;
    const ColumnDefinition* column = nullptr; ///< of a column; of a foot value, what it is taken of
    const HeldValue* held = nullptr;
    const FootLine* line = nullptr;
    const Check* check = nullptr;
    const Formula* number = nullptr; ///< of a chart
    Kind kind = Kind::number;
    std::vector<BoundFormula> bound;
    std::vector<Link> links;
    std::vector<std::shared_ptr<const WhatIfTerm>> what_ifs;
    std::optional<std::uint32_t> fault; ///< a fault site for all of it
    std::vector<PlannedPiece> pieces;
    TermPtr size; ///< how large the terms of a held or foot value are (`terms_size`), or null
    std::optional<Program> size_program;

    const Axis* axis = nullptr;      ///< of an axis
    GridPart along = GridPart::cell; ///< of a foot row

    std::vector<const Formula*> formulas() const;
    DefinitionId id_of_line(Id line) const; ///< of another foot line's value, or values, where this one has its own
    bool typed_layer() const { return what == What::column && axis == nullptr && table->typed_layer(*column); }
    bool worked() const { return what == What::axis || what == What::cells || typed_layer() || !formulas().empty(); }
};

/// All definitions of a study, and the groups in which they are computed: one by itself, or several columns row by row.
struct Plan {
    struct Group {
        std::vector<std::size_t> members; ///< in the order in which a row needs them
        bool by_rows = false;
        std::size_t depth = 0; ///< groups of one depth need nothing of each other
    };
    std::vector<PlannedDefinition> definitions;
    std::unordered_map<DefinitionId, std::size_t> by_id;
    std::vector<Group> groups;
    /// Of each what-if the groups, by their numbers and in order, that lie between what it replaces and what it asks
    /// for: those that are worked out anew for each trial.
    std::unordered_map<const WhatIfTerm*, std::vector<std::size_t>> trials;

    const PlannedDefinition* find(const DefinitionId& id) const;
};

Plan make_plan(const Study& study);

} // namespace ledgefall
