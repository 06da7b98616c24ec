#pragma once

#include "files/worksheet_recovery/sheet_blocks.h"
#include "files/worksheet_recovery/sheet_layout.h"

#include <optional>

namespace ledgefall {

/// A block of the sheet with that number as a two-way table, where the formula of its cells looks at the heading above
/// and the one beside; nothing otherwise. Few cells may say otherwise.
std::optional<SheetGrid> grid_in(const Sheet& sheet, std::size_t number, const SheetBlock& block);

} // namespace ledgefall
