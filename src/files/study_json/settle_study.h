#pragma once

#include "core/study/model/study.h"

namespace ledgefall {

/// Completes a study that has been read: gives ids where a script has written none, and finds the columns and tables
/// that are written by name. Returns what is wrong with it: a name or an id that comes twice, a column that does not
/// exist.
std::optional<Sentence> settle(Study& study);

} // namespace ledgefall
