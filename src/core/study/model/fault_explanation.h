#pragma once

#include "core/study/model/study.h"

namespace ledgefall {

/// What a fault is and where it began, in one sentence: "Pebbles.ratio, row 3: this divides by zero." `columns` tells
/// how many a two-way table has, by which the row and the column of its cell are told.
Sentence explain(const Study& study, Fault fault, std::size_t columns);

/// What a person should know of an unparsed cell: it is kept as typed, and is no number.
Sentence explain_odd(Kind kind, const std::string& typed);

} // namespace ledgefall
