#pragma once

#include "files/worksheet_reading/sheet_formula.h"

namespace ledgefall {

/// A formula that was entered once for a block of cells: what it says in one of them, as if that had a formula of its
/// own. Ranges stand for their cell at the same place within them, where a function takes single values; elsewhere they
/// stay whole. `formula` is seen from the block's first cell, the result from its own; `down` and `right` say how far
/// it is from there. Null where it cannot be said of one cell.
SheetNodePtr element_of_array(const SheetNodePtr& formula, SheetPlace first, std::uint32_t down, std::uint32_t right);

} // namespace ledgefall
