#pragma once

#include "files/worksheet_recovery/sheet_layout.h"

namespace ledgefall {

/// Cuts the foot off a table's rows: the lines at the end in which formulas take ranges of what stands above, and all
/// after the first such line.
void find_foot(const Sheet& sheet, SheetTable& table);

/// The first text in a line of a table; empty where there is none.
std::string foot_label(const Sheet& sheet, const SheetTable& table, std::uint32_t line);

/// Whether the formula of a cell under a table takes the rows of its own column.
bool takes_column_of(const SheetCell& cell, const SheetTable& table);

} // namespace ledgefall
