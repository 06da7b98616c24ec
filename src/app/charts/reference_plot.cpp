#include "app/charts/reference_plot.h"

#include "app/theme/theme.h"

#include <array>

namespace ledgefall {

ReferencePlot::ReferencePlot(QCustomPlot* plot, const QString& layer, FiguresPtr figures)
    : QCPLayerable(plot, layer)
    , figures_(std::move(figures)) {}

/// The labels of lines and ranges stand outside the axes, above and to the right, where no bar or mark is.
QRect ReferencePlot::clipRect() const {
    return mParentPlot->viewport();
}

QRectF ReferencePlot::area() const {
    return mParentPlot->axisRect()->rect();
}

QSize ReferencePlot::room_outside(const ChartFigures& figures) {
    const QFontMetrics metrics(theme().text(8.5));
    QSize room(0, 0);
    for (const ReferenceFigures& one : figures.references) {
        const QString text = QString::fromStdString(one.label);
        const bool level = one.form == Reference::Form::across || one.form == Reference::Form::range_across;
        const bool upright = one.form == Reference::Form::upright || one.form == Reference::Form::range_upright;
        if (!text.isEmpty() && level) {
            room.setWidth(std::max(room.width(), std::min(metrics.horizontalAdvance(text) + 12, theme().px(130))));
        } else if (!text.isEmpty() && upright) {
            room.setHeight(metrics.height() + 4);
        }
    }
    return room;
}

std::vector<std::pair<double, double>> ReferencePlot::readings(const ChartFigures& figures) {
    std::vector<std::pair<double, double>> readings;
    for (const SeriesFigures& series : figures.series) {
        if (!kind_of(series.form).running || !figures.reader || !readings.empty()) {
            continue;
        }
        for (const double part : {0.25, 0.5, 0.75}) {
            const double height = part * series.y.back();
            if (const auto x = read_off(series.x, series.y, height)) {
                readings.emplace_back(*x, height);
            }
        }
    }
    return readings;
}

void ReferencePlot::draw(QCPPainter* painter) {
    for (const ReferenceFigures& one : figures_->references) {
        draw_reference(*painter, one);
    }
    draw_readings(*painter);
}

void ReferencePlot::label(QCPPainter& painter, const QPointF& at, const QString& text, Qt::Alignment align) const {
    if (text.isEmpty()) {
        return;
    }
    painter.setClipRect(clipRect());
    painter.setFont(theme().text(8.5));
    const QFontMetricsF metrics(painter.font());
    QRectF box = metrics.boundingRect(text).adjusted(-3, -1, 3, 1);
    box.moveCenter(at);
    if (align & Qt::AlignLeft) {
        box.moveLeft(at.x());
    } else if (align & Qt::AlignRight) {
        box.moveRight(at.x());
    }
    if (align & Qt::AlignBottom) {
        box.moveBottom(at.y());
    } else if (align & Qt::AlignTop) {
        box.moveTop(at.y());
    }
    const QRectF within(clipRect());
    box.moveLeft(std::clamp(box.left(), within.left(), std::max(within.left(), within.right() - box.width())));
    QColor paper = theme().paper;
    paper.setAlpha(200);
    painter.fillRect(box, paper);
    painter.setPen(theme().stays);
    painter.drawText(box, Qt::AlignCenter, text);
}

void ReferencePlot::draw_reference(QCPPainter& painter, const ReferenceFigures& one) const {
    const QCPAxis& x = *mParentPlot->xAxis;
    const QCPAxis& y = *mParentPlot->yAxis;
    const QRectF area = this->area();
    painter.setClipRect(area.toAlignedRect());
    QColor wash = theme().stays;
    wash.setAlpha(34);
    painter.setPen(QPen(theme().stays, 1.5 * theme().zoom));
    painter.setBrush(Qt::NoBrush);
    const QString text = QString::fromStdString(one.label);
    const auto clamped = [](double pixel) { return std::clamp(pixel, -30'000.0, 30'000.0); };
    switch (one.form) {
    case Reference::Form::across: {
        const double at = clamped(y.coordToPixel(one.numbers[0]));
        painter.drawLine(QLineF(area.left(), at, area.right(), at));
        return label(painter, {area.right() + 3, at}, at >= area.top() && at <= area.bottom() ? text : QString(),
                     Qt::AlignLeft);
    }
    case Reference::Form::upright: {
        const double at = clamped(x.coordToPixel(one.numbers[0]));
        painter.drawLine(QLineF(at, area.top(), at, area.bottom()));
        return label(painter, {at, area.top() - 2}, at >= area.left() && at <= area.right() ? text : QString(),
                     Qt::AlignHCenter | Qt::AlignBottom);
    }
    case Reference::Form::circle: {
        const QPointF centre(clamped(x.coordToPixel(one.numbers[0])), clamped(y.coordToPixel(one.numbers[1])));
        const double wide = std::abs(clamped(x.coordToPixel(one.numbers[0] + one.numbers[2])) - centre.x());
        const double high = std::abs(clamped(y.coordToPixel(one.numbers[1] + one.numbers[2])) - centre.y());
        painter.setBrush(wash);
        painter.drawEllipse(centre, std::max(wide, 1.5), std::max(high, 1.5));
        return label(painter, {centre.x() + wide + 4, centre.y()}, text, Qt::AlignLeft);
    }
    case Reference::Form::range_across:
    case Reference::Form::range_upright: {
        const bool level = one.form == Reference::Form::range_across;
        const double from = clamped(level ? y.coordToPixel(one.numbers[0]) : x.coordToPixel(one.numbers[0]));
        const double to = clamped(level ? y.coordToPixel(one.numbers[1]) : x.coordToPixel(one.numbers[1]));
        const QRectF shaded = level ? QRectF(QPointF(area.left(), from), QPointF(area.right(), to)).normalized()
                                    : QRectF(QPointF(from, area.top()), QPointF(to, area.bottom())).normalized();
        painter.fillRect(shaded, wash);
        if (!shaded.intersects(area)) {
            return;
        }
        return level ? label(painter, {area.right() + 3, shaded.center().y()}, text, Qt::AlignLeft)
                     : label(painter, {shaded.center().x(), area.top() - 2}, text, Qt::AlignHCenter | Qt::AlignBottom);
    }
    }
}

/// From the height across to the curve and down to the value.
void ReferencePlot::draw_readings(QCPPainter& painter) const {
    const auto match = readings(*figures_);
    const std::array<QString, 3> names{tr("lower quartile"), tr("median"), tr("upper quartile")};
    const QRectF area = this->area();
    const auto place_of = [&](std::size_t at) {
        return QPointF(mParentPlot->xAxis->coordToPixel(match[at].first),
                       mParentPlot->yAxis->coordToPixel(match[at].second));
    };
    painter.setClipRect(area.toAlignedRect());
    for (std::size_t at = 0; at < match.size(); ++at) {
        const QPointF place = place_of(at);
        painter.setPen(QPen(theme().stays, 1.3 * theme().zoom, Qt::DashLine));
        painter.setBrush(theme().stays);
        painter.drawLine(QLineF(area.left(), place.y(), place.x(), place.y()));
        painter.drawLine(QLineF(place.x(), place.y(), place.x(), area.bottom()));
        painter.drawEllipse(place, 3, 3);
    }
    painter.setBrush(Qt::NoBrush);
    for (std::size_t at = 0; at < match.size(); ++at) { // below the curve there is room, and no line through a text
        const QString text =
            names[match.size() == 3 ? at : 1] + QStringLiteral(" ") + axis_text(figures_->x, match[at].first);
        label(painter, place_of(at) + QPointF(6, 3), text, Qt::AlignLeft | Qt::AlignTop);
    }
}

} // namespace ledgefall
