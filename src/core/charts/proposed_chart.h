#pragma once

#include "core/basics/result.h"
#include "core/engine/running/results.h"

namespace ledgefall {

/// The chart that the chosen columns of a table most likely ask for: of a table of classes a histogram of its counts,
/// or the cumulative curve of what is summed up to each class; over names bars, or boxes where names repeat; of two
/// columns of numbers points; of several, lines over the first; over dates lines; of one alone its values by row.
/// A sentence where there is nothing to draw.
Result<Chart> proposed_chart(const Study& study, const Results& results, Id table, const std::vector<Id>& columns);

} // namespace ledgefall
