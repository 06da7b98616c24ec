#include "app/charts/grid_plot.h"

#include "app/theme/theme.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace ledgefall {

GridPlot::GridPlot(QCPAxis* x, QCPAxis* y, FiguresPtr figures, std::size_t series_number)
    : FigurePlot(x, y, std::move(figures), series_number)
    , column_limits_(limits_of(grid().columns, series().x))
    , row_limits_(limits_of(grid().rows, series().y)) {
    if (!kind_of(series().form).by_colour) {
        for (const double level : contour_levels(grid())) {
            contours_.push_back({level, contour_segments(grid(), level)});
        }
        return;
    }
    shades_.reserve(grid().cells.size());
    for (const double cell : grid().cells) {
        shades_.push_back(std::isfinite(cell) ? static_cast<std::uint8_t>(1 + std::lround(along(cell) * 254)) : 0);
    }
}

std::vector<double> GridPlot::limits_of(const std::vector<double>& places, const std::vector<double>& ends) {
    std::vector<double> limits{ends.front()};
    for (std::size_t at = 1; at < places.size(); ++at) {
        limits.push_back((places[at - 1] + places[at]) / 2);
    }
    limits.push_back(ends.back());
    return limits;
}

double GridPlot::along(double value) const {
    const double span = grid().greatest - grid().least;
    return span > 0 ? (value - grid().least) / span : 0.5;
}

QString GridPlot::legend_text() const {
    return tr("%1, from %2 to %3").arg(series_text(series()), y_text(grid().least), y_text(grid().greatest));
}

void GridPlot::drawLegendIcon(QCPPainter* painter, const QRectF& rect) const {
    const QRectF area = rect.adjusted(1, 3, -1, -3);
    QLinearGradient ramp(area.topLeft(), area.topRight());
    constexpr int stops = 8;
    for (int stop = 0; stop <= stops; ++stop) {
        const double at = static_cast<double>(stop) / stops;
        ramp.setColorAt(at, ramp_colour(at));
    }
    painter->setPen(QPen(theme().ink, 1));
    painter->setBrush(ramp);
    painter->drawRect(area);
}

void GridPlot::draw(QCPPainter* painter) {
    if (kind_of(series().form).by_colour) {
        draw_heat(*painter);
    } else {
        draw_contours(*painter);
    }
}

namespace {

/// Which of the places each pixel from `from` on belongs to; −1 beyond them.
std::vector<std::ptrdiff_t> places_of_pixels(const QCPAxis& axis, const std::vector<double>& limits, int from,
                                             int count) {
    std::vector<std::ptrdiff_t> places(static_cast<std::size_t>(count), -1);
    for (int pixel = 0; pixel < count; ++pixel) {
        const double value = axis.pixelToCoord(from + pixel + 0.5);
        if (value >= limits.front() && value < limits.back()) {
            places[static_cast<std::size_t>(pixel)] =
                std::upper_bound(limits.begin(), limits.end(), value) - limits.begin() - 1;
        }
    }
    return places;
}

} // namespace

void GridPlot::draw_heat(QCPPainter& painter) const {
    const QRect area = clipRect();
    const auto columns = places_of_pixels(*keyAxis(), column_limits_, area.left(), area.width());
    const auto rows = places_of_pixels(*valueAxis(), row_limits_, area.top(), area.height());
    std::array<QRgb, 256> tints{};
    for (std::size_t shade = 1; shade < tints.size(); ++shade) {
        tints[shade] = ramp_colour(static_cast<double>(shade - 1) / 254).rgba();
    }
    QImage picture(area.size(), QImage::Format_ARGB32_Premultiplied);
    picture.fill(Qt::transparent);
    const auto wide = static_cast<std::ptrdiff_t>(grid().columns.size());
    for (int y = 0; y < area.height(); ++y) {
        const std::ptrdiff_t row = rows[static_cast<std::size_t>(y)];
        auto* line = reinterpret_cast<QRgb*>(picture.scanLine(y));
        for (int x = 0; row >= 0 && x < area.width(); ++x) {
            const std::ptrdiff_t column = columns[static_cast<std::size_t>(x)];
            line[x] = column < 0 ? 0 : tints[shades_[static_cast<std::size_t>(row * wide + column)]];
        }
    }
    painter.drawImage(area.topLeft(), picture);
}

/// Each line has its value where it is nearest to the middle of the picture, on a piece of paper.
void GridPlot::draw_contours(QCPPainter& painter) const {
    painter.setAntialiasing(true);
    const QPointF middle = QRectF(clipRect()).center();
    struct Label {
        QPointF at;
        double level;
    };
    std::vector<Label> labels;
    for (const Contour& contour : contours_) {
        painter.setPen(QPen(ramp_colour(0.85 * along(contour.level)), 1.5 * theme().zoom));
        std::optional<QPointF> nearest;
        for (const ContourSegment& part : contour.segments) {
            const QPointF from(pixel_x(part.from.first), pixel_y(part.from.second));
            const QPointF to(pixel_x(part.to.first), pixel_y(part.to.second));
            painter.drawLine(from, to);
            const QPointF at = (from + to) / 2;
            const bool free = std::none_of(labels.begin(), labels.end(), [&at](const Label& other) {
                return (other.at - at).manhattanLength() < theme().px(40);
            });
            if (free && (!nearest || (at - middle).manhattanLength() < (*nearest - middle).manhattanLength())) {
                nearest = at;
            }
        }
        if (nearest) {
            labels.push_back({*nearest, contour.level});
        }
    }
    painter.setFont(theme().text(8.5));
    const QFontMetricsF metrics(painter.font());
    for (const Label& label : labels) {
        const QString text = y_text(label.level);
        QRectF box(0, 0, metrics.horizontalAdvance(text) + 6, metrics.height());
        box.moveCenter(label.at);
        painter.fillRect(box, theme().paper);
        painter.setPen(theme().ink);
        painter.drawText(box, Qt::AlignCenter, text);
    }
}

std::optional<FigurePlot::Hit> GridPlot::hit(const QPointF& at) const {
    const double x = keyAxis()->pixelToCoord(at.x());
    const double y = valueAxis()->pixelToCoord(at.y());
    const bool inside =
        x >= column_limits_.front() && x < column_limits_.back() && y >= row_limits_.front() && y < row_limits_.back();
    if (!inside) {
        return std::nullopt;
    }
    const auto place = [](const std::vector<double>& limits, double value) {
        return static_cast<std::size_t>(std::upper_bound(limits.begin(), limits.end(), value) - limits.begin() - 1);
    };
    const std::size_t column = place(column_limits_, x);
    const std::size_t row = place(row_limits_, y);
    const double cell = grid().cells[row * grid().columns.size() + column];
    const QString text =
        tr("%1 %2, %3 %4: %5")
            .arg(QString::fromStdString(figures().y.title), axis_text(figures().y, grid().rows[row]),
                 QString::fromStdString(figures().x.title), axis_text(figures().x, grid().columns[column]),
                 std::isfinite(cell) ? y_text(cell) : tr("not a number"));
    return Hit{2, {pixel_x(grid().columns[column]), pixel_y(grid().rows[row])}, {}, text};
}

} // namespace ledgefall
