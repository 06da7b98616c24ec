#pragma once

#include "app/report/report_pages.h"
#include "core/basics/result.h"

namespace ledgefall {

/// A report with the charts that belong to it, as SVG. It is made on the thread of the interface, since charts are
/// drawn there.
struct DrawnReport {
    Report report;
    std::unordered_map<Id, QByteArray> charts;
};
Result<DrawnReport> drawn_report(const Study& study, const ResultsPtr& results, const ReportRequest& request,
                                 const StopToken& stop = {});

/// Writes a report whole or not at all: `.pdf`, `.html`, `.odt` or `.tex`, whose charts are written beside it as PDF.
/// `pages` are its pages, where they have been laid out.
Result<bool> write_report(const DrawnReport& report, const QPageLayout& page, const QString& path,
                          const ReportPages* pages = nullptr);

/// A4, or Letter where that is usual, with margins of 18 mm.
QPageLayout report_page(QPageSize::PageSizeId paper, bool landscape);
QPageSize::PageSizeId usual_paper();

} // namespace ledgefall
