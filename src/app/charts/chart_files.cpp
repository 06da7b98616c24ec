#include "app/charts/chart_files.h"

#include "app/theme/theme.h"
#include "files/io/atomic_file.h"

#include <QBuffer>
#include <QCoreApplication>
#include <QFileInfo>
#include <QPdfWriter>
#include <QSvgGenerator>

namespace ledgefall {
namespace {

constexpr int page_width = 640; // in 96ths of an inch: 17 cm
constexpr double print_scale = 300.0 / 96;

/// The shape in which the chart is seen, at the width of a page.
QSize page_shape(const QSize& shape) {
    const double ratio = shape.width() > 0 ? std::clamp(1.0 * shape.height() / shape.width(), 0.45, 1.5) : 0.65;
    return {page_width, static_cast<int>(page_width * ratio)};
}

void paint(ChartPlot& plot, QPaintDevice* device, const QSize& size) {
    QCPPainter painter;
    if (painter.begin(device)) {
        painter.setMode(QCPPainter::pmVectorized);
        painter.setMode(QCPPainter::pmNoCaching);
        painter.setMode(QCPPainter::pmNonCosmetic);
        plot.toPainter(&painter, size.width(), size.height());
        painter.end();
    }
}

} // namespace

QSize chart_picture_size(const QSize& shape) {
    return page_shape(shape);
}

QByteArray chart_picture(const FiguresPtr& figures, const QString& title, const QSize& shape, PictureForm form) {
    const LookForPrint print;
    const QSize size = page_shape(shape);
    ChartPlot plot;
    plot.resize(size);
    plot.show_figures(figures, title);
    plot.replot(QCustomPlot::rpImmediateRefresh);
    plot.show_all();
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    if (form == PictureForm::png) {
        QImage image = plot.toPixmap(size.width(), size.height(), print_scale).toImage();
        image.setDevicePixelRatio(1);
        constexpr double inch = 0.0254;
        image.setDotsPerMeterX(static_cast<int>(300 / inch));
        image.setDotsPerMeterY(static_cast<int>(300 / inch));
        image.save(&buffer, "PNG");
    } else if (form == PictureForm::svg) {
        QSvgGenerator svg;
        svg.setOutputDevice(&buffer);
        svg.setResolution(96);
        svg.setSize(size);
        svg.setViewBox(QRect(QPoint(), size));
        svg.setTitle(title);
        paint(plot, &svg, size);
    } else {
        QPdfWriter pdf(&buffer);
        pdf.setResolution(96);
        pdf.setTitle(title);
        pdf.setPageMargins(QMarginsF());
        pdf.setPageSize(QPageSize(QSizeF(size) * 72 / 96, QPageSize::Point, QString(), QPageSize::ExactMatch));
        paint(plot, &pdf, size);
    }
    buffer.close();
    return bytes;
}

Result<bool> write_chart(const FiguresPtr& figures, const QString& title, const QSize& shape, const QString& path) {
    const QString ending = QFileInfo(path).suffix().toLower();
    const bool png = ending == QStringLiteral("png");
    const bool svg = ending == QStringLiteral("svg");
    if (!png && !svg && ending != QStringLiteral("pdf")) {
        return Sentence{N_("%1 is not an image format that can be saved. Use a name ending in .png, .svg or .pdf."),
                        {QFileInfo(path).fileName().toStdString()}};
    }
    const QByteArray bytes = chart_picture(figures, title, shape,
                                           png   ? PictureForm::png
                                           : svg ? PictureForm::svg
                                                 : PictureForm::pdf);
    const auto written = write_file(path.toStdString(), bytes.toStdString());
    return written ? Result<bool>(true) : Result<bool>(written.refusal());
}

std::unique_ptr<QMimeData> chart_for_clipboard(const FiguresPtr& figures, const QString& title, const QSize& shape) {
    auto data = std::make_unique<QMimeData>();
    data->setImageData(QImage::fromData(chart_picture(figures, title, shape, PictureForm::png), "PNG"));
    data->setData(QStringLiteral("image/svg+xml"), chart_picture(figures, title, shape, PictureForm::svg));
    return data;
}

} // namespace ledgefall
