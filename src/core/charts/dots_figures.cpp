#include "core/charts/series_figures.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

/// How far apart stacks stand: 0 where values repeat so often that each different one has its own.
double apart(std::vector<double> sorted) {
    std::sort(sorted.begin(), sorted.end());
    const double width = sorted.back() - sorted.front();
    const auto different = std::unique(sorted.begin(), sorted.end()) - sorted.begin();
    constexpr std::ptrdiff_t most_stacks = 50;
    return different <= most_stacks ? 0 : width / most_stacks;
}

} // namespace

bool add_dots(ChartInWork& chart, const Series&, SeriesFigures& figures, const DrawnColumn& x, const DrawnColumn& y) {
    for (std::size_t row = 0; row < chart.results.rows(y.table->id); ++row) {
        chart.stop.throw_if_stopped_at(row);
        const Value value = y.cells->at(row);
        if (!chart.takes(*y.table, row)) {
            continue;
        }
        if (!value.plain() || !std::isfinite(value.number())) {
            ++figures.left_out;
            continue;
        }
        figures.x.push_back(value.number());
        figures.rows.push_back(static_cast<std::uint32_t>(row));
    }
    if (!chart.something(figures, figures.x.empty(), y, x)) {
        return false;
    }
    const double step = apart(figures.x);
    const double least = *std::min_element(figures.x.begin(), figures.x.end());
    std::unordered_map<double, double> heights;
    for (double& place : figures.x) {
        place = step > 0 ? least + std::round((place - least) / step) * step : place;
        figures.y.push_back(++heights[place]);
    }
    figures.rising = false;
    figures.x_format = y.column->format;
    figures.y_format = Format();
    chart.out.x.dates = chart.out.x.dates || y.kind() == Kind::date;
    return true;
}

} // namespace ledgefall
