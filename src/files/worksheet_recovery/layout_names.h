#pragma once

#include "files/worksheet_recovery/sheet_layout.h"

namespace ledgefall {

/// Gives every table, column and held value of a layout the name by which formulas call it: from its defined name where
/// it has one, else from its label. Held values have names that no column and no table has.
void name_layout(const Workbook& workbook, SheetLayout& layout);

} // namespace ledgefall
