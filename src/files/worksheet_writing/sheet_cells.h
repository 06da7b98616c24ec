#pragma once

#include "files/worksheet_reading/sheet.h"

namespace ledgefall {

// Cells of a sheet, as they are put together.

SheetCell text_cell(SheetPlace place, const std::string& text, bool heading = false);
/// Of a value that is missing or in error an empty one; of a class or a distribution its text.
SheetCell value_cell(SheetPlace place, const Value& value, const Format& format);
/// The label, with the unit in brackets.
std::string heading_of(const ColumnDefinition& column);
std::shared_ptr<const SheetFormula> shared_formula(const SheetNodePtr& tree);
/// As wide as the texts and numbers in the first rows ask.
void set_widths(Sheet& sheet);
/// Cells row by row and from left to right, as a sheet has them.
void put_in_order(Sheet& sheet);

} // namespace ledgefall
