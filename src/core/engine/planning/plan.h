#pragma once

#include "core/engine/planning/definition_kinds.h"
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

/// A definition of the study, with its formulas bound and compiled.
struct PlannedDefinition {
    const DefinitionKind* what = &column_kind;
    DefinitionId id;
    const Table* table = nullptr;
    const ColumnDefinition* column = nullptr; ///< of a column; of a foot value, what it is taken of
    const HeldValue* held = nullptr;
    const FootLine* line = nullptr;
    const Check* check = nullptr;
    const Formula* number = nullptr; ///< of a chart
    Kind kind = Kind::number;
    std::vector<BoundFormula> bound;
    std::vector<Dependency> links;
    std::vector<std::shared_ptr<const WhatIfTerm>> what_ifs;
    std::optional<std::uint32_t> fault; ///< a fault site for all of it
    std::vector<PlannedPiece> pieces;
    TermPtr size; ///< how large the terms of a held or foot value are (`terms_size`), or null
    std::optional<Program> size_program;

    const Axis* axis = nullptr;      ///< of an axis
    GridPart along = GridPart::cell; ///< of a foot row

    std::vector<const Formula*> formulas() const { return what->formulas(*this); }
    bool has_cells() const { return what->work == Work::column; } ///< of its own table's rows
    bool stops() const { return what->work == Work::stop; }
    bool of_foot() const { return what->of_line != nullptr; }
    bool typed_layer() const { return has_cells() && axis == nullptr && table->typed_layer(*column); }
    bool computed() const { return what->always_worked || typed_layer() || !formulas().empty(); }
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
    /// for: those that are computed anew for each trial.
    std::unordered_map<const WhatIfTerm*, std::vector<std::size_t>> trials;

    const PlannedDefinition* find(const DefinitionId& id) const;
};

Plan make_plan(const Study& study);

} // namespace ledgefall
