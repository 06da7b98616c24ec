#pragma once

#include "files/worksheet_reading/sheet.h"
#include "files/worksheet_recovery/sheet_blocks.h"

namespace ledgefall {

// Which way a block of cells lies, and what of it are headings.

std::size_t filled_in_row(const Sheet& sheet, const SheetBlock& block, std::uint32_t row);
bool all_texts(const Sheet& sheet, const SheetBlock& block, std::uint32_t row);

/// Whether formulas have been copied to the right rather than down, or numbers stand in series behind their labels. A
/// total under a column is copied to the right in every table, and counts for neither; so do formulas that have been
/// copied both ways.
bool runs_across(const Sheet& sheet, const SheetBlock& block);
/// Whether a formula takes a range of its own column that ends above it.
bool sums_above(const SheetCell& cell);
/// How many rows at the top are headings: none, one, or two where the second has units or goes on with the first.
std::uint32_t heading_rows(const Sheet& sheet, const SheetBlock& block);

} // namespace ledgefall
