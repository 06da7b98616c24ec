#pragma once

#include "core/engine/running/results.h"
#include "core/study/edits/edits.h"

namespace ledgefall {

/// What of a study's results a run is to keep.
struct RunRequest {
    std::string name;        ///< empty: it is called by what differs
    Id table;                ///< whose columns and foot; none: only the ledge's values
    std::vector<Id> columns; ///< of any table; empty: the computed ones of the table, and what charts draw of it
};

/// The columns that a request without any keeps: computed ones, the axes, and what charts draw of the table.
std::vector<Id> columns_to_keep(const Study& study, Id table);

/// How many cells the runs of a study may keep together: 50,000,000, which are 400 MB.
constexpr std::size_t most_kept_cells = 50'000'000;

/// A run of the study as it is, with the results that follow from it: what is held and typed over formulas, and of what
/// comes out the request's columns, computed held values and the table's foot; where there are neither, the largest and
/// the last value of each column. Refused where the table or a column is not there, where nothing differs from a run
/// that is kept already, and beyond 1,000 runs or `most_kept_cells`. The table of runs, if there is one, gets a row.
Result<Study> keep_run(const Study& study, const Results& results, const RunRequest& request, Id* added = nullptr);

} // namespace ledgefall
