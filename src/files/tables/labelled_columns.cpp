#include "files/tables/labelled_columns.h"

#include "core/study/edits/offers.h"

#include <algorithm>

namespace ledgefall {

std::size_t LabelledColumns::rows() const {
    std::size_t most = least_rows;
    for (const NewColumn& column : columns) {
        most = std::max(most, column.cells.size());
    }
    return most;
}

LabelledColumns labelled_columns(const Study& study, const Results& results, Id id) {
    LabelledColumns out;
    const Table* table = study.table(id);
    if (table == nullptr) {
        return out;
    }
    const auto add = [&](const ColumnDefinition& column) {
        const Column* cells = results.column(column.id);
        out.columns.push_back({column.label, column.name, column.unit, cells == nullptr ? Column() : *cells});
    };
    out.least_rows = results.rows(id);
    for (const Axis* axis : table->axes()) {
        if (axis->column) {
            add(**axis->column);
            if (table->two_way()) { // its value in each cell
                const Column values = out.columns.back().cells;
                const std::size_t across = std::max<std::size_t>(columns_of_grid(study, results, id), 1);
                Column in_cells(values.kind());
                for (std::size_t cell = 0; cell < out.least_rows; ++cell) {
                    in_cells.append(values.at(axis == &table->axis ? cell / across : cell % across));
                }
                out.columns.back().cells = std::move(in_cells);
            }
        }
    }
    for (const auto& column : table->columns) {
        add(*column);
    }
    return out;
}

LabelledColumns grid_columns(const Study& study, const Results& results, Id id) {
    LabelledColumns out;
    const Table* table = study.table(id);
    if (table == nullptr || !table->two_way()) {
        return labelled_columns(study, results, id);
    }
    const ColumnDefinition& down = **table->axis.column;
    const ColumnDefinition& across = **table->across->column;
    const Column rows = *results.column(down.id);
    const Column columns = *results.column(across.id);
    const std::size_t layers = table->columns.size();
    if (layers > 1) {
        Column names(Kind::text);
        for (std::size_t line = 0; line < layers * rows.size(); ++line) {
            names.append(Value::text(Text(table->columns[line / rows.size()]->name)));
        }
        out.columns.push_back({"", "layer", "", std::move(names)});
    }
    Column headings(rows.kind());
    for (std::size_t line = 0; line < std::max<std::size_t>(layers, 1) * rows.size(); ++line) {
        headings.append(rows.at(line % rows.size()));
    }
    out.columns.push_back({"", down.name + " by " + across.name, "", std::move(headings)});
    const bool one_kind = std::all_of(table->columns.begin(), table->columns.end(), [&](const auto& layer) {
        return results.column(layer->id)->kind() == results.column(table->columns.front()->id)->kind();
    });
    for (std::size_t column = 0; column < columns.size(); ++column) {
        Column cells(layers == 0 ? Kind::number
                     : one_kind  ? results.column(table->columns.front()->id)->kind()
                                 : Kind::text);
        for (const auto& layer : table->columns) {
            for (std::size_t row = 0; row < rows.size(); ++row) {
                const Value value = results.cell(layer->id, row * columns.size() + column);
                cells.append(one_kind || !value.plain() ? value : Value::text(Text(write_cell(value))));
            }
        }
        out.columns.push_back({"", write_cell(columns.at(column)), "", std::move(cells)});
    }
    return out;
}

Study study_of(const LabelledColumns& columns) {
    Id table;
    const Study study = *add_table(Study(), "Data", &table);
    const Result<Study> filled = add_columns(study, table, columns.columns);
    return filled ? *filled : study;
}

std::vector<Sentence> reports_of_odd_cells(const std::vector<NewColumn>& columns) {
    std::vector<Sentence> out;
    for (const NewColumn& column : columns) {
        if (std::optional<OddCells> odd = odd_cells_of(column.name, column.cells)) {
            out.push_back(std::move(odd->told));
        }
    }
    return out;
}

} // namespace ledgefall
