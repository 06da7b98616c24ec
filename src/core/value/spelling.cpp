#include "core/value/spelling.h"

#include "core/basics/trimmed.h"
#include "core/value/date.h"
#include "core/value/value.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <chrono>
#include <cmath>
#include <tuple>
#include <unicode/dtfmtsym.h>
#include <unicode/unistr.h>
#include <vector>

namespace ledgefall {
namespace {

bool is_digit(char c) {
    return c >= '0' && c <= '9';
}

void replace_all(std::string& text, std::string_view what, std::string_view with) {
    for (std::size_t at = text.find(what); at != std::string::npos; at = text.find(what, at + with.size())) {
        text.replace(at, what.size(), with);
    }
}

/// Whether each `sign` has three digits behind it, and the first one to three before it.
bool groups(std::string_view digits, char sign) {
    std::size_t since = 0;
    bool any = false;
    for (const char c : digits) {
        if (c == sign) {
            if (since == 0 || since > 3 || (any && since != 3)) {
                return false;
            }
            any = true;
            since = 0;
        } else if (is_digit(c)) {
            ++since;
        } else {
            return false;
        }
    }
    return any && since == 3;
}

/// The text with its powers of ten as an exponent: `1.2×10^-3` is `1.2e-3`.
std::string with_exponent(std::string text) {
    constexpr std::array<std::pair<std::string_view, std::string_view>, 12> raised = {{{"⁻", "-"},
                                                                                       {"⁺", ""},
                                                                                       {"⁰", "0"},
                                                                                       {"¹", "1"},
                                                                                       {"²", "2"},
                                                                                       {"³", "3"},
                                                                                       {"⁴", "4"},
                                                                                       {"⁵", "5"},
                                                                                       {"⁶", "6"},
                                                                                       {"⁷", "7"},
                                                                                       {"⁸", "8"},
                                                                                       {"⁹", "9"}}};
    for (const std::string_view times : {"×", "·", "*"}) {
        for (const char* blank : {"", " "}) {
            const std::string ten = std::string(blank) + std::string(times) + blank + "10";
            const std::size_t at = text.find(ten);
            if (at == std::string::npos || at == 0) {
                continue;
            }
            std::string power = text.substr(at + ten.size());
            power = power.starts_with('^') ? power.substr(1) : power;
            for (const auto& [high, low] : raised) {
                replace_all(power, high, low);
            }
            replace_all(power, "\u2212", "-");
            return text.substr(0, at) + "e" + power;
        }
    }
    return text;
}

/// The digits before an exponent or the sign of per cent, with their decimals behind a point and without groups.
std::string plain_digits(std::string digits, char decimal) {
    for (const std::string_view blank : {"\u00A0", "\u202F", "\u2009", "’", "'"}) {
        replace_all(digits, blank, " ");
    }
    const char other = decimal == '.' ? ',' : '.';
    const std::size_t point = digits.find(decimal);
    std::string whole = digits.substr(0, point);
    if (groups(whole, ' ')) {
        std::erase(whole, ' ');
    } else if (groups(whole, other)) {
        std::erase(whole, other);
    } else if (point == std::string::npos && std::count(whole.begin(), whole.end(), other) == 1) {
        std::replace(whole.begin(), whole.end(), other, '.'); // 12,5 groups nothing
        if (const std::size_t at = whole.find('.'); groups(whole.substr(0, at), ' ')) {
            std::string before = whole.substr(0, at);
            std::erase(before, ' ');
            whole = before + whole.substr(at);
        }
        return whole;
    }
    return point == std::string::npos ? whole : whole + "." + digits.substr(point + 1);
}

// --- dates ---

using Names = std::vector<icu::UnicodeString>;

/// The names of the months in the languages of the interface, in lower case.
Names month_names() {
    Names out;
    for (const char* language : {"en", "de"}) {
        UErrorCode error = U_ZERO_ERROR;
        int32_t count = 0;
        const icu::DateFormatSymbols symbols(icu::Locale(language), error);
        const icu::UnicodeString* names = symbols.getMonths(count);
        for (int32_t month = 0; U_SUCCESS(error) && month < count; ++month) {
            out.push_back(icu::UnicodeString(names[month]).foldCase());
        }
    }
    return out;
}

/// The month (from 1) that a word names, in full or by its first three letters or more.
int month_named(const std::string& word) {
    static const Names months = month_names();
    const icu::UnicodeString folded = icu::UnicodeString::fromUTF8(word).foldCase();
    for (std::size_t at = 0; at < months.size(); ++at) {
        if (folded.length() >= 3 && months[at].startsWith(folded)) {
            return static_cast<int>(at % 12) + 1;
        }
    }
    return 0;
}

/// A date in pieces: numbers and words, and the signs between them.
struct Pieces {
    std::vector<std::string> parts;
    std::string signs; ///< one of - / . or a blank for each place between two parts
};

std::optional<Pieces> pieces_of(std::string_view text) {
    Pieces out;
    for (std::size_t at = 0; at < text.size();) {
        const bool digit = is_digit(text[at]);
        const auto goes_on = [&](char c) {
            const bool letter =
                (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || static_cast<unsigned char>(c) >= 0x80;
            return digit ? is_digit(c) : letter;
        };
        std::size_t end = at;
        while (end < text.size() && goes_on(text[end])) {
            ++end;
        }
        if (end == at || out.parts.size() == 3) {
            return std::nullopt;
        }
        out.parts.emplace_back(text.substr(at, end - at));
        std::string between;
        while (end < text.size() && std::string_view(" -/.,").find(text[end]) != std::string_view::npos) {
            between += text[end] == ',' ? ' ' : text[end];
            ++end;
        }
        if (end < text.size()) {
            const std::size_t sign = between.find_first_not_of(' ');
            out.signs += sign == std::string::npos ? ' ' : between[sign];
        }
        at = end;
    }
    return out;
}

std::optional<int> number_of(const std::string& part) {
    int number = 0;
    const auto [end, error] = std::from_chars(part.data(), part.data() + part.size(), number);
    const bool whole = error == std::errc() && end == part.data() + part.size() && part.size() <= 4;
    return whole ? std::optional(number) : std::nullopt;
}

std::optional<int> year_of(const std::string& part) {
    const auto number = number_of(part);
    constexpr int pivot = 70;
    if (!number || (part.size() != 2 && part.size() != 4)) {
        return std::nullopt;
    }
    return part.size() == 4 ? number : std::optional(*number + (*number < pivot ? 2000 : 1900));
}

std::optional<double> day_at(std::optional<int> year, std::optional<int> month, std::optional<int> day) {
    using namespace std::chrono;
    if (!year || !month || !day || *year < 1 || *month < 1 || *day < 1) {
        return std::nullopt;
    }
    const year_month_day date{std::chrono::year(*year), std::chrono::month(static_cast<unsigned>(*month)),
                              std::chrono::day(static_cast<unsigned>(*day))};
    return date.ok() ? std::optional(static_cast<double>(sys_days(date).time_since_epoch().count())) : std::nullopt;
}

std::optional<double> read_day(std::string_view text, bool month_first) {
    const auto pieces = pieces_of(text);
    if (!pieces || pieces->parts.size() != 3) {
        return std::nullopt;
    }
    const auto& [a, b, c] = std::tie(pieces->parts[0], pieces->parts[1], pieces->parts[2]);
    if (!is_digit(a.front())) { // May 5, 2021
        return day_at(year_of(c), month_named(a), number_of(b));
    }
    if (!is_digit(b.front())) { // 5 May 2021
        return day_at(year_of(c), month_named(b), number_of(a));
    }
    const bool same = pieces->signs[0] == pieces->signs[1] && pieces->signs[0] != ' ';
    if (!same || !is_digit(c.front()) || b.size() > 2) {
        return std::nullopt;
    }
    if (a.size() == 4) { // 2021-5-3
        return c.size() > 2 ? std::nullopt : day_at(number_of(a), number_of(b), number_of(c));
    }
    if (a.size() > 2 || (pieces->signs[0] == '-' && c.size() == 2)) {
        return std::nullopt;
    }
    const bool month_is_first = month_first && pieces->signs[0] != '.'; // with points the day is first everywhere
    return month_is_first ? day_at(year_of(c), number_of(a), number_of(b))
                          : day_at(year_of(c), number_of(b), number_of(a));
}

/// The days by which an offset from Greenwich, `Z`, `+02:00`, `-0530`, at the end of a time moves it; it is cut off.
std::optional<double> take_offset(std::string& time) {
    if (time.ends_with('Z') || time.ends_with('z')) {
        time.pop_back();
        return 0;
    }
    const std::size_t at = time.find_last_of("+-");
    if (at == std::string::npos || at == 0) {
        return 0;
    }
    std::string digits = time.substr(at + 1);
    std::erase(digits, ':');
    const auto number = number_of(digits);
    if (!number || (digits.size() != 2 && digits.size() != 4)) {
        return std::nullopt;
    }
    const int minutes = digits.size() == 2 ? *number * 60 : *number / 100 * 60 + *number % 100;
    const double sign = time[at] == '+' ? -1 : 1;
    time.resize(at);
    constexpr double minutes_in_day = 1440;
    return sign * minutes / minutes_in_day;
}

} // namespace

std::optional<double> read_spelled_number(std::string_view typed, const Spelling& spelling) {
    if (const auto plain = read_number(typed, spelling.decimal)) {
        return plain;
    }
    std::string text = with_exponent(std::string(trimmed(typed)));
    std::string sign;
    for (const std::string_view one : {"-", "\u2212", "+"}) {
        if (sign.empty() && text.starts_with(one)) {
            sign = one == "+" ? "" : "-";
            text.erase(0, one.size());
            if (text.empty() || !(is_digit(text.front()) || text.front() == '.' || text.front() == ',')) {
                return std::nullopt;
            }
            break;
        }
    }
    const std::size_t digits_end = std::min(text.find_first_of("eE%"), text.size());
    const std::string digits(trimmed(std::string_view(text).substr(0, digits_end)));
    std::string rest(trimmed(std::string_view(text).substr(digits_end)));
    replace_all(rest, "\u2212", "-");
    return read_number(sign + plain_digits(digits, spelling.decimal) + rest);
}

std::optional<double> read_fraction(std::string_view typed) {
    std::string text(trimmed(typed));
    const bool negative = text.starts_with('-') || text.starts_with("\u2212");
    text.erase(0, negative ? (text.starts_with('-') ? 1 : 3) : 0);
    const std::size_t blank = text.find(' ');
    const std::size_t bar = text.find('/');
    if (bar == std::string::npos || (blank != std::string::npos && blank > bar)) {
        return std::nullopt;
    }
    const std::size_t from = blank == std::string::npos ? 0 : blank + 1;
    const auto whole_number = [](const std::string& part) -> std::optional<double> {
        const bool digits = !part.empty() && part.size() < 10 && std::all_of(part.begin(), part.end(), is_digit);
        return digits ? read_number(part) : std::nullopt;
    };
    const auto whole = blank == std::string::npos ? std::optional(0.0) : whole_number(text.substr(0, blank));
    const auto above = whole_number(text.substr(from, bar - from));
    const auto below = whole_number(text.substr(bar + 1));
    if (!whole || !above || !below || *below == 0) {
        return std::nullopt;
    }
    const double size = (*whole * *below + *above) / *below;
    return negative ? -size : size;
}

bool offset_changes_day(std::string_view typed) {
    const std::size_t colon = typed.find(':');
    const std::size_t offset = typed.find_last_of("+-");
    if (colon == std::string_view::npos || offset == std::string_view::npos || offset < colon) {
        return false;
    }
    const auto written = read_spelled_date(typed.substr(0, offset));
    const auto read = read_spelled_date(typed);
    return written && read && std::floor(*written) != std::floor(*read);
}

std::optional<double> read_spelled_date(std::string_view typed, const Spelling& spelling) {
    if (std::count_if(typed.begin(), typed.end(), is_digit) + 2 > static_cast<std::ptrdiff_t>(typed.size())) {
        return std::nullopt; // a date has three parts with separators between them: rejects most numbers early
    }
    if (const auto iso = read_date(typed)) {
        return iso;
    }
    const std::string text(trimmed(typed));
    const std::size_t colon = text.find(':');
    std::string day = text;
    std::string time;
    if (colon != std::string::npos) { // a time of day stands behind the last blank, or a T, before its first colon
        const std::size_t before = text.find_last_of(" T", colon);
        if (before == std::string::npos) {
            return std::nullopt;
        }
        day = trimmed(std::string_view(text).substr(0, before));
        time = text.substr(before + 1);
        if (const std::size_t dot = time.find(':'); dot == 1) { // 9:30
            time = "0" + time;
        }
    }
    const auto days = read_day(day, spelling.month_first);
    const auto offset = take_offset(time);
    if (!days || !offset || time.empty() != (colon == std::string::npos)) {
        return std::nullopt;
    }
    const auto at = read_date(write_date(*days) + (time.empty() ? "" : " " + time));
    const double moved = at ? *at + *offset : 0;
    return at && in_calendar(moved) ? std::optional(moved) : std::nullopt;
}

bool has_two_dates(std::string_view typed) {
    const auto day_first = read_spelled_date(typed, {'.', false});
    const auto month_first = read_spelled_date(typed, {'.', true});
    return day_first && month_first && *day_first != *month_first;
}

bool has_two_numbers(std::string_view typed) {
    const auto point = read_spelled_number(typed, {'.'});
    const auto comma = read_spelled_number(typed, {','});
    return point && comma && *point != *comma;
}

} // namespace ledgefall
