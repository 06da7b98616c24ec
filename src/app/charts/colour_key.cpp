#include "app/charts/colour_key.h"

#include "app/charts/chart_ticks.h"
#include "app/charts/series_look.h"
#include "app/theme/theme.h"

#include <algorithm>

namespace ledgefall {
namespace {

QCPColorGradient gradient() {
    constexpr int stops = 16;
    QMap<double, QColor> colours;
    for (int stop = 0; stop <= stops; ++stop) {
        const double at = static_cast<double>(stop) / stops;
        colours[at] = ramp_colour(at);
    }
    QCPColorGradient out;
    out.setColorStops(colours);
    return out;
}

} // namespace

void ColourKey::show(const ChartFigures& figures) {
    const auto heat = std::find_if(figures.series.begin(), figures.series.end(), [](const SeriesFigures& series) {
        return kind_of(series.form).by_colour && series.grid && series.grid->least < series.grid->greatest;
    });
    if (heat == figures.series.end()) {
        if (scale_ != nullptr) {
            plot_.axisRect()->setMarginGroup(QCP::msTop | QCP::msBottom, nullptr);
            plot_.plotLayout()->remove(scale_);
            scale_ = nullptr;
        }
        return;
    }
    if (scale_ == nullptr) {
        scale_ = new QCPColorScale(&plot_);
        scale_->setType(QCPAxis::atRight);
        scale_->setRangeDrag(false);
        scale_->setRangeZoom(false);
        plot_.plotLayout()->addElement(plot_.plotLayout()->rowCount() - 1, 1, scale_);
        plot_.plotLayout()->setColumnStretchFactor(1, 0.001);
        group_ = group_ == nullptr ? new QCPMarginGroup(&plot_) : group_;
        plot_.axisRect()->setMarginGroup(QCP::msTop | QCP::msBottom, group_);
        scale_->setMarginGroup(QCP::msTop | QCP::msBottom, group_);
    }
    const Theme& in_use = theme();
    scale_->setGradient(gradient());
    scale_->setDataRange({heat->grid->least, heat->grid->greatest});
    scale_->setBarWidth(in_use.px(12));
    scale_->setMargins(QMargins(0, in_use.px(10), in_use.px(10), in_use.px(8)));
    QCPAxis& axis = *scale_->axis();
    axis.setTickLabelFont(in_use.text(9));
    axis.setTickLabelColor(in_use.ink);
    axis.setBasePen(QPen(in_use.faint_ink, 1));
    axis.setTickPen(QPen(in_use.faint_ink, 1));
    axis.setSubTickPen(Qt::NoPen);
    axis.setTickLength(0, in_use.px(4));
    AxisFigures values;
    values.format = heat->y_format.shown_as().scale != 1 ? heat->y_format : Format();
    axis.setTicker(QSharedPointer<ChartTicks>::create(axis, values, false));
}

} // namespace ledgefall
