#pragma once

#include "core/study/edits/edits.h"

namespace ledgefall {

/// Holds the share of values up to x that a cumulative curve over the classes of a table shows: `grouped_share` of
/// their counts.
Result<Study> hold_reading(const Study& study, Id chart, double x, Id* held = nullptr);

/// Holds the fences of a column: its quartiles, and one and a half times their distance beyond them (Tukey 1977).
/// Where they are held already the study stays as it is.
Result<Study> hold_fences(const Study& study, Id column);

} // namespace ledgefall
