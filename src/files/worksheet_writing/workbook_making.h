#pragma once

#include "files/worksheet_writing/sheet_formula_maker.h"

namespace ledgefall {

/// Why a formula is not written that gives a value although one of its cells is missing.
inline const Sentence missing_otherwise{
    N_("it uses cells that are missing in some rows, but is not missing there itself"), {}};

/// The making of a workbook of a study: what its sheets have in common.
struct WorkbookMaking {
    const Study& study;
    const Results& results;
    const SheetPlaces& places;
    const SheetFormulaMaker& maker;
    Workbook& out;
    const StopToken& stop;

    void add_table(const Table& table);  ///< with one axis
    void add_layers(const Table& table); ///< of a two-way table: a sheet each
    void add_held();
    void add_checks();

    /// A formula as the worksheets have it, where what it gives is not in error: there a worksheet might give a number.
    Result<MadeFormula> made(const Node& tree, const FormulaPosition& seat, const Value& shown) const;
    /// The formula of a single value that shows `shown`, at a place of a sheet, and missing where one of its operands
    /// is. Null where it cannot be said: that is told of `what`.
    std::shared_ptr<const SheetFormula> formula_of_one(const Node& tree, const FormulaPosition& seat,
                                                       const Value& shown, const std::string& what, Sheet& sheet,
                                                       SheetPlace at) const;
    /// The value at a place that a formula refers to, which is seen from the cell at `own`, on the sheet of that name;
    /// missing outside of tables' rows.
    Value value_at(const SheetNode& reference, const std::string& sheet, SheetPlace own) const;
    /// Those of a formula's operands that may be missing, with `own` any of the formula's cells on that sheet.
    std::vector<SheetNodePtr> perhaps_missing(const std::vector<SheetNodePtr>& operands, const std::string& sheet,
                                              SheetPlace own) const;
    /// What a column's formula gives, for that: a fault where all of its cells are in error.
    Value shown_by(Id column) const;

    /// Says in the workbook's reports, and in a note at a cell, that something is written as values.
    void not_said(const std::string& what, const Sentence& why, Sheet& sheet, SheetPlace at) const;
};

} // namespace ledgefall
