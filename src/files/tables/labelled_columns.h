#pragma once

#include "core/engine/running/results.h"
#include "core/study/edits/edits.h"

#include <vector>

namespace ledgefall {

/// Plain columns with their labels, units and names: what every format of tables reads into and writes from.
struct LabelledColumns {
    std::vector<NewColumn> columns;
    std::size_t least_rows = 0;    ///< there are so many, whether or not the columns reach that far
    std::vector<Sentence> reports; ///< what a person should know of the reading

    std::size_t rows() const; ///< of the longest column, and at least `least_rows`
};

/// A table's columns with their results, its axis first. Of a two-way table the long form: a row for each cell, with
/// its values of both axes and of every layer.
LabelledColumns labelled_columns(const Study& study, const Results& results, Id table);

/// A two-way table as a grid: a line for each row, with the across axis's values as headings. Several layers stand one
/// under the other, named in a column before them.
LabelledColumns grid_columns(const Study& study, const Results& results, Id table);

/// What is to be said of cells that are not of their column's kind, with their rows.
std::vector<Sentence> reports_of_odd_cells(const std::vector<NewColumn>& columns);

/// A study with the table `Data` that has the columns.
Study study_of(const LabelledColumns& columns);

} // namespace ledgefall
