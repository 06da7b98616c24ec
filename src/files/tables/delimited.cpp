#include "files/tables/delimited.h"

#include "core/formula/names.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <map>
#include <unordered_map>
#include <unordered_set>

namespace ledgefall {
namespace {

/// UTF-16 with its mark, of either order of bytes. Half of a pair becomes U+FFFD.
std::string from_utf16(std::string_view bytes) {
    const bool low_first = bytes.front() == '\xFF';
    const auto unit_at = [&](std::size_t at) {
        const auto first = static_cast<unsigned char>(bytes[at]);
        const auto second = static_cast<unsigned char>(bytes[at + 1]);
        return static_cast<char32_t>(low_first ? first + 256U * second : 256U * first + second);
    };
    std::string out;
    for (std::size_t at = 2; at + 1 < bytes.size(); at += 2) {
        const char32_t unit = unit_at(at);
        const bool leads = unit >= 0xD800 && unit < 0xDC00 && at + 3 < bytes.size();
        const char32_t next = leads ? unit_at(at + 2) : 0;
        if (leads && next >= 0xDC00 && next < 0xE000) {
            out += utf8(0x10000 + ((unit - 0xD800) << 10U) + (next - 0xDC00));
            at += 2;
        } else {
            out += utf8(unit >= 0xD800 && unit < 0xE000 ? 0xFFFD : unit);
        }
    }
    return out;
}

/// Windows-1252, which is Latin-1 with letters and signs in place of most control characters.
std::string from_windows1252(std::string_view bytes) {
    constexpr std::array<char32_t, 32> signs = {0x20AC, 0x81,   0x201A, 0x0192, 0x201E, 0x2026, 0x2020, 0x2021,
                                                0x02C6, 0x2030, 0x0160, 0x2039, 0x0152, 0x8D,   0x017D, 0x8F,
                                                0x90,   0x2018, 0x2019, 0x201C, 0x201D, 0x2022, 0x2013, 0x2014,
                                                0x02DC, 0x2122, 0x0161, 0x203A, 0x0153, 0x9D,   0x017E, 0x0178};
    std::string out;
    for (const char c : bytes) {
        const auto byte = static_cast<unsigned char>(c);
        out += utf8(byte >= 0x80 && byte < 0xA0 ? signs[byte - 0x80U] : byte);
    }
    return out;
}

/// Reads records of one delimiter; `open_quote` becomes the line of a quote that is never closed.
class Records {
  public:
    Records(std::string_view text, char delimiter, std::size_t most)
        : text_(text)
        , delimiter_(delimiter)
        , most_(most) {}

    std::vector<std::vector<std::string>> records;
    std::vector<std::size_t> lines; ///< where each record begins
    std::size_t open_quote = 0;

    void read() {
        while (at_ < text_.size() && records.size() < most_ && open_quote == 0) {
            const std::size_t line = line_;
            std::vector<std::string> fields = record();
            blank_.push_back(fields.size() == 1 && fields.front().empty());
            records.push_back(std::move(fields));
            lines.push_back(line);
        }
    }

    /// In a text of several columns a blank line divides paragraphs; in one of a single column it is a missing value,
    /// so that those after it stay in their rows. At the end blank lines are none, unless `to_the_end`.
    void leave_out_blanks(bool to_the_end) {
        std::size_t width = 0;
        std::size_t end = to_the_end ? records.size() : 0;
        for (std::size_t at = 0; at < records.size(); ++at) {
            width = std::max(width, records[at].size());
            end = blank_[at] ? end : std::max(end, at + 1);
        }
        std::size_t stays = 0;
        for (std::size_t at = 0; at < records.size(); ++at) {
            if (width == 1 ? at < end : !blank_[at]) {
                lines[stays] = lines[at];
                if (stays != at) {
                    records[stays] = std::move(records[at]);
                }
                ++stays;
            }
        }
        records.resize(stays);
        lines.resize(stays);
    }

  private:
    bool at_line_end() const { return at_ >= text_.size() || text_[at_] == '\n' || text_[at_] == '\r'; }

    std::vector<std::string> record() {
        std::vector<std::string> fields;
        for (;;) {
            fields.push_back(at_ < text_.size() && text_[at_] == '"' ? quoted() : plain());
            if (at_line_end()) {
                break;
            }
            ++at_; // the delimiter
        }
        if (at_ < text_.size()) {
            at_ += text_.substr(at_, 2) == "\r\n" ? 2 : 1;
            ++line_;
        }
        return fields;
    }

    /// Without the blanks at its ends: where they are meant, a field is written in quotes.
    std::string plain() {
        std::size_t from = at_;
        while (!at_line_end() && text_[at_] != delimiter_) {
            ++at_;
        }
        std::size_t end = at_;
        while (from < end && text_[from] == ' ') {
            ++from;
        }
        while (end > from && text_[end - 1] == ' ') {
            --end;
        }
        return std::string(text_.substr(from, end - from));
    }

    std::string quoted() {
        const std::size_t opened = line_;
        std::string field;
        ++at_;
        while (at_ < text_.size()) {
            const char c = text_[at_++];
            if (c != '"') {
                line_ += c == '\n' ? 1 : 0;
                field += c;
            } else if (at_ < text_.size() && text_[at_] == '"') {
                field += '"';
                ++at_;
            } else {
                return field + plain(); // what follows a closing quote is kept, as most writers mean it
            }
        }
        open_quote = opened;
        return field;
    }

    std::vector<bool> blank_; ///< for each record, whether its line is blank
    std::string_view text_;
    char delimiter_;
    std::size_t most_;
    std::size_t at_ = 0;
    std::size_t line_ = 1;
};

/// The delimiter with which the first lines fall into the most fields that are equal in number.
char guessed_delimiter(std::string_view text) {
    char best = ',';
    double most = 0;
    for (const char delimiter : {'\t', ';', ','}) {
        Records sample(text, delimiter, 50);
        sample.read();
        if (sample.open_quote != 0) {
            continue; // with another one every quotation mark is closed, or none is right
        }
        sample.leave_out_blanks(false);
        std::map<std::size_t, std::size_t> widths;
        for (const auto& record : sample.records) {
            ++widths[record.size()];
        }
        for (const auto& [width, count] : widths) {
            const double agreed = static_cast<double>(count) / static_cast<double>(sample.records.size());
            const double merit =
                width > 1 ? agreed * agreed * static_cast<double>(std::min<std::size_t>(width, 50)) : 0;
            if (merit > most) {
                most = merit;
                best = delimiter;
            }
        }
    }
    return best;
}

/// By fields that can be read with one of the signs only; where there are none, the one of `otherwise`.
char guessed_decimal(const std::vector<std::vector<std::string>>& records, char otherwise) {
    std::size_t commas = 0;
    std::size_t points = 0;
    for (std::size_t at = 0; at < std::min<std::size_t>(records.size(), 1000); ++at) {
        for (const std::string& field : records[at]) {
            const bool comma = field.find(',') != std::string::npos;
            const bool point = field.find('.') != std::string::npos;
            if ((comma || point) && !has_two_numbers(field)) {
                commas += comma && read_number(field, ',').has_value() ? 1 : 0;
                points += point && read_number(field, '.').has_value() ? 1 : 0;
            }
        }
    }
    return commas > points ? ',' : points > commas ? '.' : otherwise;
}

/// 1500 to 2199, as a heading of years has them.
bool is_year(const std::string& field) {
    const auto number = read_number(field);
    return field.size() == 4 && number && *number >= 1500 && *number < 2200 && *number == std::floor(*number);
}

/// A first line is a heading where no number stands in it; or where the numbers in it are rising years, with a text
/// beside them, and what stands below is not.
bool guessed_header(const std::vector<std::vector<std::string>>& records, char decimal) {
    if (records.empty()) {
        return false;
    }
    const auto& first = records.front();
    const auto is_number = [decimal](const std::string& field) { return read_number(field, decimal).has_value(); };
    const auto is_text = [decimal](const std::string& field) {
        return !field.empty() && kind_of_typed(field, decimal) == Kind::text;
    };
    if (std::none_of(first.begin(), first.end(), is_text)) {
        return false;
    }
    std::string last;
    bool years_below = records.size() > 1;
    for (std::size_t at = 0; at < first.size(); ++at) {
        if (!is_number(first[at])) {
            continue;
        }
        if (!is_year(first[at]) || first[at] <= last) {
            return false;
        }
        last = first[at];
        years_below = years_below && at < records[1].size() && is_year(records[1][at]);
    }
    return last.empty() || (records.size() > 1 && !years_below);
}

/// Whether a column's dates name the month first: some can be read so only, and none the other way only.
bool names_month_first(const Delimited& text, std::size_t column) {
    bool month_first = false;
    std::size_t others = 0;
    constexpr std::size_t most_others = 50; // of what is no date, after which none is expected
    for (const auto& record : text.records) {
        const std::string_view field = column < record.size() ? std::string_view(record[column]) : std::string_view();
        const bool by_day = read_spelled_date(field, {'.', false}).has_value();
        const bool by_month = read_spelled_date(field, {'.', true}).has_value();
        if (by_day && !by_month) {
            return false;
        }
        month_first = month_first || (by_month && !by_day);
        others += by_day || by_month ? 0 : 1;
        if (others > most_others) {
            return false;
        }
    }
    return month_first;
}

Kind kind_of(const Delimited& text, std::size_t column, const Spelling& spelling) {
    constexpr std::array kinds = {Kind::number, Kind::date, Kind::yes_no};
    std::array<std::size_t, kinds.size()> fits{};
    std::size_t filled = 0;
    for (const auto& record : text.records) {
        if (column >= record.size() || record[column].find_first_not_of(" \t") == std::string::npos) {
            continue;
        }
        if (loses_digits(record[column])) {
            return Kind::text; // numbers of samples and the like
        }
        ++filled;
        for (std::size_t at = 0; at < kinds.size(); ++at) {
            fits[at] += kind_of_typed(record[column], spelling) == kinds[at] ? 1 : 0;
        }
    }
    for (std::size_t at = 0; at < kinds.size(); ++at) {
        if (2 * fits[at] > filled) {
            return kinds[at];
        }
    }
    return filled == 0 ? Kind::number : Kind::text;
}

/// Names that are each given once: `x`, `x_2`, `x_3`, …; each in constant time, however often one is wanted.
class FreeNames {
  public:
    std::string take(const std::string& wanted) {
        std::string name = wanted;
        for (std::size_t& number = next_[wanted]; !taken_.insert(name).second;) {
            number = std::max<std::size_t>(number + 1, 2);
            name = wanted + "_" + std::to_string(number);
        }
        return name;
    }

  private:
    std::unordered_set<std::string> taken_;
    std::unordered_map<std::string, std::size_t> next_;
};

} // namespace

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

bool is_utf8(std::string_view bytes) {
    for (std::size_t at = 0; at < bytes.size();) {
        if (static_cast<unsigned char>(bytes[at]) < 0x80) {
            ++at;
            continue;
        }
        const CodePoint c = code_point_at(bytes, at);
        if (c.value == 0xFFFD && c.length == 1) {
            return false;
        }
        at += c.length;
    }
    return true;
}

Result<Delimited> read_delimited(std::string_view bytes, const DialectChoice& choice) {
    if (bytes.starts_with("\xEF\xBB\xBF")) {
        bytes.remove_prefix(3);
    }
    std::string converted;
    if (bytes.starts_with("\xFF\xFE") || bytes.starts_with("\xFE\xFF")) {
        converted = from_utf16(bytes);
        bytes = converted;
    }
    const std::size_t zero = bytes.find('\0');
    if (zero != std::string_view::npos) {
        return Sentence{"This is not a text: it has a zero byte at position %1.", {std::to_string(zero + 1)}};
    }
    Delimited out;
    if (!is_utf8(bytes)) {
        out.windows1252 = true;
        converted = from_windows1252(bytes);
        bytes = converted;
    }
    out.dialect.delimiter = choice.delimiter.value_or(guessed_delimiter(bytes));
    Records read(bytes, out.dialect.delimiter, std::string_view::npos);
    read.read();
    read.leave_out_blanks(choice.blank_lines_at_end);
    if (read.open_quote != 0) {
        return Sentence{"A quotation mark is opened in line %1 and never closed: close it, and read the text again.",
                        {std::to_string(read.open_quote)}};
    }
    out.dialect.decimal = choice.decimal.value_or(guessed_decimal(read.records, choice.decimal_otherwise));
    out.dialect.header = choice.header.value_or(guessed_header(read.records, out.dialect.decimal));
    out.records = std::move(read.records);
    const std::size_t width = out.records.empty() ? 0 : out.records.front().size();
    for (std::size_t at = 0; at < out.records.size(); ++at) {
        if (out.records[at].size() != width) {
            out.ragged.push_back(read.lines[at]);
        }
        out.inexact_wholes +=
            static_cast<std::size_t>(std::count_if(out.records[at].begin(), out.records[at].end(), is_inexact_whole));
    }
    if (out.dialect.header && !out.records.empty()) {
        out.header = std::move(out.records.front());
        out.records.erase(out.records.begin());
    }
    return out;
}

std::vector<Sentence> Delimited::reports() const {
    std::vector<Sentence> out;
    if (!ragged.empty()) {
        out.push_back({"Rows with more or fewer fields than the first: %1, beginning at line %2; all their fields were "
                       "kept.",
                       {std::to_string(ragged.size()), std::to_string(ragged.front())}});
    }
    if (inexact_wholes > 0) {
        out.push_back({"Whole numbers with more digits than a number can hold: %1; their columns have been read as "
                       "texts, so that no digit is lost.",
                       {std::to_string(inexact_wholes)}});
    }
    if (windows1252) {
        out.push_back({"The text was no UTF-8 and has been read as Windows-1252.", {}});
    }
    return out;
}

std::vector<NewColumn> columns_of(const Delimited& text) {
    std::size_t width = text.header.size();
    for (const auto& record : text.records) {
        width = std::max(width, record.size());
    }
    std::vector<NewColumn> columns(width);
    FreeNames names;
    for (std::size_t at = 0; at < width; ++at) {
        NewColumn& column = columns[at];
        split_unit(at < text.header.size() ? text.header[at] : "", column.label, column.unit);
        const bool named = !column.label.empty();
        const std::string wanted = named        ? name_from_label(column.label)
                                   : width == 1 ? "x"
                                                : "x" + std::to_string(at + 1);
        column.name = names.take(wanted);
        column.label = column.label == column.name ? "" : column.label;
        const Spelling spelling(text.dialect.decimal, names_month_first(text, at));
        column.cells = Column(kind_of(text, at, spelling));
        const InternScope scope;
        column.interned = scope.objects();
        for (const auto& record : text.records) {
            column.cells.append(at < record.size() ? read_cell(unguarded(record[at]), column.cells.kind(), spelling)
                                                   : Value::missing(column.cells.kind()));
        }
    }
    return columns;
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
