#pragma once

#include "app/charts/figure_plot.h"

namespace ledgefall {

/// The lines, circles and ranges beside the series, with their names; and what is read off a cumulative curve: its
/// quartiles and median.
class ReferencePlot : public QCPLayerable {
    Q_OBJECT
  public:
    ReferencePlot(QCustomPlot* plot, const QString& layer, FiguresPtr figures);
    /// What the quartiles and the median are, read off the curve; nothing where there is none.
    static std::vector<std::pair<double, double>> readings(const ChartFigures& figures); ///< x and height

    /// How much is needed to the right of the axes and above them for the labels.
    static QSize room_outside(const ChartFigures& figures);

  protected:
    void applyDefaultAntialiasingHint(QCPPainter* painter) const override { painter->setAntialiasing(true); }
    void draw(QCPPainter* painter) override;
    QRect clipRect() const override;
    QRectF area() const; ///< between the axes

  private:
    void draw_reference(QCPPainter& painter, const ReferenceFigures& one) const;
    void draw_readings(QCPPainter& painter) const;
    void label(QCPPainter& painter, const QPointF& at, const QString& text, Qt::Alignment align) const;
    FiguresPtr figures_;
};

} // namespace ledgefall
