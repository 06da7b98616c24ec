#include "app/charts/bars_plot.h"

#include "app/theme/theme.h"
#include "core/value/decimals.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace ledgefall {
namespace {

constexpr double no_limit = std::numeric_limits<double>::infinity();
constexpr double filled = 0.78; // of the room that a place has

} // namespace

BarsPlot::BarsPlot(QCPAxis* x, QCPAxis* y, FiguresPtr figures, std::size_t series_number, std::size_t place,
                   std::size_t together)
    : FigurePlot(x, y, std::move(figures), series_number)
    , place_(place)
    , together_(std::max<std::size_t>(1, together)) {
    std::vector<double> places = series().x;
    std::sort(places.begin(), places.end());
    double least = no_limit;
    for (std::size_t at = 1; at < places.size(); ++at) {
        const double gap = places[at] - places[at - 1];
        least = gap > 0 ? std::min(least, gap) : least;
    }
    gap_ = std::isfinite(least) ? least : 1;
}

std::pair<double, double> BarsPlot::sides(std::size_t at) const {
    if (histogram()) {
        return {series().limits[at], series().limits[at + 1]};
    }
    const double wide = gap_ * filled / static_cast<double>(together_);
    const double left = series().x[at] - gap_ * filled / 2 + wide * static_cast<double>(place_);
    return {left, left + wide};
}

QRectF BarsPlot::area_of(std::size_t at) const {
    const auto [left, right] = sides(at);
    const double base = series().base.empty() ? 0 : series().base[at];
    return QRectF(QPointF(pixel_x(left), pixel_y(series().y[at])), QPointF(pixel_x(right), pixel_y(base))).normalized();
}

QCPRange BarsPlot::across() const {
    if (histogram()) {
        return {series().limits.front(), series().limits.back()};
    }
    QCPRange range = FigurePlot::across();
    return {range.lower - gap_ / 2, range.upper + gap_ / 2};
}

QCPRange BarsPlot::upwards() const {
    QCPRange range = with_errors(FigurePlot::upwards());
    range.expand(0.0);
    return range;
}

void BarsPlot::draw(QCPPainter* painter) {
    const QRectF shown = QRectF(clipRect()).adjusted(-4, -4, 4, 4);
    if (stems()) {
        painter->setAntialiasing(true);
        for (std::size_t at = 0; at < series().x.size(); ++at) {
            const QPointF top(pixel_x(series().x[at]), pixel_y(series().y[at]));
            painter->setPen(QPen(own_look().line, 1.6 * theme().zoom));
            painter->drawLine(QLineF(top, QPointF(top.x(), pixel_y(0))));
            painter->setBrush(own_look().hollow ? QBrush(theme().paper) : QBrush(own_look().line));
            painter->translate(top);
            painter->drawPath(own_look().mark);
            painter->translate(-top);
        }
        return draw_errors(*painter);
    }
    painter->setAntialiasing(false);
    painter->setBrush(own_look().fill);
    painter->setPen(QPen(own_look().line, 1));
    double drawn_to = -no_limit; // of thousands of bars narrower than a pixel, the tallest of each pixel
    double tallest = no_limit;
    for (std::size_t at = 0; at < series().x.size(); ++at) {
        const QRectF area = area_of(at);
        if (area.right() < shown.left() || area.left() > shown.right()) {
            continue;
        }
        if (area.width() < 1 && series().base.empty() && area.right() < drawn_to + 1 && area.top() >= tallest) {
            continue;
        }
        drawn_to = area.right();
        tallest = area.top();
        const QRectF within = area.intersected(shown.adjusted(-2000, -20'000, 2000, 20'000));
        painter->drawRect(within);
    }
    if (!series().x.empty() && !histogram()) {
        draw_errors(*painter, area_of(0).center().x() - pixel_x(series().x[0]));
    }
}

std::optional<FigurePlot::Hit> BarsPlot::hit(const QPointF& at) const {
    for (std::size_t bar = 0; bar < series().x.size(); ++bar) {
        QRectF area = area_of(bar);
        if (stems()) {
            area = QRectF(pixel_x(series().x[bar]) - 5, area.top() - 5, 10, area.height() + 5);
        } else if (area.height() < 4) {
            area.adjust(0, -4, 0, 4);
        }
        if (!area.contains(at)) {
            continue;
        }
        QString text = place_described(bar);
        if (histogram()) {
            const double half = series().recorded_to / 2; // limits as written are not the boundaries
            text = tr("%1 to %2: %3 %4")
                       .arg(x_text(stepped(series().limits[bar], half, 1)),
                            x_text(stepped(series().limits[bar + 1], half, -1)), QString::fromStdString(series().label),
                            y_text(series().y[bar]));
        }
        // A stem before a bar, for it is the harder to meet.
        return Hit{stems() ? 0.5 : 1.0, {area.center().x(), pixel_y(series().y[bar])}, {series().rows[bar]}, text};
    }
    return std::nullopt;
}

void BarsPlot::paint_chosen(QCPPainter& painter, const RowRanges& rows) const {
    painter.setAntialiasing(true);
    QColor wash = theme().stays;
    wash.setAlpha(60);
    for (std::size_t at = 0; at < series().x.size(); ++at) {
        if (!in_ranges(rows, series().rows[at])) {
            continue;
        }
        painter.setPen(QPen(theme().stays, 2.2));
        if (stems()) {
            painter.setBrush(Qt::NoBrush);
            painter.drawEllipse(QPointF(pixel_x(series().x[at]), pixel_y(series().y[at])), 7, 7);
        } else {
            painter.setBrush(wash);
            painter.drawRect(area_of(at).intersected(QRectF(clipRect()).adjusted(-9, -9, 9, 9)));
        }
    }
}

std::vector<std::uint32_t> BarsPlot::rows_in(const QRectF& area) const {
    std::vector<std::uint32_t> rows;
    for (std::size_t at = 0; at < series().x.size(); ++at) {
        if (area.intersects(area_of(at).adjusted(-0.5, -0.5, 0.5, 0.5))) {
            rows.push_back(series().rows[at]);
        }
    }
    return rows;
}

} // namespace ledgefall
