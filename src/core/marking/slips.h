#pragma once

#include "core/formula/tree.h"
#include "core/study/model/study.h"

namespace ledgefall {

/// Where a formula stands that a slip changes.
struct SlipPlace {
    const Study& study;
    const Table* table;             ///< null: on the study's ledge
    const ColumnDefinition* column; ///< null: it is no column's
};

/// A mistake that is often made: a small change of the right formula.
struct Slip {
    std::string_view name;     ///< `division_reversed`, as the marks have it
    std::string_view feedback; ///< a sentence for the student
    /// What may stand in the place of one part of the right formula, where the mistake is made there.
    std::vector<std::string> (*instead)(const Node& part, const SlipPlace& place);
    /// The same of the formula as a whole; null where there is none.
    std::vector<std::string> (*of_whole)(const Node& formula) = nullptr;
    bool in_places = false; ///< parts inside `[ ]` are changed too
};

/// Every slip there is, the likelier before the others.
const std::vector<Slip>& slips();

/// The formulas that come of the slip, made once in the right one.
std::vector<std::string> slipped(const Slip& slip, const Node& formula, const SlipPlace& place);

} // namespace ledgefall
