#pragma once

#include "core/engine/planning/plan.h"

namespace ledgefall {

/// Decides how a group of definitions is computed. One that does not need itself is computed by itself. Columns of one
/// table that need each other are computed row by row, if they need only rows that are already there; where they do
/// not, every member gets a fault that names the ring.
Plan::Group checked_group(Plan& plan, const std::vector<std::vector<std::size_t>>& needs,
                          std::vector<std::size_t> members);

/// The same for a condition on which a table stops early, and the columns that decide it.
Plan::Group checked_stopping_group(Plan& plan, std::vector<std::size_t> members);

} // namespace ledgefall
