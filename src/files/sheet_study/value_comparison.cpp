#include "files/sheet_study/value_comparison.h"

#include "files/sheet_study/column_recovery.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

std::string shown(const Value& value) {
    return value.is_fault() ? "a fault" : value.is_missing() ? "nothing" : write_cell(value);
}

} // namespace

bool agrees(const SheetCell& cell, const Value& worked, double size) {
    if (cell.at_fault) {
        return worked.is_fault() || worked.is_missing();
    }
    if (!cell.has_value) {
        return worked.is_missing() || (worked.plain() && worked.kind() == Kind::text && worked.text().empty());
    }
    if (!worked.plain()) {
        return false;
    }
    if (cell.kind == Kind::text) {
        return worked.kind() == Kind::text && worked.text().str() == cell.text;
    }
    // A date and its number of days are the same in a worksheet.
    if (worked.kind() == Kind::text) {
        return false;
    }
    constexpr double relative = 1e-9;
    const double difference = std::fabs(worked.number() - cell.number);
    return difference <= relative * std::max(std::fabs(worked.number()), std::fabs(cell.number)) ||
           difference <= 1e-12 * size || difference < 1e-300;
}

void report_difference(WorksheetReport& report, const std::string& place, const SheetCell& cell, const Value& worked) {
    const std::string stored = cell.at_fault ? cell.text : cell.has_value ? shown(value_of(cell)) : "nothing";
    report.add(WorksheetReport::Line::Is::difference, place,
               {N_("The worksheet has %1, and the formula gives %2."), {stored, shown(worked)}});
}

ValueComparison::ValueComparison(const Workbook& workbook, const SheetTable& table, std::size_t field,
                                 const ColumnDefinition& column, const Results& results)
    : workbook_(workbook)
    , table_(table)
    , field_(field)
    , results_(results)
    , column_(column.id) {
    const Sheet& sheet = workbook.sheets[table.sheet];
    double size = 0;
    for (std::size_t row = 0; row < table.rows(); ++row) {
        const SheetCell* cell = sheet.at(table.cell(row, field));
        size = cell != nullptr && cell->is_number() ? std::max(size, std::fabs(cell->number)) : size;
    }
    for (std::size_t row = 0; row < table.rows(); ++row) {
        const SheetCell* cell = sheet.at(table.cell(row, field));
        const Value worked = results.cell(column.id, row);
        if (cell == nullptr) {
            if (worked.plain()) {
                different_.push_back(row);
            }
            continue;
        }
        const bool has = cell->has_value && !cell->at_fault;
        compared_ += has ? 1 : 0;
        if (worked.is_fault() && has) {
            first_fault_ = faults_ == 0 ? worked.fault() : first_fault_;
            ++faults_;
        }
        if (!agrees(*cell, worked, size)) {
            different_.push_back(row);
        }
    }
}

Sentence ValueComparison::why(const Study& study) const {
    return explain(study, results_, first_fault_);
}

void ValueComparison::report(WorksheetReport& report) const {
    constexpr std::size_t most = 5;
    const Sheet& sheet = workbook_.sheets[table_.sheet];
    SheetCell empty;
    empty.has_value = false;
    for (std::size_t at = 0; at < std::min(most, different_.size()); ++at) {
        const std::size_t row = different_[at];
        const SheetCell* cell = sheet.at(table_.cell(row, field_));
        report_difference(report, told_place(workbook_, {table_.sheet, table_.cell(row, field_)}),
                          cell == nullptr ? empty : *cell, results_.cell(column_, row));
    }
    if (different_.size() > most) {
        report.add(WorksheetReport::Line::Is::difference,
                   told_place(workbook_, {table_.sheet, table_.cell(different_[most], field_)}),
                   {N_("More such rows in %1: %2."),
                    {table_.fields[field_].label.empty() ? table_.fields[field_].name : table_.fields[field_].label,
                     std::to_string(different_.size() - most)}});
    }
}

} // namespace ledgefall
