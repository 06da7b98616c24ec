#include "core/value/date.h"

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

/// The fraction of a day that `hh:mm` or `hh:mm:ss` is.
std::optional<double> read_time(std::string_view text) {
    const auto hour = take_digits(text, 2);
    const bool colon = take(text, ":");
    const auto minute = take_digits(text, 2);
    std::optional<int> second = 0;
    if (take(text, ":")) {
        second = take_digits(text, 2);
    }
    if (!hour || !colon || !minute || !second || !text.empty() || *hour > 23 || *minute > 59 || *second > 59) {
        return std::nullopt;
    }
    return (*hour * 3600 + *minute * 60 + *second) / 86400.0;
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
    if (!day.ok()) {
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

std::string write_date(double days_since) {
    using namespace std::chrono;
    const double whole = std::floor(days_since);
    const year_month_day day{sys_days(days(static_cast<int>(whole)))};
    char text[40];
    std::snprintf(text, sizeof text, "%04d-%02u-%02u", static_cast<int>(day.year()), static_cast<unsigned>(day.month()),
                  static_cast<unsigned>(day.day()));
    std::string out = text;
    const auto second = static_cast<int>(std::llround((days_since - whole) * 86400));
    if (second > 0 && second < 86400) {
        std::snprintf(text, sizeof text, " %02d:%02d", second / 3600, second / 60 % 60);
        out += text;
        if (second % 60 != 0) {
            std::snprintf(text, sizeof text, ":%02d", second % 60);
            out += text;
        }
    }
    return out;
}

} // namespace ledgefall
