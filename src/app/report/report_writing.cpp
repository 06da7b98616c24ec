#include "app/report/report_writing.h"

#include "app/charts/chart_files.h"
#include "app/numbers/number_text.h"
#include "app/report/pdf_marks.h"
#include "core/study/builders/handout.h"
#include "files/io/atomic_file.h"
#include "files/reports/report_files.h"

#include <QBuffer>
#include <QFileInfo>
#include <QLocale>
#include <QPainter>
#include <QPdfWriter>
#include <QSvgRenderer>

namespace ledgefall {
namespace {

constexpr int resolution = 96; // of a page, in the units of its layout
const QSize chart_shape(640, 400);

QByteArray pdf_of(const DrawnReport& drawn, const QPageLayout& page, const ReportPages* ready) {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    QPdfWriter writer(&buffer);
    writer.setResolution(resolution);
    writer.setTitle(QString::fromStdString(drawn.report.title));
    writer.setCreator(QCoreApplication::applicationName());
    writer.setPageLayout(page);
    std::optional<ReportPages> own;
    const ReportPages& pages = ready != nullptr ? *ready : own.emplace(drawn.report, drawn.charts, page);
    return pages.print(writer) ? with_pdf_marks(bytes, QString::fromStdString(drawn.report.language), pages.marks())
                               : QByteArray();
}

/// Without the line that declares XML and the type of document, so that it can stand in a page.
std::string inner_svg(const QByteArray& svg) {
    const qsizetype begins = svg.indexOf("<svg");
    return begins < 0 ? std::string() : svg.mid(begins).toStdString();
}

Result<bool> put(const QString& path, const std::string& bytes) {
    const Result<Saved> written = write_file(path.toStdString(), bytes);
    return written ? Result<bool>(true) : Result<bool>(written.refusal());
}

} // namespace

QPageSize::PageSizeId usual_paper() {
    return QLocale().measurementSystem() == QLocale::ImperialUSSystem ? QPageSize::Letter : QPageSize::A4;
}

QPageLayout report_page(QPageSize::PageSizeId paper, bool landscape) {
    constexpr double margin = 18;
    return {QPageSize(paper), landscape ? QPageLayout::Landscape : QPageLayout::Portrait,
            QMarginsF(margin, margin, margin, margin), QPageLayout::Millimeter};
}

Result<DrawnReport> drawn_report(const Study& study, const ResultsPtr& results, const ReportRequest& request,
                                 const StopToken& stop) {
    if (request.blank && study.handout && study.handout->is_key) {
        HandoutRequest asked;
        asked.asked = study.handout->asked;
        const Result<Study> handout = make_handout(study, asked);
        ReportRequest of_handout = request;
        of_handout.blank = false;
        return handout ? drawn_report(*handout, compute_in_task(*handout, nullptr, stop), of_handout, stop)
                       : Result<DrawnReport>(handout.refusal());
    }
    const auto shown = [](const Value& value, const Format& format) { return value_text(value, format).toStdString(); };
    Result<Report> report = report_of(study, *results, request, shown, stop);
    if (!report) {
        return report.refusal();
    }
    DrawnReport drawn{std::move(*report), {}};
    drawn.report.language = QLocale().bcp47Name().toStdString();
    for (const ReportChart& one : drawn.report.charts) {
        const Chart* chart = study.chart(one.chart);
        const FiguresPtr figures = chart == nullptr ? nullptr : figures_of(study, results, *chart, stop);
        if (figures && !figures->empty()) {
            drawn.charts[one.chart] = chart_picture(figures, QString(), chart_shape, PictureForm::svg);
        }
    }
    return drawn;
}

Result<bool> write_report(const DrawnReport& drawn, const QPageLayout& page, const QString& path,
                          const ReportPages* pages) {
    const QString suffix = QFileInfo(path).suffix().toLower();
    const auto svg = [&drawn](Id chart) {
        const auto one = drawn.charts.find(chart);
        return one == drawn.charts.end() ? std::string() : inner_svg(one->second);
    };
    if (suffix == QStringLiteral("pdf")) {
        const QByteArray bytes = pdf_of(drawn, page, pages);
        return bytes.isEmpty()
                   ? Result<bool>(Sentence{N_("The report could not be painted. Choose another paper."), {}})
                   : put(path, bytes.toStdString());
    }
    if (suffix == QStringLiteral("odt")) {
        const QByteArray bytes =
            ReportPages(drawn.report, drawn.charts, page, ReportPages::Purpose::other_programs).open_document();
        return put(path, bytes.toStdString());
    }
    if (suffix == QStringLiteral("html") || suffix == QStringLiteral("htm")) {
        return put(path, write_html_report(drawn.report, svg));
    }
    if (suffix != QStringLiteral("tex")) {
        return Sentence{N_("A report is written as .pdf, .html, .odt or .tex, but this name ends in none of them: %1."),
                        {path.toStdString()}};
    }
    const QFileInfo file(path);
    const bool again = file.exists(); // its charts may be replaced with it
    std::unordered_map<Id, std::string> names;
    for (const auto& [chart, picture] : drawn.charts) {
        QSvgRenderer renderer(picture);
        QByteArray bytes;
        QBuffer buffer(&bytes);
        buffer.open(QIODevice::WriteOnly);
        QPdfWriter writer(&buffer);
        writer.setResolution(resolution);
        writer.setPageLayout({QPageSize(QSizeF(renderer.defaultSize()) * 72 / resolution, QPageSize::Point),
                              QPageLayout::Portrait, QMarginsF()});
        QPainter painter(&writer);
        renderer.render(&painter, QRectF(QPointF(), QSizeF(renderer.defaultSize())));
        painter.end();
        const QString name = QStringLiteral("%1-%2.pdf").arg(file.completeBaseName()).arg(names.size() + 1);
        if (!again && QFile::exists(file.absolutePath() + QLatin1Char('/') + name)) {
            return Sentence{N_("%1 is there already and would be replaced. Give the report another name."),
                            {name.toStdString()}};
        }
        Result<bool> written = put(file.absolutePath() + QLatin1Char('/') + name, bytes.toStdString());
        if (!written) {
            return written;
        }
        names[chart] = name.toStdString();
    }
    return put(path, write_latex_report(drawn.report, [&names](Id chart) {
                   const auto one = names.find(chart);
                   return one == names.end() ? std::string() : one->second;
               }));
}

} // namespace ledgefall
