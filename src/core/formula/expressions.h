#pragma once

#include "core/formula/parser.h"

namespace ledgefall {

/// Reads tokens, which end with one of type `end`, as one formula. The stage between tokens and tree, on its own so
/// that each stage can be tested.
ParsedFormula read_expressions(const std::vector<Token>& tokens);

/// Whether a value is complete with this token, so that a + or - behind it stands between two values.
bool ends_operand(const Token& token);

} // namespace ledgefall
