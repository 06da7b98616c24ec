#pragma once

#include "core/basics/stopping.h"
#include "core/engine/running/results.h"
#include "files/worksheet_reading/sheet.h"

namespace ledgefall {

/// A chart of a study as a picture: a PNG, with its size in 96ths of an inch.
struct ChartPicture {
    Id chart;
    std::string png;
    int width = 0, height = 0;
};

/// A study as worksheets: a sheet for each table (of a two-way table one for each layer), the held values and the
/// checks on sheets of their own, with formulas wherever the standards' functions can say them, and the charts as
/// pictures beside their tables. What cannot be said stands as values; the workbook's reports and notes at the cells
/// say which, and why.
Workbook workbook_of_study(const Study& study, const Results& results, const std::vector<ChartPicture>& pictures = {},
                           const StopToken& stop = {});

} // namespace ledgefall
