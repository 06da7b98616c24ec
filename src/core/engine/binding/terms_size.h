#pragma once

#include "core/formula/tree.h"
#include "core/study/model/scope.h"

namespace ledgefall {

/// How large the terms are that a value is made of, as a formula: of a sum or a difference the sizes of its terms, of
/// the sum or mean of a column those of its cells, and of a name those of its own formula, as far as that can be read
/// here. Rounding leaves an error of that size behind, not of the result's: deviations from a mean add up to some
/// 1e-14. Null where nothing is added or subtracted, so that the value's own size is what counts.
/// @param own where the formula stands (null: on the study's ledge)
/// @param each the column that `each` stands for, or null
NodePtr terms_size(const Node& tree, const Study& study, const Table* own, const ColumnDefinition* each);

} // namespace ledgefall
