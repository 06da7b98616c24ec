#pragma once

#include "app/charts/figure_plot.h"

namespace ledgefall {

/// Points, lines, and points that are joined; a polygon and a cumulative curve are lines too. Of very many points one
/// mark is drawn for each place of the picture on which any of them falls, so that none that stands alone is ever
/// left out, and the cost grows with the picture rather than with the marks.
class PointsPlot : public FigurePlot {
    Q_OBJECT
  public:
    using FigurePlot::FigurePlot;
    std::optional<Hit> hit(const QPointF& at) const override;
    void paint_chosen(QCPPainter& painter, const RowRanges& rows) const override;

  protected:
    QCPRange upwards() const override;
    void draw(QCPPainter* painter) override;

  private:
    void draw_line(QCPPainter& painter) const;
    QList<QPointF> path() const;
    void draw_fit(QCPPainter& painter) const;
    void draw_marks(QCPPainter& painter) const;
    void draw_cloud(QCPPainter& painter) const;
    void draw_mark(QCPPainter& painter, const QPointF& at) const;
};

} // namespace ledgefall
