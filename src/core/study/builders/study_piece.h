#pragma once

#include "core/study/edits/edits.h"

#include <functional>

namespace ledgefall {

/// The values that a study has been computed to.
struct WorkedValues {
    std::function<Column(Id column)> column;
    std::function<Value(Id held)> held;
};

/// Chosen columns of a table with one axis as a study of their own: with their formulas, overrides and formats, the
/// held values that they need, and the foot lines that are taken of them. A formula that uses anything else (another
/// column, or another table) gives way to its values.
Study study_piece(const Study& study, Id table, const std::vector<Id>& columns, const WorkedValues& values);

/// A study with such a piece in one of its tables, and what has another name there, since its own was taken.
struct WithPiece {
    Study study;
    std::vector<Id> columns;
    std::vector<std::pair<std::string, std::string>> renamed; ///< from, to
};

/// Adds the columns of a piece to a table with one axis, behind its own; rows are added as they are needed. A held
/// value that is there already under its name, and holds the same, is used. Refused where the table takes no columns,
/// or where its rows come by themselves and may be fewer than those that were typed.
Result<WithPiece> with_piece(const Study& study, Id table, const Study& piece);

} // namespace ledgefall
