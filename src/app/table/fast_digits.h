#pragma once

#include <QRect>
#include <QString>

class QPainter;

namespace ledgefall {

/// Draws a number at the right of a rectangle, in the painter's pen and the letters of the theme at their usual size.
/// Figures are of one width and need no shaping, which is most of what drawing a text costs: a full window of them is
/// drawn in a few milliseconds. False where it holds other letters, or does not fit: then nothing has been drawn.
bool draw_digits(QPainter& painter, const QRect& rect, const QString& text);

} // namespace ledgefall
