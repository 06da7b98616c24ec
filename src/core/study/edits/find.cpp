#include "core/study/edits/find.h"

#include "core/study/edits/edits.h"
#include "core/study/model/parts.h"
#include "core/value/decimals.h"

#include <cctype>
#include <cstdio>

namespace ledgefall {
namespace {

/// Lower case for the letters of ASCII; others are compared as they are.
std::string folded(std::string text) {
    for (char& c : text) {
        c = static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
    }
    return text;
}

bool contains(const std::string& text, const Search& search) {
    const std::string in = search.match_case ? text : folded(text);
    const std::string wanted = search.match_case ? search.text : folded(search.text);
    return search.whole_cell ? in == wanted : in.find(wanted) != std::string::npos;
}

/// `held` with every place of what is looked for replaced.
std::string replaced_in(const std::string& text, const Search& search, const std::string& with) {
    if (search.whole_cell) {
        return with;
    }
    const std::string in = search.match_case ? text : folded(text);
    const std::string wanted = search.match_case ? search.text : folded(search.text);
    std::string out;
    std::size_t at = 0;
    for (std::size_t count = in.find(wanted); count != std::string::npos; count = in.find(wanted, at)) {
        out += text.substr(at, count - at) + with;
        at = count + wanted.size();
    }
    return out + text.substr(at);
}

bool takes(const Search& search, Id column) {
    return search.columns.empty() ||
           std::find(search.columns.begin(), search.columns.end(), column) != search.columns.end();
}

} // namespace

bool holds(const Value& value, const Search& search) {
    if (search.text.empty() || value.is_missing() || value.is_fault()) {
        return false;
    }
    if (contains(write_cell(value), search)) {
        return true;
    }
    const auto number = value.plain() && value.kind() == Kind::number ? read_number(search.text) : std::nullopt;
    return search.whole_cell && number && *number == value.number();
}

bool computed_holds(const Value& value, const Search& search) {
    if (!value.plain() || value.kind() != Kind::number) {
        return holds(value, search);
    }
    constexpr int figures = 6;
    const std::string text = shortest(rounded_to_figures(value.number(), figures));
    const auto number = read_number(search.text);
    return !search.text.empty() && (contains(text, search) || (number && *number == value.number()));
}

std::optional<CellPlace> find_next(const Table& table, std::size_t rows, const Search& search, const CellsOf& cells_of,
                                   std::optional<CellPlace> from, bool backwards, const StopToken& stop) {
    const std::size_t columns = table.columns.size();
    if (columns == 0 || rows == 0 || search.text.empty()) {
        return std::nullopt;
    }
    std::vector<const Column*> cells;
    for (const auto& column : table.columns) {
        cells.push_back(takes(search, column->id) && !column->hidden ? cells_of(*column) : nullptr);
    }
    const std::size_t all = rows * columns;
    const std::size_t start =
        !from ? (backwards ? 0 : all - 1) : std::min(from->row, rows - 1) * columns + from->column;
    for (std::size_t step = 1; step <= all; ++step) {
        const std::size_t at = backwards ? (start + all - step % all) % all : (start + step) % all;
        const CellPlace place{at / columns, at % columns};
        const Column* column = cells[place.column];
        const bool computed = table.columns[place.column]->computed();
        if (column != nullptr &&
            (computed ? computed_holds(column->at(place.row), search) : holds(column->at(place.row), search))) {
            return place;
        }
        stop.throw_if_stopped_at(step);
    }
    return std::nullopt;
}

Result<Study> replace_cells(const Study& study, Id id, const Search& search, const std::string& with,
                            std::optional<CellPlace> only, std::size_t* replaced, const StopToken& stop) {
    const Table* table = study.table(id);
    if (table == nullptr) {
        return no_such_part;
    }
    Study out = study;
    std::size_t count = 0;
    for (std::size_t at = 0; at < table->columns.size(); ++at) {
        const ColumnDefinition& column = *table->columns[at];
        if (column.computed() || !takes(search, column.id) || (only && only->column != at)) {
            continue;
        }
        Column cells = *column.cells;
        const std::size_t before = count;
        const std::size_t end = only ? std::min(only->row + 1, cells.size()) : cells.size();
        for (std::size_t row = only ? only->row : 0; row < end; ++row) {
            stop.throw_if_stopped_at(row);
            const Value value = cells.at(row);
            if (holds(value, search)) {
                cells.set(row, read_cell(replaced_in(write_cell(value), search, with), cells.kind()));
                ++count;
            }
        }
        if (count > before) {
            Result<Study> next = with_column(
                out, column.id, [&](ColumnDefinition& copy) { copy.cells = Shared<Column>(std::move(cells)); });
            if (!next) {
                return next;
            }
            out = *next;
        }
    }
    if (replaced != nullptr) {
        *replaced = count;
    }
    return out;
}

} // namespace ledgefall
