#include "app/charts/boxes_plot.h"

#include "app/theme/theme.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

constexpr double box_filled = 0.56; // of the room that a place has
constexpr double reach = 6;         // pixels within which a value beyond is under the pointer

} // namespace

BoxesPlot::BoxesPlot(QCPAxis* x, QCPAxis* y, FiguresPtr figures, std::size_t series_number, std::size_t place,
                     std::size_t together)
    : FigurePlot(x, y, std::move(figures), series_number)
    , place_(place)
    , together_(std::max<std::size_t>(1, together)) {}

double BoxesPlot::half() const {
    return box_filled / 2 / static_cast<double>(together_) * (together_ > 1 ? 0.9 : 1);
}

double BoxesPlot::middle(std::size_t box) const {
    const double room = box_filled / static_cast<double>(together_);
    return series().x[box] - box_filled / 2 + room * (static_cast<double>(place_) + 0.5);
}

QRectF BoxesPlot::area_of(std::size_t box) const {
    const Box& drawn = series().boxes[box];
    return QRectF(QPointF(pixel_x(middle(box) - half()), pixel_y(drawn.q3)),
                  QPointF(pixel_x(middle(box) + half()), pixel_y(drawn.q1)))
        .normalized();
}

QCPRange BoxesPlot::across() const {
    const QCPRange range = FigurePlot::across();
    return {range.lower - 0.5, range.upper + 0.5};
}

QCPRange BoxesPlot::upwards() const {
    QCPRange range(series().boxes.front().least, series().boxes.front().greatest);
    for (const Box& box : series().boxes) {
        range.expand(QCPRange(box.least, box.greatest));
    }
    return range;
}

void BoxesPlot::draw(QCPPainter* painter) {
    painter->setAntialiasing(true);
    for (std::size_t at = 0; at < series().boxes.size(); ++at) {
        const Box& box = series().boxes[at];
        const QRectF area = area_of(at);
        const double x = area.center().x();
        const double cap = area.width() / 4;
        painter->setPen(QPen(own_look().line, 1.4 * theme().zoom));
        for (const auto& [from, to] : {std::pair(box.q3, box.high_whisker), std::pair(box.q1, box.low_whisker)}) {
            painter->drawLine(QLineF(x, pixel_y(from), x, pixel_y(to)));
            painter->drawLine(QLineF(x - cap, pixel_y(to), x + cap, pixel_y(to)));
        }
        painter->setBrush(own_look().fill);
        painter->drawRect(area);
        painter->setPen(QPen(theme().ink, 2.4 * theme().zoom));
        painter->drawLine(QLineF(area.left(), pixel_y(box.median), area.right(), pixel_y(box.median)));
        painter->setPen(QPen(own_look().line, 1.3));
        painter->setBrush(Qt::NoBrush);
        double last = INFINITY; // of thousands beyond, one for each pixel
        for (const double value : box.beyond) {
            const double y = pixel_y(value);
            if (std::abs(y - last) >= 0.5) {
                painter->drawEllipse(QPointF(x, y), 2.8, 2.8);
                last = y;
            }
        }
    }
}

std::optional<FigurePlot::Hit> BoxesPlot::hit(const QPointF& at) const {
    for (std::size_t number = 0; number < series().boxes.size(); ++number) {
        const Box& box = series().boxes[number];
        const QRectF area = area_of(number);
        const QString name = name_text(figures().x, box.name);
        for (std::size_t beyond = 0; beyond < box.beyond.size(); ++beyond) {
            const QPointF place(area.center().x(), pixel_y(box.beyond[beyond]));
            if (std::hypot(place.x() - at.x(), place.y() - at.y()) < reach) {
                return Hit{
                    0.5,
                    place,
                    {box.beyond_rows[beyond]},
                    tr("%1, row %2: %3").arg(name).arg(box.beyond_rows[beyond] + 1).arg(y_text(box.beyond[beyond]))};
            }
        }
        const QRectF all(area.left(), pixel_y(box.high_whisker), area.width(),
                         pixel_y(box.low_whisker) - pixel_y(box.high_whisker));
        if (all.adjusted(0, -3, 0, 3).contains(at)) {
            return Hit{
                1.5,
                {area.center().x(), pixel_y(box.median)},
                {},
                tr("%1: n %2, smallest %3, lower quartile %4, median %5, upper quartile %6, largest %7")
                    .arg(name)
                    .arg(box.count)
                    .arg(y_text(box.least), y_text(box.q1), y_text(box.median), y_text(box.q3), y_text(box.greatest))};
        }
    }
    return std::nullopt;
}

void BoxesPlot::paint_chosen(QCPPainter& painter, const RowRanges& rows) const {
    painter.setPen(QPen(theme().stays, 2));
    painter.setBrush(Qt::NoBrush);
    for (std::size_t number = 0; number < series().boxes.size(); ++number) {
        const Box& box = series().boxes[number];
        for (std::size_t at = 0; at < box.beyond.size(); ++at) {
            if (in_ranges(rows, box.beyond_rows[at])) {
                painter.drawEllipse(QPointF(area_of(number).center().x(), pixel_y(box.beyond[at])), 6, 6);
            }
        }
    }
}

std::vector<std::uint32_t> BoxesPlot::rows_in(const QRectF& area) const {
    std::vector<std::uint32_t> rows;
    for (std::size_t number = 0; number < series().boxes.size(); ++number) {
        const Box& box = series().boxes[number];
        for (std::size_t at = 0; at < box.beyond.size(); ++at) {
            if (area.contains(area_of(number).center().x(), pixel_y(box.beyond[at]))) {
                rows.push_back(box.beyond_rows[at]);
            }
        }
    }
    return rows;
}

} // namespace ledgefall
