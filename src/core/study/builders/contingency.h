#pragma once

#include "core/study/edits/edits.h"

namespace ledgefall {

/// How often each value of one column meets each value of another (two columns of one table), as a two-way table: its
/// layers count, tell the share of the row, of the column and of all, the count that would be expected if the two had
/// nothing to do with each other, the residual (n − expected) / √expected and the contribution to χ². On its ledge χ²,
/// its degrees of freedom and probability, and Cramér's V. New values come by themselves.
Result<Study> contingency_table(const Study& study, Id down, Id across, Id* added = nullptr);

} // namespace ledgefall
