#pragma once

#include "core/study/edits/edits.h"
#include "core/study/unfoldings/unfolding.h"

#include <string>
#include <vector>

namespace ledgefall {

/// Adds to the columns' own table what leads to the measure by hand: columns, held values and a foot of sums, each with
/// a formula that can be read, ending in the same number; and a check that it equals the measure. Names that are taken
/// get a number. The columns are as many as the measure takes, of one table.
Result<Study> unfold(const Study& study, const std::string& name, const std::vector<Id>& columns);

} // namespace ledgefall
