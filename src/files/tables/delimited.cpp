#include "files/tables/delimited.h"

#include "core/parallel/parallel.h"
#include "files/tables/dialect_guesses.h"
#include "files/tables/kind_count.h"
#include "files/tables/text_encoding.h"

#include <algorithm>

namespace ledgefall {
namespace {

/// What a column's dates show of the order of day and month: some can be read the one way only.
DateOrder date_order_of(const TextRecords& records, std::size_t column) {
    bool month_first = false;
    std::size_t others = 0;
    constexpr std::size_t most_others = 50; // fields that are not dates, after which none is expected
    for (std::size_t row = 0; row < records.size() && others <= most_others; ++row) {
        const std::string_view field = records.at(row, column);
        if (field.size() == 10 && field[4] == '-' && field[7] == '-') {
            continue; // the year first
        }
        const bool by_day = read_spelled_date(field, {'.', false}).has_value();
        const bool by_month = read_spelled_date(field, {'.', true}).has_value();
        if (by_day && !by_month) {
            return DateOrder::day_first;
        }
        month_first = month_first || (by_month && !by_day);
        others += by_day || by_month ? 0 : 1;
    }
    return month_first && others <= most_others ? DateOrder::month_first : DateOrder::unknown;
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

/// The kind that most of the column's first cells have.
Kind kind_of(const Delimited& text, std::size_t column, const Spelling& spelling) {
    constexpr std::size_t most = 2000; // rows
    KindCount count;
    for (std::size_t row = 0; row < std::min(text.records.size(), most); ++row) {
        count.add(text.records.at(row, column), spelling);
    }
    return count.settled();
}

/// Why a text is not a table: one line has so many more fields than the others that nearly all cells would be empty.
std::optional<Sentence> too_sparse(const TextRecords& records, std::size_t bytes) {
    constexpr std::size_t always_read = 1'000'000; // cells
    constexpr std::size_t most_for_a_field = 20;
    const std::size_t width = records.width();
    const std::size_t fields = records.field_count();
    const std::size_t cells = width * records.size();
    if (cells <= always_read + most_for_a_field * fields) {
        constexpr std::size_t always_taken = 200'000'000; // bytes
        const bool is_too_much = 9 * cells + 8 * fields > always_taken + 9 * bytes;
        return is_too_much ? std::optional(Sentence{N_("As a table the text would have %1 cells, most of them empty. "
                                                       "Choose another separator, or divide the text."),
                                                    {std::to_string(cells)}})
                           : std::nullopt;
    }
    std::size_t widest = 0;
    while (records[widest].size() < width) {
        ++widest;
    }
    return Sentence{N_("Line %1 has %2 fields, and the others have %3 on average. Correct that line, or choose another "
                       "separator."),
                    {std::to_string(records.line(widest)), std::to_string(width),
                     std::to_string((fields - width) / std::max<std::size_t>(records.size() - 1, 1))}};
}

} // namespace

std::size_t Delimited::width() const {
    return std::max(header.size(), records.width());
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
    Result<TextRecords> read = TextRecords::read(text, {dialect.delimiter, dialect.comment}, TextRecords::all, stop);
    if (!read) {
        return read.refusal();
    }
    TextRecords& records = out.records = *std::move(read);
    records.leave_out_blanks(choice.blank_lines_at_end);
    const std::optional<char> decimal = choice.decimal ? choice.decimal : guessed_decimal(records);
    out.decimal_found = decimal.has_value();
    dialect.decimal = decimal.value_or(choice.decimal_otherwise);
    dialect.header = choice.header.value_or(guessed_header(records, dialect.decimal)) && !records.empty();
    dialect.units =
        dialect.header && records.size() > 1 && choice.units.value_or(guessed_units(records, dialect.decimal));
    for (std::size_t at = 0; at < records.size(); ++at) {
        if (records[at].size() != records[0].size()) {
            out.ragged.push_back(records.line(at));
        }
    }
    if (const auto refused = too_sparse(records, text.size())) {
        return *refused;
    }
    if (dialect.header) {
        out.header = records[0].texts();
    }
    if (dialect.units) {
        out.units = records[1].texts();
    }
    records.leave_out_first((dialect.header ? 1U : 0U) + (dialect.units ? 1U : 0U));
    out.date_orders.resize(out.width());
    parallel_for(out.date_orders.size(),
                 [&](std::size_t column) { out.date_orders[column] = date_order_of(records, column); });
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
    if (records.comments() > 0) {
        out.push_back(
            {N_("Lines that start with %1 were left out: %2."), {dialect.comment, std::to_string(records.comments())}});
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
    return out;
}

std::string cell_of_two_ways(const Delimited& text, std::size_t column, const ColumnChoice& choice) {
    const Kind kind = reading_of(text, column, choice).kind;
    const bool told =
        choice.spelling || (kind == Kind::date ? date_order(text, column) != DateOrder::unknown : text.decimal_found);
    for (std::size_t row = 0; !told && row < text.records.size(); ++row) {
        const std::string_view field = text.records.at(row, column);
        if ((kind == Kind::date && has_two_dates(field)) || (kind == Kind::number && has_two_numbers(field))) {
            return std::string(field);
        }
    }
    return "";
}

} // namespace ledgefall
