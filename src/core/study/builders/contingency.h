#pragma once

#include "core/study/edits/edits.h"

namespace ledgefall {

/// How often each value of one column meets each value of another, as counts with totals: a row for each value of
/// `down`, a column for each of `across` (two columns of one table). With `expected`, beside each count the one that
/// would be expected if the two had nothing to do with each other, row total times column total over all; and
/// chi-squared with its degrees of freedom and probability on the ledge.
Result<Study> contingency_table(const Study& study, Id down, Id across, const std::vector<Value>& values_across,
                                bool expected, Id* added = nullptr);

/// The most values across that make a table.
constexpr std::size_t most_across = 50;

} // namespace ledgefall
