#pragma once

#include "files/worksheet_reading/sheet_formula.h"

#include <string>

namespace ledgefall {

/// A function as formulas of worksheets are kept: by the name that ISO/IEC 29500 has for it, without what stands before
/// it in a file. OpenFormula (ODF 1.3, part 4) calls some otherwise, and means others by the same name.
std::string function_read(std::string name, FormulaNotation notation);

/// The same function as it is called in a file.
std::string function_written(const std::string& name, FormulaNotation notation);

} // namespace ledgefall
