#pragma once

#include "core/engine/functions/catalogue.h"
#include "core/formula/tree.h"

namespace ledgefall {

/// A call of a measure as it is computed from simpler functions: `sum(x) / count(x)` for `mean(x)`, with what it is
/// taken of put in. Null where the catalogue does not say how, or where several columns are pooled.
NodePtr simpler_form(const Node& call, const Function& function);

} // namespace ledgefall
