#pragma once

#include "core/engine/running/results.h"
#include "files/worksheet_writing/sheet_places.h"

#include <set>

namespace ledgefall {

/// Where a formula stands that is to be said in a worksheet.
struct FormulaPosition {
    const Table* table = nullptr; ///< null: on the study's ledge
    /// A foot value stands under a column, and of a two-way table also beside a row (side) or in the corner.
    enum class In : std::uint8_t { column, foot, side, corner, layer, ledge, check } in = In::ledge;
    Id column; ///< of a column its own, of a foot value the one it stands under
    bool in_foot() const { return in == In::foot || in == In::side || in == In::corner; }
    bool apart() const { return in == In::ledge || in == In::check; } ///< on a sheet of no table
};

struct MadeFormula {
    SheetNodePtr tree;
    std::set<std::int64_t> earlier_rows; ///< shifts to other rows of the own table, as −1 in x[i-1]
    std::vector<SheetNodePtr> operands;  ///< cells of the formula's own row whose missing values make it missing
};

/// Says formulas of the formula language as worksheet formulas: with places that stay fixed and those that follow left
/// free. Refused where the standards' functions cannot say it.
class SheetFormulaMaker {
  public:
    SheetFormulaMaker(const Study& study, const Results& results, const SheetPlaces& places);

    Result<MadeFormula> make(const Node& tree, const FormulaPosition& seat) const;

  private:
    const Study& study_;
    const Results& results_;
    const SheetPlaces& places_;
    bool texts_compare_otherwise_ = false;
};

/// The formula as it is missing (an empty text) where one of the operands is: an empty cell counts as 0 in a worksheet.
SheetNodePtr guarded_formula(const SheetNodePtr& tree, const std::vector<SheetNodePtr>& operands);

} // namespace ledgefall
