#include "app/details/math_picture.h"

#include "app/numbers/formula_text.h"
#include "app/theme/theme.h"

#include <QFontMetricsF>
#include <QPainter>

#include <algorithm>
#include <functional>

namespace ledgefall {
namespace {

using Form = Mathematics::Form;

constexpr double smaller = 0.78; ///< an index or exponent, beside its base
constexpr double least_points = 6.5;
constexpr double close_below = 9.0;

QFont font_of(double points, bool italic) {
    QFont font = theme().text(points);
    font.setItalic(italic);
    return font;
}

double reduced(double points) {
    return std::max(least_points, points * smaller);
}

/// The middle of small letters, on which fraction bars and signs lie.
double axis_of(double points) {
    return QFontMetricsF(theme().text(points)).xHeight() * 0.55;
}

QPainterPath line(double x1, double y1, double x2, double y2) {
    QPainterPath path(QPointF(x1, y1));
    path.lineTo(x2, y2);
    return path;
}

} // namespace

void MathPicture::Box::put(const Box& other, double x, double y) {
    for (Letters one : other.letters) {
        one.at += QPointF(x, y);
        letters.push_back(std::move(one));
    }
    for (Stroke one : other.strokes) {
        one.path.translate(x, y);
        strokes.push_back(std::move(one));
    }
    width = std::max(width, x + other.width);
    up = std::max(up, other.up - y);
    down = std::max(down, other.down + y);
}

MathPicture::MathPicture(const Mathematics& math, std::vector<Mark> marks, double points, double width)
    : marks_(std::move(marks)) {
    whole_ = lay(math, points);
    if (whole_.width > width) {
        whole_ = broken(math, points, width);
    }
    constexpr double least = 7; // what still is read; a fraction cannot be broken, only made smaller
    while (whole_.width > width && points > least) {
        points -= 0.5;
        whole_ = broken(math, points, width);
    }
}

const Mark* MathPicture::mark_of(Span span) const {
    const Mark* its_mark = nullptr;
    for (const Mark& mark : marks_) {
        const bool inside = span.to > span.from && mark.span.from <= span.from && span.to <= mark.span.to;
        if (inside &&
            (its_mark == nullptr || mark.span.to - mark.span.from <= its_mark->span.to - its_mark->span.from)) {
            its_mark = &mark;
        }
    }
    return its_mark;
}

MathPicture::Box MathPicture::lay(const Mathematics& math, double points) const {
    switch (math.form) {
    case Form::row:
        return row(math, points);
    case Form::name:
    case Form::number:
    case Form::word:
    case Form::sign:
    case Form::mark:
        return letters(math, points);
    case Form::fraction:
        return fraction(math, points);
    case Form::root:
        return root(math, points);
    case Form::raised:
        return beside(math, points, true);
    case Form::lowered:
        return beside(math, points, false);
    case Form::bars:
        return bars(math, points);
    case Form::overline:
        return overline(math, points);
    case Form::brackets:
        return brackets(math, points);
    case Form::large:
        return large(math, points);
    case Form::cases:
        return cases(math, points);
    }
    return {};
}

MathPicture::Box MathPicture::letters(const Mathematics& math, double points) const {
    const bool italic = math.form == Form::name;
    const QString text = QString::fromStdString(math.text);
    const QFontMetricsF metrics(font_of(points, italic));
    const bool apart = math.form == Form::sign || math.form == Form::word;
    const double space = metrics.horizontalAdvance(u' ');
    // An empty sign is the gap between two words; in an index or exponent signs stand close.
    const double room = !apart ? 0 : text.isEmpty() ? space / 2 : points < close_below ? space * 0.3 : space;
    Box box;
    box.up = metrics.ascent();
    box.down = metrics.descent();
    box.width = metrics.horizontalAdvance(text) + 2 * room + (text == QStringLiteral(",") ? points * 0.3 : 0);
    const Mark* mark = mark_of(math.span);
    const bool stays = mark != nullptr && mark->manner == Manner::stays;
    const QColor colour = mark == nullptr ? theme().ink : colour_of(mark->manner);
    box.letters.push_back({{room, 0}, text, points, italic, colour, stays});
    return box;
}

MathPicture::Box MathPicture::row(const Mathematics& math, double points) const {
    Box box;
    for (const Mathematics& part : math.parts) {
        box.put(lay(part, points), box.width, 0);
    }
    return box;
}

/// A row that is too wide, in several lines that begin with an operator; brackets that no line could hold are broken
/// inside.
MathPicture::Box MathPicture::broken(const Mathematics& math, double points, double width) const {
    std::vector<Mathematics> parts;
    const std::function<void(const Mathematics&)> flatten = [&](const Mathematics& one) {
        if (one.form == Form::brackets && lay(one, points).width > width - points) {
            parts.push_back({Form::mark, "(", {}, {}});
            flatten(one.parts[0]);
            parts.push_back({Form::mark, ")", {}, {}});
            return;
        }
        if (one.form != Form::row) {
            parts.push_back(one);
            return;
        }
        for (const Mathematics& part : one.parts) {
            flatten(part);
        }
    };
    flatten(math);
    std::vector<Box> lines(1);
    const double indent = points;
    for (std::size_t at = 0; at < parts.size();) {
        Box piece; // up to the next operator
        do {
            piece.put(lay(parts[at], points), piece.width, 0);
            ++at;
        } while (at < parts.size() && parts[at].form != Form::sign &&
                 !(parts[at].form == Form::word && at + 1 < parts.size() && parts[at].text == "where"));
        if (lines.back().width > 0 && lines.back().width + piece.width > width) {
            lines.emplace_back();
            lines.back().width = indent;
        }
        lines.back().put(piece, lines.back().width, 0);
    }
    Box box = lines.front();
    for (std::size_t at = 1; at < lines.size(); ++at) {
        box.put(lines[at], 0, box.down + lines[at].up + points * 0.25);
    }
    return box;
}

MathPicture::Box MathPicture::fraction(const Mathematics& math, double points) const {
    const Box over = lay(math.parts[0], std::max(least_points, points * 0.94));
    const Box under = lay(math.parts[1], std::max(least_points, points * 0.94));
    const double side = points * 0.25;
    const double gap = points * 0.18;
    const double axis = axis_of(points);
    Box box;
    const double width = std::max(over.width, under.width) + 2 * side;
    box.put(over, (width - over.width) / 2, -axis - gap - over.down);
    box.put(under, (width - under.width) / 2, -axis + gap + under.up);
    box.strokes.push_back({line(side * 0.4, -axis, width - side * 0.4, -axis), points / 11});
    box.width = width + side * 0.4;
    return box;
}

MathPicture::Box MathPicture::root(const Mathematics& math, double points) const {
    const Box inside = lay(math.parts[0], points);
    const double gap = points * 0.2;
    const double hook = points * 0.75;
    double left = 0;
    Box box;
    if (math.parts.size() > 1) {
        const Box degree = lay(math.parts[1], reduced(reduced(points)));
        box.put(degree, 0, -inside.up * 0.45);
        left = std::max(0.0, degree.width - hook * 0.35);
    }
    const double top = -inside.up - gap;
    QPainterPath path(QPointF(left, -inside.up * 0.28));
    path.lineTo(left + hook * 0.22, -inside.up * 0.36);
    path.lineTo(left + hook * 0.5, inside.down * 0.9);
    path.lineTo(left + hook * 0.95, top);
    path.lineTo(left + hook + inside.width + gap, top);
    box.put(inside, left + hook, 0);
    box.strokes.push_back({path, points / 11});
    box.width = left + hook + inside.width + gap * 1.5;
    box.up = std::max(box.up, -top + points * 0.1);
    return box;
}

MathPicture::Box MathPicture::beside(const Mathematics& math, double points, bool raised) const {
    Box box = lay(math.parts[0], points);
    const Box small = lay(math.parts[1], reduced(points));
    const double shift = raised ? -std::max(points * 0.42, box.up - small.up * 0.75) : points * 0.28 + box.down * 0.2;
    box.put(small, box.width + points * 0.06, shift);
    return box;
}

MathPicture::Box MathPicture::bars(const Mathematics& math, double points) const {
    const Box inside = lay(math.parts[0], points);
    const double side = points * 0.3;
    Box box;
    box.put(inside, side, 0);
    box.width = inside.width + 2 * side;
    for (const double x : {side * 0.45, box.width - side * 0.45}) {
        box.strokes.push_back({line(x, -inside.up * 0.92, x, inside.down * 0.9), points / 11});
    }
    return box;
}

MathPicture::Box MathPicture::overline(const Mathematics& math, double points) const {
    Box box = lay(math.parts[0], points);
    const double height = QFontMetricsF(theme().text(points)).xHeight() * 1.45;
    const double top = std::max(height, box.up * (math.parts[0].form == Form::name ? 0.0 : 1.0));
    box.strokes.push_back({line(points * 0.05, -top, box.width, -top), points / 11});
    box.up = std::max(box.up, top + points * 0.1);
    return box;
}

MathPicture::Box MathPicture::brackets(const Mathematics& math, double points) const {
    const Box inside = lay(math.parts[0], points);
    const double deep = points * 0.24;
    const double side = points * 0.38;
    const double top = -inside.up * 0.95;
    const double bottom = std::max(inside.down * 0.95, points * 0.18);
    const double middle = (top + bottom) / 2;
    Box box;
    box.put(inside, side, 0);
    box.width = inside.width + 2 * side;
    QPainterPath left(QPointF(side * 0.85, top));
    left.quadTo(side * 0.85 - deep * 1.6, middle, side * 0.85, bottom);
    QPainterPath right(QPointF(box.width - side * 0.85, top));
    right.quadTo(box.width - side * 0.85 + deep * 1.6, middle, box.width - side * 0.85, bottom);
    box.strokes.push_back({left, points / 11});
    box.strokes.push_back({right, points / 11});
    box.up = std::max(box.up, -top);
    box.down = std::max(box.down, bottom);
    return box;
}

MathPicture::Box MathPicture::large(const Mathematics& math, double points) const {
    Mathematics sign{Form::number, math.text, {}, {}};
    Box symbol = letters(sign, points * 1.45);
    symbol.letters.front().at.ry() += points * 0.12;
    std::vector<Box> limits;
    for (std::size_t at = 1; at < math.parts.size(); ++at) {
        limits.push_back(lay(math.parts[at], reduced(points)));
    }
    double width = symbol.width;
    for (const Box& limit : limits) {
        width = std::max(width, limit.width);
    }
    Box box;
    box.put(symbol, (width - symbol.width) / 2, 0);
    if (!limits.empty()) {
        box.put(limits[0], (width - limits[0].width) / 2, symbol.down + limits[0].up * 0.85);
    }
    if (limits.size() > 1) {
        box.put(limits[1], (width - limits[1].width) / 2, -symbol.up * 0.85 - limits[1].down);
    }
    box.put(lay(math.parts[0], points), width + points * 0.18, 0);
    return box;
}

MathPicture::Box MathPicture::cases(const Mathematics& math, double points) const {
    const double gap = points * 0.35;
    std::vector<Box> values;
    std::vector<Box> conditions;
    double first = 0;
    for (std::size_t at = 0; at < math.parts.size(); ++at) {
        Box part = lay(math.parts[at], points * 0.95);
        first = at % 2 == 0 ? std::max(first, part.width) : first;
        (at % 2 == 0 ? values : conditions).push_back(std::move(part));
    }
    Box lines;
    double y = 0;
    for (std::size_t at = 0; at < values.size(); ++at) {
        const double up = std::max(values[at].up, conditions[at].up);
        y += up;
        lines.put(values[at], 0, y);
        lines.put(conditions[at], first + points * 0.6, y);
        y += std::max(values[at].down, conditions[at].down) + gap;
    }
    const double height = y - gap;
    const double axis = axis_of(points);
    const double top = -axis - height / 2;
    const double side = points * 0.7;
    Box box;
    box.put(lines, side, top);
    box.up = -top;
    box.down = height + top;
    const double x = side * 0.55;
    QPainterPath brace(QPointF(x + side * 0.25, top));
    brace.quadTo(x, top, x, top + height * 0.25);
    brace.quadTo(x, top + height / 2, x - side * 0.35, top + height / 2);
    brace.quadTo(x, top + height / 2, x, top + height * 0.75);
    brace.quadTo(x, top + height, x + side * 0.25, top + height);
    box.strokes.push_back({brace, points / 11});
    return box;
}

void MathPicture::paint(QPainter& painter, QPointF at) const {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.translate(at + QPointF(0, whole_.up));
    for (const Letters& one : whole_.letters) {
        painter.setFont(font_of(one.points, one.italic));
        painter.setPen(one.colour);
        painter.drawText(one.at, one.text);
        if (one.underlined) { // what stays stands on its ledge
            const QFontMetricsF metrics(painter.font());
            painter.setPen(QPen(theme().stone_edge, std::max(1.0, one.points / 11)));
            const double y = one.at.y() + metrics.underlinePos() + 1;
            painter.drawLine(QPointF(one.at.x(), y), QPointF(one.at.x() + metrics.horizontalAdvance(one.text), y));
        }
    }
    for (const Stroke& stroke : whole_.strokes) {
        painter.setPen(
            QPen(theme().ink, std::max(1.0, stroke.width * 1.15), Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        painter.setBrush(Qt::NoBrush);
        painter.drawPath(stroke.path);
    }
    painter.restore();
}

} // namespace ledgefall
