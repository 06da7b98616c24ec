#pragma once

#include "core/engine/binding/term.h"

namespace ledgefall {

/// A count of the rows in which one expression lies within limits that do not run over those rows.
struct CountLimits {
    struct Limit {
        TermPtr value;
        bool above = true;
        bool or_equal = false;
    };
    TermPtr counted;
    std::vector<Limit> limits; ///< one or two, in the order in which they are written
};

/// The measure as such a count, if it is one and its limits follow the row: `count(x < x[i])`,
/// `count(lower <= Stones.size < upper)`. It can then be answered from sorted values, by a search for each row.
std::optional<CountLimits> count_limits(const MeasureTerm& measure);

} // namespace ledgefall
