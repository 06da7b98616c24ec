#pragma once

#include "core/formula/tree.h"

#include <functional>
#include <map>
#include <string>

namespace ledgefall {

NodePtr copy_of(const Node& tree);

/// What stands in a template's places: an expression, and the condition of a `where` that it came with (or null).
struct Filling {
    const Node* value = nullptr;
    const Node* where = nullptr;
};

/// `tree` with the names in `fillings` replaced. The conditions of fillings go to the measures around them, as told by
/// `is_measure`. What is new has the span `span`; what is put in keeps its own.
NodePtr filled(const Node& tree, const std::map<std::string, Filling>& fillings, Span span,
               const std::function<bool(const Node& call)>& is_measure);

} // namespace ledgefall
