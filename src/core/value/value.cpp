#include "core/value/value.h"

#include "core/basics/trimmed.h"
#include "core/value/date.h"
#include "core/value/distribution.h"
#include "core/value/interval.h"

#include <array>
#include <charconv>
#include <cmath>

namespace ledgefall {
namespace {

constexpr std::array<std::pair<Kind, std::string_view>, 6> kind_names = {{{Kind::number, "number"},
                                                                          {Kind::text, "text"},
                                                                          {Kind::yes_no, "yes_no"},
                                                                          {Kind::date, "date"},
                                                                          {Kind::interval, "class"},
                                                                          {Kind::distribution, "distribution"}}};

/// The digits of a whole number that is written without anything else; else nothing.
std::string_view digits_of(std::string_view typed) {
    std::string_view text = trimmed(typed);
    if (!text.empty() && (text.front() == '-' || text.front() == '+')) {
        text.remove_prefix(1);
    }
    const bool whole = std::all_of(text.begin(), text.end(), [](char c) { return c >= '0' && c <= '9'; });
    return whole ? text : std::string_view();
}

} // namespace

Value Value::persistent() const {
    if ((plain() && kind_ == Kind::text) || state_ == State::unparsed) {
        return Value::of(slot_of(Text(text().str())), kind_, state_);
    }
    if (plain() && kind_ == Kind::interval) {
        return interval_value(interval_of(*this));
    }
    if (plain() && kind_ == Kind::distribution) {
        const Distribution& d = distribution_of(*this);
        return distribution_value(d.family == Family::listed ? listed_distribution(listed_values(d)) : d);
    }
    return is_fault() ? Value::fault({fault_site(fault().at()), fault().row}) : *this;
}

std::string kind_name(Kind kind) {
    for (const auto& [entry, name] : kind_names) {
        if (entry == kind) {
            return std::string(name);
        }
    }
    return "number";
}

std::optional<Kind> kind_named(std::string_view name) {
    for (const auto& [kind, entry] : kind_names) {
        if (entry == name) {
            return kind;
        }
    }
    return std::nullopt;
}

std::string kind_in_words(Kind kind) {
    switch (kind) {
    case Kind::number:
        return NC_("Kind", "a number");
    case Kind::text:
        return NC_("Kind", "text");
    case Kind::yes_no:
        return NC_("Kind", "a yes/no value");
    case Kind::date:
        return NC_("Kind", "a date");
    case Kind::interval:
        return NC_("Kind", "a class");
    case Kind::distribution:
        return NC_("Kind", "a distribution");
    }
    return "a value";
}

namespace {

/// Of a number that no double holds, in powers of ten: whether it is too small rather than too large.
bool is_tiny(std::string_view text) {
    const std::size_t exponent = text.find_first_of("eE");
    return exponent != std::string_view::npos ? text.substr(exponent + 1).starts_with('-') : text.find('.') <= 1;
}

} // namespace

std::optional<double> read_number(std::string_view typed, char decimal) {
    std::string text(trimmed(typed));
    if (text.starts_with("\u2212")) {
        text.replace(0, 3, "-");
    } else if (text.starts_with('+')) {
        text.erase(0, 1);
        if (text.starts_with('-')) {
            return std::nullopt;
        }
    }
    if (decimal == ',') {
        for (char& c : text) {
            c = c == ',' ? '.' : c == '.' ? '?' : c;
        }
    }
    double divided_by = 1;
    if (text.ends_with('%')) { // 50 % is a half
        text.pop_back();
        text = std::string(trimmed(text));
        divided_by = 100;
    }
    double number = 0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), number);
    const bool whole = !text.empty() && end == text.data() + text.size();
    if (whole && error == std::errc::result_out_of_range && is_tiny(text)) {
        return 0; // less than the smallest double
    }
    if (!whole || error != std::errc() || !std::isfinite(number)) {
        return std::nullopt;
    }
    return number / divided_by;
}

bool is_inexact_whole(std::string_view typed) {
    const std::string_view digits = digits_of(typed);
    constexpr std::size_t always_exact = 15;
    constexpr std::size_t longest = 400; // beyond all doubles
    if (digits.size() <= always_exact || digits.front() == '0') {
        return false;
    }
    double number = 0;
    std::from_chars(digits.data(), digits.data() + digits.size(), number);
    std::array<char, longest> written{};
    const auto [end, error] =
        std::to_chars(written.data(), written.data() + written.size(), number, std::chars_format::fixed, 0);
    return error != std::errc() || std::string_view(written.data(), end) != digits;
}

bool loses_digits(std::string_view typed) {
    const std::string_view digits = digits_of(typed);
    return (digits.size() > 1 && digits.front() == '0') || is_inexact_whole(typed);
}

Value read_cell(std::string_view typed, Kind kind, const Spelling& spelling) {
    const std::string_view text = trimmed(typed);
    if (text.empty()) {
        return Value::missing(kind);
    }
    if (kind == Kind::text) {
        return Value::text(Text(typed));
    }
    if (kind == Kind::yes_no && (text == "yes" || text == "no")) {
        return Value::yes_no(text == "yes");
    }
    if (kind == Kind::date) {
        if (const auto days = read_spelled_date(text, spelling)) {
            return Value::of(*days, Kind::date, State::plain);
        }
    }
    if (kind == Kind::number) {
        const auto number = read_spelled_number(text, spelling);
        if (const auto known = number ? number : read_fraction(text)) {
            return Value::number(*known);
        }
    }
    return Value::unparsed(Text(typed));
}

Kind kind_of_typed(std::string_view typed, const Spelling& spelling) {
    const std::string_view text = trimmed(typed);
    return read_spelled_number(text, spelling) ? Kind::number
           : read_spelled_date(text, spelling) ? Kind::date
           : text == "yes" || text == "no"     ? Kind::yes_no
                                               : Kind::text;
}

std::string write_cell(const Value& value) {
    if (value.state() == State::unparsed) {
        return value.text().str();
    }
    if (!value.plain()) {
        return {};
    }
    switch (value.kind()) {
    case Kind::text:
        return value.text().str();
    case Kind::yes_no:
        return value.yes() ? "yes" : "no";
    case Kind::date:
        return write_date(value.number());
    case Kind::interval:
        return write_interval(interval_of(value));
    case Kind::distribution:
        return write_distribution(distribution_of(value));
    default:
        return shortest(value.number());
    }
}

} // namespace ledgefall
