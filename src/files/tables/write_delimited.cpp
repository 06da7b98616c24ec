#include "files/tables/delimited.h"

#include <algorithm>
#include <charconv>
#include <cmath>

namespace ledgefall {
namespace {

/// Whether a field begins like a formula, after apostrophes if there are some.
bool begins_like_formula(std::string_view field) {
    const std::size_t first = field.find_first_not_of('\'');
    return first != std::string_view::npos && std::string_view("=+-@").find(field[first]) != std::string_view::npos;
}

} // namespace

std::string guarded(const std::string& text) {
    return begins_like_formula(text) ? "'" + text : text;
}

std::string_view unguarded(std::string_view field) {
    return field.starts_with('\'') && begins_like_formula(field) ? field.substr(1) : field;
}

namespace {

/// Whether a field is written in quotes.
bool needs_quotes(const std::string& text, char delimiter) {
    if (text.empty()) {
        return false;
    }
    return text.front() == ' ' || text.back() == ' ' || std::any_of(text.begin(), text.end(), [delimiter](char c) {
               return c == '"' || c == '\r' || c == '\n' || c == delimiter;
           });
}

void add_field(const std::string& text, char delimiter, std::string& out) {
    if (!needs_quotes(text, delimiter)) {
        out += text;
        return;
    }
    out += '"';
    for (const char c : text) {
        out.append(c == '"' ? 2 : 1, c);
    }
    out += '"';
}

} // namespace

std::string quoted_field(const std::string& text, char delimiter) {
    std::string out;
    add_field(text, delimiter, out);
    return out;
}

namespace {

/// A number as `write_cell` has it: quickly where it is of a usual size.
void add_number(double number, char decimal, std::string& out) {
    const double size = std::fabs(number);
    if (!(size >= 1e-7 && size < 1e16)) {
        std::string text = shortest(number);
        std::replace(text.begin(), text.end(), '.', decimal);
        out += text;
        return;
    }
    char digits[40];
    char* const end = std::to_chars(digits, digits + sizeof digits, number, std::chars_format::fixed).ptr;
    if (decimal != '.') {
        std::replace(digits, end, '.', decimal);
    }
    out.append(digits, end);
}

} // namespace

std::string write_delimited(const LabelledColumns& table, const Dialect& dialect, std::string_view line_end) {
    std::string out;
    const auto& columns = table.columns;
    const std::size_t rows = table.rows();
    constexpr std::size_t usual_field = 9;
    out.reserve(rows * columns.size() * usual_field);
    const auto end_field = [&](std::size_t at) {
        at + 1 < columns.size() ? out += dialect.delimiter : out += line_end;
    };
    for (std::size_t at = 0; dialect.header && at < columns.size(); ++at) {
        out += quoted_field(columns[at].name, dialect.delimiter);
        end_field(at);
    }
    // A decimal comma in a text that commas divide needs quotes.
    const bool plain_numbers = dialect.decimal != dialect.delimiter;
    for (std::size_t row = 0; row < rows; ++row) {
        for (std::size_t at = 0; at < columns.size(); ++at) {
            const Value value = columns[at].cells.at(row);
            if (plain_numbers && value.plain() && value.kind() == Kind::number) {
                add_number(value.number(), dialect.decimal, out);
            } else if (value.plain() && value.kind() == Kind::text) {
                add_field(guarded(value.text().str()), dialect.delimiter, out);
            } else if (!value.is_missing()) {
                std::string text = write_cell(value);
                if (dialect.decimal == ',' && value.plain() && value.kind() == Kind::number) {
                    std::replace(text.begin(), text.end(), '.', ',');
                }
                out += quoted_field(text, dialect.delimiter);
            }
            end_field(at);
        }
    }
    return out;
}

} // namespace ledgefall
