#include "core/value/date.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <chrono>
#include <cmath>
#include <cstdio>
#include <ctime>

namespace ledgefall {
namespace {

/// The number of exactly `count` digits at the front of `text`, which is then shortened by them.
std::optional<int> take_digits(std::string_view& text, std::size_t count) {
    int number = 0;
    const bool fits = text.size() >= count;
    const char* end = text.data() + (fits ? count : 0);
    const auto read = std::from_chars(text.data(), end, number);
    if (!fits || read.ptr != end || read.ec != std::errc() || number < 0) {
        return std::nullopt;
    }
    text.remove_prefix(count);
    return number;
}

bool take(std::string_view& text, std::string_view any_of) {
    if (text.empty() || any_of.find(text.front()) == std::string_view::npos) {
        return false;
    }
    text.remove_prefix(1);
    return true;
}

/// The decimals of a second, up to six of them, as milliseconds.
std::optional<double> take_milliseconds(std::string_view& text) {
    double microseconds = 0;
    for (const int worth : {100'000, 10'000, 1000, 100, 10, 1}) {
        const bool digit = !text.empty() && text.front() >= '0' && text.front() <= '9';
        if (!digit && worth == 100'000) {
            return std::nullopt;
        }
        microseconds += digit ? worth * (text.front() - '0') : 0;
        text.remove_prefix(digit ? 1 : 0);
    }
    return microseconds / 1000;
}

/// The fraction of a day that `hh:mm`, `hh:mm:ss` or `hh:mm:ss.f` is.
std::optional<double> read_time(std::string_view text) {
    const auto hour = take_digits(text, 2);
    const bool colon = take(text, ":");
    const auto minute = take_digits(text, 2);
    std::optional<int> second = 0;
    std::optional<double> millisecond = 0;
    if (take(text, ":")) {
        second = take_digits(text, 2);
        millisecond = second && take(text, ".") ? take_milliseconds(text) : millisecond;
    }
    if (!hour || !colon || !minute || !second || !millisecond || !text.empty() || *hour > 23 || *minute > 59 ||
        *second > 59) {
        return std::nullopt;
    }
    return ((*hour * 3600 + *minute * 60 + *second) * 1000 + *millisecond) / static_cast<double>(milliseconds_in_day);
}

} // namespace

std::optional<double> read_date(std::string_view text) {
    using namespace std::chrono;
    const auto y = take_digits(text, 4);
    const bool dash = take(text, "-");
    const auto m = take_digits(text, 2);
    const bool second_dash = take(text, "-");
    const auto d = take_digits(text, 2);
    if (!y || !m || !d || !dash || !second_dash) {
        return std::nullopt;
    }
    const year_month_day day{year(*y), month(static_cast<unsigned>(*m)), std::chrono::day(static_cast<unsigned>(*d))};
    if (!day.ok() || *y == 0) {
        return std::nullopt;
    }
    const auto whole = static_cast<double>(sys_days(day).time_since_epoch().count());
    if (text.empty()) {
        return whole;
    }
    if (!take(text, "T ")) {
        return std::nullopt;
    }
    const auto time = read_time(text);
    return time ? std::optional(whole + *time) : std::nullopt;
}

double day_of_today() {
    const std::time_t now = std::time(nullptr);
    std::tm here{};
    localtime_r(&now, &here);
    const std::chrono::year_month_day day{std::chrono::year(here.tm_year + 1900),
                                          std::chrono::month(static_cast<unsigned>(here.tm_mon + 1)),
                                          std::chrono::day(static_cast<unsigned>(here.tm_mday))};
    return static_cast<double>(std::chrono::sys_days(day).time_since_epoch().count());
}

std::int64_t milliseconds_of(double days) {
    return std::llround(days * static_cast<double>(milliseconds_in_day));
}

std::int64_t day_of(std::int64_t milliseconds) {
    const std::int64_t day = milliseconds / milliseconds_in_day;
    return milliseconds % milliseconds_in_day < 0 ? day - 1 : day;
}

std::string write_date(double days_since) {
    using namespace std::chrono;
    // To the microsecond, which is about what a day's number holds; what misses a millisecond by no more is rounding.
    constexpr double microseconds_in_day = 1000.0 * static_cast<double>(milliseconds_in_day);
    const std::int64_t nearest = milliseconds_of(days_since);
    const std::int64_t exact = std::llround(days_since * microseconds_in_day);
    const std::int64_t apart = exact - nearest * 1000;
    const double rounding =
        (std::nextafter(std::fabs(days_since), HUGE_VAL) - std::fabs(days_since)) * microseconds_in_day;
    const bool is_millisecond = std::fabs(static_cast<double>(apart)) <= rounding;
    const std::int64_t microseconds = is_millisecond ? nearest * 1000 : exact;
    const std::int64_t since = microseconds >= 0 ? microseconds / 1000 : (microseconds - 999) / 1000;
    const std::int64_t number = day_of(since);
    const year_month_day day{sys_days(days(static_cast<int>(number)))};
    std::array<char, 40> text{};
    std::snprintf(text.data(), text.size(), "%04d-%02u-%02u", static_cast<int>(day.year()),
                  static_cast<unsigned>(day.month()), static_cast<unsigned>(day.day()));
    std::string out = text.data();
    const auto time = static_cast<int>(since - number * milliseconds_in_day);
    const int second_decimals = time % 1000 * 1000 + static_cast<int>(microseconds - since * 1000);
    if (time == 0 && second_decimals == 0) {
        return out;
    }
    const int second = time / 1000;
    std::snprintf(text.data(), text.size(), " %02d:%02d", second / 3600, second / 60 % 60);
    out += text.data();
    if (time % 60'000 != 0 || second_decimals != 0) {
        std::snprintf(text.data(), text.size(), ":%02d", second % 60);
        out += text.data();
    }
    if (second_decimals != 0) {
        std::snprintf(text.data(), text.size(), ".%06d", second_decimals);
        out += text.data();
        out.erase(out.find_last_not_of('0') + 1);
    }
    return out;
}

} // namespace ledgefall
