// Functions of dates; the calendar is that of <chrono>.

#include "core/engine/functions/catalogue_parts.h"
#include "core/engine/functions/operation_templates.h"
#include "core/value/date.h"

#include <chrono>
#include <cmath>

namespace ledgefall::catalogue_parts {
namespace {

using namespace std::chrono;

year_month_day calendar_day(double date) {
    return sys_days(days(static_cast<int>(day_of(milliseconds_of(date)))));
}

Value make_date(const Value* a, std::size_t count, const Faults& faults) {
    const auto passed = passed_on(a, count, Kind::date);
    if (passed) {
        return *passed;
    }
    constexpr double most[] = {9999, 12, 31};
    for (std::size_t at = 0; at < count; ++at) {
        const double part = a[at].number();
        if (part != std::floor(part) || part < 1 || part > most[at]) {
            return faults.out_of_domain();
        }
    }
    const year_month_day day{year(static_cast<int>(a[0].number())), month(static_cast<unsigned>(a[1].number())),
                             std::chrono::day(static_cast<unsigned>(a[2].number()))};
    return day.ok() ? Value::of(static_cast<double>(sys_days(day).time_since_epoch().count()), Kind::date, State::plain)
                    : faults.out_of_domain();
}

/// A part of one date, from a function object of its calendar day.
template <class F>
Operation part_of_date() {
    return {[](const Value* a, std::size_t count, const Faults&) {
                const auto passed = passed_on(a, count, Kind::number);
                return passed ? *passed : Value::number(F()(calendar_day(a[0].number())));
            },
            nullptr, Kind::number};
}

struct Year {
    double operator()(year_month_day day) const { return static_cast<int>(day.year()); }
};
struct Month {
    double operator()(year_month_day day) const { return static_cast<unsigned>(day.month()); }
};
struct Day {
    double operator()(year_month_day day) const { return static_cast<unsigned>(day.day()); }
};
struct Weekday {
    double operator()(year_month_day day) const { return weekday(sys_days(day)).iso_encoding(); }
};

/// Completed months from a to the later b, both in milliseconds: a month is complete once its day, and its time of day,
/// have come again.
std::int64_t completed_months(std::int64_t a, std::int64_t b) {
    const year_month_day from = sys_days(days(static_cast<int>(day_of(a))));
    const year_month_day to = sys_days(days(static_cast<int>(day_of(b))));
    const std::int64_t months =
        12 * (static_cast<int>(to.year()) - static_cast<int>(from.year())) +
        (static_cast<int>(static_cast<unsigned>(to.month())) - static_cast<int>(static_cast<unsigned>(from.month())));
    const auto in_month = [](std::int64_t at, const year_month_day& day) {
        return static_cast<unsigned>(day.day()) * milliseconds_in_day + (at - day_of(at) * milliseconds_in_day);
    };
    return in_month(b, to) < in_month(a, from) ? months - 1 : months;
}

/// Completed units between two dates, from a function object of their milliseconds; below 0 where the second is
/// earlier.
template <class F>
Operation between_dates() {
    return {[](const Value* a, std::size_t count, const Faults&) {
                const auto passed = passed_on(a, count, Kind::number);
                if (passed) {
                    return *passed;
                }
                const std::int64_t from = milliseconds_of(a[0].number());
                const std::int64_t to = milliseconds_of(a[1].number());
                return Value::number(static_cast<double>(from <= to ? F()(from, to) : -F()(to, from)));
            },
            nullptr, Kind::number};
}

struct Years {
    std::int64_t operator()(std::int64_t a, std::int64_t b) const { return completed_months(a, b) / 12; }
};
struct Months {
    std::int64_t operator()(std::int64_t a, std::int64_t b) const { return completed_months(a, b); }
};
struct Weeks {
    std::int64_t operator()(std::int64_t a, std::int64_t b) const { return (b - a) / (7 * milliseconds_in_day); }
};
struct Days {
    std::int64_t operator()(std::int64_t a, std::int64_t b) const { return (b - a) / milliseconds_in_day; }
};

} // namespace

std::vector<Function> dates() {
    const Argument on{"d", Role::plain, Kind::date};
    const std::vector<Argument> two = {{"a", Role::plain, Kind::date}, {"b", Role::plain, Kind::date}};
    return {
        plain_function(
            "date", {{"y"}, {"m"}, {"d"}}, {&make_date, nullptr, Kind::date},
            N_("The date of a year, a month and a day."), "date(2026, 5, 4)", "2026-05-04",
            N_("there is no such date: years run from 1 to 9999, months to 12, days to the end of the month")),
        {.name = "today",
         .purpose = N_("The current date, or the date set in the study."),
         .example = "days(today(), today())",
         .example_result = "0",
         .special = Special::today,
         .operation = {&make_date, nullptr, Kind::date}},
        plain_function("year", {on}, part_of_date<Year>(), N_("The year of a date."), "year(date(2026, 5, 4))", "2026"),
        plain_function("month", {on}, part_of_date<Month>(), N_("The month of a date, from 1."),
                       "month(date(2026, 5, 4))", "5"),
        plain_function("day", {on}, part_of_date<Day>(), N_("The day of the month."), "day(date(2026, 5, 4))", "4"),
        plain_function("weekday", {on}, part_of_date<Weekday>(), N_("The day of the week: 1 is Monday, 7 is Sunday."),
                       "weekday(date(2026, 5, 4))", "1", "", "ISO 8601"),
        plain_function("years", two, between_dates<Years>(), N_("Completed years from a to b."),
                       "years(date(2024, 2, 29), date(2026, 2, 28))", "1"),
        plain_function(
            "months", two, between_dates<Months>(),
            N_("Completed months from a to b; a month is complete when its day of the month is reached again."),
            "months(date(2026, 1, 31), date(2026, 3, 1))", "1"),
        plain_function("weeks", two, between_dates<Weeks>(), N_("Completed weeks from a to b."),
                       "weeks(date(2026, 5, 4), date(2026, 5, 17))", "1"),
        plain_function("days", two, between_dates<Days>(), N_("Completed days from a to b."),
                       "days(date(2026, 2, 27), date(2026, 3, 2))", "3"),
    };
}

} // namespace ledgefall::catalogue_parts
