#pragma once

#include "core/engine/catalogue.h"
#include "core/formula/tree.h"

#include <algorithm>

namespace ledgefall {

/// How many of the function's arguments run over rows.
inline std::size_t sample_count(const Function& function) {
    return static_cast<std::size_t>(
        std::count_if(function.arguments.begin(), function.arguments.end(),
                      [](const Argument& argument) { return argument.role != Role::plain; }));
}

/// Whether two trees say the same, wherever they stand; either may be null.
bool same_tree(const Node* a, const Node* b);

} // namespace ledgefall
