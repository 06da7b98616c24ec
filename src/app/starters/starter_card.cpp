#include "app/starters/starter_card.h"

#include "app/theme/theme.h"

#include <QPainter>

namespace ledgefall {

StarterCard::StarterCard(const Starter& starter, QWidget* parent)
    : QAbstractButton(parent)
    , starter_(starter) {
    setText(starter.title);
    setAccessibleName(tr("Starter: %1").arg(starter.title));
    setAccessibleDescription(starter.note);
    setToolTip(starter.note);
    setFocusPolicy(Qt::StrongFocus);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

QSize StarterCard::sizeHint() const {
    return {theme().px(230), theme().px(166)};
}

void StarterCard::paintEvent(QPaintEvent*) {
    const Theme& in_use = theme();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF face = QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5);
    painter.setBrush(underMouse() || isDown() ? in_use.follows_wash : in_use.paper);
    painter.setPen(QPen(hasFocus() ? in_use.follows : in_use.stone_edge, hasFocus() ? 2 : 1));
    painter.drawRect(face);
    const int inset = in_use.px(10);
    const QRect picture(inset, inset, width() - 2 * inset, in_use.px(78));
    const bool curve = !starter_.curve.isEmpty();
    const QRect table_room = curve ? picture.adjusted(0, 0, -picture.width() * 2 / 5, 0) : picture;
    paint_table(painter, table_room);
    if (curve) {
        paint_curve(painter, QRect(table_room.right() + inset, picture.top(),
                                   picture.right() - table_room.right() - inset, picture.height()));
    }
    painter.setPen(in_use.ink);
    painter.setFont(in_use.text(10.5, true));
    const int under = picture.bottom() + in_use.px(6);
    const int line = QFontMetrics(painter.font()).height();
    painter.drawText(QRect(inset, under, width() - 2 * inset, line), Qt::AlignLeft | Qt::AlignVCenter,
                     QFontMetrics(painter.font()).elidedText(starter_.title, Qt::ElideRight, width() - 2 * inset));
    painter.setFont(in_use.text(8.5));
    painter.setPen(in_use.faint_ink);
    painter.drawText(QRect(inset, under + line, width() - 2 * inset, height() - under - line - in_use.px(4)),
                     Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap,
                     starter_.note.section(QStringLiteral(". "), 0, 0));
}

/// Headings and the first rows, with the line under which the computed ones stand.
void StarterCard::paint_table(QPainter& painter, const QRect& room) const {
    const Theme& in_use = theme();
    if (starter_.columns.isEmpty()) {
        return;
    }
    painter.save();
    painter.setClipRect(room);
    const QFont small = in_use.text(7.5);
    const QFont heading = in_use.text(7.5, true);
    const int line = QFontMetrics(small).height() + 1;
    const int columns =
        std::min<int>(static_cast<int>(starter_.columns.size()), std::max(2, room.width() / in_use.px(52)));
    const int wide = room.width() / columns;
    for (int at = 0; at < columns; ++at) {
        const Starter::Column& column = starter_.columns[at];
        const int x = room.left() + at * wide;
        const int text_width = wide - in_use.px(6);
        painter.setFont(heading);
        painter.setPen(in_use.ink);
        painter.drawText(QRect(x, room.top(), text_width, line), Qt::AlignRight | Qt::AlignVCenter,
                         QFontMetrics(heading).elidedText(column.heading, Qt::ElideRight, text_width));
        painter.setPen(QPen(column.computed ? in_use.follows : in_use.rule, column.computed ? 2 : 1));
        painter.drawLine(x + 2, room.top() + line + 1, x + wide - 4, room.top() + line + 1);
        painter.setFont(small);
        painter.setPen(in_use.ink);
        for (int row = 0; row < column.cells.size(); ++row) {
            painter.drawText(QRect(x, room.top() + (row + 1) * line + 3, text_width, line),
                             Qt::AlignRight | Qt::AlignVCenter,
                             QFontMetrics(small).elidedText(column.cells[row], Qt::ElideRight, text_width));
        }
    }
    painter.restore();
}

void StarterCard::paint_curve(QPainter& painter, const QRect& room) const {
    const Theme& in_use = theme();
    painter.setPen(in_use.faint_ink);
    painter.drawLine(room.topLeft(), room.bottomLeft());
    painter.drawLine(room.bottomLeft(), room.bottomRight());
    QPolygonF points;
    for (const QPointF& point : starter_.curve) {
        points << QPointF(room.left() + 3 + point.x() * (room.width() - 6),
                          room.bottom() - 3 - point.y() * (room.height() - 8));
    }
    painter.setPen(QPen(in_use.follows, 1.5));
    painter.drawPolyline(points);
}

void StarterCard::enterEvent(QEnterEvent* event) {
    update();
    QAbstractButton::enterEvent(event);
}

void StarterCard::leaveEvent(QEvent* event) {
    update();
    QAbstractButton::leaveEvent(event);
}

} // namespace ledgefall
