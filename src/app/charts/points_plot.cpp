#include "app/charts/points_plot.h"

#include "app/theme/theme.h"

#include <cmath>

namespace ledgefall {
namespace {

constexpr std::size_t many_points = 4000; // from here on, one mark for each place
constexpr double point_reach = 9;         // pixels within which a point is under the pointer

/// From values to pixels along one axis, of even or of logarithmic steps.
struct Scale {
    double factor, shift;
    bool logarithmic;
    Scale(const QCPAxis& axis)
        : logarithmic(axis.scaleType() == QCPAxis::stLogarithmic) {
        const QCPRange range = axis.range();
        const double from = axis.coordToPixel(range.lower);
        factor = (axis.coordToPixel(range.upper) - from) / (step(range.upper) - step(range.lower));
        shift = from - factor * step(range.lower);
    }
    double step(double value) const { return logarithmic ? std::log(value) : value; }
    double operator()(double value) const { return shift + factor * step(value); }
};

/// Keeps those corners of a line that show: of neighbours in one column of pixels the first, the lowest, the highest
/// and the last, and no further away than a painter can count.
class Corners {
  public:
    void add(double x, double y) {
        constexpr double far = 30'000;
        const QPointF next(std::clamp(x, -far, far), std::clamp(y, -far, far));
        if (points_.isEmpty() || std::floor(next.x()) != std::floor(last_.x())) {
            flush();
            points_ << next;
            low_ = high_ = next;
        }
        low_ = next.y() < low_.y() ? next : low_;
        high_ = next.y() > high_.y() ? next : high_;
        last_ = next;
    }
    const QList<QPointF>& done() {
        flush();
        return points_;
    }

  private:
    void flush() {
        if (points_.isEmpty()) {
            return;
        }
        for (const QPointF& one : {low_, high_, last_}) {
            if (points_.back() != one) {
                points_ << one;
            }
        }
    }
    QList<QPointF> points_;
    QPointF low_, high_, last_;
};

} // namespace

QCPRange PointsPlot::upwards() const {
    QCPRange range = with_errors(FigurePlot::upwards());
    if (kind_of(series().form).over == SeriesFormKind::Over::classes) {
        range.expand(0.0);
    }
    return range;
}

void PointsPlot::draw(QCPPainter* painter) {
    painter->setAntialiasing(true);
    if (kind_of(series().form).line) {
        draw_line(*painter);
    }
    draw_fit(*painter);
    draw_errors(*painter);
    if (kind_of(series().form).marks) {
        series().x.size() > many_points ? draw_cloud(*painter) : draw_marks(*painter);
    }
}

void PointsPlot::draw_line(QCPPainter& painter) const {
    const SeriesFigures& drawn = series();
    const Scale across(*keyAxis());
    const Scale up(*valueAxis());
    Corners corners;
    if (drawn.rising) { // only what is in the picture, and its neighbours
        const auto [from, to] = std::pair(keyAxis()->range().lower, keyAxis()->range().upper);
        const auto begin = std::lower_bound(drawn.x.begin(), drawn.x.end(), from) - drawn.x.begin();
        const auto end = std::upper_bound(drawn.x.begin(), drawn.x.end(), to) - drawn.x.begin();
        const auto first = static_cast<std::size_t>(std::max<std::ptrdiff_t>(0, begin - 1));
        const auto last = std::min(drawn.x.size(), static_cast<std::size_t>(end) + 1);
        for (std::size_t at = first; at < last; ++at) {
            corners.add(across(drawn.x[at]), up(drawn.y[at]));
        }
    }
    painter.setBrush(Qt::NoBrush);
    painter.setPen(pen_of());
    const QList<QPointF> points = drawn.rising ? corners.done() : path();
    // A line that goes up and down within each pixel is an area: smoothing it would take seconds, and show nothing.
    const bool dense = points.size() > 2 * static_cast<qsizetype>(clipRect().width()) &&
                       !painter.modes().testFlag(QCPPainter::pmVectorized);
    if (dense) {
        painter.setAntialiasing(false);
        painter.setPen(QPen(own_look().line, 1));
    }
    for (qsizetype from = 0; from + 1 < points.size(); from += 200) { // long ones cost more than their parts
        painter.drawPolyline(points.constData() + from,
                             static_cast<int>(std::min<qsizetype>(201, points.size() - from)));
    }
    painter.setAntialiasing(true);
}

/// A line that turns back: all of its corners that are seen apart.
QList<QPointF> PointsPlot::path() const {
    constexpr double apart = 0.3;  // pixels
    constexpr double far = 30'000; // further than which a painter cannot count
    const Scale across(*keyAxis());
    const Scale up(*valueAxis());
    QList<QPointF> points;
    for (std::size_t at = 0; at < series().x.size(); ++at) {
        const QPointF next(std::clamp(across(series().x[at]), -far, far), std::clamp(up(series().y[at]), -far, far));
        if (points.isEmpty() || (next - points.back()).manhattanLength() >= apart) {
            points << next;
        }
    }
    return points;
}

/// Straight on axes of even steps; bent on others, and then drawn by its corners.
void PointsPlot::draw_fit(QCPPainter& painter) const {
    if (!series().fit) {
        return;
    }
    const auto [slope, intercept, corr] = *series().fit;
    const QCPRange range = keyAxis()->range();
    painter.setPen(QPen(own_look().line, 1.4 * theme().zoom, Qt::DashLine));
    const bool straight = keyAxis()->scaleType() == QCPAxis::stLinear && valueAxis()->scaleType() == QCPAxis::stLinear;
    const int corners = straight ? 1 : 200;
    const Scale across(*keyAxis());
    const auto x_at = [&](int corner) {
        const double part = static_cast<double>(corner) / corners;
        const double from = across.step(range.lower);
        const double place = from + part * (across.step(range.upper) - from);
        return across.logarithmic ? std::exp(place) : place;
    };
    for (int corner = 0; corner < corners; ++corner) {
        const double left = x_at(corner);
        const double right = x_at(corner + 1);
        const double y_left = intercept + slope * left;
        const double y_right = intercept + slope * right;
        if (straight || valueAxis()->scaleType() == QCPAxis::stLinear || (y_left > 0 && y_right > 0)) {
            painter.drawLine(QLineF(pixel_x(left), pixel_y(y_left), pixel_x(right), pixel_y(y_right)));
        }
    }
}

void PointsPlot::draw_mark(QCPPainter& painter, const QPointF& at) const {
    painter.translate(at);
    painter.drawPath(own_look().mark);
    painter.translate(-at);
}

void PointsPlot::draw_marks(QCPPainter& painter) const {
    painter.setPen(QPen(own_look().line, 1.2));
    painter.setBrush(own_look().hollow ? QBrush(theme().paper) : QBrush(own_look().line));
    const QRectF shown = QRectF(clipRect()).adjusted(-8, -8, 8, 8);
    for (std::size_t at = 0; at < series().x.size(); ++at) {
        const QPointF place(pixel_x(series().x[at]), pixel_y(series().y[at]));
        if (shown.contains(place)) {
            draw_mark(painter, place);
        }
    }
}

/// Counts how many points fall on each place, then draws each place that has any: darker where there are more, and
/// never so light that a single one is overlooked.
void PointsPlot::draw_cloud(QCPPainter& painter) const {
    const QRect area = clipRect();
    const double fineness = painter.modes().testFlag(QCPPainter::pmVectorized) ? 2.0 : 1.0; // places in a pixel
    const auto wide = static_cast<std::ptrdiff_t>(area.width() * fineness) + 1;
    const auto high = static_cast<std::ptrdiff_t>(area.height() * fineness) + 1;
    std::vector<std::uint8_t> counts(static_cast<std::size_t>(wide * high));
    const Scale across(*keyAxis());
    const Scale up(*valueAxis());
    const SeriesFigures& drawn = series();
    const double* x = drawn.x.data();
    const double* y = drawn.y.data();
    const double x_factor = across.factor * fineness;
    const double x_shift = (across.shift - area.left()) * fineness;
    const double y_factor = up.factor * fineness;
    const double y_shift = (up.shift - area.top()) * fineness;
    const auto width = static_cast<double>(wide);
    const auto height = static_cast<double>(high);
    for (std::size_t at = 0; at < drawn.x.size(); ++at) {
        const double column = x_shift + x_factor * across.step(x[at]);
        const double row = y_shift + y_factor * up.step(y[at]);
        if (column >= 0 && column < width && row >= 0 && row < height) {
            std::uint8_t& count = counts[static_cast<std::size_t>(static_cast<std::ptrdiff_t>(row) * wide +
                                                                  static_cast<std::ptrdiff_t>(column))];
            count = static_cast<std::uint8_t>(count + (count < 255 ? 1 : 0));
        }
    }
    std::size_t places = 0;
    for (const std::uint8_t count : counts) {
        places += count > 0 ? 1 : 0;
    }
    if (places <= many_points) {
        painter.setPen(QPen(own_look().line, 1.2));
        painter.setBrush(own_look().hollow ? QBrush(theme().paper) : QBrush(own_look().line));
        for (std::ptrdiff_t row = 0; row < high; ++row) {
            for (std::ptrdiff_t column = 0; column < wide; ++column) {
                if (counts[static_cast<std::size_t>(row * wide + column)] > 0) {
                    draw_mark(painter, {area.left() + static_cast<double>(column) / fineness,
                                        area.top() + static_cast<double>(row) / fineness});
                }
            }
        }
        return;
    }
    QImage picture(static_cast<int>(wide), static_cast<int>(high), QImage::Format_ARGB32_Premultiplied);
    picture.fill(Qt::transparent);
    const QColor colour = own_look().line;
    std::array<QRgb, 256> tints{};
    for (std::size_t count = 1; count < tints.size(); ++count) {
        const int alpha = static_cast<int>(std::min<std::size_t>(255, 130 + 25 * count));
        tints[count] = qPremultiply(qRgba(colour.red(), colour.green(), colour.blue(), alpha));
    }
    for (std::ptrdiff_t row = 0; row < high; ++row) {
        auto* line = reinterpret_cast<QRgb*>(picture.scanLine(static_cast<int>(row)));
        auto* below = row + 1 < high ? reinterpret_cast<QRgb*>(picture.scanLine(static_cast<int>(row) + 1)) : nullptr;
        for (std::ptrdiff_t column = 0; column < wide; ++column) {
            const std::uint8_t count = counts[static_cast<std::size_t>(row * wide + column)];
            if (count == 0) {
                continue;
            }
            const QRgb tint = tints[count]; // a dot of two by two, of which the darkest wins
            for (QRgb* part : {line, below}) {
                for (std::ptrdiff_t step = 0; step < 2 && part != nullptr && column + step < wide; ++step) {
                    QRgb& pixel = part[column + step];
                    pixel = qAlpha(pixel) < qAlpha(tint) ? tint : pixel;
                }
            }
        }
    }
    painter.drawImage(QRectF(area.left(), area.top(), width / fineness, height / fineness), picture);
}

std::optional<FigurePlot::Hit> PointsPlot::hit(const QPointF& at) const {
    const SeriesFigures& drawn = series();
    const Scale across(*keyAxis());
    const Scale up(*valueAxis());
    double nearest = point_reach * point_reach;
    std::optional<std::size_t> match;
    for (std::size_t point = 0; point < drawn.x.size(); ++point) {
        const double dx = across(drawn.x[point]) - at.x();
        const double dy = up(drawn.y[point]) - at.y();
        const double distance = dx * dx + dy * dy;
        if (distance < nearest) {
            nearest = distance;
            match = point;
        }
    }
    if (!match) {
        return std::nullopt;
    }
    Hit hit{std::sqrt(nearest), {across(drawn.x[*match]), up(drawn.y[*match])}, {}, place_described(*match)};
    if (drawn.rows[*match] != no_row) {
        hit.rows.push_back(drawn.rows[*match]);
    }
    return hit;
}

void PointsPlot::paint_chosen(QCPPainter& painter, const RowRanges& rows) const {
    constexpr std::size_t most_rings = 20'000;
    const Scale across(*keyAxis());
    const Scale up(*valueAxis());
    const QRectF shown = QRectF(clipRect()).adjusted(-8, -8, 8, 8);
    painter.setPen(QPen(theme().stays, 2));
    painter.setBrush(Qt::NoBrush);
    std::size_t rings = 0;
    for (std::size_t at = 0; at < series().x.size() && rings < most_rings; ++at) {
        const QPointF place(across(series().x[at]), up(series().y[at]));
        if (in_ranges(rows, series().rows[at]) && shown.contains(place)) {
            painter.drawEllipse(place, 6.5, 6.5);
            ++rings;
        }
    }
}

} // namespace ledgefall
