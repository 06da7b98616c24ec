// How long a frame of a chart takes: a cloud of points, and a line, while they are panned. These are no ratios but
// frames: 33 ms are thirty a second.

#include "app/charts/chart_plot.h"
#include "app/theme/theme.h"
#include "bench.h"

#include <QApplication>

namespace ledgefall::benchmarks {
namespace {

QApplication& application() {
    if (!qEnvironmentVariableIsSet("DISPLAY") && !qEnvironmentVariableIsSet("QT_QPA_PLATFORM")) {
        qputenv("QT_QPA_PLATFORM", "offscreen");
    }
    static int count = 1;
    static char name[] = "ledgefall-bench";
    static char* arguments[] = {name, nullptr};
    // Not destroyed: a static one would be so after what it needs of Qt's own.
    static QApplication* const result = new QApplication(count, arguments);
    return *result;
}

/// Normal values around the middle, with a few far away.
FiguresPtr cloud(SeriesForm form) {
    std::mt19937_64 engine(7);
    std::normal_distribution<double> spread(0, 1);
    auto figures = std::make_shared<ChartFigures>();
    SeriesFigures series;
    series.form = form;
    series.rising = form == SeriesForm::line;
    for (std::size_t row = 0; row < rows; ++row) {
        series.x.push_back(series.rising ? static_cast<double>(row) : spread(engine) * (row % 1000 == 0 ? 4 : 1));
        series.y.push_back(spread(engine));
        series.rows.push_back(static_cast<std::uint32_t>(row));
    }
    figures->series.push_back(std::move(series));
    return figures;
}

void panned(benchmark::State& state, SeriesForm form) {
    application();
    apply_application_theme();
    ChartPlot plot;
    plot.resize(820, 560);
    plot.show_figures(cloud(form), QStringLiteral("cloud"));
    plot.replot(QCustomPlot::rpImmediateRefresh);
    int frame = 0;
    for (auto _ : state) {
        plot.xAxis->moveRange(plot.xAxis->range().size() * (++frame % 40 < 20 ? 0.005 : -0.005));
        plot.replot(QCustomPlot::rpImmediateRefresh);
    }
}

} // namespace

void register_charts() {
    pair_side("scatter_pan/frame", [](benchmark::State& state) { panned(state, SeriesForm::points); });
    pair_side("line_pan/frame", [](benchmark::State& state) { panned(state, SeriesForm::line); });
}

} // namespace ledgefall::benchmarks
