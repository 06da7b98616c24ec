#pragma once

#include "core/report/report.h"

#include <functional>
#include <string>

namespace ledgefall {

/// A chart of a report as SVG, without the line that declares XML; empty where it cannot be drawn.
using ChartSvg = std::function<std::string(Id chart)>;
/// The name of the file beside the report that holds a chart; empty where there is none.
using ChartFile = std::function<std::string(Id chart)>;

/// One page of HTML 5 that needs no other file: formulas as MathML, tables with header cells and their scope, charts
/// within it. It prints on white, with headings that repeat.
std::string write_html_report(const Report& report, const ChartSvg& chart);

/// A document of LaTeX's class article, with tables of booktabs and longtable, for any engine that reads UTF-8.
std::string write_latex_report(const Report& report, const ChartFile& chart);

} // namespace ledgefall
