#pragma once

#include <QColor>
#include <QPainterPath>

namespace ledgefall {

/// How one of several series looks: they differ in colour, in how light they are, in their marks and in their dashes,
/// so that they are told apart in grey and by eyes that take some colours for each other.
struct SeriesLook {
    QColor line, fill;
    QPainterPath mark; ///< around the origin, some seven units wide
    Qt::PenStyle dash = Qt::SolidLine;
    bool hollow = false; ///< the mark is only outlined
};

SeriesLook series_look(std::size_t number);

/// The colour of a value that lies so far from the least (0) to the greatest (1): from dark to light over water and
/// sand by day, the other way round by lamplight, so that it holds up in grey and for eyes that take red for green.
QColor ramp_colour(double along);

} // namespace ledgefall
