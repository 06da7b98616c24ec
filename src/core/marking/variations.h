#pragma once

#include "core/study/model/study.h"

namespace ledgefall {

/// The given columns and held values of a key that are not asked: what a formula has to follow.
std::vector<Id> given_parts(const Study& key, const std::vector<AskedItem>& asked);

/// The study with other values in its given parts: of a column drawn from those it has and a little beside them, with
/// as many decimals, rising where they rise; of a held value up to a third more or less. The same for the same number.
Study varied(const Study& study, const std::vector<Id>& parts, std::uint64_t number);

/// `key` with the values that `study` has in its given parts, and the rows that they need.
Study with_values_of(Study key, const Study& study, const std::vector<Id>& parts);

/// Whether both have the same values in these parts.
bool same_values(const Study& a, const Study& b, const std::vector<Id>& parts);

} // namespace ledgefall
