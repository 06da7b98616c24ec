#pragma once

#include "app/charts/figure_plot.h"

namespace ledgefall {

/// Boxes from the lower to the upper quartile with the median across, whiskers to the last values within one and a
/// half times the box's height, and what lies beyond drawn by itself.
class BoxesPlot : public FigurePlot {
    Q_OBJECT
  public:
    BoxesPlot(QCPAxis* x, QCPAxis* y, FiguresPtr figures, std::size_t series, std::size_t place, std::size_t together);
    std::optional<Hit> hit(const QPointF& at) const override;
    void paint_chosen(QCPPainter& painter, const RowRanges& rows) const override;
    std::vector<std::uint32_t> rows_in(const QRectF& area) const override;

  protected:
    QCPRange across() const override;
    QCPRange upwards() const override;
    void draw(QCPPainter* painter) override;

  private:
    double middle(std::size_t box) const; ///< in the axis' units
    double half() const;
    QRectF area_of(std::size_t box) const;
    std::size_t place_, together_;
};

} // namespace ledgefall
