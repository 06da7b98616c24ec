// Functions of texts, and of gaps.

#include "core/engine/functions/catalogue_parts.h"
#include "core/engine/functions/operation_templates.h"
#include "core/value/decimals.h"
#include "core/value/interned.h"
#include "core/value/text_order.h"

#include <algorithm>
#include <cmath>

namespace ledgefall::catalogue_parts {
namespace {

Value is_missing_one(const Value* a, std::size_t, const Faults&) {
    return a[0].is_fault() ? a[0] : Value::yes_no(!a[0].plain());
}

Value default_one(const Value* a, std::size_t, const Faults&) {
    return a[0].is_missing() ? a[1] : a[0];
}

/// Where all x are there.
void default_block(const Lane* a, double* out, std::size_t rows) {
    a[0].single ? std::fill_n(out, rows, a[0].slots[0]) : std::copy_n(a[0].slots, rows, out);
}

Value said(const std::string& text) {
    return Value::text(Text(text));
}

/// A strict operation of texts, from a function object of strings that gives a value.
template <class F>
Operation of_texts(Kind result) {
    return {[](const Value* a, std::size_t count, const Faults&) {
                const auto passed = passed_on(a, count, Kind::text);
                if (passed) {
                    return *passed;
                }
                return F()(a[0].text().str(), count > 1 ? a[1].text().str() : std::string());
            },
            nullptr, result};
}

struct Upper {
    Value operator()(const std::string& t, const std::string&) const { return said(in_capitals(t)); }
};
struct Lower {
    Value operator()(const std::string& t, const std::string&) const { return said(in_small_letters(t)); }
};
struct Trim {
    Value operator()(const std::string& t, const std::string&) const {
        const std::size_t from = t.find_first_not_of(" \t\r\n");
        return said(from == std::string::npos ? "" : t.substr(from, t.find_last_not_of(" \t\r\n") + 1 - from));
    }
};
struct Length {
    Value operator()(const std::string& t, const std::string&) const {
        return Value::number(static_cast<double>(std::count_if(
            t.begin(), t.end(), [](char c) { return (static_cast<unsigned char>(c) & 0xC0U) != 0x80U; })));
    }
};
struct Starts {
    Value operator()(const std::string& t, const std::string& s) const { return Value::yes_no(t.starts_with(s)); }
};
struct Ends {
    Value operator()(const std::string& t, const std::string& s) const { return Value::yes_no(t.ends_with(s)); }
};
struct Contains {
    Value operator()(const std::string& t, const std::string& s) const {
        return Value::yes_no(t.find(s) != std::string::npos);
    }
};

Value as_number(const Value* a, std::size_t count, const Faults& faults) {
    const auto passed = passed_on(a, count, Kind::number);
    if (passed) {
        return *passed;
    }
    const Value number = read_cell(a[0].text().str(), Kind::number);
    return number.state() == State::unparsed ? faults.out_of_domain() : number;
}

Value as_text(const Value* a, std::size_t count, const Faults&) {
    const auto passed = passed_on(a, count, Kind::text);
    return passed ? *passed : said(write_cell(a[0]));
}

Value joined(const Value* a, std::size_t count, const Faults& faults) {
    const auto passed = passed_on(a, count, Kind::text);
    if (passed) {
        return *passed;
    }
    constexpr std::size_t longest = 10'000'000;
    std::string text;
    for (std::size_t at = 0; at < count; ++at) {
        text += write_cell(a[at]);
        if (text.size() > longest) {
            return faults.too_large();
        }
    }
    return InternScope::take(text.size()) ? said(text) : faults.too_large();
}

/// Strokes in fives, as people count them off.
Value tallied(const Value* a, std::size_t count, const Faults& faults) {
    constexpr double most_strokes = 200;
    const auto passed = passed_on(a, count, Kind::text);
    if (passed) {
        return *passed;
    }
    const double n = a[0].number();
    if (!(n >= 0) || n != std::floor(n)) {
        return faults.out_of_domain();
    }
    if (n > most_strokes) {
        return said(write_cell(a[0]));
    }
    std::string strokes;
    for (int at = 0; at < static_cast<int>(n); ++at) {
        strokes += at > 0 && at % 5 == 0 ? " |" : "|";
    }
    return said(strokes);
}

/// A value and its uncertainty to two figures, both to the same place: 50.9 ± 1.9.
Value with_uncertainty(const Value* a, std::size_t count, const Faults& faults) {
    if (const auto passed = passed_on(a, count, Kind::text)) {
        return *passed;
    }
    if (!(a[1].number() >= 0)) {
        return faults.out_of_domain();
    }
    const double uncertainty = rounded_to_figures(a[1].number(), 2);
    const Decimal value(a[0].number());
    if (uncertainty == 0) {
        return said(shortest(a[0].number()) + " ± 0");
    }
    const int decimals = 1 - Decimal(uncertainty).exponent();
    const int shown = std::max(0, decimals);
    return said(value.to_decimals(decimals).fixed(shown) + " ± " + Decimal(uncertainty).fixed(shown));
}

} // namespace

std::vector<Function> gaps_and_texts() {
    const Argument anything{"x", Role::plain, Kind::number, true, false};
    const Argument text{"t", Role::plain, Kind::text};
    const Argument part{"s", Role::plain, Kind::text};
    std::vector<Function> all;
    all.push_back(plain_function("is_missing", {anything}, {&is_missing_one, nullptr, Kind::yes_no},
                                 N_("Yes if a value is missing."), "is_missing(missing)", "yes"));
    all.back().special = Special::missing_test;
    all.push_back(plain_function("default", {anything, {"value", Role::plain, Kind::number, true, false}},
                                 {&default_one, &default_block, Kind::number},
                                 N_("x, or a given value where x is missing."), "default(missing, 4)", "4"));
    all.back().keeps_kind = true;
    all.back().operation.fills_gaps = true;
    all.push_back(plain_function("text", {anything}, {&as_text, nullptr, Kind::text}, N_("A value as text."),
                                 "text(1.50)", "1.5"));
    all.push_back(plain_function("number", {text}, {&as_number, nullptr, Kind::number},
                                 N_("The number that a text writes, read as in a cell."), "number(\"2.5\")", "2.5",
                                 N_("this text is not a number")));
    all.push_back(plain_function("tally", {{"n", Role::plain, Kind::number}}, {&tallied, nullptr, Kind::text},
                                 N_("A count as tally marks in fives; above 200, the number."), "tally(7)", "||||| ||",
                                 N_("tally needs a whole number of 0 or more")));
    all.push_back(
        plain_function("plus_minus", {{"x"}, {"u"}}, {&with_uncertainty, nullptr, Kind::text},
                       N_("A value with its uncertainty as text, both to the place of the uncertainty's second "
                          "figure."),
                       "plus_minus(50.875, 1.8624)", "50.9 ± 1.9", N_("plus_minus needs an uncertainty of 0 or more"),
                       "GUM (JCGM 100:2008), 7.2.6"));
    const auto more = [](std::string_view name) { return Argument{name, Role::plain, Kind::text, true, true}; };
    all.push_back(plain_function("join",
                                 {{"a", Role::plain, Kind::text, true, false},
                                  {"b", Role::plain, Kind::text, true, false},
                                  more("c"),
                                  more("d"),
                                  more("e"),
                                  more("f")},
                                 {&joined, nullptr, Kind::text}, N_("Texts and numbers joined into one text."),
                                 "join(\"site \", 3)", "site 3"));
    all.back().also_called = "concat";
    all.push_back(plain_function("upper", {text}, of_texts<Upper>(Kind::text), N_("Text in capitals."),
                                 "upper(\"pool\")", "POOL"));
    all.push_back(plain_function("lower", {text}, of_texts<Lower>(Kind::text), N_("Text in lower case."),
                                 "lower(\"Pool\")", "pool"));
    all.push_back(plain_function("trim", {text}, of_texts<Trim>(Kind::text), N_("Text without spaces at its ends."),
                                 "trim(\" pool \")", "pool"));
    all.push_back(plain_function("length", {text}, of_texts<Length>(Kind::number),
                                 N_("The number of characters in a text."), "length(\"weir\")", "4"));
    all.back().also_called = "len";
    all.push_back(plain_function("starts", {text, part}, of_texts<Starts>(Kind::yes_no),
                                 N_("Whether a text starts with another text."), "starts(\"riffle\", \"rif\")", "yes"));
    all.push_back(plain_function("ends", {text, part}, of_texts<Ends>(Kind::yes_no),
                                 N_("Whether a text ends with another text."), "ends(\"riffle\", \"rif\")", "no"));
    all.push_back(plain_function("contains", {text, part}, of_texts<Contains>(Kind::yes_no),
                                 N_("Whether a text contains another text."), "contains(\"riffle\", \"ff\")", "yes"));
    return all;
}

} // namespace ledgefall::catalogue_parts
