#pragma once

#include "core/formula/tree.h"

#include <functional>
#include <string>
#include <string_view>

namespace ledgefall {

/// How a formula is written out: as people type it, or with the signs of print. Both read back to the same tree.
enum class Signs : std::uint8_t { typed, print };

std::string_view sign_of(Operator op, Signs signs = Signs::print);

/// What stands in a node's place, where something does.
struct InPlace {
    std::string text;
    bool single = true; ///< false: it needs brackets beside an operator, as −3 does
};
/// Fills in what stands in the node's place; false where the node stands for itself.
using Instead = std::function<bool(const Node&, InPlace&)>;

/// A tree as text, with no more brackets than it needs; it parses to the same tree. With `instead`, some of its nodes
/// are replaced, as by their numbers in a working.
std::string print(const Node& tree, Signs signs = Signs::typed, const Instead& instead = {});

} // namespace ledgefall
