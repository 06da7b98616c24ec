#pragma once

#include "core/study/edits/edits.h"

namespace ledgefall {

/// Which columns a frequency table has beside the limits of its classes and their counts.
struct FrequencyParts {
    bool middle = true;     ///< mid
    bool relative = true;   ///< f / n
    bool percent = false;   ///< 100 f / n
    bool cumulative = true; ///< f up to here
    bool cumulative_share = true;
    bool cumulative_down = false; ///< f from here on
    bool density = false;         ///< relative frequency density: share over width
    bool tally = false;           ///< the counts in strokes
    bool measures = true;         ///< mean, spread and quartiles from the classes, on the table's ledge
    bool mode = false;            ///< frequency density, modal class and interpolated mode
};

/// A table of the classes of a numeric column: an ordinary one, whose columns have formulas that anyone can read,
/// change, add to or delete, and whose counts follow when data comes. It brings a check that every value falls in a
/// class.
Result<Study> frequency_table(const Study& study, Id column, const Classes& classes, const FrequencyParts& parts = {},
                              Id* added = nullptr);

/// The column that a table of classes counts: the first of another table that one of its formulas names; empty where
/// there is none.
Id counted_column(const Study& study, const Table& table);

/// The same of the categories of a column: its different values, or the months, years or weekdays of its dates. The
/// rows come by themselves as data comes.
Result<Study> category_table(const Study& study, const Categories& categories, const FrequencyParts& parts = {},
                             Id* added = nullptr);

} // namespace ledgefall
