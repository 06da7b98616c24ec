#pragma once

#include "core/engine/running/results.h"
#include "files/sheet_writing/sheet_places.h"

#include <set>

namespace ledgefall {

/// Where a formula stands that is to be said in a worksheet.
struct FormulaSeat {
    const Table* table = nullptr; ///< null: on the study's ledge
    enum class In : std::uint8_t { column, foot, layer, ledge } in = In::ledge;
    Id column; ///< of a column its own, of a foot value the one it stands under
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

    Result<MadeFormula> make(const Node& tree, const FormulaSeat& seat) const;

  private:
    const Study& study_;
    const Results& results_;
    const SheetPlaces& places_;
    bool texts_compare_otherwise_ = false;
};

/// The formula as it is missing (an empty text) where one of the operands is: an empty cell counts as 0 in a worksheet.
SheetNodePtr guarded_formula(const SheetNodePtr& tree, const std::vector<SheetNodePtr>& operands);

} // namespace ledgefall
