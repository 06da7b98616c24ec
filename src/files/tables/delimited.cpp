#include "files/tables/delimited.h"

#include "core/basics/stopping.h"
#include "core/formula/names.h"
#include "files/tables/delimited_records.h"
#include "files/tables/dialect_guesses.h"
#include "files/tables/text_encoding.h"

#include <algorithm>
#include <array>
#include <unordered_map>
#include <unordered_set>

namespace ledgefall {
namespace {

std::string_view field_of(const std::vector<std::string>& record, std::size_t column) {
    return column < record.size() ? std::string_view(record[column]) : std::string_view();
}

/// What a column's dates show of the order of day and month: some can be read the one way only.
DateOrder date_order_of(const Delimited& text, std::size_t column) {
    bool month_first = false;
    std::size_t others = 0;
    constexpr std::size_t most_others = 50; // fields that are not dates, after which none is expected
    for (const auto& record : text.records) {
        const std::string_view field = field_of(record, column);
        const bool by_day = read_spelled_date(field, {'.', false}).has_value();
        const bool by_month = read_spelled_date(field, {'.', true}).has_value();
        if (by_day && !by_month) {
            return DateOrder::day_first;
        }
        month_first = month_first || (by_month && !by_day);
        others += by_day || by_month ? 0 : 1;
        if (others > most_others) {
            return DateOrder::unknown;
        }
    }
    return month_first ? DateOrder::month_first : DateOrder::unknown;
}

/// The order of a column's dates; where its own do not show it, that of the text's other columns, if they agree.
DateOrder date_order(const Delimited& text, std::size_t column) {
    const DateOrder own = column < text.date_orders.size() ? text.date_orders[column] : DateOrder::unknown;
    const auto has = [&](DateOrder order) {
        return std::find(text.date_orders.begin(), text.date_orders.end(), order) != text.date_orders.end();
    };
    const bool by_day = has(DateOrder::day_first);
    const bool by_month = has(DateOrder::month_first);
    return own != DateOrder::unknown || by_day == by_month ? own
           : by_day                                        ? DateOrder::day_first
                                                           : DateOrder::month_first;
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

/// The first cell that can be read in two ways, where nothing in the text shows which is meant.
std::string cell_of_two_ways(const Delimited& text, std::size_t column, Kind kind) {
    if (kind == Kind::date && date_order(text, column) != DateOrder::unknown) {
        return "";
    }
    for (const auto& record : text.records) {
        const std::string_view field = field_of(record, column);
        if (kind == Kind::date ? has_two_dates(field) : has_two_numbers(field)) {
            return std::string(field);
        }
    }
    return "";
}

/// What is said of times whose offset from Greenwich moves them to another day.
std::vector<Sentence> reports_of_moved_days(const Delimited& text, const std::vector<NewColumn>& columns,
                                            const std::vector<std::size_t>& fields) {
    std::vector<Sentence> out;
    for (std::size_t at = 0; at < columns.size(); ++at) {
        std::size_t moved = 0;
        std::string_view first;
        for (const auto& record : text.records) {
            const std::string_view field = field_of(record, fields[at]);
            if (columns[at].cells.kind() == Kind::date && offset_changes_day(field)) {
                first = moved++ == 0 ? field : first;
            }
        }
        if (moved > 0) {
            out.push_back(
                {N_("Times of %1 that are on another day in Greenwich time, by which they are read: %2 (%3)."),
                 {columns[at].name, std::to_string(moved), std::string(first)}});
        }
    }
    return out;
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

/// What is said of whole numbers that no double is, which depends on the kind of their column.
std::vector<Sentence> reports_of_inexact_wholes(const Delimited& text, const std::vector<NewColumn>& columns,
                                                const std::vector<std::size_t>& fields) {
    std::vector<Sentence> out;
    std::size_t as_texts = 0;
    for (std::size_t at = 0; at < columns.size(); ++at) {
        const auto count =
            static_cast<std::size_t>(std::count_if(text.records.begin(), text.records.end(), [&](const auto& record) {
                return is_inexact_whole(field_of(record, fields[at]));
            }));
        if (columns[at].cells.kind() != Kind::number) {
            as_texts += count;
        } else if (count > 0) {
            out.push_back({N_("Whole numbers of %1 with more digits than a number can hold: %2. Their last digits were "
                              "lost. Read as text, the column keeps them."),
                           {columns[at].name, std::to_string(count)}});
        }
    }
    if (as_texts > 0) {
        out.insert(out.begin(), {N_("Whole numbers with more digits than a number can hold: %1. Their columns were "
                                    "read as text, to keep every digit."),
                                 {std::to_string(as_texts)}});
    }
    return out;
}

/// Why a text is not a table: one line has so many more fields than the others that nearly all cells would be empty.
std::optional<Sentence> too_sparse(const TextRecords& records, const std::vector<std::size_t>& lines) {
    constexpr std::size_t always_read = 1'000'000; // cells
    constexpr std::size_t most_for_a_field = 20;
    std::size_t fields = 0;
    std::size_t widest = 0;
    for (std::size_t at = 0; at < records.size(); ++at) {
        fields += records[at].size();
        widest = records[at].size() > records[widest].size() ? at : widest;
    }
    const std::size_t width = records.empty() ? 0 : records[widest].size();
    if (width * records.size() <= always_read + most_for_a_field * fields) {
        return std::nullopt;
    }
    return Sentence{N_("Line %1 has %2 fields, and the others have %3 on average. Correct that line, or choose another "
                       "separator."),
                    {std::to_string(lines[widest]), std::to_string(width),
                     std::to_string((fields - width) / std::max<std::size_t>(records.size() - 1, 1))}};
}

ColumnChoice choice_at(const std::vector<ColumnChoice>& choices, std::size_t column) {
    return column < choices.size() ? choices[column] : ColumnChoice();
}

/// The fields that become columns.
std::vector<std::size_t> taken_fields(const Delimited& text, const std::vector<ColumnChoice>& choices) {
    std::vector<std::size_t> out;
    for (std::size_t at = 0; at < text.width(); ++at) {
        if (!choice_at(choices, at).skipped) {
            out.push_back(at);
        }
    }
    return out;
}

} // namespace

std::size_t Delimited::width() const {
    std::size_t width = header.size();
    for (const auto& record : records) {
        width = std::max(width, record.size());
    }
    return width;
}

Result<Delimited> read_delimited(std::string_view bytes, const DialectChoice& choice, const StopToken& stop) {
    const TextAsUtf8 encoded = as_utf8(bytes);
    const std::string_view text = encoded.text();
    const std::size_t zero = text.find('\0');
    if (zero != std::string_view::npos) {
        return Sentence{N_("This is not text: it has a zero byte at position %1."), {std::to_string(zero + 1)}};
    }
    Delimited out;
    out.windows1252 = encoded.windows1252;
    Dialect& dialect = out.dialect;
    dialect.comment = choice.comment.value_or(guessed_comment(text));
    dialect.delimiter = choice.delimiter.value_or(guessed_delimiter(text, dialect.comment));
    DelimitedRecords read = read_records(text, {dialect.delimiter, dialect.comment}, std::string_view::npos, stop);
    read.leave_out_blanks(choice.blank_lines_at_end);
    if (read.open_quote != 0) {
        return Sentence{N_("A quotation mark opened in line %1 is never closed. Close it, and read the text again."),
                        {std::to_string(read.open_quote)}};
    }
    out.comments = read.comments;
    const std::optional<char> decimal = choice.decimal ? choice.decimal : guessed_decimal(read.records);
    out.decimal_found = decimal.has_value();
    dialect.decimal = decimal.value_or(choice.decimal_otherwise);
    dialect.header = choice.header.value_or(guessed_header(read.records, dialect.decimal)) && !read.records.empty();
    dialect.units = dialect.header && read.records.size() > 1 &&
                    choice.units.value_or(guessed_units(read.records, dialect.decimal));
    out.records = std::move(read.records);
    const std::size_t width = out.records.empty() ? 0 : out.records.front().size();
    for (std::size_t at = 0; at < out.records.size(); ++at) {
        if (out.records[at].size() != width) {
            out.ragged.push_back(read.lines[at]);
        }
    }
    if (const auto refused = too_sparse(out.records, read.lines)) {
        return *refused;
    }
    if (dialect.header) {
        out.header = std::move(out.records.front());
    }
    if (dialect.units) {
        out.units = std::move(out.records[1]);
    }
    out.records.erase(out.records.begin(), out.records.begin() + (dialect.header ? 1 : 0) + (dialect.units ? 1 : 0));
    for (std::size_t column = 0; column < out.width(); ++column) {
        out.date_orders.push_back(date_order_of(out, column));
    }
    return out;
}

std::vector<Sentence> Delimited::reports() const {
    std::vector<Sentence> out;
    if (!ragged.empty()) {
        constexpr std::size_t most_told = 8;
        std::string lines;
        for (std::size_t at = 0; at < std::min(ragged.size(), most_told); ++at) {
            lines += (at == 0 ? "" : ", ") + std::to_string(ragged[at]);
        }
        lines += ragged.size() > most_told ? ", …" : "";
        out.push_back({N_("Rows with more or fewer fields than the first: %1 (line %2). All their fields were kept."),
                       {std::to_string(ragged.size()), lines}});
    }
    if (comments > 0) {
        out.push_back({N_("Lines that start with %1 were left out: %2."), {dialect.comment, std::to_string(comments)}});
    }
    if (windows1252) {
        out.push_back({N_("The text was not UTF-8 and was read as Windows-1252."), {}});
    }
    return out;
}

ColumnReading reading_of(const Delimited& text, std::size_t column, const ColumnChoice& choice) {
    ColumnReading out;
    out.spelling =
        choice.spelling.value_or(Spelling(text.dialect.decimal, date_order(text, column) == DateOrder::month_first));
    out.kind = choice.kind.value_or(kind_of(text, column, out.spelling));
    const bool asked =
        !choice.spelling && (out.kind == Kind::date || (out.kind == Kind::number && !text.decimal_found));
    out.two_ways = asked ? cell_of_two_ways(text, column, out.kind) : "";
    return out;
}

std::vector<NewColumn> columns_of(const Delimited& text, const std::vector<ColumnChoice>& choices,
                                  const StopToken& stop) {
    const std::size_t width = text.width();
    std::vector<NewColumn> columns;
    FreeNames names;
    for (const std::size_t at : taken_fields(text, choices)) {
        const ColumnChoice choice = choice_at(choices, at);
        NewColumn column;
        split_unit(choice.heading ? *choice.heading : std::string(field_of(text.header, at)), column.label,
                   column.unit);
        if (column.unit.empty() && field_of(text.units, at) != "-") {
            column.unit = without_brackets(std::string(field_of(text.units, at)));
        }
        const bool named = !column.label.empty();
        const std::string wanted = named        ? name_from_label(column.label)
                                   : width == 1 ? "x"
                                                : "x" + std::to_string(at + 1);
        column.name = names.take(wanted);
        column.label = column.label == column.name ? "" : column.label;
        const ColumnReading reading = reading_of(text, at, choice);
        column.cells = Column(reading.kind);
        const InternScope scope;
        column.interned = scope.objects();
        for (std::size_t row = 0; row < text.records.size(); ++row) {
            stop.throw_if_stopped_at(row);
            const auto& record = text.records[row];
            column.cells.append(at < record.size() ? read_cell(unguarded(record[at]), reading.kind, reading.spelling)
                                                   : Value::missing(reading.kind));
        }
        columns.push_back(std::move(column));
    }
    return columns;
}

LabelledColumns labelled_columns(const Delimited& text, const std::vector<ColumnChoice>& choices,
                                 const StopToken& stop) {
    LabelledColumns out;
    out.columns = columns_of(text, choices, stop);
    out.reports = text.reports();
    const std::vector<std::size_t> fields = taken_fields(text, choices);
    for (auto& more : {reports_of_inexact_wholes(text, out.columns, fields),
                       reports_of_moved_days(text, out.columns, fields), reports_of_odd_cells(out.columns)}) {
        out.reports.insert(out.reports.end(), more.begin(), more.end());
    }
    return out;
}

} // namespace ledgefall
