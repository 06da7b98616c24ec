#pragma once

#include "files/worksheet_reading/sheet.h"

#include <functional>

namespace ledgefall {

/// Cells that no empty row or column divides.
struct SheetBlock {
    SheetPlace from, to; ///< the corners of all of them
    std::vector<const SheetCell*> cells;
    bool is_single() const { return cells.size() == 1; }
};

/// Cuts the cells of a sheet along its empty rows and columns, and what comes of that again.
std::vector<SheetBlock> find_blocks(std::vector<const SheetCell*> cells);

/// Calls `see` with every reference in a formula.
void each_reference(const SheetNode& node, const std::function<void(const SheetNode&)>& see);

} // namespace ledgefall
