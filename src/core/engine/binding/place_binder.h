#pragma once

#include "core/engine/binding/binder.h"

namespace ledgefall {

/// Binds what stands in square brackets: which row of a column is meant.
class PlaceBinder : PartBinder {
  public:
    PlaceBinder(BindingContext& context, Binder& binder)
        : PartBinder(context, binder) {}

    /// `x[…]`.
    TermPtr index(const Node& node);
    TermPtr indexed_column(const Node& node, const Binding& binding, const Node& place);
    /// The word `i`.
    TermPtr row_of_formula(const Node& node);
};

/// How far from the formula's row `i`, `i - 2` or `i + 1` is (or, with another word, from its column); nothing for
/// other places.
std::optional<std::int64_t> shift_of(const Node& place, std::string_view word = "i");

} // namespace ledgefall
