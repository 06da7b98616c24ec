#pragma once

#include "files/worksheet_recovery/formula_shape.h"
#include "files/worksheet_recovery/formula_translator.h"
#include "files/worksheet_recovery/worksheet_report.h"

namespace ledgefall {

/// A column as it is recovered from the cells of one field of a table.
struct RecoveredColumn {
    ColumnDefinition definition; ///< without an id
    /// A column of numbers that were written within formulas, one a row, which stands before it.
    std::vector<ColumnDefinition> constants;
};

/// Recovers columns one after the other, and reports on them.
class ColumnRecovery {
  public:
    ColumnRecovery(const Workbook& workbook, const SheetLayout& layout, std::size_t table, WorksheetReport& report);

    RecoveredColumn recover(std::size_t field);
    /// The cells of a field as given values: what they show.
    ColumnDefinition given(std::size_t field) const;

  private:
    using Cells = std::vector<const SheetCell*>; ///< of the rows; null where one is empty

    Cells cells_of(std::size_t field) const;
    ColumnDefinition headed(std::size_t field) const;
    std::shared_ptr<const SheetFormula> usual_formula(const Cells& cells) const;
    std::optional<std::string> first_values(const Cells& cells, std::size_t field, std::size_t count) const;
    void take_exceptions(const Cells& cells, std::size_t field, const SheetFormula& usual, std::size_t first,
                         std::size_t last, ColumnDefinition& column);
    /// Numbers in a formula that a held value has too.
    void report_written_numbers(const SheetNode& tree, const std::string& place);
    void report_kinds(std::size_t field, const ColumnDefinition& column);
    void report_slips(const TranslatedFormula& said, const std::string& place, std::size_t row_count);
    std::string place(std::size_t row, std::size_t field) const;

    // varied_formulas.cpp
    bool recover_varied(std::size_t field, const Cells& cells, RecoveredColumn& out);
    ColumnDefinition column_of_constants(const std::vector<ShapeConstant>& constants, const std::string& near);
    void report_progression(const std::vector<ShapeConstant>& constants, std::size_t field);

    const Workbook& workbook_;
    const SheetLayout& layout_;
    std::size_t number_;
    const SheetTable& table_;
    FormulaTranslator translator_;
    WorksheetReport& report_;
    std::vector<std::string> names_; ///< of its columns, those of constants too
};

/// A place as it is told: with its sheet where there are several.
std::string told_place(const Workbook& workbook, const WorkbookPlace& place);
/// What a cell shows, as a value of a study.
Value value_of(const SheetCell& cell);

} // namespace ledgefall
