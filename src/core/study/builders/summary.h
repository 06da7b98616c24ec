#pragma once

#include "core/study/edits/edits.h"

namespace ledgefall {

/// A measure that a summary can have: its word in a heading says which form it is.
struct SummaryMeasure {
    std::string name;    ///< in formulas: `sd`
    std::string label;   ///< "deviation, sample (n − 1)"
    std::string pattern; ///< `sd($x)`
    bool quantile = false;
    bool usual = false;          ///< one of those that a summary begins with
    bool usual_of_whole = false; ///< the same of a whole population
};
const std::vector<SummaryMeasure>& summary_measures();

/// What is to be summed up, and how. All columns are of one table.
struct SummaryRequest {
    enum class Together : std::uint8_t {
        apart,          ///< each column by itself
        pooled,         ///< and all of them as one sample
        one_after_other ///< the first, the first two, the first three, …
    };
    std::vector<Id> columns;
    Id by; ///< a column of texts, each value of which gets a row; none: a row for each column
    std::vector<std::string> measures;
    int quantile_type = 7;         ///< of Hyndman and Fan (1996)
    std::optional<int> first_rows; ///< only of these
    Together together = Together::apart;
};

/// A table of chosen measures by chosen columns, an ordinary one with a formula for each: with groups a row for each
/// value of the column `by`, whose rows come as data comes; else a row for each column.
Result<Study> summary_table(const Study& study, const SummaryRequest& request, Id* added = nullptr);

} // namespace ledgefall
