#pragma once

#include "core/basics/result.h"
#include "core/basics/stopping.h"
#include "core/study/edits/edits.h"

namespace ledgefall {

/// The definitions in a text, one a line, at most so many; blank lines are left out.
std::vector<std::string> definition_lines(const std::string& text, std::size_t most = std::string::npos);

/// What several definitions make of a study.
struct WrittenDefinitions {
    Study study;
    std::vector<Id> columns; ///< in the order in which they stand in the text
    std::vector<Id> held;
};

/// Takes several definitions, one a line and in any order, as columns of a table and as held values of it. What follows
/// the row, itself or by a name that does, is a column; what does not is held, unless a column has that name. A name
/// that is not there yet may be used. The sentence names the line that cannot be taken.
Result<WrittenDefinitions> write_definitions(const Study& study, Id table, const std::string& text,
                                             const StopToken& stop = {});

/// Whether a text is nothing but definitions with names, one a line: several, for a single one may be a text that looks
/// like it.
bool is_definitions(const std::string& text);
/// Whether several lines are meant as definitions: each names what it defines, and most can be read.
bool is_meant_as_definitions(const std::string& text);

/// What falls from a first row needs rows to fall down: a table that has none is given a hundred.
Result<Study> with_rows_to_fall_down(const Result<Study>& study, Id table);

} // namespace ledgefall
