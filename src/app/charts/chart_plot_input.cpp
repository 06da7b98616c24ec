// What a chart tells under the pointer and from the keyboard, and how it is moved.

#include "app/charts/chart_plot.h"
#include "app/numbers/number_text.h"
#include "core/value/decimals.h"

#include <QToolTip>

#include <cmath>
#include <map>

namespace ledgefall {

void ChartPlot::tell(const QString& text, std::optional<QPointF> place) {
    pointed_ = place;
    if (text != message_) {
        message_ = text;
        setAccessibleDescription(text);
        Q_EMIT told_changed(text);
    }
    layer(QStringLiteral("overlay"))->replot();
}

/// As many decimals as can be told apart on the axis.
double ChartPlot::rounded_reading(double x) const {
    const int decimals = 2 - static_cast<int>(std::floor(std::log10(xAxis->range().size())));
    return rounded_to(x, std::clamp(decimals, 0, 15));
}

QString ChartPlot::read_at(double x) const {
    for (const SeriesFigures& series : figures_->series) {
        if (!kind_of(series.form).running || series.x.empty() || x < series.x.front() || x > series.x.back() ||
            series.y.back() == 0) {
            continue;
        }
        const auto after = std::upper_bound(series.x.begin(), series.x.end(), x) - series.x.begin();
        const auto at = static_cast<std::size_t>(
            std::clamp<std::ptrdiff_t>(after, 1, static_cast<std::ptrdiff_t>(series.x.size()) - 1));
        const double part = (x - series.x[at - 1]) / (series.x[at] - series.x[at - 1]);
        const double height = series.y[at - 1] + part * (series.y[at] - series.y[at - 1]);
        return tr("up to %1: %2 of all; click to hold this")
            .arg(axis_text(figures_->x, rounded_reading(x)),
                 number_text(height / series.y.back(), {Format::Style::percent, 1}));
    }
    return {};
}

void ChartPlot::look_at(const QPointF& at) {
    if (!figures_) {
        return;
    }
    const auto match = hit(at);
    reading_.reset();
    if (match) {
        return tell(match->second.description, match->second.place);
    }
    const double x = xAxis->pixelToCoord(at.x());
    const bool inside = axisRect()->rect().contains(at.toPoint());
    const QString reading = inside && figures_->reader ? read_at(x) : QString();
    if (!reading.isEmpty()) {
        reading_ = x;
    }
    tell(reading, std::nullopt);
}

void ChartPlot::mousePressEvent(QMouseEvent* event) {
    pressed_ = event->pos();
    if (event->button() == Qt::LeftButton && legend->visible() && legend->rect().contains(pressed_)) {
        moving_legend_ = true; // it is let go where it is to stand
        setCursor(Qt::ClosedHandCursor);
        return;
    }
    dragging_ = true;
    stepped_ = 0;
    setSelectionRectMode(event->modifiers().testFlag(Qt::ShiftModifier) ? QCP::srmCustom : QCP::srmNone);
    QCustomPlot::mousePressEvent(event);
}

void ChartPlot::mouseMoveEvent(QMouseEvent* event) {
    if (moving_legend_) {
        return;
    }
    QCustomPlot::mouseMoveEvent(event);
    if (event->buttons() == Qt::NoButton) {
        look_at(event->position());
        const QString text = message_;
        text.isEmpty() ? QToolTip::hideText() : QToolTip::showText(event->globalPosition().toPoint(), text, this);
    }
}

void ChartPlot::choose_within(const QRect& area) {
    std::map<std::string, std::pair<Id, std::vector<std::uint32_t>>> by_table;
    for (const FigurePlot* plot : plots_) {
        auto& [table, rows] = by_table[plot->series().table.str()];
        table = plot->series().table;
        const auto some = plot->rows_in(area);
        rows.insert(rows.end(), some.begin(), some.end());
    }
    for (auto& [name, chosen] : by_table) {
        auto& rows = chosen.second;
        std::sort(rows.begin(), rows.end());
        rows.erase(std::unique(rows.begin(), rows.end()), rows.end());
        if (!rows.empty()) {
            Q_EMIT rows_chosen(chosen.first, rows);
            return;
        }
    }
}

void ChartPlot::mouseReleaseEvent(QMouseEvent* event) {
    if (moving_legend_) {
        moving_legend_ = false;
        unsetCursor();
        const LegendPlace place = legend_place_at(event->position());
        if ((event->pos() - pressed_).manhattanLength() >= QApplication::startDragDistance() &&
            place != figures_->legend) {
            Q_EMIT legend_moved(place);
        }
        return;
    }
    const bool around = selectionRectMode() == QCP::srmCustom;
    const QRect area = QRect(pressed_, event->pos()).normalized();
    QCustomPlot::mouseReleaseEvent(event);
    setSelectionRectMode(QCP::srmNone);
    dragging_ = false;
    if (event->button() != Qt::LeftButton) {
        return;
    }
    const bool clicked = (event->pos() - pressed_).manhattanLength() < QApplication::startDragDistance();
    if (clicked) {
        const auto match = hit(event->position());
        if (match && !match->second.rows.empty()) {
            Q_EMIT rows_chosen(match->first->series().table, match->second.rows);
        } else if (!match && reading_) {
            Q_EMIT reading_chosen(rounded_reading(*reading_));
        }
    } else if (around) {
        choose_within(area);
    }
}

void ChartPlot::mouseDoubleClickEvent(QMouseEvent* event) {
    event->accept();
    show_all();
}

void ChartPlot::wheelEvent(QWheelEvent* event) {
    dragging_ = true;
    QCustomPlot::wheelEvent(event);
    dragging_ = false;
}

void ChartPlot::leaveEvent(QEvent* event) {
    QCustomPlot::leaveEvent(event);
    reading_.reset();
    tell({}, std::nullopt);
}

void ChartPlot::focusOutEvent(QFocusEvent* event) {
    QCustomPlot::focusOutEvent(event);
    stepped_ = 0;
    tell({}, std::nullopt);
}

void ChartPlot::zoom(double factor) {
    zoomed_ = true;
    xAxis->scaleRange(factor);
    yAxis->scaleRange(factor);
    yAxis2->scaleRange(factor);
    keep_scales_equal();
    replot(rpQueuedReplot);
}

void ChartPlot::pan(double across, double up) {
    zoomed_ = true;
    xAxis->moveRange(xAxis->range().size() * across);
    yAxis->moveRange(yAxis->range().size() * up);
    yAxis2->moveRange(yAxis2->range().size() * up);
    replot(rpQueuedReplot);
}

/// To the next value or the one before, through all series one after the other.
void ChartPlot::step(int by) {
    std::size_t all = 0;
    for (const FigurePlot* plot : plots_) {
        all += plot->series().x.size();
    }
    if (all == 0) {
        return;
    }
    const std::size_t now = stepped_ == 0 ? (by > 0 ? all - 1 : 0) : stepped_ - 1;
    std::size_t next = by > 0 ? (now + 1) % all : (now + all - 1) % all;
    stepped_ = next + 1;
    for (const FigurePlot* plot : plots_) {
        const SeriesFigures& series = plot->series();
        if (next < series.x.size()) {
            const QPointF place(xAxis->coordToPixel(series.x[next]),
                                (series.second_axis ? yAxis2 : yAxis)->coordToPixel(series.y[next]));
            const auto match = plot->hit(place + QPointF(0, kind_of(series.form).area ? 1 : 0));
            return tell(match ? match->description : QString::fromStdString(series.label), place);
        }
        next -= series.x.size();
    }
}

void ChartPlot::keyPressEvent(QKeyEvent* event) {
    const bool control = event->modifiers().testFlag(Qt::ControlModifier);
    constexpr double part = 0.1;
    switch (event->key()) {
    case Qt::Key_Left:
        return control ? pan(-part, 0) : step(-1);
    case Qt::Key_Right:
        return control ? pan(part, 0) : step(1);
    case Qt::Key_Up:
        return control ? pan(0, part) : step(1);
    case Qt::Key_Down:
        return control ? pan(0, -part) : step(-1);
    case Qt::Key_Plus:
        return zoom(0.8);
    case Qt::Key_Minus:
        return zoom(1.25);
    case Qt::Key_Home:
        return show_all();
    case Qt::Key_Return:
    case Qt::Key_Enter: {
        std::size_t at = stepped_;
        for (const FigurePlot* plot : plots_) {
            if (at > 0 && at <= plot->series().rows.size()) {
                if (plot->series().rows[at - 1] == no_row) {
                    return;
                }
                Q_EMIT rows_chosen(plot->series().table, {plot->series().rows[at - 1]});
                return;
            }
            at -= std::min(at, plot->series().x.size());
        }
        return;
    }
    default:
        QCustomPlot::keyPressEvent(event);
    }
}

} // namespace ledgefall
