#include "app/charts/chart_plot.h"

#include "app/charts/bars_plot.h"
#include "app/charts/chart_ticks.h"
#include "app/charts/plot_kinds.h"
#include "app/charts/reference_plot.h"
#include "app/numbers/number_text.h"
#include "app/theme/theme.h"

#include <cmath>
#include <map>

namespace ledgefall {
namespace {

const QString above = QStringLiteral("references");

/// What changes with every movement of the pointer, painted by itself over the rest.
class Overlay : public QCPLayerable {
  public:
    explicit Overlay(ChartPlot* plot)
        : QCPLayerable(plot, QStringLiteral("overlay"))
        , plot_(plot) {}

  protected:
    void applyDefaultAntialiasingHint(QCPPainter* painter) const override { painter->setAntialiasing(true); }
    void draw(QCPPainter* painter) override { plot_->paint_overlay(*painter); }
    QRect clipRect() const override { return plot_->axisRect()->rect().adjusted(-9, -9, 9, 9); }

  private:
    ChartPlot* plot_;
};

QString fit_text(const SeriesFigures& series) {
    const Format four{Format::Style::significant, 4};
    const QString sign = series.fit->intercept < 0 ? QStringLiteral(" − ") : QStringLiteral(" + ");
    return QStringLiteral("%1: y = %2 x%3%4, r = %5")
        .arg(QString::fromStdString(series.label), number_text(series.fit->slope, four), sign,
             number_text(std::abs(series.fit->intercept), four), number_text(series.fit->corr, four));
}

} // namespace

ChartPlot::ChartPlot(QWidget* parent)
    : QCustomPlot(parent)
    , title_(new QCPTextElement(this))
    , legend_row_(new QCPLayoutGrid) {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Chart"));
    setMouseTracking(true);
    setMinimumSize(theme().px(220), theme().px(180));
    addLayer(above, layer(QStringLiteral("axes")), limAbove);
    overlay_ = std::make_unique<Overlay>(this);
    layer(QStringLiteral("overlay"))->setMode(QCPLayer::lmBuffered);
    setInteractions(QCP::iRangeDrag | QCP::iRangeZoom);
    setNoAntialiasingOnDrag(true);
    axisRect()->insetLayout()->take(legend);
    plotLayout()->insertRow(0);
    plotLayout()->insertRow(0);
    plotLayout()->addElement(0, 0, title_);
    plotLayout()->addElement(1, 0, legend_row_);
    plotLayout()->setRowSpacing(0);
    plotLayout()->setRowStretchFactor(0, 0.001); // all the height is the axes'
    plotLayout()->setRowStretchFactor(1, 0.001);
    legend_row_->addElement(0, 0, legend);
    legend_row_->addElement(0, 1, new QCPLayoutElement(this));
    legend_row_->setColumnStretchFactor(0, 0.001);
    legend->setFillOrder(QCPLegend::foColumnsFirst);
    title_->setTextFlags(Qt::AlignLeft | Qt::AlignVCenter);
    for (QCPAxis* axis : {xAxis, yAxis}) {
        connect(axis, qOverload<const QCPRange&>(&QCPAxis::rangeChanged), this, [this, axis] {
            zoomed_ = zoomed_ || dragging_; // what is set otherwise is made equal by whoever sets it
            if (dragging_ && axis == xAxis) {
                keep_scales_equal();
            }
        });
    }
    axisRect()->setRangeDragAxes({xAxis}, {yAxis, yAxis2});
    axisRect()->setRangeZoomAxes({xAxis}, {yAxis, yAxis2});
    apply_theme();
}

ChartPlot::~ChartPlot() = default;

void ChartPlot::apply_theme() {
    const Theme& in_use = theme();
    setBackground(in_use.paper);
    title_->setFont(in_use.text(11.5, true));
    title_->setTextColor(in_use.ink);
    title_->setMargins(QMargins(in_use.px(14), in_use.px(5), 0, in_use.px(3)));
    for (QCPAxis* axis : {xAxis, yAxis, yAxis2}) {
        axis->setBasePen(QPen(in_use.faint_ink, 1));
        axis->setTickPen(QPen(in_use.faint_ink, 1));
        axis->setSubTickPen(Qt::NoPen);
        axis->setTickLength(0, in_use.px(4));
        axis->setTickLabelFont(in_use.text(9));
        axis->setTickLabelColor(in_use.ink);
        axis->setLabelFont(in_use.text(9.5));
        axis->setLabelColor(in_use.ink);
        axis->setTickLabelPadding(in_use.px(4));
        axis->setLabelPadding(in_use.px(4));
        axis->grid()->setPen(QPen(in_use.rule, 1));
        axis->grid()->setZeroLinePen(QPen(in_use.stone_edge, 1));
    }
    xAxis->grid()->setVisible(true);
    yAxis2->grid()->setVisible(false);
    legend->setFont(in_use.text(9));
    legend->setTextColor(in_use.ink);
    legend->setBorderPen(Qt::NoPen);
    legend->setBrush(Qt::NoBrush);
    legend->setIconSize(in_use.px(26), in_use.px(14));
    legend->setIconTextPadding(in_use.px(5));
    legend->setMargins(QMargins(in_use.px(10), 0, 0, in_use.px(3)));
    if (figures_) {
        show_figures(figures_, title_->text(), trail_);
    }
}

void ChartPlot::show_figures(FiguresPtr figures, const QString& title, std::vector<FiguresPtr> trail) {
    figures_ = std::move(figures);
    trail_ = std::move(trail);
    title_->setText(title);
    pointed_.reset();
    reading_.reset();
    const auto type = [](bool logarithmic) { return logarithmic ? QCPAxis::stLogarithmic : QCPAxis::stLinear; };
    xAxis->setScaleType(type(figures_->x.logarithmic));
    yAxis->setScaleType(type(figures_->y.logarithmic));
    yAxis2->setScaleType(type(figures_->second.logarithmic));
    make_plots();
    make_legend();
    make_ticks();
    colour_key_.show(*figures_);
    const QSize room = ReferencePlot::room_outside(*figures_);
    axisRect()->setMinimumMargins(QMargins(theme().px(12), std::max(theme().px(10), room.height()),
                                           std::max(theme().px(18), room.width()), theme().px(8)));
    xAxis->setLabel(QString::fromStdString(figures_->x.title));
    yAxis->setLabel(QString::fromStdString(figures_->y.title));
    yAxis2->setLabel(QString::fromStdString(figures_->second.title));
    yAxis2->setVisible(has_second_axis());
    if (!zoomed_) {
        show_all();
    }
    replot(rpQueuedReplot);
}

bool ChartPlot::has_second_axis() const {
    return figures_ && std::any_of(figures_->series.begin(), figures_->series.end(),
                                   [](const SeriesFigures& one) { return one.second_axis; });
}

void ChartPlot::make_plots() {
    clearPlottables();
    plots_.clear();
    std::map<SeriesFormKind::Painted, std::size_t> together, before; // how many series are painted in one way
    for (const SeriesFigures& series : figures_->series) {
        ++together[kind_of(series.form).painted];
    }
    make_trail();
    plots_.resize(figures_->series.size());
    for (const bool of_runs : {true, false}) { // what is made later is painted over the rest
        for (std::size_t at = 0; at < figures_->series.size(); ++at) {
            const SeriesFigures& series = figures_->series[at];
            if (series.of_run() == of_runs) {
                const SeriesFormKind::Painted painted = kind_of(series.form).painted;
                QCPAxis* up = series.second_axis ? yAxis2 : yAxis;
                plots_[at] = make_plot({xAxis, up, figures_, at, before[painted]++, together[painted]});
            }
        }
    }
    references_ = std::make_unique<ReferencePlot>(this, above, figures_);
}

/// Lines and points as they were a little while ago, the fainter the longer ago.
void ChartPlot::make_trail() {
    for (std::size_t age = trail_.size(); age > 0; --age) {
        const FiguresPtr& then = trail_[trail_.size() - age];
        for (std::size_t at = 0; at < then->series.size(); ++at) {
            const SeriesFigures& series = then->series[at];
            if (kind_of(series.form).painted == SeriesFormKind::Painted::as_points && !series.of_run()) {
                make_plot({xAxis, series.second_axis ? yAxis2 : yAxis, then, at, 0, 1})
                    ->fade(0.5 + 0.4 * static_cast<double>(age) / static_cast<double>(trail_.size()));
            }
        }
    }
}

/// A legend where there is more than one series, or a fitted line to be told of.
void ChartPlot::make_legend() {
    bool fits = false;
    double widest = 0;
    const QFontMetricsF metrics(legend->font());
    for (FigurePlot* plot : plots_) {
        const bool fit = plot->series().fit.has_value();
        plot->setName(fit ? fit_text(plot->series()) : plot->legend_text());
        fits = fits || fit || plot->series().grid != nullptr;
        widest = std::max(widest, metrics.horizontalAdvance(plot->name()) + theme().px(50));
    }
    legend->clearItems();
    const bool wanted = plots_.size() > 1 || fits;
    const bool over_it = wanted && figures_->legend == LegendPlace::above;
    legend->setVisible(wanted);
    if (over_it != plotLayout()->hasElement(1, 0)) { // a hidden one would still take its room
        over_it ? static_cast<void>(plotLayout()->addElement(1, 0, legend_row_))
                : static_cast<void>(plotLayout()->take(legend_row_));
    }
    place_legend(wanted && !over_it);
    legend->setBrush(over_it ? QBrush(Qt::NoBrush) : QBrush(theme().paper));
    if (wanted) { // as many beside each other as there is room for; under each other in a corner
        const int across = static_cast<int>(std::max(1, width() - theme().px(60)) / std::max(1.0, widest));
        legend->setWrap(over_it ? std::max(1, across) : 1);
        // Of many lines of one family so many that the others are read between them.
        constexpr std::size_t most_named = 9;
        const std::size_t step = (plots_.size() + most_named - 1) / most_named;
        for (std::size_t at = 0; at < plots_.size(); ++at) {
            const bool named = !plots_[at]->series().family || at % step == 0 || at + 1 == plots_.size();
            if (named) {
                plots_[at]->addToLegend();
            }
        }
    }
}

/// In a corner of the picture, or in the row over it.
void ChartPlot::place_legend(bool in_corner) {
    QCPLayoutInset* inside = axisRect()->insetLayout();
    if (legend->layout() != nullptr) {
        legend->layout()->take(legend);
    }
    if (in_corner) {
        const bool left = figures_->legend == LegendPlace::top_left || figures_->legend == LegendPlace::bottom_left;
        const bool top = figures_->legend == LegendPlace::top_left || figures_->legend == LegendPlace::top_right;
        inside->addElement(legend, (left ? Qt::AlignLeft : Qt::AlignRight) | (top ? Qt::AlignTop : Qt::AlignBottom));
    } else {
        legend_row_->addElement(0, 0, legend);
    }
}

/// Where a legend that is let go at a place comes to stand.
LegendPlace ChartPlot::legend_place_at(const QPointF& at) const {
    const QRect area = axisRect()->rect();
    if (at.y() < area.top()) {
        return LegendPlace::above;
    }
    const bool left = at.x() < area.center().x();
    const bool top = at.y() < area.center().y();
    return top ? (left ? LegendPlace::top_left : LegendPlace::top_right)
               : (left ? LegendPlace::bottom_left : LegendPlace::bottom_right);
}

void ChartPlot::make_ticks() {
    const auto give = [](QCPAxis& axis, AxisFigures figures, bool between, bool keeps_format) {
        if (!keeps_format && figures.format.shown_as().scale == 1) {
            figures.format = {};
        }
        if (figures.logarithmic) {
            return axis.setTicker(QSharedPointer<LogarithmicTicks>::create());
        }
        axis.setTicker(QSharedPointer<ChartTicks>::create(axis, figures, between));
    };
    give(*xAxis, figures_->x, figures_->names_classes, true);
    give(*yAxis, figures_->y, false, false);
    give(*yAxis2, figures_->second, false, false);
    const bool areas = std::any_of(plots_.begin(), plots_.end(),
                                   [](const FigurePlot* plot) { return kind_of(plot->series().form).area; });
    xAxis->grid()->setVisible(!areas);
}

namespace {

/// A logarithmic axis gets its room by factors.
QCPRange with_factors(QCPRange range, double part) {
    if (!(range.lower > 0)) {
        return {1, 10};
    }
    const double factor = range.upper > range.lower ? std::pow(range.upper / range.lower, part) : 2;
    return {range.lower / factor, range.upper * factor};
}

QCPRange with_room(QCPRange range, bool keep_lower, double part) {
    if (!(range.size() > 0)) {
        const double size = range.lower == 0 ? 1 : std::abs(range.lower) * 0.1;
        range = QCPRange(range.lower - size, range.upper + size);
    }
    const double room = range.size() * part;
    return {keep_lower ? range.lower : range.lower - room, range.upper + room};
}

} // namespace

void ChartPlot::show_all() {
    zoomed_ = false;
    QCPRange across;
    QCPRange up;
    QCPRange second;
    bool any_second = false;
    bool any_first = false;
    bool any = false;
    bool from_zero = false;
    bool tight = false;
    for (const FigurePlot* plot : plots_) {
        bool has_range = false;
        const QCPRange x = plot->getKeyRange(has_range);
        const QCPRange y = has_range ? plot->getValueRange(has_range) : QCPRange();
        if (!has_range) {
            continue;
        }
        across = any ? across.expanded(x) : x;
        const bool at_right = plot->series().second_axis;
        QCPRange& own = at_right ? second : up;
        bool& any_own = at_right ? any_second : any_first;
        own = any_own ? own.expanded(y) : y;
        any_own = any = true;
        const SeriesFormKind& kind = kind_of(plot->series().form);
        from_zero = from_zero || kind.from_zero;
        tight = tight || kind.painted == SeriesFormKind::Painted::as_bars_side_by_side ||
                kind.painted == SeriesFormKind::Painted::as_boxes_side_by_side;
    }
    if (figures_) {
        if (any && !figures_->series.empty()) { // a circle is part of what is to be seen
            for (const ReferenceFigures& one : figures_->references) {
                if (one.form == Reference::Form::circle) {
                    across.expand(QCPRange(one.numbers[0] - one.numbers[2], one.numbers[0] + one.numbers[2]));
                    up.expand(QCPRange(one.numbers[1] - one.numbers[2], one.numbers[1] + one.numbers[2]));
                }
            }
        }
        across = figures_->x.logarithmic ? with_factors(across, 0.03)
                                         : with_room(any ? across : QCPRange(0, 1), false, tight ? 0.0 : 0.03);
        up = figures_->y.logarithmic ? with_factors(up, 0.06)
                                     : with_room(any_first ? up : QCPRange(0, 1), from_zero && up.lower >= 0, 0.06);
        second = figures_->second.logarithmic
                     ? with_factors(second, 0.06)
                     : with_room(any_second ? second : QCPRange(0, 1), from_zero && second.lower >= 0, 0.06);
        second = {figures_->second.from.value_or(second.lower), figures_->second.to.value_or(second.upper)};
        across = {figures_->x.from.value_or(across.lower), figures_->x.to.value_or(across.upper)};
        up = {figures_->y.from.value_or(up.lower), figures_->y.to.value_or(up.upper)};
    }
    const bool equal = figures_ && figures_->equal_scales;
    for (int turn = 0; turn < (equal ? 3 : 1); ++turn) { // the labels' widths follow the ranges, and the room for them
        xAxis->setRange(across);
        yAxis->setRange(up);
        yAxis2->setRange(second);
        keep_scales_equal();
        if (equal) {
            replot(rpImmediateRefresh);
        }
    }
    replot(rpQueuedReplot);
}

/// Widens one of the axes until a unit is as long across as it is up.
void ChartPlot::keep_scales_equal() {
    if (!figures_ || !figures_->equal_scales || axisRect()->width() <= 0 || axisRect()->height() <= 0) {
        return;
    }
    const double across = xAxis->range().size() / axisRect()->width();
    const double up = yAxis->range().size() / axisRect()->height();
    const QSignalBlocker quiet(xAxis);
    if (across > up || zoomed_) {
        yAxis->setRange(yAxis->range().center(), across * axisRect()->height(), Qt::AlignCenter);
    } else {
        xAxis->setRange(xAxis->range().center(), up * axisRect()->width(), Qt::AlignCenter);
    }
}

void ChartPlot::resizeEvent(QResizeEvent* event) {
    QCustomPlot::resizeEvent(event);
    if (figures_) {
        make_legend();
        if (figures_->equal_scales) {
            zoomed_ ? keep_scales_equal() : show_all();
        }
    }
}

void ChartPlot::mark_rows(Id table, RowRanges rows) {
    if (marked_table_ == table && marked_ == rows) {
        return; // a new picture is painted with its marks
    }
    marked_table_ = table;
    marked_ = std::move(rows);
    layer(QStringLiteral("overlay"))->replot();
}

void ChartPlot::paint_overlay(QCPPainter& painter) const {
    for (const FigurePlot* plot : plots_) {
        if (plot->series().table == marked_table_ && !marked_.empty()) {
            plot->paint_chosen(painter, marked_);
        }
    }
    if (reading_) {
        const QRect area = axisRect()->rect();
        const double x = xAxis->coordToPixel(*reading_);
        painter.setPen(QPen(theme().stays, 1, Qt::DotLine));
        painter.drawLine(QLineF(x, area.top(), x, area.bottom()));
    }
    if (pointed_) {
        painter.setPen(QPen(theme().ink, 1.5));
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(*pointed_, 5, 5);
    }
}

std::optional<std::pair<FigurePlot*, FigurePlot::Hit>> ChartPlot::hit(const QPointF& at) const {
    std::optional<std::pair<FigurePlot*, FigurePlot::Hit>> nearest;
    if (!axisRect()->rect().adjusted(-4, -4, 4, 4).contains(at.toPoint())) {
        return nearest;
    }
    for (FigurePlot* plot : plots_) {
        auto hit = plot->hit(at);
        const bool bars = dynamic_cast<BarsPlot*>(plot) != nullptr;
        // A point before the bar behind it.
        if (hit && (!nearest || hit->distance < nearest->second.distance ||
                    (!bars && dynamic_cast<BarsPlot*>(nearest->first) != nullptr))) {
            nearest = {plot, std::move(*hit)};
        }
    }
    return nearest;
}

} // namespace ledgefall
