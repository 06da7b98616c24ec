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

/// Adds the limit that a comparison sets; false where it is no comparison of an expression over the rows of a measure
/// (a bit of `Term::on`), always the same one, with a limit that does not run over them.
bool add_limit(const Term& comparison, std::uint32_t rows, CountLimits& out);

/// The measure as such a count, if it is one and its limits follow the row: `count(x < x[i])`,
/// `count(lower <= Stones.size < upper)`. It can then be answered from sorted values, by a search for each row.
std::optional<CountLimits> count_limits(const MeasureTerm& measure);

} // namespace ledgefall
