#include "files/worksheet_recovery/value_comparison.h"

#include "files/worksheet_recovery/column_recovery.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

std::string shown(const Value& value) {
    return value.is_fault() ? "a fault" : value.is_missing() ? "nothing" : write_cell(value);
}

} // namespace

bool agrees(const SheetCell& cell, const Value& computed, double size) {
    if (cell.at_fault) {
        return computed.is_fault() || computed.is_missing();
    }
    if (!cell.has_value) {
        return computed.is_missing() || (computed.plain() && computed.kind() == Kind::text && computed.text().empty());
    }
    if (!computed.plain()) {
        return false;
    }
    if (cell.kind == Kind::text) {
        return computed.kind() == Kind::text && computed.text().str() == cell.text;
    }
    // A date and its number of days are the same in a worksheet.
    if (computed.kind() == Kind::text) {
        return false;
    }
    constexpr double relative = 1e-9;
    const double difference = std::fabs(computed.number() - cell.number);
    return difference <= relative * std::max(std::fabs(computed.number()), std::fabs(cell.number)) ||
           difference <= 1e-12 * size || difference < 1e-300;
}

void report_difference(WorksheetReport& report, const std::string& place, const SheetCell& cell,
                       const Value& computed) {
    const std::string stored = cell.at_fault ? cell.text : cell.has_value ? shown(value_of(cell)) : "nothing";
    report.add(WorksheetReport::Line::Is::difference, place,
               {N_("The worksheet has %1, but the formula gives %2."), {stored, shown(computed)}});
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
        const Value computed = results.cell(column.id, row);
        if (cell == nullptr) {
            if (computed.plain()) {
                different_.push_back(row);
            }
            continue;
        }
        const bool has = cell->has_value && !cell->at_fault;
        compared_ += has ? 1 : 0;
        if (computed.is_fault() && has) {
            first_fault_ = faults_ == 0 ? computed.fault() : first_fault_;
            ++faults_;
        }
        if (!agrees(*cell, computed, size)) {
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
