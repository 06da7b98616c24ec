#pragma once

#include "core/study/edits/edits.h"

namespace ledgefall {

/// A table of observed beside expected counts, both columns of one table, with chi-squared, its degrees of freedom and
/// its probability. Neighbouring rows are pooled until at least 5 are expected in each; the least, and the number of
/// parameters estimated from the counts, are held and can be changed.
Result<Study> goodness_of_fit_table(const Study& study, Id observed, Id expected, Id* added = nullptr);

} // namespace ledgefall
