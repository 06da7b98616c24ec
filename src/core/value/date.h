#pragma once

#include <optional>
#include <string>
#include <string_view>

namespace ledgefall {

/// Days since 1970-01-01 of an ISO 8601 date, `2026-05-03`, with or without a time of day, `2026-05-03 14:30` or
/// `…:05`; nothing where the text is not such a date or the day does not exist.
std::optional<double> read_date(std::string_view text);

/// The day it is here, by the machine's clock and time zone.
double day_of_today();

/// The date written after ISO 8601, with its time of day (to the second) where it has one.
std::string write_date(double days);

} // namespace ledgefall
