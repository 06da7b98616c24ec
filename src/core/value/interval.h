#pragma once

#include "core/value/value.h"

#include <string>

namespace ledgefall {

/// A class: the numbers between two limits, each of which belongs to it where it is closed there. A limit may be
/// infinite, as that of a first or last class that is open.
struct Interval {
    double lower = 0, upper = 0;
    bool with_lower = true, with_upper = false;
    /// To what the numbers in it are recorded, half of which lies between its limits as written and its boundaries: 30
    /// to 34 recorded to 1 is [29.5, 34.5). 0: they are continuous.
    double recorded_to = 0;

    /// The least and the greatest number that a double can be in it.
    double first() const;
    double last() const;
    friend bool operator==(const Interval&, const Interval&) = default;
};

/// `[10, 20)`, or `10–19` where numbers are recorded to 1; an open end as `< 10` or `≥ 70`.
std::string write_interval(const Interval& interval);

/// A class as a value, held once for the whole program: equal ones are the same value.
Value interval_value(const Interval& interval);
/// What such a value holds; the value must be plain and of that kind.
const Interval& interval_of(const Value& value);

} // namespace ledgefall
