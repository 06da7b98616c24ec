#include "app/table/layer_strip.h"

#include "app/numbers/number_text.h"
#include "app/theme/theme.h"
#include "core/study/edits/edit_grid.h"

#include <QButtonGroup>
#include <QMouseEvent>
#include <QPainter>
#include <QTextLayout>
#include <QVBoxLayout>

#include <numeric>

namespace ledgefall {
namespace {

constexpr const char* whole_text = "whole_text"; // the property in which a button keeps its text before it was cut

void set_text(QToolButton& button, const QString& text) {
    button.setProperty(whole_text, text);
    button.setText(text);
}

/// How wide a button is with its whole text.
int wanted_width(const QToolButton& button) {
    const int around = button.sizeHint().width() - button.fontMetrics().horizontalAdvance(button.text());
    return around + button.fontMetrics().horizontalAdvance(button.property(whole_text).toString());
}

/// Cuts the texts of buttons so that together they are no wider than `room`, the longest first.
void cut(const QList<QToolButton*>& buttons, int room) {
    int widest = 0;
    for (const QToolButton* button : buttons) {
        widest = std::max(widest, wanted_width(*button));
    }
    const auto together = [&buttons](int most) {
        return std::accumulate(buttons.begin(), buttons.end(), 0, [most](int sum, const QToolButton* button) {
            return sum + std::min(most, wanted_width(*button));
        });
    };
    int most = widest;
    while (most > theme().px(40) && together(most) > room) {
        most -= theme().px(4);
    }
    for (QToolButton* button : buttons) {
        const QString whole = button->property(whole_text).toString();
        const int around = button->sizeHint().width() - button->fontMetrics().horizontalAdvance(button->text());
        button->setText(wanted_width(*button) <= most
                            ? whole
                            : button->fontMetrics().elidedText(whole, Qt::ElideRight, std::max(1, most - around)));
    }
}

} // namespace

/// The shown layer's formula, wrapped; a click on it writes it.
class LayerStrip::FormulaLine : public QWidget {
  public:
    explicit FormulaLine(LayerStrip& strip)
        : QWidget(&strip)
        , strip_(strip) {
        setFocusPolicy(Qt::TabFocus);
        setCursor(Qt::IBeamCursor);
        QSizePolicy policy(QSizePolicy::Ignored, QSizePolicy::Preferred);
        policy.setHeightForWidth(true);
        setSizePolicy(policy);
    }
    void show_formula(const ReadableFormula& formula, bool quiet) {
        formula_ = formula;
        quiet_ = quiet;
        setAccessibleName(formula.text);
        updateGeometry();
        update();
    }
    const QString& text() const { return formula_.text; }
    int heightForWidth(int width) const override {
        QTextLayout layout;
        return lay_out(layout, width) + theme().px(6);
    }
    QSize sizeHint() const override { return {200, heightForWidth(std::max(width(), 200))}; }

  protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        QTextLayout layout;
        lay_out(layout, width());
        painter.setPen(quiet_ ? theme().faint_ink : theme().ink);
        layout.draw(&painter, QPointF(0, theme().px(2)));
        if (hasFocus()) {
            painter.setPen(QPen(theme().follows, 1, Qt::DotLine));
            painter.drawRect(rect().adjusted(0, 0, -1, -1));
        }
    }
    void mousePressEvent(QMouseEvent*) override { Q_EMIT strip_.formula_wanted(); }
    void keyPressEvent(QKeyEvent* event) override {
        if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Space || event->key() == Qt::Key_F2) {
            Q_EMIT strip_.formula_wanted();
        } else {
            QWidget::keyPressEvent(event);
        }
    }

  private:
    int lay_out(QTextLayout& layout, int width) const {
        layout.setText(formula_.text);
        layout.setFont(theme().text(10.5));
        layout.setFormats(formula_.formats);
        layout.beginLayout();
        double y = 0;
        for (QTextLine line = layout.createLine(); line.isValid(); line = layout.createLine()) {
            line.setLineWidth(width);
            line.setPosition({0, y});
            y += line.height() + theme().px(1);
        }
        layout.endLayout();
        return static_cast<int>(std::lround(y));
    }

    LayerStrip& strip_;
    ReadableFormula formula_;
    bool quiet_ = false;
};

LayerStrip::LayerStrip(TwoWayModel& model, Document& document, QWidget* parent)
    : QWidget(parent)
    , model_(model)
    , document_(document)
    , down_(new QToolButton(this))
    , across_(new QToolButton(this))
    , turn_(new QToolButton(this))
    , layers_(new QWidget(this))
    , all_(new QToolButton(layers_))
    , next_(new QToolButton(layers_))
    , formula_(new FormulaLine(*this)) {
    for (QToolButton* button : {down_, across_, turn_, all_, next_}) {
        button->setAutoRaise(true);
        button->setToolButtonStyle(Qt::ToolButtonTextOnly);
    }
    down_->setToolTip(tr("Axis down: click to change its name or values"));
    across_->setToolTip(tr("Axis across: click to change its name or values"));
    set_text(*turn_, tr("swap axes"));
    turn_->setToolTip(tr("Rows become columns; formulas are rewritten to keep their meaning"));
    set_text(*next_, tr("next layer"));
    next_->setToolTip(tr("Write another formula for all cells"));
    set_text(*all_, tr("all layers"));
    all_->setToolTip(tr("Show all layers under each other in each cell, or one at a time"));
    all_->setCheckable(true);
    connect(all_, &QToolButton::toggled, this, [this](bool all) { model_.show_all_layers(all); });
    connect(down_, &QToolButton::clicked, this, [this] { Q_EMIT axis_wanted(false); });
    connect(across_, &QToolButton::clicked, this, [this] { Q_EMIT axis_wanted(true); });
    connect(turn_, &QToolButton::clicked, this, &LayerStrip::transposing_wanted);
    connect(next_, &QToolButton::clicked, this, &LayerStrip::next_layer_wanted);
    const auto row_of = [](std::initializer_list<QWidget*> widgets) {
        auto* row = new QHBoxLayout;
        row->setContentsMargins(0, 0, 0, 0);
        row->setSpacing(theme().px(4));
        for (QWidget* widget : widgets) {
            row->addWidget(widget);
        }
        return row;
    };
    bar_ = new QBoxLayout(QBoxLayout::LeftToRight);
    bar_->setSpacing(theme().px(4));
    auto* of_layers = row_of({layers_});
    auto* of_axes = row_of({down_, across_, turn_});
    of_axes->addStretch(1);
    of_layers->addStretch(0);
    bar_->addLayout(of_layers);
    bar_->addLayout(of_axes, 1);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(theme().px(12), 0, theme().px(10), theme().px(4));
    layout->setSpacing(theme().px(2));
    layout->addLayout(bar_);
    // It never keeps a table from being narrow, as it is beside another one.
    QSizePolicy narrow(QSizePolicy::Ignored, QSizePolicy::Preferred);
    narrow.setHeightForWidth(true);
    setSizePolicy(narrow);
    layout->addWidget(formula_);
    connect(&document, &Document::study_changed, this, &LayerStrip::refresh);
    connect(&document, &Document::results_changed, this, &LayerStrip::refresh);
    connect(&model, &TwoWayModel::layer_shown, this, &LayerStrip::refresh);
    connect(&theme_notifier(), &ThemeNotifier::changed, this, &LayerStrip::refresh);
    refresh();
}

QList<QToolButton*> LayerStrip::layer_buttons() const {
    QList<QToolButton*> buttons = layers_->findChildren<QToolButton*>(Qt::FindDirectChildrenOnly);
    buttons.removeOne(next_);
    buttons.removeOne(all_);
    return buttons;
}

QString LayerStrip::formula_text() const {
    return formula_->text();
}

/// One button a layer, checked where it is shown; there is none to choose where there is only one.
void LayerStrip::rebuild_layers() {
    const auto& layers = model_.table()->columns;
    QList<QToolButton*> buttons = layer_buttons();
    while (buttons.size() > static_cast<qsizetype>(layers.size())) {
        delete buttons.takeLast();
    }
    while (buttons.size() < static_cast<qsizetype>(layers.size())) {
        auto* button = new QToolButton(layers_);
        button->setAutoRaise(true);
        button->setCheckable(true);
        const auto at = static_cast<std::size_t>(buttons.size());
        connect(button, &QToolButton::clicked, this, [this, at] {
            const Table* table = model_.table();
            if (table != nullptr && at < table->columns.size()) {
                model_.show_layer(table->columns[at]->id);
            }
            refresh(); // the one that is shown stays checked
        });
        buttons << button;
    }
    const ColumnDefinition* shown = model_.layer();
    for (qsizetype at = 0; at < buttons.size(); ++at) {
        const ColumnDefinition& layer = *layers[static_cast<std::size_t>(at)];
        const bool chosen = shown != nullptr && layer.id == shown->id;
        set_text(*buttons[at], QString::fromStdString(layer.shown_label()));
        buttons[at]->setFont(theme().text(10.5, chosen));
        buttons[at]->setChecked(chosen);
        buttons[at]->setToolTip(tr("Show the layer %1").arg(QString::fromStdString(layer.shown_label())));
    }
}

/// The axes stand beside the layers where there is room for both, else under them; layers that are too many for one row
/// go on in the next, and what is still too long is cut.
void LayerStrip::fit() {
    const int room = width() - theme().px(30);
    const int gap = theme().px(4);
    const QList<QToolButton*> of_axes = {down_, across_, turn_};
    const auto together = [gap](const QList<QToolButton*>& buttons) {
        return std::accumulate(buttons.begin(), buttons.end(), 0,
                               [gap](int sum, const QToolButton* button) { return sum + wanted_width(*button) + gap; });
    };
    const bool several = model_.table() != nullptr && model_.table()->columns.size() > 1;
    all_->setVisible(several);
    const QList<QToolButton*> of_layers =
        layer_buttons() + (several ? QList<QToolButton*>{all_, next_} : QList<QToolButton*>{next_});
    const bool beside = together(of_layers) + together(of_axes) <= room;
    bar_->setDirection(beside ? QBoxLayout::LeftToRight : QBoxLayout::TopToBottom);
    cut(of_axes, room - gap * static_cast<int>(of_axes.size()));
    QPoint at;
    int widest = 0;
    int high = 0;
    for (QToolButton* button : of_layers) {
        cut({button}, room);
        const QSize size(std::min(room, wanted_width(*button)), button->sizeHint().height());
        at = at.x() > 0 && at.x() + size.width() > room ? QPoint(0, at.y() + high) : at;
        button->setGeometry(QRect(at, size));
        button->show();
        at.rx() += size.width() + gap;
        widest = std::max(widest, at.x());
        high = std::max(high, size.height());
    }
    layers_->setFixedSize(widest, at.y() + high);
}

void LayerStrip::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    fit();
}

void LayerStrip::refresh() {
    const Table* table = model_.table();
    if (table == nullptr || !table->two_way()) {
        return;
    }
    rebuild_layers();
    const auto named = [&](QToolButton& button, const Axis& axis, const QString& mark, const QColor& colour) {
        const ColumnDefinition& column = **axis.column;
        const QString unit =
            column.unit.empty() ? QString() : QStringLiteral(" [%1]").arg(QString::fromStdString(column.unit));
        constexpr int most = 34;
        QString values = QString::fromStdString(axis_in_words(document_.study(), axis));
        values = values.size() > most ? values.left(most - 1) + QStringLiteral("…") : values;
        set_text(button, QStringLiteral("%1 %2%3 = %4").arg(mark, QString::fromStdString(column.name), unit, values));
        button.setFont(theme().text(9.5));
        QPalette palette = button.palette();
        palette.setColor(QPalette::ButtonText, colour);
        button.setPalette(palette);
    };
    named(*down_, table->axis, QStringLiteral("↓"), theme().follows);
    named(*across_, *table->across, QStringLiteral("→"), theme().across);
    for (QToolButton* button : {turn_, all_, next_}) {
        button->setFont(theme().text(9.5));
    }
    fit();
    const ColumnDefinition* layer = model_.layer();
    if (layer == nullptr) {
        return formula_->show_formula({tr("No layer yet: click here and write a formula for all cells"), {}}, true);
    }
    const QString unit =
        layer->unit.empty() ? QString() : QStringLiteral(" [%1]").arg(QString::fromStdString(layer->unit));
    if (!layer->computed()) {
        return formula_->show_formula(
            {tr("%1%2, typed: type in the cells").arg(QString::fromStdString(layer->name), unit), {}}, true);
    }
    ReadableFormula formula = readable(layer->pieces.front().formula, document_.study(), table);
    const QString before = QString::fromStdString(layer->name) + unit + QStringLiteral(" = ");
    for (auto& range : formula.formats) {
        range.start += static_cast<int>(before.size());
    }
    formula.text = before + formula.text;
    formula_->show_formula(formula, false);
}

} // namespace ledgefall
