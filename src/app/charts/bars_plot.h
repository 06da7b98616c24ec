#pragma once

#include "app/charts/figure_plot.h"

namespace ledgefall {

/// Areas from nothing up to each value: over the true limits of classes, or as bars of one width that stand beside
/// those of other series; or stems, a thin line with a mark at its end.
class BarsPlot : public FigurePlot {
    Q_OBJECT
  public:
    /// `place` of `together` series of bars that share a place.
    BarsPlot(QCPAxis* x, QCPAxis* y, FiguresPtr figures, std::size_t series, std::size_t place, std::size_t together);
    std::optional<Hit> hit(const QPointF& at) const override;
    void paint_chosen(QCPPainter& painter, const RowRanges& rows) const override;
    std::vector<std::uint32_t> rows_in(const QRectF& area) const override;

  protected:
    QCPRange across() const override;
    QCPRange upwards() const override;
    void draw(QCPPainter* painter) override;

  private:
    bool histogram() const { return kind_of(series().form).over == SeriesFormKind::Over::classes; }
    bool stems() const { return kind_of(series().form).marks; }
    std::pair<double, double> sides(std::size_t at) const; ///< left and right, in the axis' units
    QRectF area_of(std::size_t at) const;                  ///< in pixels
    double gap_ = 1;                                       ///< between neighbouring bars
    std::size_t place_, together_;
};

} // namespace ledgefall
