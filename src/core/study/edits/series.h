#pragma once

#include "core/study/edits/edits.h"

#include <optional>
#include <vector>

namespace ledgefall {

/// How a started run of values goes on.
struct Pattern {
    enum class Way : std::uint8_t {
        repeat,   ///< the started values again and again
        steps,    ///< numbers, each by `step` more than the one before
        growth,   ///< numbers, each `step` times the one before
        days,     ///< dates, `step` days apart
        months,   ///< dates, `step` months apart, on the same day or, where a month has none such, on its last
        weekdays, ///< dates, the next `step` days from Monday to Friday
        labels,   ///< texts that end with a whole number, which goes on by `step`: dish 1, dish 2
    };
    Way way = Way::repeat;
    double step = 1;
    friend bool operator==(const Pattern&, const Pattern&) = default;
};

/// The way in which the started values seem to go on: two numbers by their difference, three or more in one ratio by
/// growth, dates by days or months, labels by their number; one number, and whatever fits nothing, is repeated.
Pattern pattern_of(const std::vector<Value>& started);

/// Whether the started values can go on in that way: numbers by steps, dates by days, …
bool fits(const std::vector<Value>& started, Pattern::Way way);

/// The value that comes `further` (from 1) places after the last of the started ones. Steps and growth are computed
/// from the last one, so that they do not drift, and rounded to the decimals that the values and the step have.
/// Missing where it cannot be: nothing started, a date beyond the calendar.
Value continued(const std::vector<Value>& started, const Pattern& pattern, std::size_t further);

/// Continues the columns from `column` to `last_column`, of which the rows from `row` on (`count` of them) are the
/// start, down to `to_row`; each column in its own way, or in `pattern` where one is given. Rows are added as needed.
Result<Study> continue_cells(const Study& study, Id table, std::size_t column, std::size_t last_column, std::size_t row,
                             std::size_t count, std::size_t to_row, const std::optional<Pattern>& pattern = {});

} // namespace ledgefall
