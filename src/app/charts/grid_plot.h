#pragma once

#include "app/charts/figure_plot.h"

namespace ledgefall {

/// The cells of a two-way table: a heat map, in which each is an area of its value's colour, or contour lines, each
/// with its value. The cost of a heat map grows with the picture rather than with the cells.
class GridPlot : public FigurePlot {
    Q_OBJECT
  public:
    GridPlot(QCPAxis* x, QCPAxis* y, FiguresPtr figures, std::size_t series);
    QString legend_text() const override;
    std::optional<Hit> hit(const QPointF& at) const override;
    void paint_chosen(QCPPainter&, const RowRanges&) const override {}
    std::vector<std::uint32_t> rows_in(const QRectF&) const override { return {}; }

  protected:
    void draw(QCPPainter* painter) override;
    void drawLegendIcon(QCPPainter* painter, const QRectF& rect) const override;

  private:
    struct Contour {
        double level = 0;
        std::vector<ContourSegment> segments;
    };
    const GridFigures& grid() const { return *series().grid; }
    double along(double value) const;
    void draw_heat(QCPPainter& painter) const;
    void draw_contours(QCPPainter& painter) const;
    /// Between which limits each place stands: halfway to its neighbours.
    static std::vector<double> limits_of(const std::vector<double>& places, const std::vector<double>& ends);

    std::vector<double> column_limits_, row_limits_;
    std::vector<std::uint8_t> shades_; ///< of each cell from 1 to 255; 0: no number
    std::vector<Contour> contours_;
};

} // namespace ledgefall
