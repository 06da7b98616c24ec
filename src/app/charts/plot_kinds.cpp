// The one list of ways in which a series is painted.

#include "app/charts/plot_kinds.h"

#include "app/charts/bars_plot.h"
#include "app/charts/boxes_plot.h"
#include "app/charts/grid_plot.h"
#include "app/charts/points_plot.h"

#include <array>

namespace ledgefall {

FigurePlot* make_plot(const PlotRequest& asked) {
    using Maker = FigurePlot* (*)(const PlotRequest&);
    static constexpr std::array<Maker, SeriesFormKind::painted_count> all = {
        // as SeriesFormKind::Painted
        [](const PlotRequest& of) -> FigurePlot* { return new PointsPlot(of.x, of.y, of.figures, of.series); },
        [](const PlotRequest& of) -> FigurePlot* { return new BarsPlot(of.x, of.y, of.figures, of.series, 0, 1); },
        [](const PlotRequest& of) -> FigurePlot* {
            return new BarsPlot(of.x, of.y, of.figures, of.series, of.place, of.together);
        },
        [](const PlotRequest& of) -> FigurePlot* {
            return new BoxesPlot(of.x, of.y, of.figures, of.series, of.place, of.together);
        },
        [](const PlotRequest& of) -> FigurePlot* { return new GridPlot(of.x, of.y, of.figures, of.series); },
    };
    return all[static_cast<std::size_t>(kind_of(asked.figures->series[asked.series].form).painted)](asked);
}

} // namespace ledgefall
