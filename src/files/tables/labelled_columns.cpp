#include "files/tables/labelled_columns.h"

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
    if (table->axis.column) {
        add(**table->axis.column);
    }
    for (const auto& column : table->columns) {
        add(*column);
    }
    return out;
}

Study study_of(const LabelledColumns& columns) {
    Id table;
    const Study study = *add_table(Study(), "Data", &table);
    const Result<Study> filled = add_columns(study, table, columns.columns);
    return filled ? *filled : study;
}

} // namespace ledgefall
