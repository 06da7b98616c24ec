#pragma once

#include "core/study/edits/edits.h"

namespace ledgefall {

/// A study with the tables of another, and what has another name there, since its own was taken.
struct WithTables {
    Study study;
    std::vector<Id> tables;
    std::vector<std::pair<std::string, std::string>> renamed; ///< from, to
};

/// Adds the tables, held values and checks of another study behind those that there are. A held value that is there
/// already under its name, and holds the same, is used. Random numbers are drawn anew, since they belong to a column.
/// The other's charts, runs and settings stay behind. Refused where it has no tables.
Result<WithTables> with_tables(const Study& study, const Study& other);

} // namespace ledgefall
