#include "app/table_model/typed_texts.h"

namespace ledgefall {
namespace {

std::size_t width_of(const TextBlock& block) {
    std::size_t width = 0;
    for (const auto& line : block) {
        width = std::max(width, line.size());
    }
    return width;
}

const std::string& text_at(const TextBlock& block, std::size_t line, std::size_t field) {
    static const std::string none;
    return field < block[line].size() ? block[line][field] : none;
}

const ColumnDefinition* column_at(const Table& table, std::size_t section) {
    return section < table.columns.size() ? &*table.columns[section] : nullptr;
}

/// The decimal sign by which alone one of the texts in a column of a block is a number, as `12,5` is by the comma; none
/// where there is no such text, or they contradict each other.
std::optional<char> sign_among(const TextBlock& block, std::size_t field) {
    bool point = false;
    bool comma = false;
    for (std::size_t line = 0; line < block.size(); ++line) {
        const std::string& text = text_at(block, line, field);
        if (text.find_first_of(".,") == std::string::npos) {
            continue; // the same by both
        }
        const bool by_point = read_spelled_number(text, {'.'}).has_value();
        const bool by_comma = read_spelled_number(text, {','}).has_value();
        point = point || (by_point && !by_comma);
        comma = comma || (by_comma && !by_point);
    }
    return point == comma ? std::nullopt : std::optional(point ? '.' : ',');
}

/// By what is typed together, by what the column has shown before, else as it is usual.
Spelling spelling_of(const ColumnDefinition* column, const TypingPlace& place, const TextBlock& block,
                     std::size_t field) {
    Spelling spelling = place.spelling;
    spelling.decimal = place.decimal.value_or(spelling.decimal);
    const auto decimal = column == nullptr ? place.known.decimal.end() : place.known.decimal.find(column->id);
    if (decimal != place.known.decimal.end()) {
        spelling.decimal = decimal->second;
    } else if (const auto sign = place.decimal ? std::nullopt : sign_among(block, field)) {
        spelling.decimal = *sign;
    }
    const auto month = column == nullptr ? place.known.month_first.end() : place.known.month_first.find(column->id);
    if (month != place.known.month_first.end()) {
        spelling.month_first = month->second;
    }
    for (std::size_t line = 0; line < block.size(); ++line) {
        const std::string& text = text_at(block, line, field);
        const bool by_day = read_spelled_date(text, {'.', false}).has_value();
        const bool by_month = read_spelled_date(text, {'.', true}).has_value();
        if (by_day != by_month) {
            spelling.month_first = by_month;
            break;
        }
    }
    return spelling;
}

/// What is to be said of a column into which a field of each line has been typed.
class ColumnNews {
  public:
    ColumnNews(const ColumnDefinition& column, std::size_t row, const TextBlock& block, std::size_t field)
        : column_(column)
        , row_(row)
        , block_(block)
        , field_(field) {}

    void tell_of_dates(TypedTexts& out) const {
        if (column_.computed() || column_.cells->kind() != Kind::date || out.known.month_first.contains(column_.id)) {
            return;
        }
        for (std::size_t line = 0; line < block_.size(); ++line) {
            const std::string& text = text_at(block_, line, field_);
            const auto by_month = read_spelled_date(text, {'.', true});
            const auto by_day = read_spelled_date(text, {'.', false});
            const Value value = column_.cells->at(row_ + line);
            if (by_month.has_value() != by_day.has_value()) {
                out.known.month_first[column_.id] = by_month.has_value();
                return;
            }
            if (has_two_dates(text) && value.plain()) {
                out.known.month_first[column_.id] = value.number() == *by_month;
                out.dates.push_back({column_.id, text, value.number()});
                return;
            }
        }
    }

    /// With the usual decimal sign a number is read as everybody here would; with the other one it may be either.
    void tell_of_numbers(TypedTexts& out, char usual) const {
        if (column_.computed() || column_.cells->kind() != Kind::number || out.known.decimal.contains(column_.id)) {
            return;
        }
        if (const auto sign = sign_among(block_, field_)) {
            out.known.decimal[column_.id] = *sign;
            return;
        }
        for (std::size_t line = 0; line < block_.size(); ++line) {
            const std::string& text = text_at(block_, line, field_);
            if (text.find(usual) == std::string::npos && has_two_numbers(text)) {
                const Value value = column_.cells->at(row_ + line);
                const bool by_comma = value.plain() && read_spelled_number(text, {','}) == value.number();
                out.known.decimal[column_.id] = by_comma ? ',' : '.';
                out.numbers.push_back({column_.id, text, value.number(), row_, texts()});
                return;
            }
        }
    }

    /// What the cell holds then is not what was typed.
    void tell_of_long_numbers(TypedTexts& out) const {
        for (std::size_t line = 0; line < block_.size() && !column_.computed() && !out.long_number; ++line) {
            const std::string& text = text_at(block_, line, field_);
            const Value held = is_inexact_whole(text) ? column_.cells->at(row_ + line) : Value();
            if (held.plain() && held.kind() == Kind::number) {
                out.long_number = {"%1 has more digits than a number can hold: the cell holds %2. In a column of "
                                   "texts all of them stay.",
                                   {text, write_cell(held)}};
            }
        }
    }

  private:
    TextBlock texts() const {
        TextBlock out;
        for (std::size_t line = 0; line < block_.size(); ++line) {
            out.push_back({text_at(block_, line, field_)});
        }
        return out;
    }

    const ColumnDefinition& column_;
    std::size_t row_;
    const TextBlock& block_;
    std::size_t field_;
};

} // namespace

Result<TypedTexts> typed_texts(const Study& study, const TypingPlace& place, const TextBlock& block,
                               const StopToken& stop) {
    TypedTexts out;
    out.known = place.known;
    out.headed = with_typed_headings(study, place.table, place.row, place.section, block);
    const std::size_t row = out.headed ? place.row - 1 : place.row;
    const Study& before = out.headed ? out.headed->study : study;
    const Table* table = before.table(place.table);
    const std::size_t width = width_of(block);
    std::vector<Spelling> spellings; // each column has its own
    for (std::size_t field = 0; field < width && table != nullptr; ++field) {
        stop.throw_if_stopped();
        spellings.push_back(spelling_of(column_at(*table, place.section + field), place, block, field));
    }
    Result<Study> typed = type_block(before, place.table, row, place.section, block,
                                     width == 0 ? BlockReading() : BlockReading(spellings, stop));
    if (!typed) {
        return typed.refusal();
    }
    out.study = *std::move(typed);
    for (std::size_t field = 0; field < width; ++field) {
        stop.throw_if_stopped();
        if (const ColumnDefinition* column = column_at(*out.study.table(place.table), place.section + field)) {
            const ColumnNews news(*column, row, block, field);
            news.tell_of_long_numbers(out);
            news.tell_of_dates(out);
            news.tell_of_numbers(out, place.spelling.decimal);
        }
    }
    return out;
}

} // namespace ledgefall
