#pragma once

#include "core/basics/result.h"

#include <cstdint>
#include <memory>
#include <string>
#include <string_view>
#include <vector>

namespace ledgefall {

/// A cell's place in its sheet; both from 0.
struct SheetPlace {
    std::uint32_t row = 0, column = 0;
    friend auto operator<=>(const SheetPlace&, const SheetPlace&) = default;
};

std::string column_letters(std::uint32_t column);
/// As people read it: `D7`.
std::string place_name(SheetPlace place);

/// One coordinate of a reference: fixed at a row or column, or counted from the formula's own.
struct Coordinate {
    std::int32_t value = 0;
    bool fixed = false;
    std::int64_t from(std::uint32_t own) const { return fixed ? value : std::int64_t(own) + value; }
    friend bool operator==(const Coordinate&, const Coordinate&) = default;
};

/// A cell as a formula refers to it. A whole column has no rows, a whole row no columns.
struct CellReference {
    Coordinate row, column;
    bool whole_column = false, whole_row = false;
    friend bool operator==(const CellReference&, const CellReference&) = default;
};

enum class SheetOperator : std::uint8_t {
    equal,
    not_equal,
    less,
    less_equal,
    greater,
    greater_equal,
    join,
    add,
    subtract,
    multiply,
    divide,
    power,
    negate,
    plus,
    percent
};

/// One node of a worksheet's formula, whichever format it stood in.
struct SheetNode {
    enum class Type : std::uint8_t {
        number,    ///< `number`
        text,      ///< `text`
        yes_no,    ///< `number`: 1 for yes
        fault,     ///< `text`: a fault that is written in the formula
        cell,      ///< `from`, on `sheet`
        range,     ///< `from` to `to`, on `sheet`
        name,      ///< `text`
        call,      ///< `text`, in capitals; kids: its arguments
        operation, ///< `op`; kids: one or two
        list,      ///< kids: the values of an array that is written out, row by row
        nothing,   ///< an argument that is left out
        elsewhere  ///< another file; `text`: as written
    };
    Type type = Type::nothing;
    SheetOperator op = SheetOperator::add;
    double number = 0;
    std::string text;
    std::string sheet; ///< empty: the formula's own
    CellReference from, to;
    std::vector<std::shared_ptr<const SheetNode>> kids;

    const SheetNode& kid(std::size_t at) const { return *kids[at]; }
};
using SheetNodePtr = std::shared_ptr<const SheetNode>;

/// A formula of a cell, with its references as seen from that cell: what has been copied from cell to cell is the same.
struct SheetFormula {
    SheetNodePtr tree; ///< null where it cannot be read
    Sentence mistake;  ///< then why
    std::string text;  ///< as it was written in one of its cells
    std::string says;  ///< the same for trees that say the same, and for no others
};

/// How the formula is written: with places as `[.A1]` and semicolons (OpenFormula), or as `A1` and with commas.
enum class FormulaNotation : std::uint8_t { open_formula, plain };

struct AreasInReach;
/// Reads the formula of the cell at `own`, without the equals sign before it; `areas` are those whose parts it may
/// name.
SheetFormula read_sheet_formula(std::string_view text, FormulaNotation notation, SheetPlace own);
SheetFormula read_sheet_formula(std::string_view text, FormulaNotation notation, SheetPlace own,
                                const AreasInReach& areas);

/// The same text for trees that say the same, seen from their cells, and for no others.
std::string what_formula_says(const SheetNode& node);

/// The formula as the cell at `own` has it, without the equals sign before it.
std::string write_sheet_formula(const SheetNode& node, SheetPlace own,
                                FormulaNotation notation = FormulaNotation::plain);

} // namespace ledgefall
