#pragma once

#include "core/engine/planning/count_limits.h"

namespace ledgefall {

/// A measure of the rows in which an expression has the value that something has in the formula's own row: `mean(x
/// where site = site[i])`, or several have. The rows are then grouped once by the expressions, and each row of the
/// formula asks for its group. Of sums, means and counts an expression may also lie within limits that the formula's
/// row sets, as in `sum(x where site = site[i] and day < day[i])`: the rows of a group are then put in order of it.
struct GroupKey {
    std::vector<TermPtr> keys;  ///< over the measure's rows
    std::vector<TermPtr> asked; ///< of each, in the formula's own row
    CountLimits within;         ///< with no limits where there are none
    Sample rest;                ///< what is measured, and the rest of the condition (or null)
    MakeAccumulator make = nullptr;
    RollingForm adding = RollingForm::none; ///< within limits: what is made of the values; none: their number
};

/// The measure as such a one, if it is one: over a whole table, of one sample, with such comparisons among conditions
/// that are joined by `and`, and nothing else in it that depends on the formula's row.
std::optional<GroupKey> group_key(const MeasureTerm& measure);

} // namespace ledgefall
