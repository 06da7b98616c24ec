#pragma once

#include "app/charts/chart_plot.h"
#include "core/basics/result.h"

#include <QMimeData>

namespace ledgefall {

/// A chart as a picture for print, on white whatever look is in use: as wide as a page's text, at 300 dots to the inch
/// where it is made of dots.
enum class PictureForm { png, svg, pdf };
QByteArray chart_picture(const FiguresPtr& figures, const QString& title, const QSize& shape, PictureForm form);
/// How large it is in 96ths of an inch.
QSize chart_picture_size(const QSize& shape);
/// What a chart of a study draws, computed on the thread that asks.
FiguresPtr figures_of(const Study& study, const ResultsPtr& results, const Chart& chart, const StopToken& stop = {});

/// Writes such a picture whole or not at all; the form is that of the path's ending, which must be one of the three.
Result<bool> write_chart(const FiguresPtr& figures, const QString& title, const QSize& shape, const QString& path);

/// The same for the clipboard: dots, and lines for those who take them.
std::unique_ptr<QMimeData> chart_for_clipboard(const FiguresPtr& figures, const QString& title, const QSize& shape);

} // namespace ledgefall
