#pragma once

#include "core/engine/running/results.h"
#include "files/worksheet_recovery/sheet_layout.h"
#include "files/worksheet_recovery/worksheet_report.h"

namespace ledgefall {

/// Whether a computed value is what the file has in a cell: numbers within 1e-9 of their size, or of `size`, that of
/// the column's numbers, where they are far smaller than those.
bool agrees(const SheetCell& cell, const Value& computed, double size);
void report_difference(WorksheetReport& report, const std::string& place, const SheetCell& cell, const Value& computed);

/// The values of a computed column beside those of the file.
class ValueComparison {
  public:
    ValueComparison(const Workbook& workbook, const SheetTable& table, std::size_t field,
                    const ColumnDefinition& column, const Results& results);

    /// The file has values, and the formula gives a fault in every such row.
    bool only_faults() const { return compared_ > 0 && faults_ == compared_; }
    Sentence why(const Study& study) const; ///< the first of those faults
    void report(WorksheetReport& report) const;

  private:
    const Workbook& workbook_;
    const SheetTable& table_;
    std::size_t field_;
    const Results& results_;
    Id column_;
    std::size_t compared_ = 0, faults_ = 0;
    std::vector<std::size_t> different_; ///< rows
    Fault first_fault_;
};

} // namespace ledgefall
