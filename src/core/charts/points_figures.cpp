#include "core/charts/series_figures.h"
#include "core/value/interval.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <limits>

namespace ledgefall {
namespace {

bool occurs_twice(std::vector<double> places, const StopToken& stop) {
    std::sort(places.begin(), places.end(), stoppable(stop, std::less<>()));
    return std::adjacent_find(places.begin(), places.end()) != places.end();
}

} // namespace

bool add_points(ChartInWork& chart, const Series& series, SeriesFigures& figures, const DrawnColumn& x,
                const DrawnColumn& y) {
    const std::size_t rows = y.table->two_way() || y.of_run ? y.cells->size() : chart.results.rows(y.table->id);
    const bool named = x.cells != nullptr && (x.kind() == Kind::text || x.kind() == Kind::yes_no);
    const bool classes = x.cells != nullptr && x.kind() == Kind::interval;
    const bool single_rows = kind_of(figures.form).single_rows;
    if (named != !chart.out.x.names.empty() && !chart.out.series.empty()) {
        chart.miss(
            {N_("%1 is not drawn: on the x axis, some series use numbers and some use names."), {figures.label}});
        return false;
    }
    figures.x.reserve(rows);
    figures.y.reserve(rows);
    figures.rows.reserve(rows);
    double last = -std::numeric_limits<double>::infinity();
    for (std::size_t row = 0; row < rows; ++row) {
        chart.stop.throw_if_stopped_at(row);
        if (!y.table->two_way() && !chart.takes(*y.table, row)) {
            continue;
        }
        const Value up = y.cells->at(row);
        const Value across = x.cells == nullptr ? Value::number(static_cast<double>(row + 1)) : x.cells->at(row);
        if (!up.plain() || !across.plain() || !std::isfinite(up.number())) {
            ++figures.left_out;
            continue;
        }
        const double at = named     ? chart.place_of(across)
                          : classes ? (interval_of(across).lower + interval_of(across).upper) / 2
                                    : across.number();
        const bool beyond = (chart.out.x.logarithmic && at <= 0) ||
                            ((series.second_axis ? chart.out.second : chart.out.y).logarithmic && up.number() <= 0);
        if (!std::isfinite(at) || beyond) {
            ++figures.left_out;
            continue;
        }
        figures.rising = figures.rising && at >= last;
        last = at;
        figures.x.push_back(at);
        figures.y.push_back(up.number());
        figures.rows.push_back(static_cast<std::uint32_t>(row));
    }
    if (named && single_rows && occurs_twice(figures.x, chart.stop)) {
        chart.miss(
            {N_("%1 occurs more than once in %2, but a bar stands for one row. Count the values first, or draw boxes."),
             {"A value", x.column->shown_label()}});
        return false;
    }
    chart.out.x.dates = chart.out.x.dates || (x.cells != nullptr && x.kind() == Kind::date);
    chart.out.y.dates = chart.out.y.dates || y.kind() == Kind::date;
    return chart.something(figures, figures.x.empty(), y, x);
}

} // namespace ledgefall
