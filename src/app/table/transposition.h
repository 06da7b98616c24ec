#pragma once

#include <QRect>
#include <QTransform>

namespace ledgefall {

/// What is painted for a table whose rows run down is painted for one that is laid across by exchanging both
/// directions of the painter and of the rectangles that it paints in.
inline const QTransform transposition(0, 1, 1, 0, 0, 0);
inline QRect transposed(const QRect& rect) {
    return {rect.y(), rect.x(), rect.height(), rect.width()};
}

} // namespace ledgefall
