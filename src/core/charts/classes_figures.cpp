#include "core/charts/series_figures.h"
#include "core/study/model/scope.h"
#include "core/value/interval.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

/// Down to nothing in the middle of a further class at either end.
void close_polygon(SeriesFigures& figures) {
    const auto& limits = figures.limits;
    const double first = limits[1] - limits[0];
    const double last = limits.back() - limits[limits.size() - 2];
    figures.x.insert(figures.x.begin(), limits.front() - first / 2);
    figures.y.insert(figures.y.begin(), 0);
    figures.rows.insert(figures.rows.begin(), no_row);
    figures.x.push_back(limits.back() + last / 2);
    figures.y.push_back(0);
    figures.rows.push_back(no_row);
}

/// Whether some width is more than rounding away from the first.
bool differ(const std::vector<double>& widths) {
    return std::any_of(widths.begin(), widths.end(), [&widths](double width) {
        constexpr double slack = 1e-9;
        return std::abs(width - widths.front()) > slack * width;
    });
}

/// Whether a column is divided by the widths of its classes already: its formula uses their upper boundaries.
bool is_per_width(const Study& study, const Table& table, const ColumnDefinition& column) {
    bool uses = false;
    for (const Piece& piece : column.pieces) {
        uses = uses || piece.formula.text().find("upper(") != std::string::npos;
        if (!piece.formula.tree()) {
            continue;
        }
        for_each_name(*piece.formula.tree(), [&](const Node& name) {
            const ColumnDefinition* meant = meaning_of(study, &table, name).column;
            uses = uses || (meant != nullptr && meant->computed() &&
                            meant->pieces.front().formula.text().starts_with("upper("));
        });
    }
    return uses;
}

} // namespace

bool add_classes(ChartInWork& chart, const Series& series, SeriesFigures& figures, const DrawnColumn& x,
                 const DrawnColumn& y) {
    if (x.cells == nullptr || x.kind() != Kind::interval) {
        chart.miss({N_("%1 needs classes on the x axis. Make a frequency table of a column and draw its counts."),
                    {figures.label}});
        return false;
    }
    std::vector<double> widths;
    double running_end = 0;
    for (std::size_t row = 0; row < chart.results.rows(y.table->id); ++row) {
        chart.stop.throw_if_stopped_at(row);
        if (!chart.takes(*y.table, row)) {
            continue;
        }
        const Value class_of_row = x.cells->at(row);
        const Value height = y.cells->at(row);
        const bool plain = class_of_row.plain() && height.plain() && std::isfinite(height.number());
        const Interval& limits = class_of_row.plain() ? interval_of(class_of_row) : Interval();
        if (!plain || !std::isfinite(limits.lower) || !std::isfinite(limits.upper)) {
            ++figures.left_out; // a class with an open end has no width
            running_end = plain && figures.limits.empty() ? height.number() : running_end;
            continue;
        }
        if (figures.limits.empty()) {
            figures.limits.push_back(limits.lower);
        }
        figures.limits.push_back(limits.upper);
        figures.recorded_to = limits.recorded_to;
        const double width = limits.upper - limits.lower;
        figures.x.push_back(kind_of(figures.form).running ? limits.upper : (limits.lower + limits.upper) / 2);
        figures.y.push_back(height.number());
        widths.push_back(width);
        figures.rows.push_back(static_cast<std::uint32_t>(row));
    }
    if (!chart.something(figures, figures.x.empty(), y, x)) {
        return false;
    }
    figures.per_width = kind_of(figures.form).may_divide &&
                        (series.per_width || (differ(widths) && !is_per_width(chart.study, *y.table, *y.column)));
    for (std::size_t at = 0; figures.per_width && at < widths.size(); ++at) {
        figures.y[at] /= widths[at];
    }
    chart.out.x.ticks = figures.limits;
    chart.out.x.recorded_to = figures.recorded_to;
    if (kind_of(figures.form).running) { // from what lies below the first limit: nothing, or the open class
        figures.x.insert(figures.x.begin(), figures.limits.front());
        figures.y.insert(figures.y.begin(), running_end);
        figures.rows.insert(figures.rows.begin(), no_row);
    } else if (kind_of(figures.form).closed) {
        close_polygon(figures);
    }
    return true;
}

} // namespace ledgefall
