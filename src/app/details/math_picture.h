#pragma once

#include "core/authoring/marks.h"
#include "core/formula/mathematics.h"

#include <QColor>
#include <QPainterPath>
#include <QString>

#include <vector>

class QPainter;

namespace ledgefall {

/// A formula set as mathematics: fractions, roots, powers, bars, sums. Laid out once, painted as often as wanted. What
/// stays and what follows have their colours, and what stays its underline.
class MathPicture {
  public:
    MathPicture() = default;
    /// `marks` are those of the formula's characters; `points` is the size of its letters. A row that is wider than
    /// `width` is broken before an operator.
    MathPicture(const Mathematics& math, std::vector<Mark> marks, double points, double width);

    double width() const { return whole_.width; }
    double height() const { return whole_.up + whole_.down; }
    double up() const { return whole_.up; } ///< from the top to the line on which the letters stand
    /// Paints with the top left corner at `at`.
    void paint(QPainter& painter, QPointF at) const;

  private:
    struct Letters {
        QPointF at;
        QString text;
        double points;
        bool italic;
        QColor colour;
        bool underlined;
    };
    struct Stroke {
        QPainterPath path;
        double width;
    };
    struct Box {
        double width = 0, up = 0, down = 0; ///< up and down from the line on which the letters stand
        std::vector<Letters> letters;
        std::vector<Stroke> strokes;
        void put(const Box& other, double x, double y); ///< draws the other with its line's begin at (x, y)
    };

    Box lay(const Mathematics& math, double points) const;
    Box row(const Mathematics& math, double points) const;
    Box broken(const Mathematics& math, double points, double width) const;
    Box letters(const Mathematics& math, double points) const;
    Box fraction(const Mathematics& math, double points) const;
    Box root(const Mathematics& math, double points) const;
    Box beside(const Mathematics& math, double points, bool raised) const;
    Box bars(const Mathematics& math, double points) const;
    Box overline(const Mathematics& math, double points) const;
    Box brackets(const Mathematics& math, double points) const;
    Box large(const Mathematics& math, double points) const;
    Box cases(const Mathematics& math, double points) const;
    const Mark* mark_of(Span span) const;

    std::vector<Mark> marks_;
    Box whole_;
};

} // namespace ledgefall
