#pragma once

#include "files/worksheet_writing/sheet_places.h"

namespace ledgefall {

/// Turns the sheets of the tables that are laid across, so that their rows run to the right, and with them all formulas
/// that look there. A table of more rows than a worksheet has columns keeps them under each other.
void lay_sheets_across(const Study& study, const SheetPlaces& places, Workbook& workbook);

} // namespace ledgefall
