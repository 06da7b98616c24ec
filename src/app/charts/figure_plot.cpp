#include "app/charts/figure_plot.h"

#include "app/numbers/number_text.h"
#include "app/theme/theme.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace ledgefall {
namespace {

constexpr double paler = 0.4; // how far a run's colour goes towards the paper

} // namespace

QString series_text(const SeriesFigures& series) {
    if (!series.family) {
        return QString::fromStdString(series.label);
    }
    const Value& value = series.family->value;
    const bool numeric = value.kind() == Kind::number || value.kind() == Kind::date;
    return QStringLiteral("%1 = %2").arg(QString::fromStdString(series.family->axis),
                                         numeric && value.plain() ? value_text(value, series.family->format)
                                                                  : QString::fromStdString(write_cell(value)));
}

bool in_ranges(const RowRanges& ranges, std::uint32_t row) {
    const auto after = std::upper_bound(ranges.begin(), ranges.end(), row,
                                        [](std::uint32_t wanted, const auto& range) { return wanted < range.first; });
    return after != ranges.begin() && row <= std::prev(after)->second;
}

FigurePlot::FigurePlot(QCPAxis* x, QCPAxis* y, FiguresPtr figures, std::size_t series)
    : QCPAbstractPlottable(x, y)
    , figures_(std::move(figures))
    , number_(series)
    , look_(series_look(series)) {
    if (const auto& family = figures_->series[number_].family) { // a light line on light paper would be lost
        constexpr double darkest = 0, lightest = 0.8;
        look_.line = ramp_colour(darkest + (lightest - darkest) * family->along);
        look_.fill = look_.line;
        look_.dash = Qt::SolidLine;
    }
    if (this->series().of_run()) {
        static constexpr std::array<Qt::PenStyle, 4> dashes{Qt::DashLine, Qt::DotLine, Qt::DashDotLine, Qt::SolidLine};
        look_ = series_look(this->series().under);
        look_.dash = dashes[(this->series().run->number - 1) % dashes.size()];
        look_.hollow = true;
        fade(paler);
    }
    setName(series_text(figures_->series[number_]));
    setSelectable(QCP::stNone);
}

QString FigurePlot::legend_text() const {
    const std::optional<RunTitle>& run = series().run;
    if (!run) {
        return series_text(series());
    }
    const QString title = QString::fromStdString(
        title_text(*run, [](const Value& value) { return value_text(value, {}).toStdString(); }));
    const QString called = series().of_run() ? title : title.isEmpty() ? tr("now") : tr("%1 (now)").arg(title);
    const auto own = std::count_if(figures_->series.begin(), figures_->series.end(),
                                   [](const SeriesFigures& one) { return !one.of_run(); });
    return own == 1 ? called : QStringLiteral("%1, %2").arg(series_text(series()), called);
}

void FigurePlot::fade(double part) {
    const QColor paper = theme().paper;
    for (QColor* colour : {&look_.line, &look_.fill}) {
        const auto mixed = [part](int own, int other) {
            return static_cast<int>(std::lround(own + part * (other - own)));
        };
        *colour = QColor(mixed(colour->red(), paper.red()), mixed(colour->green(), paper.green()),
                         mixed(colour->blue(), paper.blue()), colour->alpha());
    }
}

std::vector<std::uint32_t> FigurePlot::rows_in(const QRectF& area) const {
    std::vector<std::uint32_t> rows;
    const SeriesFigures& drawn = series();
    for (std::size_t at = 0; at < drawn.x.size(); ++at) {
        if (drawn.rows[at] != no_row && area.contains(pixel_x(drawn.x[at]), pixel_y(drawn.y[at]))) {
            rows.push_back(drawn.rows[at]);
        }
    }
    return rows;
}

double FigurePlot::selectTest(const QPointF& at, bool, QVariant*) const {
    const auto match = hit(at);
    return match ? match->distance : -1;
}

namespace {

QCPRange range_of(const std::vector<double>& values) {
    const auto [least, most] = std::minmax_element(values.begin(), values.end());
    return {*least, *most};
}

} // namespace

QCPRange FigurePlot::across() const {
    return range_of(series().x);
}

QCPRange FigurePlot::upwards() const {
    return range_of(series().y);
}

QCPRange FigurePlot::with_errors(QCPRange range) const {
    const SeriesFigures& drawn = series();
    const bool logarithmic = valueAxis()->scaleType() == QCPAxis::stLogarithmic;
    for (std::size_t at = 0; at < drawn.error.size(); ++at) {
        if (std::isfinite(drawn.error[at])) {
            range.expand(drawn.y[at] + drawn.error[at]);
            if (!logarithmic || drawn.y[at] > drawn.error[at]) {
                range.expand(drawn.y[at] - drawn.error[at]);
            }
        }
    }
    return range;
}

/// Lines up and down with a short one across each end.
void FigurePlot::draw_errors(QCPPainter& painter, double shift) const {
    const SeriesFigures& drawn = series();
    if (drawn.error.empty()) {
        return;
    }
    painter.setAntialiasing(true);
    painter.setPen(QPen(theme().ink, 1.2 * theme().zoom));
    const double half = theme().px(4);
    const bool logarithmic = valueAxis()->scaleType() == QCPAxis::stLogarithmic;
    for (std::size_t at = 0; at < drawn.error.size(); ++at) {
        if (!std::isfinite(drawn.error[at])) {
            continue;
        }
        const double x = pixel_x(drawn.x[at]) + shift;
        const double above = pixel_y(drawn.y[at] + drawn.error[at]);
        const double least = drawn.y[at] - drawn.error[at];
        const double below = logarithmic && least <= 0 ? clipRect().bottom() : pixel_y(least);
        painter.drawLine(QLineF(x, above, x, below));
        painter.drawLine(QLineF(x - half, above, x + half, above));
        painter.drawLine(QLineF(x - half, below, x + half, below));
    }
}

QCPRange FigurePlot::getKeyRange(bool& match, QCP::SignDomain) const {
    match = !series().x.empty();
    return match ? across() : QCPRange();
}

QCPRange FigurePlot::getValueRange(bool& match, QCP::SignDomain, const QCPRange&) const {
    match = !series().y.empty();
    return match ? upwards() : QCPRange();
}

QPen FigurePlot::pen_of(double width) const {
    QPen pen(look_.line, width * theme().zoom, look_.dash);
    pen.setJoinStyle(Qt::RoundJoin);
    return pen;
}

void FigurePlot::drawLegendIcon(QCPPainter* painter, const QRectF& rect) const {
    const SeriesFormKind& kind = kind_of(series().form);
    painter->setAntialiasing(true);
    if (kind.area) {
        painter->setPen(QPen(look_.line, 1));
        painter->setBrush(look_.fill);
        painter->drawRect(rect.adjusted(4, 3, -4, -3));
        return;
    }
    painter->setBrush(Qt::NoBrush);
    if (kind.line) {
        painter->setPen(pen_of());
        painter->drawLine(QLineF(rect.left(), rect.center().y(), rect.right(), rect.center().y()));
    }
    if (kind.marks) {
        painter->setPen(QPen(look_.line, 1.2));
        painter->setBrush(look_.hollow ? QBrush(theme().paper) : QBrush(look_.line));
        painter->drawPath(look_.mark.translated(rect.center()));
    }
}

QString name_text(const AxisFigures& axis, const Value& name) {
    return name.kind() == Kind::number || name.kind() == Kind::date ? value_text(name, axis.format)
                                                                    : QString::fromStdString(write_cell(name));
}

QString axis_text(const AxisFigures& axis, double value) {
    if (!axis.names.empty()) {
        const auto at = static_cast<std::size_t>(std::lround(std::max(0.0, value)));
        return at < axis.names.size() ? name_text(axis, axis.names[at]) : QString();
    }
    const Value shown = axis.dates ? Value::of(value, Kind::date, State::plain) : Value::number(value);
    return value_text(shown, axis.format);
}

QString FigurePlot::x_text(double x) const {
    return axis_text(figures_->x, x);
}

QString FigurePlot::y_text(double y) const {
    const Value shown =
        figures_->y.dates ? Value::of(y, Kind::date, State::plain) : Value::number(series().downwards ? -y : y);
    return value_text(shown, series().y_format);
}

QString FigurePlot::place_described(std::size_t at) const {
    const SeriesFigures& drawn = series();
    const bool is_row = drawn.rows[at] != no_row;
    const QString named = figures_->x.names.empty() && is_row ? tr("row %1: ").arg(drawn.rows[at] + 1) : QString();
    const QString title = figures_->x.names.empty() && !figures_->x.title.empty()
                              ? QString::fromStdString(figures_->x.title) + QStringLiteral(" ")
                              : QString();
    return named + title + x_text(drawn.x[at]) + QStringLiteral(", ") + legend_text() + QStringLiteral(": ") +
           y_text(drawn.y[at] - (drawn.base.empty() ? 0 : drawn.base[at]));
}

} // namespace ledgefall
