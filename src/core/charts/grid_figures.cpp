// What is drawn of a layer of a two-way table: a family of lines, or its cells as areas and contour lines.

#include "core/charts/series_figures.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

constexpr std::size_t most_lines = 60;

/// Where the values of an axis stand: numbers and dates at their values, classes at their middles, names at 1, 2, 3.
std::vector<double> places_of(const Column& values) {
    std::vector<double> places;
    for (std::size_t at = 0; at < values.size(); ++at) {
        const Value value = values.at(at);
        const bool measured = value.plain() && (value.kind() == Kind::number || value.kind() == Kind::date);
        places.push_back(measured ? value.number() : static_cast<double>(at + 1));
    }
    return places;
}

} // namespace

bool add_family(ChartInWork& chart, const Series& series, const SeriesFigures& like, const DrawnColumn& y) {
    const Table& table = *y.table;
    const Axis& down = table.axis;
    const Axis& across = *table.across;
    const bool along_down = !series.x.empty() && (*down.column)->id == series.x;
    const Axis& along = along_down ? down : across;
    const Axis& lines = along_down ? across : down;
    const Column* places = chart.results.column((*along.column)->id);
    const Column* names = chart.results.column((*lines.column)->id);
    if (places == nullptr || names == nullptr) {
        return false;
    }
    if (names->size() > most_lines) {
        chart.miss(
            {N_("%1 has %2 lines, but only %3 can be told apart. Draw it as a heat map, or choose the other axis."),
             {like.label, std::to_string(names->size()), std::to_string(most_lines)}});
        return false;
    }
    const DrawnColumn x{&table, &**along.column, places};
    for (std::size_t line = 0; line < names->size(); ++line) {
        Column cells(y.kind());
        for (std::size_t place = 0; place < places->size(); ++place) {
            const std::size_t row = along_down ? place : line;
            const std::size_t column = along_down ? line : place;
            cells.append(y.cells->at(row * (along_down ? names->size() : places->size()) + column));
        }
        SeriesFigures figures = like;
        figures.family =
            FamilyLine{(*lines.column)->name, names->at(line), (*lines.column)->format,
                       names->size() < 2 ? 0 : static_cast<double>(line) / static_cast<double>(names->size() - 1)};
        figures.x_format = (*along.column)->format;
        const DrawnColumn own{&table, y.column, &cells};
        if (!add_points(chart, series, figures, x, own)) {
            return false;
        }
        std::fill(figures.rows.begin(), figures.rows.end(), no_row);
        chart.out.series.push_back(std::move(figures));
    }
    return !names->empty();
}

bool add_grid(ChartInWork& chart, const Series&, SeriesFigures& figures, const DrawnColumn&, const DrawnColumn& y) {
    if (!y.table->two_way()) {
        chart.miss(
            {N_("%1 is not a layer of a two-way table, which a heat map and contour lines need."), {figures.label}});
        return false;
    }
    const Column* down = chart.results.column((*y.table->axis.column)->id);
    const Column* across = chart.results.column((*y.table->across->column)->id);
    GridFigures grid;
    grid.columns = places_of(*across);
    grid.rows = places_of(*down);
    bool any = false;
    grid.cells.reserve(y.cells->size());
    for (std::size_t cell = 0; cell < y.cells->size(); ++cell) {
        chart.stop.throw_if_stopped_at(cell);
        const Value value = y.cells->at(cell);
        const double number = value.plain() ? value.number() : std::nan("");
        grid.cells.push_back(number);
        if (std::isfinite(number)) {
            grid.least = any ? std::min(grid.least, number) : number;
            grid.greatest = any ? std::max(grid.greatest, number) : number;
            any = true;
        } else {
            ++figures.left_out;
        }
    }
    const auto rises = [](const std::vector<double>& places) {
        return std::adjacent_find(places.begin(), places.end(), std::greater_equal<>()) == places.end();
    };
    if (any && !(rises(grid.columns) && rises(grid.rows))) {
        chart.miss({N_("%1 is not drawn: the values of both its axes must increase."), {figures.label}});
        return false;
    }
    const auto ends = [](const std::vector<double>& places) {
        const double half = places.size() > 1 ? (places[1] - places[0]) / 2 : 0.5;
        const double last = places.size() > 1 ? (places.back() - places[places.size() - 2]) / 2 : 0.5;
        return places.empty() ? std::vector<double>()
                              : std::vector<double>{places.front() - half, places.back() + last};
    };
    figures.x = ends(grid.columns);
    figures.y = ends(grid.rows);
    figures.rows = {no_row, no_row};
    figures.grid = std::make_shared<const GridFigures>(std::move(grid));
    return chart.something(figures, !any, y, {});
}

std::vector<double> contour_levels(const GridFigures& grid) {
    constexpr double wanted = 8;
    const double span = grid.greatest - grid.least;
    if (!(span > 0) || !std::isfinite(span)) {
        return {};
    }
    const double raw = span / wanted;
    const double power = std::pow(10, std::floor(std::log10(raw)));
    const double digit = raw / power;
    const double step = power * (digit <= 1 ? 1 : digit <= 2 ? 2 : digit <= 5 ? 5 : 10);
    std::vector<double> levels;
    for (double number = std::ceil(grid.least / step); number * step < grid.greatest; ++number) {
        if (number * step > grid.least) {
            levels.push_back(number * step);
        }
    }
    return levels;
}

std::vector<ContourSegment> contour_segments(const GridFigures& grid, double level, const StopToken& stop) {
    std::vector<ContourSegment> segments;
    const std::size_t columns = grid.columns.size();
    for (std::size_t row = 0; row + 1 < grid.rows.size(); ++row) {
        stop.throw_if_stopped_at(row);
        for (std::size_t column = 0; column + 1 < columns; ++column) {
            const double corner[4] = {grid.cells[row * columns + column], grid.cells[row * columns + column + 1],
                                      grid.cells[(row + 1) * columns + column + 1],
                                      grid.cells[(row + 1) * columns + column]};
            const double x[4] = {grid.columns[column], grid.columns[column + 1], grid.columns[column + 1],
                                 grid.columns[column]};
            const double y[4] = {grid.rows[row], grid.rows[row], grid.rows[row + 1], grid.rows[row + 1]};
            std::vector<std::pair<double, double>> crossings;
            bool known = true;
            for (int side = 0; side < 4; ++side) {
                const int next = (side + 1) % 4;
                known = known && std::isfinite(corner[side]);
                if ((corner[side] < level) != (corner[next] < level)) {
                    const double part = (level - corner[side]) / (corner[next] - corner[side]);
                    crossings.emplace_back(x[side] + part * (x[next] - x[side]), y[side] + part * (y[next] - y[side]));
                }
            }
            if (!known) {
                continue;
            }
            if (crossings.size() == 4) { // a saddle: its middle tells which sides belong together
                const double middle = (corner[0] + corner[1] + corner[2] + corner[3]) / 4;
                if ((middle < level) == (corner[0] < level)) {
                    std::rotate(crossings.begin(), crossings.begin() + 1, crossings.end());
                }
                // with corner 0 apart from the middle its two sides, the last and the first, are joined
                segments.push_back({crossings[3], crossings[0]});
                segments.push_back({crossings[1], crossings[2]});
            } else if (crossings.size() == 2) {
                segments.push_back({crossings[0], crossings[1]});
            }
        }
    }
    return segments;
}

void stack(std::vector<SeriesFigures>& series) {
    const auto stacked = [](const SeriesFigures& one) { return kind_of(one.form).stacked; };
    std::map<double, std::pair<double, double>> totals; // of the positive and the negative values at a place
    for (const SeriesFigures& one : series) {
        for (std::size_t at = 0; at < one.x.size() && stacked(one); ++at) {
            (one.y[at] < 0 ? totals[one.x[at]].second : totals[one.x[at]].first) += std::fabs(one.y[at]);
        }
    }
    std::map<double, std::pair<double, double>> reached;
    for (SeriesFigures& one : series) {
        if (!stacked(one)) {
            continue;
        }
        const bool shares = kind_of(one.form).to_whole;
        for (std::size_t at = 0; at < one.x.size(); ++at) {
            const auto& [above, below] = totals[one.x[at]];
            const double all = above + below;
            const double value = !shares ? one.y[at] : all == 0 ? 0 : one.y[at] / all;
            double& so_far = one.y[at] < 0 ? reached[one.x[at]].second : reached[one.x[at]].first;
            one.base.push_back(so_far);
            so_far += value;
            one.y[at] = so_far;
        }
        if (shares) {
            one.y_format = {Format::Style::percent, 0};
        }
    }
}

} // namespace ledgefall
