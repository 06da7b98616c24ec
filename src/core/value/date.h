#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <string_view>

namespace ledgefall {

// A date is the number of days since 1970-01-01, with the time of day as its fraction. A double holds every millisecond
// of the calendar's years apart from the next, but not exactly: what is counted or written is counted in milliseconds.

constexpr double first_day = -719162; ///< 0001-01-01
constexpr double last_day = 2932896;  ///< 9999-12-31
constexpr bool in_calendar(double days) {
    return days >= first_day && days < last_day + 1;
}

constexpr std::int64_t milliseconds_in_day = 86'400'000;
/// A date in the calendar as whole milliseconds since 1970-01-01.
std::int64_t milliseconds_of(double days);
/// The day on which so many milliseconds since 1970-01-01 fall.
std::int64_t day_of(std::int64_t milliseconds);

/// Days since 1970-01-01 of an ISO 8601 date of the years 1 to 9999, `2026-05-03`, with or without a time of day,
/// `2026-05-03 14:30`, `…:05` or `…:05.25`; nothing where the text is not such a date or the day does not exist.
std::optional<double> read_date(std::string_view text);

/// The day it is here, by the machine's clock and time zone.
double day_of_today();

/// The date written after ISO 8601, with its time of day (to the millisecond) where it has one.
std::string write_date(double days);

} // namespace ledgefall
