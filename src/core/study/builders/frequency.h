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
    bool population = false;      ///< spread divided by n, not by n − 1
    std::string rule;             ///< by which the classes were chosen, in words, for the caption; empty: no caption
    Id by;                        ///< a column of the same table; each of `groups` among its values gets its own counts
    std::vector<std::string> groups;
};

/// The names of the columns of counts, and of shares, of the groups of a frequency table, in the order of the groups.
struct GroupColumns {
    std::vector<std::string> counts, shares;
};

/// A table of the classes of a numeric column: an ordinary one, whose columns have formulas that anyone can read,
/// change, add to or delete, and whose counts follow when data comes. It brings a check that every value falls in a
/// class.
Result<Study> frequency_table(const Study& study, Id column, const Classes& classes, const FrequencyParts& parts = {},
                              Id* added = nullptr, GroupColumns* groups = nullptr);

/// A table of stems and leaves of a numeric column, with its key: the leaf is the digit at the place of a unit that
/// gives some ten stems.
Result<Study> stem_and_leaf(const Study& study, Id column, const Column& cells, Id* added = nullptr);

/// The column that a table of classes counts: the first of another table that one of its formulas names; empty where
/// there is none.
Id counted_column(const Study& study, const Table& table);

/// The same of the categories of a column: its different values, or the months, years or weekdays of its dates. The
/// rows come by themselves as data comes.
Result<Study> category_table(const Study& study, const Categories& categories, const FrequencyParts& parts = {},
                             Id* added = nullptr);

} // namespace ledgefall
