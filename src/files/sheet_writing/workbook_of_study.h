#pragma once

#include "core/engine/running/results.h"
#include "files/worksheets/sheet.h"

namespace ledgefall {

/// A study as worksheets: a sheet for each table (of a two-way table one for each layer), the held values on one of
/// their own, with formulas wherever the standards' functions can say them. What they cannot say stands as values; the
/// workbook's reports say which, and why.
Workbook workbook_of_study(const Study& study, const Results& results);

} // namespace ledgefall
