#include "files/tables/dialect_guesses.h"

#include "core/units/units.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace ledgefall {
namespace {

constexpr std::size_t sample_records = 50;

bool reads_as_other_than_text(std::string_view field) {
    return kind_of_typed(field, Spelling('.')) != Kind::text || kind_of_typed(field, Spelling(',')) != Kind::text;
}

/// How well the records agree in their number of fields, and how many these are.
double merit_of(const TextRecords& records) {
    constexpr std::size_t most_fields = 50; // that more of count for
    std::map<std::size_t, std::size_t> widths;
    for (std::size_t at = 0; at < records.size(); ++at) {
        ++widths[records[at].size()];
    }
    double most = 0;
    for (const auto& [width, count] : widths) {
        const double agreed = static_cast<double>(count) / static_cast<double>(records.size());
        most = std::max(most, width > 1 ? agreed * agreed * static_cast<double>(std::min(width, most_fields)) : 0);
    }
    return most;
}

/// Of the fields of a column below the first line, how many are no text.
std::size_t numbers_in(const TextRecords& records, std::size_t column) {
    std::size_t numbers = 0;
    for (std::size_t at = 1; at < records.size(); ++at) {
        numbers += column < records[at].size() && reads_as_other_than_text(records[at][column]) ? 1 : 0;
    }
    return numbers;
}

/// Of the fields below the first line, the part that is no text.
double part_of_numbers(const TextRecords& records) {
    std::size_t numbers = 0;
    for (std::size_t column = 0; column < records.width(); ++column) {
        numbers += numbers_in(records, column);
    }
    const std::size_t fields = records.empty() ? 0 : records.field_count() - records[0].size();
    return fields == 0 ? 0 : static_cast<double>(numbers) / static_cast<double>(fields);
}

/// Whether blanks divide columns that are mostly numbers: all lines have as many fields, and below the first line two
/// columns, and at least half of all, have nothing but numbers. Names such as `site 1` are not divided.
bool blanks_divide(const TextRecords& records) {
    const std::size_t width = records.width();
    if (records.size() < 2 || width < 2 || records.field_count() != width * records.size()) {
        return false;
    }
    std::size_t numbers = 0;
    for (std::size_t column = 0; column < width; ++column) {
        numbers += numbers_in(records, column) == records.size() - 1 ? 1 : 0;
    }
    return numbers >= 2 && 2 * numbers >= width;
}

/// 1500 to 2199, as a heading of years has them.
bool is_year(std::string_view field) {
    const auto number = read_number(field);
    return field.size() == 4 && number && *number >= 1500 && *number < 2200 && *number == std::floor(*number);
}

/// Whether a text is built as units are, `m`, `km/h` or `kg m^-3`: names with a power, joined by a sign. The library of
/// units is asked about no other one, since of what it cannot read it forgets to give back its memory.
bool is_built_as_unit(std::string text) {
    constexpr std::pair<std::string_view, char> signs[] = {{"µ", 'u'}, {"μ", 'u'}, {"Ω", 'O'}, {"°", 'd'}, {"·", ' '},
                                                           {"⁻", '-'}, {"¹", '1'}, {"²", '2'}, {"³", '3'}};
    for (const auto& [sign, letter] : signs) {
        for (std::size_t at = text.find(sign); at != std::string::npos; at = text.find(sign)) {
            text.replace(at, sign.size(), 1, letter);
        }
    }
    const auto is_letter = [](char c) { return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z'); };
    std::size_t at = 0;
    while (at < text.size()) {
        const std::size_t begin = at;
        while (at < text.size() && is_letter(text[at])) {
            ++at;
        }
        if (at == begin) {
            return false;
        }
        at += at < text.size() && text[at] == '^' ? 1 : 0;
        at += at + 1 < text.size() && text[at] == '-' ? 1 : 0;
        const std::size_t power = at;
        while (at < text.size() && text[at] >= '0' && text[at] <= '9') {
            ++at;
        }
        if (at == power && at > begin && !is_letter(text[at - 1])) {
            return false;
        }
        if (at < text.size() && (text[at] == '/' || text[at] == ' ') && at + 1 < text.size()) {
            ++at;
        } else if (at < text.size()) {
            return false;
        }
    }
    return !text.empty();
}

/// The line that begins at `from`, without its end.
std::string_view line_at(std::string_view text, std::size_t from) {
    return text.substr(from, text.find_first_of("\r\n", from) - from);
}

} // namespace

std::string guessed_comment(std::string_view text) {
    std::size_t comments = 0;
    std::size_t at = 0;
    for (; at < text.size() && text[at] == '#'; ++comments) {
        at = text.find('\n', at);
        at = at == std::string_view::npos ? text.size() : at + 1;
    }
    if (comments == 0 || at >= text.size()) {
        return ""; // where all lines begin so they are what the text has
    }
    if (comments > 1) {
        return "#";
    }
    // A single such line may be the heading: then what follows has as many fields, and numbers among them.
    const std::string_view first = line_at(text, 0);
    const std::string_view next = line_at(text, at);
    const auto count = [](std::string_view line, char sign) { return std::count(line.begin(), line.end(), sign); };
    bool as_many = true;
    for (const char delimiter : {'\t', ';', ',', '|'}) {
        as_many = as_many && count(first, delimiter) == count(next, delimiter);
    }
    return as_many && next.find_first_of("0123456789") != std::string_view::npos ? "" : "#";
}

char guessed_delimiter(std::string_view text, const std::string& comment) {
    constexpr std::size_t most_looked_at = 4'000'000; // bytes
    if (text.size() > most_looked_at) {
        text = text.substr(0, text.rfind('\n', most_looked_at) + 1);
    }
    const auto first_records = [&](char delimiter) {
        // With another one than the right one a quotation mark may not be closed.
        Result<TextRecords> sample = TextRecords::read(text, {delimiter, comment}, sample_records);
        TextRecords records = sample ? *std::move(sample) : TextRecords();
        records.leave_out_blanks(false);
        return records;
    };
    char best = ',';
    double most = 0;
    for (const char delimiter : {'\t', ';', ',', '|'}) {
        if (const double merit = merit_of(first_records(delimiter)); merit > most) {
            most = merit;
            best = delimiter;
        }
    }
    const TextRecords by_blanks = first_records(' ');
    return blanks_divide(by_blanks) && part_of_numbers(by_blanks) > part_of_numbers(first_records(best)) ? ' ' : best;
}

std::optional<char> guessed_decimal(const TextRecords& records) {
    std::size_t commas = 0;
    std::size_t points = 0;
    for (std::size_t at = 0; at < std::min<std::size_t>(records.size(), 1000); ++at) {
        for (std::size_t column = 0; column < records[at].size(); ++column) {
            const std::string_view field = records[at][column];
            const bool comma = field.find(',') != std::string_view::npos;
            const bool point = field.find('.') != std::string_view::npos;
            if ((comma || point) && !has_two_numbers(field)) {
                commas += comma && read_spelled_number(field, {','}).has_value() ? 1 : 0;
                points += point && read_spelled_number(field, {'.'}).has_value() ? 1 : 0;
            }
        }
    }
    return commas > points ? std::optional(',') : points > commas ? std::optional('.') : std::nullopt;
}

bool guessed_header(const TextRecords& records, char decimal) {
    bool has_text = false;
    bool years_below = records.size() > 1;
    std::string_view last;
    for (std::size_t at = 0; !records.empty() && at < records[0].size(); ++at) {
        const std::string_view field = records[0][at];
        has_text = has_text || (!field.empty() && kind_of_typed(field, decimal) == Kind::text);
        if (!read_number(field, decimal)) {
            continue;
        }
        if (!is_year(field) || field <= last) {
            return false;
        }
        last = field;
        years_below = years_below && is_year(records.at(1, at));
    }
    return has_text && (last.empty() || (records.size() > 1 && !years_below));
}

std::string without_brackets(std::string_view unit) {
    const bool bracketed =
        unit.size() > 2 && ((unit.front() == '(' && unit.back() == ')') || (unit.front() == '[' && unit.back() == ']'));
    return std::string(bracketed ? unit.substr(1, unit.size() - 2) : unit);
}

bool guessed_units(const TextRecords& records, char decimal) {
    if (records.size() < 3 || records[1].size() != records[0].size() || records[2].size() != records[0].size()) {
        return false;
    }
    bool over_number = false;
    for (std::size_t at = 0; at < records[1].size(); ++at) {
        const std::string_view field = records[1][at];
        const std::string unit = without_brackets(field);
        if (field.empty() || field == "-") {
            continue;
        }
        const bool known = unit == "%" || kind_of_typed(unit, Spelling(decimal)) == Kind::text;
        const bool bracketed = unit.size() < field.size() || unit == "%";
        if (!known || (!bracketed && !(is_built_as_unit(unit) && Conversion::between(unit, unit)))) {
            return false;
        }
        over_number = over_number || read_number(records[2][at], decimal).has_value();
    }
    return over_number;
}

} // namespace ledgefall
