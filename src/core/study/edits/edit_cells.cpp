// Edits of cells and rows.

#include "core/basics/trimmed.h"
#include "core/study/edits/edits.h"
#include "core/study/edits/reach.h"
#include "core/study/model/parts.h"
#include "core/value/date.h"

namespace ledgefall {
namespace {

constexpr std::size_t most_rows = 20'000'000;

/// The kind that typed texts have together: a number where most of what is not blank is one, and so on.
Kind guessed_kind(const std::vector<std::vector<std::string>>& block, std::size_t at, const Spelling& spelling) {
    std::size_t filled = 0;
    std::size_t numbers = 0;
    std::size_t dates = 0;
    std::size_t answers = 0;
    for (const auto& line : block) {
        if (at >= line.size() || trimmed(line[at]).empty()) {
            continue;
        }
        if (loses_digits(line[at])) {
            return Kind::text; // numbers of samples and the like
        }
        ++filled;
        const Kind kind = kind_of_typed(line[at], spelling);
        numbers += kind == Kind::number ? 1 : 0;
        dates += kind == Kind::date ? 1 : 0;
        answers += kind == Kind::yes_no ? 1 : 0;
    }
    const auto most = [filled](std::size_t count) { return 2 * count > filled; };
    if (filled == 0 || most(numbers)) {
        return Kind::number;
    }
    return most(dates) ? Kind::date : most(answers) ? Kind::yes_no : Kind::text;
}

void type_given(ColumnDefinition& column, std::size_t row, const std::vector<std::vector<std::string>>& block,
                std::size_t at, const Spelling& spelling) {
    Column cells = *column.cells;
    bool any = false; // an empty column takes the kind of what is first typed into it
    for (std::size_t entry = 0; entry < cells.size() && !any; ++entry) {
        any = !cells.at(entry).is_missing();
    }
    if (const Kind kind = any ? cells.kind() : guessed_kind(block, at, spelling); kind != cells.kind()) {
        const std::size_t rows = cells.size();
        cells = Column(kind);
        cells.resize(rows);
    }
    for (std::size_t line = 0; line < block.size(); ++line) {
        if (at >= block[line].size()) {
            continue;
        }
        const Value value = read_cell(block[line][at], cells.kind(), spelling);
        if (row + line == cells.size()) { // setting there would look over what is before it, whether all of it is plain
            cells.append(value);
        } else {
            cells.set(row + line, value);
        }
    }
    column.cells = Shared<Column>(std::move(cells));
}

void type_over(ColumnDefinition& column, const Table& table, std::size_t row,
               const std::vector<std::vector<std::string>>& block, std::size_t at, const Spelling& spelling) {
    Overrides overrides = *column.overrides;
    for (std::size_t line = 0; line < block.size(); ++line) {
        if (at >= block[line].size()) {
            continue;
        }
        const std::string& text = block[line][at];
        // What a computed column's kind is, its formula says; what is typed over it speaks for itself.
        Value value = read_cell(text, Kind::number, spelling);
        for (const Kind kind : {Kind::date, Kind::yes_no, Kind::text}) {
            value = value.state() == State::unparsed ? read_cell(text, kind, spelling) : value;
        }
        if (value.is_missing()) {
            overrides.erase(table.axis.id_at(row + line));
        } else {
            overrides[table.axis.id_at(row + line)] = value;
        }
    }
    column.overrides = Shared<Overrides>(std::move(overrides));
}

/// Adds the rows and the given columns that a block needs; a sentence where it cannot.
std::optional<Sentence> make_room(Study& study, Table& table, std::size_t rows, std::size_t columns) {
    if (table.ids() != nullptr && rows > table.ids()->size()) {
        if (rows > most_rows) {
            return Sentence{N_("A table can have at most %1 rows."), {std::to_string(most_rows)}};
        }
        table.axis.edit_ids([rows](RowIds& ids) { ids.append(rows - ids.size()); });
    }
    int number = 1; // of which all names before are taken
    while (table.columns.size() < columns) {
        ColumnDefinition column;
        column.id = study.fresh_id("c");
        for (; column.name.empty(); ++number) {
            const std::string name = number == 1 ? "x" : "x" + std::to_string(number);
            column.name = name_refused(study, &table, name) || table.column_named(name) != nullptr ? "" : name;
        }
        table.columns.emplace_back(std::move(column));
    }
    return std::nullopt;
}

} // namespace

Result<Study> type_block(const Study& before, Id id, std::size_t row, std::size_t column,
                         const std::vector<std::vector<std::string>>& block, const BlockReading& reading) {
    Study study = before;
    Shared<Table>* shared_table = part_with(study.tables, id);
    if (shared_table == nullptr) {
        return no_such_part;
    }
    if ((*shared_table)->two_way()) {
        return (*shared_table)->no_columns_of_rows();
    }
    std::size_t width = 0;
    for (const auto& line : block) {
        width = std::max(width, line.size());
    }
    Table table = **shared_table;
    if (auto refused = make_room(study, table, row + block.size(), column + width)) {
        return *refused;
    }
    const std::size_t columns_before = (*shared_table)->columns.size();
    for (std::size_t at = 0; at < width; ++at) {
        reading.stop.throw_if_stopped();
        table.columns[column + at].edit([&](ColumnDefinition& definition) {
            if (definition.computed()) {
                type_over(definition, table, row, block, at, reading.of(at));
            } else {
                type_given(definition, row, block, at, reading.of(at));
            }
        });
    }
    shared_table = part_with(study.tables, id);
    const bool new_names = table.columns.size() > columns_before;
    *shared_table = Shared<Table>(std::move(table));
    return new_names ? keeping_meaning(before, study) : study;
}

Result<Study> set_cells(Study study, Id id, std::size_t row, const std::vector<Value>& values) {
    const Table* table = table_with(study, &Table::columns, id);
    if (table == nullptr || table->column(id)->computed()) {
        return no_such_part;
    }
    if (table->two_way()) {
        return table->no_columns_of_rows();
    }
    return with_table(std::move(study), table->id, [&](Table& copy) {
        const std::size_t rows = std::min(row + values.size(), most_rows);
        if (copy.ids() != nullptr && rows > copy.ids()->size()) {
            copy.axis.edit_ids([rows](RowIds& ids) { ids.append(rows - ids.size()); });
        }
        part_with(copy.columns, id)->edit([&](ColumnDefinition& column) {
            column.cells.edit([&](Column& cells) {
                for (std::size_t at = 0; at < values.size() && row + at < most_rows; ++at) {
                    cells.set(row + at, values[at]);
                }
            });
        });
    });
}

Result<Study> swap_days_and_months(Study study, Id id) {
    return with_column(std::move(study), id, [](ColumnDefinition& column) {
        column.cells.edit([](Column& cells) {
            for (std::size_t row = 0; row < cells.size(); ++row) {
                const Value value = cells.at(row);
                std::string text = value.plain() && value.kind() == Kind::date ? write_date(value.number()) : "";
                if (text.size() < 10) {
                    continue;
                }
                std::swap(text[5], text[8]);
                std::swap(text[6], text[9]);
                if (const auto days = read_date(text)) {
                    cells.set(row, Value::of(*days, Kind::date, State::plain));
                }
            }
        });
    });
}

Result<Study> give_back(Study study, Id column, std::optional<std::size_t> row) {
    const Table* table = table_with(study, &Table::columns, column);
    if (table == nullptr) {
        return no_such_part;
    }
    if (row && table->two_way()) { // whose cells have ids of their own
        return table->no_columns_of_rows();
    }
    const std::uint64_t id = row ? table->axis.id_at(*row) : 0;
    return with_column(std::move(study), column, [&](ColumnDefinition& copy) {
        Overrides overrides;
        if (row) {
            overrides = *copy.overrides;
            overrides.erase(id);
        }
        copy.overrides = Shared<Overrides>(std::move(overrides));
    });
}

Result<Study> insert_rows(Study study, Id id, std::size_t row, std::size_t count) {
    const Table* table = study.table(id);
    if (table != nullptr && table->ids() == nullptr) {
        return table->rows_are_fixed();
    }
    if (table != nullptr && (count > most_rows || table->ids()->size() + count > most_rows)) {
        return Sentence{N_("A table can have at most %1 rows."), {std::to_string(most_rows)}};
    }
    return with_table(std::move(study), id, [row, count](Table& copy) {
        const bool inside = row < copy.ids()->size();
        copy.axis.edit_ids([row, count](RowIds& ids) { ids.insert(row, count); });
        for (auto& column : copy.columns) {
            if (inside && row < column->cells->size()) {
                column.edit([row, count](ColumnDefinition& definition) {
                    const std::vector<Value> gap(count, Value::missing(definition.cells->kind()));
                    definition.cells.edit([&](Column& cells) { cells.insert(row, gap); });
                });
            }
        }
    });
}

Result<Study> remove_rows(Study study, Id id, std::size_t row, std::size_t count) {
    const Table* table = study.table(id);
    if (table != nullptr && table->ids() == nullptr) {
        return table->rows_are_fixed();
    }
    return with_table(std::move(study), id, [row, count](Table& copy) {
        keep_reach_through_removal(copy, row, count);
        std::vector<std::uint64_t> gone;
        for (std::size_t at = row; at < std::min(row + count, copy.ids()->size()); ++at) {
            gone.push_back(copy.ids()->id_at(at));
        }
        copy.axis.edit_ids([row, count](RowIds& ids) { ids.erase(row, count); });
        for (auto& column : copy.columns) {
            column.edit([&](ColumnDefinition& definition) {
                definition.cells.edit([&](Column& cells) { cells.erase(row, count); });
                if (!definition.overrides->empty()) {
                    definition.overrides.edit([&gone](Overrides& overrides) {
                        std::erase_if(overrides, [&gone](const auto& one) {
                            return std::find(gone.begin(), gone.end(), one.first) != gone.end();
                        });
                    });
                }
            });
        }
        join_neighbouring_pieces(copy);
    });
}

Study empty_for_own_data(Study study) {
    for (auto& table : study.tables) {
        table.edit([](Table& copy) {
            for (auto& column : copy.columns) {
                if (!column->computed()) {
                    Column empty(column->cells->kind());
                    empty.resize(column->cells->size());
                    column.edit([&empty](ColumnDefinition& given) { given.cells = Shared<Column>(std::move(empty)); });
                }
                if (!column->overrides->empty()) { // of typed layers too
                    column.edit([](ColumnDefinition& any) { any.overrides = Shared<Overrides>(); });
                }
            }
        });
    }
    study.runs.clear(); // they hold what came of the cells that have gone
    study.runs_table.reset();
    return study;
}

} // namespace ledgefall
