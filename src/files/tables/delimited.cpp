#include "files/tables/delimited.h"

#include "core/formula/names.h"

#include <algorithm>
#include <array>
#include <map>

namespace ledgefall {
namespace {

bool is_utf8(std::string_view bytes) {
    for (std::size_t at = 0; at < bytes.size();) {
        const CodePoint c = code_point_at(bytes, at);
        if (c.value == 0xFFFD && c.length == 1) {
            return false;
        }
        at += c.length;
    }
    return true;
}

std::string from_latin1(std::string_view bytes) {
    std::string out;
    for (const char c : bytes) {
        out += utf8(static_cast<unsigned char>(c));
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
            const bool blank = fields.size() == 1 && fields.front().empty();
            if (!blank) {
                records.push_back(std::move(fields));
                lines.push_back(line);
            }
        }
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

    std::string plain() {
        const std::size_t from = at_;
        while (!at_line_end() && text_[at_] != delimiter_) {
            ++at_;
        }
        return std::string(text_.substr(from, at_ - from));
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

char guessed_decimal(const std::vector<std::vector<std::string>>& records, char delimiter) {
    if (delimiter == ',') {
        return '.';
    }
    std::size_t commas = 0;
    std::size_t points = 0;
    for (std::size_t at = 0; at < std::min<std::size_t>(records.size(), 1000); ++at) {
        for (const std::string& field : records[at]) {
            commas += field.find(',') != std::string::npos && read_number(field, ',').has_value();
            points += field.find('.') != std::string::npos && read_number(field, '.').has_value();
        }
    }
    return commas > points ? ',' : '.';
}

/// A first line is a heading where it has a text in a column that has a number below it; or where it is texts alone and
/// so is everything, with no text twice.
bool guessed_header(const std::vector<std::vector<std::string>>& records, char decimal) {
    if (records.empty()) {
        return false;
    }
    const auto& first = records.front();
    const auto is_number = [decimal](const std::string& field) { return read_number(field, decimal).has_value(); };
    if (std::any_of(first.begin(), first.end(), is_number)) {
        return false;
    }
    return std::any_of(first.begin(), first.end(), [](const std::string& field) { return !field.empty(); });
}

Kind kind_of(const Delimited& text, std::size_t column) {
    constexpr std::array kinds = {Kind::number, Kind::date, Kind::yes_no};
    std::array<std::size_t, kinds.size()> fits{};
    std::size_t filled = 0;
    for (const auto& record : text.records) {
        if (column >= record.size() || record[column].find_first_not_of(" \t") == std::string::npos) {
            continue;
        }
        ++filled;
        for (std::size_t at = 0; at < kinds.size(); ++at) {
            fits[at] += read_cell(record[column], kinds[at], text.dialect.decimal).plain();
        }
    }
    for (std::size_t at = 0; at < kinds.size(); ++at) {
        if (2 * fits[at] > filled) {
            return kinds[at];
        }
    }
    return filled == 0 ? Kind::number : Kind::text;
}

/// "Length [mm]" or "Length (mm)" is a label and a unit.
void take_unit(NewColumn& column) {
    const std::string& label = column.label;
    const char close = label.empty() ? ' ' : label.back();
    const std::size_t open = close == ']' ? label.rfind('[') : close == ')' ? label.rfind('(') : std::string::npos;
    if (open == std::string::npos || open == 0) {
        return;
    }
    column.unit = label.substr(open + 1, label.size() - open - 2);
    const std::size_t end = label.find_last_not_of(' ', open - 1);
    column.label = label.substr(0, end == std::string::npos ? 0 : end + 1);
}

} // namespace

Result<Delimited> read_delimited(std::string_view bytes, const DialectChoice& choice) {
    if (bytes.starts_with("\xEF\xBB\xBF")) {
        bytes.remove_prefix(3);
    }
    if (bytes.starts_with("\xFF\xFE") || bytes.starts_with("\xFE\xFF")) {
        return Sentence{"This text is in UTF-16: save it as UTF-8, and read it again.", {}};
    }
    const std::size_t zero = bytes.find('\0');
    if (zero != std::string_view::npos) {
        return Sentence{"This is not a text: it has a zero byte at position %1.", {std::to_string(zero + 1)}};
    }
    Delimited out;
    std::string converted;
    if (!is_utf8(bytes)) {
        out.latin1 = true;
        converted = from_latin1(bytes);
        bytes = converted;
    }
    out.dialect.delimiter = choice.delimiter.value_or(guessed_delimiter(bytes));
    Records read(bytes, out.dialect.delimiter, std::string_view::npos);
    read.read();
    if (read.open_quote != 0) {
        return Sentence{"A quotation mark is opened in line %1 and never closed: close it, and read the text again.",
                        {std::to_string(read.open_quote)}};
    }
    out.dialect.decimal = choice.decimal.value_or(guessed_decimal(read.records, out.dialect.delimiter));
    out.dialect.header = choice.header.value_or(guessed_header(read.records, out.dialect.decimal));
    out.records = std::move(read.records);
    const std::size_t width = out.records.empty() ? 0 : out.records.front().size();
    for (std::size_t at = 0; at < out.records.size(); ++at) {
        if (out.records[at].size() != width) {
            out.ragged.push_back(read.lines[at]);
        }
    }
    if (out.dialect.header && !out.records.empty()) {
        out.header = std::move(out.records.front());
        out.records.erase(out.records.begin());
    }
    return out;
}

Sentence Delimited::report() const {
    std::string note = latin1 ? " The text was no UTF-8 and has been read as Latin-1." : "";
    if (ragged.empty()) {
        return note.empty() ? Sentence() : Sentence("%1", {note.substr(1)});
    }
    return {"Rows with more or fewer fields than the first: %1, beginning at line %2; all their fields were kept.%3",
            {std::to_string(ragged.size()), std::to_string(ragged.front()), note}};
}

std::vector<NewColumn> columns_of(const Delimited& text) {
    std::size_t width = text.header.size();
    for (const auto& record : text.records) {
        width = std::max(width, record.size());
    }
    std::vector<NewColumn> columns(width);
    std::vector<std::string> names;
    for (std::size_t at = 0; at < width; ++at) {
        NewColumn& column = columns[at];
        column.label = at < text.header.size() ? text.header[at] : "";
        take_unit(column);
        const bool named = !column.label.empty();
        const std::string wanted = named        ? name_from_label(column.label)
                                   : width == 1 ? "x"
                                                : "x" + std::to_string(at + 1);
        column.name = free_name(wanted, [&](const std::string& name) {
            return std::find(names.begin(), names.end(), name) != names.end();
        });
        column.label = column.label == column.name ? "" : column.label;
        names.push_back(column.name);
        column.cells = Column(kind_of(text, at));
        for (const auto& record : text.records) {
            column.cells.append(at < record.size() ? read_cell(record[at], column.cells.kind(), text.dialect.decimal)
                                                   : Value::missing(column.cells.kind()));
        }
    }
    return columns;
}

std::string quoted_field(const std::string& text, char delimiter) {
    const bool needs = text.find_first_of(std::string("\"\r\n") + delimiter) != std::string::npos ||
                       (!text.empty() && (text.front() == ' ' || text.back() == ' '));
    if (!needs) {
        return text;
    }
    std::string out = "\"";
    for (const char c : text) {
        out += c == '"' ? "\"\"" : std::string(1, c);
    }
    return out + '"';
}

std::string write_delimited(const LabelledColumns& table, const Dialect& dialect, std::string_view line_end) {
    std::string out;
    const auto& columns = table.columns;
    const auto end_field = [&](std::size_t at) {
        at + 1 < columns.size() ? out += dialect.delimiter : out += line_end;
    };
    for (std::size_t at = 0; dialect.header && at < columns.size(); ++at) {
        out += quoted_field(columns[at].name, dialect.delimiter);
        end_field(at);
    }
    const std::size_t rows = table.rows();
    for (std::size_t row = 0; row < rows; ++row) {
        for (std::size_t at = 0; at < columns.size(); ++at) {
            const Value value = columns[at].cells.at(row);
            std::string text = write_cell(value);
            if (dialect.decimal == ',' && value.plain() && value.kind() == Kind::number) {
                std::replace(text.begin(), text.end(), '.', ',');
            }
            out += quoted_field(text, dialect.delimiter);
            end_field(at);
        }
    }
    return out;
}

} // namespace ledgefall
