#include "app/charts/series_look.h"

#include "app/theme/theme.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace ledgefall {
namespace {

constexpr std::size_t looks = 6;

/// By day from water over sand to rose; by lamplight the same, lighter. No two of them are alike in grey, and each has
/// at least three times the contrast to the paper.
QColor colour_of(std::size_t number) {
    static const std::array<QColor, looks> day{QColor(0x14, 0x66, 0x8A), QColor(0xC2, 0x83, 0x30),
                                               QColor(0x33, 0x18, 0x30), QColor(0x52, 0x96, 0x5A),
                                               QColor(0x5B, 0x64, 0x6D), QColor(0x6B, 0x1F, 0x1C)};
    static const std::array<QColor, looks> night{QColor(0x79, 0xC2, 0xDE), QColor(0xD0, 0x8B, 0x36),
                                                 QColor(0x9A, 0x5F, 0x93), QColor(0xDD, 0xF3, 0xDA),
                                                 QColor(0xC3, 0xCA, 0xD1), QColor(0xE0, 0x7F, 0x76)};
    return (is_dark() ? night : day)[number % looks];
}

QPainterPath polygon(std::initializer_list<QPointF> corners) {
    QPainterPath path;
    path.addPolygon(QPolygonF(QList<QPointF>(corners)));
    path.closeSubpath();
    return path;
}

QPainterPath mark_of(std::size_t number) {
    QPainterPath path;
    switch (number % looks) {
    case 0:
        path.addEllipse(QPointF(0, 0), 3.2, 3.2);
        return path;
    case 1:
        return polygon({{0, -4.2}, {4.2, 0}, {0, 4.2}, {-4.2, 0}});
    case 2:
        path.addRect(-3, -3, 6, 6);
        return path;
    case 3:
        return polygon({{0, -4}, {3.8, 3}, {-3.8, 3}});
    case 4:
        return polygon({{-1.2, -4},
                        {1.2, -4},
                        {1.2, -1.2},
                        {4, -1.2},
                        {4, 1.2},
                        {1.2, 1.2},
                        {1.2, 4},
                        {-1.2, 4},
                        {-1.2, 1.2},
                        {-4, 1.2},
                        {-4, -1.2},
                        {-1.2, -1.2}});
    default:
        return polygon({{0, 4}, {3.8, -3}, {-3.8, -3}});
    }
}

} // namespace

QColor ramp_colour(double along) {
    static const std::array<QColor, 5> stops{QColor(0x2B, 0x1B, 0x4A), QColor(0x1B, 0x55, 0x83),
                                             QColor(0x2E, 0x8F, 0x8B), QColor(0xA9, 0xB2, 0x5F),
                                             QColor(0xF4, 0xDE, 0x9C)};
    const double place = std::clamp(is_dark() ? 1 - along : along, 0.0, 1.0) * (stops.size() - 1);
    const auto at = std::min(static_cast<std::size_t>(place), stops.size() - 2);
    const double part = place - static_cast<double>(at);
    const auto mixed = [part](int a, int b) { return static_cast<int>(std::lround(a + part * (b - a))); };
    return {mixed(stops[at].red(), stops[at + 1].red()), mixed(stops[at].green(), stops[at + 1].green()),
            mixed(stops[at].blue(), stops[at + 1].blue())};
}

SeriesLook series_look(std::size_t number) {
    static const std::array<Qt::PenStyle, looks> dashes{Qt::SolidLine,   Qt::DashLine,       Qt::DotLine,
                                                        Qt::DashDotLine, Qt::DashDotDotLine, Qt::SolidLine};
    SeriesLook look;
    look.line = colour_of(number);
    look.fill = look.line;
    look.fill.setAlpha(number == 0 ? 70 : 110);
    look.mark = mark_of(number);
    look.dash = dashes[number % looks];
    look.hollow = number % 2 == 1;
    return look;
}

} // namespace ledgefall
