#pragma once

#include "core/engine/planning/program.h"
#include "core/engine/running/runner.h"

namespace ledgefall {

/// How large the terms are of which `value` is made, by the program of their size; 0 where the value is so large beside
/// the cells it is made of that rounding cannot be all of it, so that the program need not run.
double size_of_terms(double value, const Program& size, const Environment& environment);

/// Whether a value is no more than what rounding leaves of terms of that size: a deviation x − m is off by half a unit
/// in the last place of x and of m each, a compensated sum adds no more than these.
bool only_rounding(double value, double terms_size);

} // namespace ledgefall
