#pragma once

#include "core/basics/result.h"
#include "core/study/model/study.h"
#include "core/value/spelling.h"

namespace ledgefall {

/// Whether a text is one of those by which people say that a value is missing: NA, N/A, n.a., #N/A, -, –, . and ?.
bool is_missing_mark(std::string_view text);

/// The marks for missing values that stand in the given columns of a table where numbers, dates or answers are meant:
/// each mark once, and how many cells have one. In a column of texts they are texts, unless all else in it is numbers
/// or dates. `spelling`: of those numbers and dates.
struct MissingMarks {
    std::vector<std::string> marks;
    std::size_t cells = 0;
};
MissingMarks missing_marks(const Table& table, const Spelling& spelling = {});

/// The study with these cells missing, and the columns in which they stood as numbers, dates or answers.
Result<Study> marks_as_missing(const Study& study, Id table, const Spelling& spelling = {});

} // namespace ledgefall
