#pragma once

#include "core/formula/parser.h"

namespace ledgefall {

/// Reads tokens, which end with one of type `end`, as one formula. The stage between tokens and tree, on its own so
/// that each stage can be tested.
ParsedFormula read_expressions(const std::vector<Token>& tokens);

} // namespace ledgefall
