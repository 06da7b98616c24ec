#pragma once

#include "core/study/model/study.h"

namespace ledgefall {

/// A number that differs, but for a chance of one in 2^53, where a formula that the run's columns and outcomes come
/// from differs, by whatever way they come from it. Renaming changes none. Never 0.
std::uint64_t formulas_mark(const Study& study, const Run& run);

/// Whether the study's formulas have changed since the run was kept, so that the same held values may give another
/// result.
bool formulas_have_changed(const Study& study, const Run& run);

} // namespace ledgefall
