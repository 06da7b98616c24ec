#pragma once

#include "core/study/model/scope.h"

namespace ledgefall {

/// What a piece of a formula's text does while the formula falls down its rows; in a two-way table it may follow the
/// row, go across with the column, or do both.
enum class Manner : std::uint8_t { stays, follows, across, both };

struct Mark {
    Span span; ///< of the whole reference: `x[i-1]`, `mean` is not one
    Manner manner = Manner::stays;
    Id id; ///< of the column or held value
    /// A column that is not written, as b in a .. c: its rows are those of the first that is, whose span it has.
    bool between = false;
};

/// The references in a formula, in the order in which they stand, each with whether it stays put or follows the row.
/// Names that mean nothing are left out. `each` is what that word stands for, if anything.
std::vector<Mark> marks_of(const Node& tree, const Study& study, const Table* own,
                           const ColumnDefinition* each = nullptr);

} // namespace ledgefall
