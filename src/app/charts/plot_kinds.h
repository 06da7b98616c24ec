#pragma once

#include "app/charts/figure_plot.h"

namespace ledgefall {

/// One series of a chart that is to be drawn: `place` of `together` that are painted in the same way.
struct PlotRequest {
    QCPAxis* x;
    QCPAxis* y;
    FiguresPtr figures;
    std::size_t series;
    std::size_t place, together;
};

/// The plot that paints a series' form; it belongs to the axes' chart.
FigurePlot* make_plot(const PlotRequest& request);

} // namespace ledgefall
