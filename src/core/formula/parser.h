#pragma once

#include "core/formula/lexer.h"
#include "core/formula/tree.h"

#include <memory>
#include <optional>
#include <string_view>

namespace ledgefall {

/// The bounds within which a formula is read: beyond them it is refused, so that nothing can hang or overflow.
struct FormulaLimits {
    static constexpr std::size_t characters = 20000;
    static constexpr std::uint32_t brackets = 200; ///< one within the other
    static constexpr std::uint32_t depth = 1000;   ///< of the tree: a sum of a thousand written terms is this deep
};

struct ParsedFormula {
    std::shared_ptr<const Node> tree; ///< null where there is a mistake
    std::optional<Mistake> mistake;
};

struct ParsedDefinition {
    Definition definition;
    std::optional<Mistake> mistake; ///< its span counts from the beginning of the whole text
};

/// Reads one formula, such as `x - mean(x)` or `first 1 then 2 * x[i-1]`.
ParsedFormula parse_formula(std::string_view text);

/// Reads a definition, `dev [mm] = x - mean(x)`; a formula without a name and an equals sign is read as well. With
/// `name_needed`, a text without one is a mistake that says how a definition is written.
ParsedDefinition parse_definition(std::string_view text, bool name_needed = false);

} // namespace ledgefall
