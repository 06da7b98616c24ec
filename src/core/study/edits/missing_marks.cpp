#include "core/study/edits/missing_marks.h"

#include "core/study/edits/edits.h"
#include "core/study/model/parts.h"

#include <algorithm>
#include <array>

namespace ledgefall {
namespace {

std::string without_blanks(std::string_view text) {
    const std::size_t from = text.find_first_not_of(" \t");
    return from == std::string_view::npos ? std::string()
                                          : std::string(text.substr(from, text.find_last_not_of(" \t") + 1 - from));
}

/// The kind that a column of texts has without its marks; text where other texts stand in it, or no mark.
Kind kind_without_marks(const Column& cells, const Spelling& spelling) {
    Kind kind = Kind::text;
    bool marked = false;
    for (std::size_t row = 0; row < cells.size(); ++row) {
        const Value value = cells.at(row);
        if (!value.plain()) {
            continue;
        }
        const std::string text = value.text().str();
        if (is_missing_mark(text)) {
            marked = true;
            continue;
        }
        const Kind here = kind_of_typed(text, spelling);
        if (here == Kind::text || (kind != Kind::text && here != kind)) {
            return Kind::text;
        }
        kind = here;
    }
    return marked ? kind : Kind::text;
}

/// Calls `visit` with the row and the text of each cell that holds a mark in place of a value.
template <class Visit>
void for_each_mark(const ColumnDefinition& column, const Spelling& spelling, Visit visit) {
    if (column.computed()) {
        return;
    }
    const Column& cells = *column.cells;
    const bool texts = cells.kind() == Kind::text;
    if (texts && kind_without_marks(cells, spelling) == Kind::text) {
        return;
    }
    for (std::size_t chunk = 0; chunk < cells.chunk_count(); ++chunk) {
        if (!texts && cells.chunk(chunk).states.empty()) {
            continue; // all are plain
        }
        const std::size_t end = std::min(cells.size(), (chunk + 1) * Column::chunk_rows);
        for (std::size_t row = chunk * Column::chunk_rows; row < end; ++row) {
            const Value value = cells.at(row);
            if ((value.state() == State::unparsed || (texts && value.plain())) && is_missing_mark(value.text().str())) {
                visit(row, value.text().str());
            }
        }
    }
}

} // namespace

bool is_missing_mark(std::string_view text) {
    static constexpr std::array<std::string_view, 4> words = {"na", "n/a", "n.a.", "#n/a"};
    static constexpr std::array<std::string_view, 4> signs = {"-", "\u2013", ".", "?"};
    std::string bare = without_blanks(text);
    if (std::find(signs.begin(), signs.end(), bare) != signs.end()) {
        return true;
    }
    std::transform(bare.begin(), bare.end(), bare.begin(),
                   [](char c) { return c >= 'A' && c <= 'Z' ? static_cast<char>(c - 'A' + 'a') : c; });
    return std::find(words.begin(), words.end(), bare) != words.end();
}

MissingMarks missing_marks(const Table& table, const Spelling& spelling) {
    MissingMarks out;
    for (const auto& column : table.columns) {
        for_each_mark(*column, spelling, [&out](std::size_t, const std::string& mark) {
            ++out.cells;
            const std::string bare = without_blanks(mark);
            if (std::find(out.marks.begin(), out.marks.end(), bare) == out.marks.end()) {
                out.marks.push_back(bare);
            }
        });
    }
    return out;
}

Result<Study> marks_as_missing(const Study& study, Id id, const Spelling& spelling) {
    const Table* table = study.table(id);
    if (table == nullptr) {
        return no_such_part;
    }
    Result<Study> out = study;
    for (const auto& column : table->columns) {
        std::vector<std::size_t> rows;
        for_each_mark(*column, spelling, [&rows](std::size_t row, const std::string&) { rows.push_back(row); });
        if (rows.empty() || !out) {
            continue;
        }
        const Kind kind =
            column->cells->kind() == Kind::text ? kind_without_marks(*column->cells, spelling) : column->cells->kind();
        out = with_column(*std::move(out), column->id, [&](ColumnDefinition& copy) {
            copy.cells.edit([&](Column& cells) {
                for (const std::size_t row : rows) {
                    cells.set(row, Value::missing(cells.kind()));
                }
            });
        });
        out = out && kind != column->cells->kind() ? set_kind(*std::move(out), column->id, kind, spelling) : out;
    }
    return out;
}

} // namespace ledgefall
