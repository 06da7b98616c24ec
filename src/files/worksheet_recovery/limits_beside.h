#pragma once

#include "core/basics/sentence.h"
#include "files/worksheet_recovery/sheet_layout.h"

#include <map>
#include <optional>

namespace ledgefall {

/// Formulas of cells under each other that differ only in a number or a text which stands beside each of them, as the
/// limits of classes do in `COUNTIF(B$2:B$41;"<5")` beside a 5: said as if they referred to that cell, so that they are
/// one formula. The first and the last of them may say less or more.
struct LimitsBeside {
    std::optional<Workbook> workbook; ///< with these formulas; nothing where none is so
    /// The cells whose own number or text is not what stands beside them, and what is to be said of each.
    std::map<WorkbookPlace, Sentence> others;
};
LimitsBeside say_limits_beside(const Workbook& workbook);

} // namespace ledgefall
