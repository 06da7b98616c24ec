#pragma once

#include "core/basics/stopping.h"
#include "files/worksheet_reading/sheet.h"

#include <algorithm>

namespace ledgefall {

/// A text of a file as sound UTF-8: each byte that fits no letter becomes U+FFFD.
std::string sound_text(std::string_view text);

/// Gathers the cells of one sheet as a reader meets them, within the bounds of `WorksheetLimits`.
class SheetBuilder {
  public:
    SheetBuilder(Workbook& workbook, std::string_view name, const StopToken& stop)
        : workbook_(workbook)
        , stop_(stop) {
        sheet_.name = sound_text(name);
    }

    /// About how many cells are to come, so that those that are there need not be moved.
    void expect(std::size_t cells) { sheet_.cells.reserve(std::min(cells, WorksheetLimits::cells)); }
    /// The formula of the cell at `own`.
    std::shared_ptr<const SheetFormula> formula(std::string_view text, FormulaNotation notation, SheetPlace own);
    /// Adds a cell; its formula, where `formula` is not empty. False where there are too many cells.
    bool add(SheetCell cell, std::string_view formula, FormulaNotation notation);
    /// The formula of the cell that was added last is one for a block of cells, of which it is the first.
    void spread(std::uint32_t rows, std::uint32_t columns);
    void hide_row() { ++hidden_rows_; }
    void merge() { ++merged_; }
    /// What cannot be said of a table is reported; the sheet goes to the workbook.
    void finish();

  private:
    struct Array {
        std::shared_ptr<const SheetFormula> formula;
        SheetPlace from, to;
    };
    void give_elements(const Array& array);

    Workbook& workbook_;
    const StopToken& stop_;
    Sheet sheet_;
    std::vector<Array> arrays_;
    std::size_t steps_ = 0; ///< of the giving of elements: formulas times their sizes
    std::size_t hidden_rows_ = 0, merged_ = 0;
};

/// What a number format says of the numbers that it shows.
struct NumberFormat {
    Format format;
    bool date = false; ///< the numbers are dates
};

/// From a format as people write it in ISO/IEC 29500: `0.00%`, `yyyy-mm-dd`.
NumberFormat read_number_format(std::string_view code);
/// Whether a text is what a cell in error shows.
bool is_fault_sign(std::string_view text);

} // namespace ledgefall
