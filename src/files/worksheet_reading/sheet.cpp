#include "files/worksheet_reading/sheet.h"

#include <algorithm>

namespace ledgefall {

std::vector<SheetCell>::const_iterator Sheet::from(SheetPlace place) const {
    return std::lower_bound(cells.begin(), cells.end(), place,
                            [](const SheetCell& cell, SheetPlace at) { return cell.place < at; });
}

const SheetCell* Sheet::at(SheetPlace place) const {
    const auto found = from(place);
    return found != cells.end() && found->place == place ? &*found : nullptr;
}

const Sheet* Workbook::sheet_named(std::string_view name) const {
    const auto found =
        std::find_if(sheets.begin(), sheets.end(), [name](const Sheet& one) { return one.name == name; });
    return found == sheets.end() ? nullptr : &*found;
}

std::shared_ptr<const SheetFormula> Workbook::shared(SheetFormula formula) {
    auto& known = formulas_[formula.says];
    if (known == nullptr) {
        known = std::make_shared<const SheetFormula>(std::move(formula));
    }
    return known;
}

} // namespace ledgefall
