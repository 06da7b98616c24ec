#pragma once

#include "core/basics/stopping.h"
#include "files/worksheet_reading/sheet.h"
#include "files/worksheet_recovery/worksheet_report.h"

namespace ledgefall {

/// A study made from a worksheet, and what is to be said of it.
struct WorksheetStudy {
    Study study;
    WorksheetReport report;
};

/// Tables, held values, feet and formulas as they are found in a workbook. Where all rows of a column say the same,
/// that is its one formula; a row that says otherwise keeps its value, typed over the formula. Every number that a
/// formula gives is compared with the one in the file.
WorksheetStudy worksheet_study(const Workbook& workbook, const StopToken& stop = {});

} // namespace ledgefall
