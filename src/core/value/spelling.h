#pragma once

#include <optional>
#include <string>
#include <string_view>

namespace ledgefall {

/// How numbers and dates are spelled where a spelling can mean two things: the sign before decimals (the other one of
/// point and comma then groups thousands), and whether 12/05/2021 is in May or, month first, in December.
struct Spelling {
    char decimal = '.';
    bool month_first = false;

    Spelling(char sign = '.', bool month_comes_first = false)
        : decimal(sign)
        , month_first(month_comes_first) {}
};

/// A number as people write it: `12,5`, `1 250`, `1,250`, `3 %`, `1.2e-3`, `1.2×10^-3`; nothing where it is none.
std::optional<double> read_spelled_number(std::string_view typed, const Spelling& spelling = {});
/// A fraction of whole numbers, `2/5` or `1 1/2`.
std::optional<double> read_fraction(std::string_view typed);
/// A date as people write it: `2021-5-3`, `12/05/2021`, `12.5.21`, `5 May 2021`, `May 5, 2021`, each with or without a
/// time of day, which may end with Z or an offset and is then that of Greenwich. Years of two digits are those from
/// 1970 to 2069. Nothing where the day does not exist.
std::optional<double> read_spelled_date(std::string_view typed, const Spelling& spelling = {});

/// Whether a time's offset from Greenwich moves it to another day than is written.
bool offset_changes_day(std::string_view typed);

/// Whether both orders of day and month give a date, and not the same one.
bool has_two_dates(std::string_view typed);
/// Whether a comma or point may group thousands or begin decimals, as in `1,250`.
bool has_two_numbers(std::string_view typed);

} // namespace ledgefall
