#pragma once

#include "files/worksheet_reading/sheet_formula.h"

namespace ledgefall {

/// What a formula says apart from the numbers and texts that are written in it, and those, in order. A condition such
/// as "<20" is part of the shape but for its number.
struct FormulaShape {
    std::string says;
    std::vector<const SheetNode*> constants;
};
FormulaShape shape_of(const SheetNode& tree);

/// What a constant is, whether it is written alone or in a condition.
struct ShapeConstant {
    bool number = false;
    double value = 0;
    std::string text;
    std::string sign; ///< of a condition: `<`; else empty
    friend bool operator==(const ShapeConstant&, const ShapeConstant&) = default;
};
ShapeConstant constant_of(const SheetNode& node);

} // namespace ledgefall
