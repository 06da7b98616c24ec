#pragma once

#include "core/study/model/study.h"

#include <optional>
#include <string>

namespace ledgefall {

/// As what a column of texts could be read: all of its texts are numbers, or dates in this spelling.
struct OtherKind {
    Kind kind = Kind::number;
    Spelling spelling;
};
/// Nothing where it holds no text, or one that is neither.
std::optional<OtherKind> other_kind_of(const ColumnDefinition& column, const Spelling& usual);

/// Whether one of a table's given columns has this text among its first rows: then a name that is not known may be a
/// text without its quotation marks.
bool stands_as_text(const Table& table, const std::string& name);

/// A check that a column asks for: a share of a total adds up to 1.
struct CheckOffer {
    std::string label;
    std::string condition; ///< `sum(share) ≈ 1`
    std::string message;   ///< what is told where it does not hold
};

/// The check that a column's formula suggests, where it is one column divided by something that stays put (or that
/// times 100), and the study does not have it yet.
std::optional<CheckOffer> check_for(const Study& study, Id column);

/// A better formula for the column whose shares a check watches: `f / sum(f)` where it is divided by something else.
struct ShareCorrection {
    Id column;
    std::string formula;
};
std::optional<ShareCorrection> correction_for_check(const Study& study, Id check);

/// The held value that a share lacks: for `f / total`, where nothing is called total, `total = sum(f)`. Empty where the
/// formula is no such share.
std::string lacking_total(const Study& study, const Table& own, const Formula& formula, const std::string& name);

/// Cells of a column that are not of its kind and stay as they were written.
struct OddCells {
    std::size_t first_row = 0;
    Sentence told; ///< how many they are, and in which rows
};
/// Nothing where all cells are of the column's kind; `name` is how it is told.
std::optional<OddCells> odd_cells_of(const std::string& name, const Column& cells);

} // namespace ledgefall
