#pragma once

#include "core/study/study.h"
#include "core/value/result.h"

namespace ledgefall {

/// More different values than these make no table of categories.
constexpr std::size_t most_categories = 100'000;

/// The categories of a column's cells, one cell for each, in the order that is asked for. Missing cells and faults are
/// in none; of months, years and weekdays only dates are. A sentence where there would be more than the most.
Result<Column> rows_of_categories(const Column& cells, const Categories& how);

} // namespace ledgefall
