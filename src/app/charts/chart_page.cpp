#include "app/charts/chart_page.h"

#include "app/charts/chart_files.h"
#include "app/dialogs/prompts.h"
#include "app/theme/accessibility.h"
#include "app/theme/theme.h"
#include "core/study/builders/held_reading.h"
#include "core/study/edits/edits.h"

#include <QClipboard>
#include <QHBoxLayout>
#include <QVBoxLayout>

namespace ledgefall {

ChartPage::ChartPage(Document& document, Id chart, QWidget* parent)
    : QWidget(parent)
    , document_(document)
    , chart_(chart)
    , plot_(new ChartPlot(this))
    , message_(new QLabel(this))
    , missing_(new QLabel(this))
    , tools_(new QWidget(this)) {
    auto* tools = new QHBoxLayout(tools_);
    tools->setContentsMargins(6, 2, 6, 0);
    tools->setSpacing(2);
    add_tool("change", QStringLiteral("change"), tr("Change the chart"), [this] { Q_EMIT change_wanted(); });
    add_tool("show_all", QStringLiteral("show_all"), tr("Show all (Home)"), [this] { plot_->show_all(); });
    add_tool("copy_picture", QStringLiteral("copy"), tr("Copy image"), [this] { copy(); });
    add_tool("export", QStringLiteral("export"), tr("Save image as PNG, SVG or PDF"), [this] { export_picture(); });
    QToolButton* equal = add_tool("equal_scales", QStringLiteral("equal_scales"),
                                  tr("Equal scales: a unit is as long across as it is up"), [] {});
    equal->setCheckable(true);
    connect(equal, &QToolButton::clicked, this, &ChartPage::set_equal_scales);
    QToolButton* trail =
        add_tool("trail", QStringLiteral("trail"),
                 tr("Leave a trail: while a held value slides, keep the last few lines faintly"), [] {});
    trail->setCheckable(true);
    connect(trail, &QToolButton::toggled, this, &ChartPage::leave_trail);
    tools->addWidget(message_, 1); // beside the signs, so that no strip is kept free for it
    add_tool("turn", QStringLiteral("turn"), tr("Move the chart below or beside the table"),
             [this] { Q_EMIT turn_wanted(); });
    add_tool("close", QStringLiteral("close"), tr("Hide the chart; it stays in the contents"),
             [this] { Q_EMIT close_wanted(); });
    missing_->setWordWrap(true);
    missing_->setAlignment(Qt::AlignCenter);
    missing_->setMargin(theme().px(10));
    message_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    message_->setContentsMargins(theme().px(10), 0, 0, 0);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(tools_);
    layout->addWidget(plot_, 1);
    layout->addWidget(missing_);
    setAutoFillBackground(true);
    connect(&document_, &Document::results_changed, this, &ChartPage::refresh);
    connect(&maker_, &FigureMaker::figures_ready, this, &ChartPage::show_figures);
    connect(&maker_, &FigureMaker::failed, &document_, &Document::refuse);
    connect(&theme_notifier(), &ThemeNotifier::changed, this, &ChartPage::apply_theme);
    connect(plot_, &ChartPlot::told_changed, this, &ChartPage::tell);
    connect(plot_, &ChartPlot::rows_chosen, this, &ChartPage::rows_chosen);
    connect(plot_, &ChartPlot::reading_chosen, this, &ChartPage::hold_reading_at);
    connect(plot_, &ChartPlot::legend_moved, this, [this](LegendPlace place) {
        if (const Chart* now = this->chart()) {
            Chart moved = *now;
            moved.legend = place;
            document_.perform(tr("legend position"), rewrite_chart(document_.study(), moved));
        }
    });
    apply_theme();
    refresh();
}

void ChartPage::hold_reading_at(double x) {
    if (chart() != nullptr) {
        document_.perform(tr("reading of a curve"), hold_reading(document_.study(), chart()->id, x));
    }
}

void ChartPage::set_equal_scales(bool equal) {
    if (const Chart* now = this->chart()) {
        Chart changed = *now;
        changed.equal_scales = equal;
        document_.perform(tr("equal scales"), rewrite_chart(document_.study(), changed));
    }
}

QToolButton* ChartPage::add_tool(const char* symbol, const QString& name, const QString& tip,
                                 const std::function<void()>& done) {
    auto* button = new QToolButton(tools_);
    button->setObjectName(name);
    button->setIcon(drawn_icon(QLatin1String(symbol)));
    button->setAutoRaise(true);
    button->setToolTip(tip);
    button->setAccessibleName(tip);
    tools_->layout()->addWidget(button);
    connect(button, &QToolButton::clicked, this, [done] { done(); });
    return button;
}

QToolButton& ChartPage::tool(const QString& name) {
    return *tools_->findChild<QToolButton*>(name);
}

void ChartPage::apply_theme() {
    QPalette paper = palette();
    paper.setColor(QPalette::Window, theme().paper);
    setPalette(paper);
    message_->setFont(theme().text(9));
    missing_->setFont(theme().text(9.5));
    missing_->setStyleSheet(QStringLiteral("color: %1;").arg(theme().fault.name()));
    plot_->apply_theme();
}

void ChartPage::refresh() {
    if (const Chart* now = this->chart()) {
        maker_.ask({document_.study(), document_.snapshot(), *now, false});
    }
}

void ChartPage::show_figures(const FiguresPtr& figures) {
    const QString title = chart() == nullptr ? QString() : QString::fromStdString(chart()->label);
    extend_trail(figures);
    plot_->show_figures(figures, title, trail_);
    plot_->setAccessibleName(tr("Chart: %1").arg(title));
    name_panel(*this, tr("Chart: %1").arg(title));
    tool(QStringLiteral("equal_scales")).setChecked(chart() != nullptr && chart()->equal_scales);
    tool(QStringLiteral("trail")) // of lines and points; bars and maps would cover what they leave
        .setVisible(std::any_of(figures->series.begin(), figures->series.end(), [](const SeriesFigures& one) {
            return kind_of(one.form).painted == SeriesFormKind::Painted::as_points;
        }));
    QStringList lines;
    for (const Sentence& one : figures->missing) {
        lines << Document::translated(one);
    }
    missing_->setText(lines.join(QLatin1Char('\n')));
    missing_->setVisible(!lines.isEmpty());
    tell({});
    Q_EMIT shown();
}

/// The picture that was shown becomes the latest of the trail where the next one draws something else.
void ChartPage::extend_trail(const FiguresPtr& next) {
    constexpr std::size_t most = 6;
    const FiguresPtr& now = plot_->figures();
    if (!leaves_trail_ || !now) {
        return;
    }
    const bool same =
        now->series.size() == next->series.size() &&
        std::equal(now->series.begin(), now->series.end(), next->series.begin(),
                   [](const SeriesFigures& a, const SeriesFigures& b) { return a.x == b.x && a.y == b.y; });
    if (same) {
        return;
    }
    trail_.push_back(now);
    if (trail_.size() > most) {
        trail_.erase(trail_.begin());
    }
}

void ChartPage::leave_trail(bool yes) {
    leaves_trail_ = yes;
    trail_.clear();
    if (plot_->figures() && chart() != nullptr) {
        plot_->show_figures(plot_->figures(), QString::fromStdString(chart()->label));
    }
}

/// What is under the pointer, or else how much could not be drawn.
void ChartPage::tell(const QString& text) {
    std::size_t left_out = 0;
    for (const FigurePlot* plot : plot_->plots()) {
        left_out += plot->series().left_out;
    }
    const QString rest = left_out == 0 ? QString() : tr("Rows that cannot be drawn: %1.").arg(left_out);
    message_->setText(text.isEmpty() ? rest : text);
}

void ChartPage::export_picture() {
    const QStringList suffixes{QStringLiteral("png"), QStringLiteral("svg"), QStringLiteral("pdf")};
    QString title = chart() == nullptr ? QString() : QString::fromStdString(chart()->label);
    const QString path = ask_save_path(this, tr("Save image"), title.replace(u'/', u'-') + QStringLiteral(".png"),
                                       tr("Images (*.png *.svg *.pdf)"), suffixes);
    if (!path.isEmpty()) {
        export_to(path);
    }
}

bool ChartPage::export_to(const QString& path) {
    if (!plot_->figures() || chart() == nullptr) {
        return false;
    }
    if (!document_.results_are_current()) {
        document_.refuse({N_("The chart is still being computed. Save it again when it is ready."), {}});
        return false;
    }
    const auto written = write_chart(plot_->figures(), QString::fromStdString(chart()->label), plot_->size(), path);
    if (!written) {
        document_.refuse(written.refusal());
    }
    return static_cast<bool>(written);
}

void ChartPage::copy() {
    if (!document_.results_are_current()) {
        return document_.refuse({N_("The chart is still being computed. Copy it again when it is ready."), {}});
    }
    if (plot_->figures() && chart() != nullptr) {
        QGuiApplication::clipboard()->setMimeData(
            chart_for_clipboard(plot_->figures(), QString::fromStdString(chart()->label), plot_->size()).release());
    }
}

} // namespace ledgefall
