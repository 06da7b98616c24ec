#pragma once

#include "files/worksheet_recovery/sheet_layout.h"

#include <map>
#include <optional>

namespace ledgefall {

/// Where a formula of a worksheet stands, and which rows of its table say the same.
struct SheetFormulaPlace {
    WorkbookPlace at;                 ///< its first cell
    std::optional<std::size_t> table; ///< whose column or foot it is; none: it is held
    bool foot = false;
    std::size_t field = 0;                          ///< its column in the table
    std::size_t first_row = 0, row_count = 1;       ///< of a column's formula: the rows of the table that say the same
    std::optional<std::size_t> grid = std::nullopt; ///< the two-way table of whose cells it is the formula
};

/// Something that was found on the way and is probably a slip.
struct SuspectReference {
    enum class Is : std::uint8_t {
        wanders,    ///< a reference that is not fixed although it should be
        leaves_out, ///< a range that leaves out the last rows
    };
    Is is = Is::wanders;
    std::string from, to;      ///< wanders: what is meant, and the last place that it has wandered to
    std::size_t rows_left = 0; ///< leaves_out
    friend bool operator==(const SuspectReference&, const SuspectReference&) = default;
};

struct TranslatedFormula {
    std::string text;          ///< in the formula language
    bool earlier_rows = false; ///< it uses rows before its own, of its own table
    std::vector<SuspectReference> slips;
    std::vector<std::pair<std::size_t, std::size_t>> used; ///< tables and fields of its own table's columns
};

/// Says formulas of a workbook in the formula language, by the names that a layout has given.
class FormulaTranslator {
  public:
    FormulaTranslator(const Workbook& workbook, const SheetLayout& layout)
        : workbook_(workbook)
        , layout_(layout) {}

    /// Constants in the formula that vary from row to row, and the columns that stand for them.
    using Replaced = std::map<const SheetNode*, std::string>;

    /// Refused with a sentence that says what has no like.
    Result<TranslatedFormula> translate(const SheetNode& tree, const SheetFormulaPlace& place,
                                        const Replaced& replaced = {}) const;

  private:
    const Workbook& workbook_;
    const SheetLayout& layout_;
};

/// A text as it is written in a formula.
std::string in_quotes(const std::string& text);

/// A criterion such as "<20": the operator in the formula language, and what is compared with.
struct Criterion {
    std::string sign;
    std::string value;
    bool number = false;
};
Criterion read_criterion(const std::string& text);

} // namespace ledgefall
