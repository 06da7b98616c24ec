#pragma once

#include "core/authoring/turning.h"

namespace ledgefall {

/// What a reference to a layer of a two-way table, or to one of its axes, does while the formula goes through the
/// cells. `in_measure`: the table's cells run in the measure around it.
Manner manner_in_grid(const Table& table, const ColumnDefinition& column, const Node& reference, bool in_measure);

/// A cell of a two-way table (rows and columns from 1), and how large its grid is.
struct GridSpot {
    std::size_t row = 1, column = 1;
    std::size_t rows = 0, columns = 0;
};

/// The next way to write a reference to a layer or axis: a layer is this cell's, this row's in one column, this
/// column's in one row, one cell, and this cell's again; in a measure all of it, its row, its column, its column up to
/// here. Empty where there is none.
std::string turned_in_grid(const std::string& formula, const Table& table, const Node& reference, Manner manner,
                           bool in_measure, const GridSpot& spot);

/// The part of its table that a reference means for a cell; nothing where it depends on values or lies outside. Of an
/// axis the column down or the row across.
struct GridPartMeant {
    RowsMeant rows, columns;
};
std::optional<GridPartMeant> cells_meant(const Node& tree, const Mark& mark, const Table& table, const GridSpot& spot);

/// Whether a reference stands in a measure that runs over the table's cells.
bool in_measure_over(const Node& tree, Span reference, const Study& study, const Table* own, const Table& table);

} // namespace ledgefall
