#pragma once

#include "core/study/edits/edits.h"

namespace ledgefall {

/// How often a value that is picked on the table's ledge occurs in a column: a held value with the column's values to
/// choose from, and computed ones for the count and the share. They cover what is added to the column by themselves.
Result<Study> asked_share(const Study& study, Id column, const Value& begun, Id* added = nullptr);

} // namespace ledgefall
