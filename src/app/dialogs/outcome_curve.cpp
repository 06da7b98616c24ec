#include "app/dialogs/outcome_curve.h"

#include "app/numbers/locale_text.h"
#include "app/theme/theme.h"

#include <QPainter>
#include <QPainterPath>

#include <algorithm>

namespace ledgefall {
namespace {

constexpr int margin = 14;

} // namespace

OutcomeCurve::OutcomeCurve(QWidget* parent)
    : QWidget(parent) {
    setMinimumHeight(theme().px(150));
    setAccessibleName(tr("Outcome of each value"));
}

QSize OutcomeCurve::sizeHint() const {
    return {theme().px(460), theme().px(180)};
}

void OutcomeCurve::show_curve(std::vector<Point> points, double wanted, std::optional<double> found) {
    points_ = std::move(points);
    wanted_ = wanted;
    found_ = found;
    lowest_ = highest_ = wanted;
    for (const Point& point : points_) {
        lowest_ = std::min(lowest_, point.outcome);
        highest_ = std::max(highest_, point.outcome);
    }
    setAccessibleDescription(points_.empty() ? QString()
                                             : tr("from %1 to %2").arg(field_text(lowest_), field_text(highest_)));
    update();
}

QPointF OutcomeCurve::place_of(const Point& point) const {
    const double width_of_all = points_.back().at - points_.front().at;
    const double height_of_all = highest_ - lowest_;
    const double across = width_of_all == 0 ? 0.5 : (point.at - points_.front().at) / width_of_all;
    const double up = height_of_all == 0 ? 0.5 : (point.outcome - lowest_) / height_of_all;
    return {margin + across * (width() - 2 * margin), height() - margin - up * (height() - 2 * margin)};
}

void OutcomeCurve::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), theme().paper);
    if (points_.empty()) {
        return;
    }
    painter.setPen(QPen(theme().stays, 1.5, Qt::DashLine));
    const double level = place_of({points_.front().at, wanted_}).y();
    painter.drawLine(QPointF(margin, level), QPointF(width() - margin, level));
    QPainterPath path(place_of(points_.front()));
    for (const Point& point : points_) {
        path.lineTo(place_of(point));
    }
    painter.setPen(QPen(theme().follows, 2));
    painter.drawPath(path);
    if (found_) {
        const QPointF at = place_of({*found_, wanted_});
        painter.setPen(QPen(theme().ink, 1));
        painter.drawLine(at, QPointF(at.x(), height() - margin));
        painter.setBrush(theme().stays);
        painter.drawEllipse(at, 4, 4);
    }
    painter.setPen(theme().faint_ink);
    painter.setFont(theme().text(8.5));
    const QRect low = rect().adjusted(margin, 0, -margin, 0);
    painter.drawText(low, Qt::AlignLeft | Qt::AlignBottom, field_text(points_.front().at));
    painter.drawText(low, Qt::AlignRight | Qt::AlignBottom, field_text(points_.back().at));
}

} // namespace ledgefall
