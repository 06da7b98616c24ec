#pragma once

#include "app/charts/plotting.h"
#include "core/charts/chart_figures.h"

namespace ledgefall {

/// The key of a heat map: a bar of its colours beside the chart, with the values that they stand for.
class ColourKey {
  public:
    explicit ColourKey(QCustomPlot& plot)
        : plot_(plot) {}

    /// Of the first heat map among the figures; where there is none the bar goes.
    void show(const ChartFigures& figures);
    const QCPColorScale* scale() const { return scale_; }

  private:
    QCustomPlot& plot_;
    QCPColorScale* scale_ = nullptr;
    QCPMarginGroup* group_ = nullptr; ///< by which it is as high as the map
};

} // namespace ledgefall
