#include "app/ledge/held_card.h"

#include "app/numbers/formula_text.h"
#include "app/numbers/number_text.h"
#include "app/theme/theme.h"
#include "core/study/edits/edits.h"
#include "core/study/model/fault_explanation.h"
#include "core/study/model/parts.h"

#include <QAccessible>
#include <QApplication>
#include <QContextMenuEvent>
#include <QKeyEvent>
#include <QLineEdit>
#include <QMenu>
#include <QPainter>
#include <QPainterPath>

namespace ledgefall {
namespace {

constexpr double side = 12;

/// The line in which a card's definition is written; Escape leaves it.
class DefinitionLine : public QLineEdit {
  public:
    using QLineEdit::QLineEdit;
    std::function<void(bool)> done;

  protected:
    void keyPressEvent(QKeyEvent* event) override {
        if (event->key() == Qt::Key_Escape) {
            done(false);
        } else if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) {
            done(true);
        } else {
            QLineEdit::keyPressEvent(event);
        }
    }
    void focusOutEvent(QFocusEvent* event) override {
        QLineEdit::focusOutEvent(event);
        if (event->reason() != Qt::PopupFocusReason && event->reason() != Qt::ActiveWindowFocusReason) {
            done(true);
        }
    }
};

} // namespace

HeldCard::HeldCard(Document& document, Id held, const Table* table, QWidget* parent)
    : QWidget(parent)
    , document_(document)
    , held_(held)
    , table_(table == nullptr ? Id() : table->id) {
    setFocusPolicy(Qt::StrongFocus);
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    refresh();
}

const HeldValue* HeldCard::value() const {
    const Table* table = table_.empty() ? nullptr : document_.study().table(table_);
    const auto& ledge = table == nullptr ? document_.study().ledge : table->ledge;
    for (const auto& one : ledge) {
        if (one->id == held_) {
            return &*one;
        }
    }
    return nullptr;
}

QString HeldCard::shown_value() const {
    const HeldValue* held = value();
    const QString text = document_.single_text(held_, held->format);
    const bool bare = held->unit.empty() || !document_.results().single(held_).plain();
    return bare ? text : text + QStringLiteral("\u00A0") + QString::fromStdString(held->unit);
}

QString HeldCard::definition() const {
    const HeldValue* held = value();
    QString text = QString::fromStdString(held->left_side());
    if (!held->unit.empty()) {
        text += QStringLiteral(" [%1]").arg(QString::fromStdString(held->unit));
    }
    std::string right = !held->formula.empty() ? held->formula.text() : write_cell(held->value);
    if (held->formula.empty() && held->value.kind() == Kind::text && held->value.plain()) {
        right = '"' + right + '"';
    }
    return text + QStringLiteral(" = ") + QString::fromStdString(right.empty() ? "missing" : right);
}

/// What the tip tells: found when it is asked for, since what uses a value takes a look at all formulas.
QString HeldCard::story() const {
    const HeldValue* held = value();
    if (held == nullptr) {
        return {};
    }
    const Value now = document_.results().single(held_);
    QString story = now.is_fault() ? Document::translated(explain(document_.study(), document_.results(), now.fault()))
                                   : exact_text(now);
    if (!held->formula.empty()) {
        story += QStringLiteral("\n") + definition();
    }
    if (!held->note.empty()) {
        story += QStringLiteral("\n") + QString::fromStdString(held->note);
    }
    QStringList users;
    for (const std::string& user : users_of(document_.study(), held_)) {
        users << QString::fromStdString(user);
    }
    if (!users.isEmpty()) {
        story += QStringLiteral("\n") + tr("Used by %1").arg(users.join(QStringLiteral(", ")));
    }
    return story;
}

bool HeldCard::event(QEvent* event) {
    if (event->type() == QEvent::ToolTip) {
        setToolTip(story());
    }
    return QWidget::event(event);
}

void HeldCard::refresh() {
    const HeldValue* held = value();
    if (held == nullptr) {
        return;
    }
    setAccessibleName(tr("Held value %1, %2")
                          .arg(QString::fromStdString(held->name), held->is_function() ? tr("function")
                                                                   : held->computed()  ? tr("computed")
                                                                                       : tr("given")));
    setAccessibleDescription(definition() + QStringLiteral(", ") + shown_value());
    updateGeometry();
    update();
}

/// Measured anew only where what it shows has changed: shaping texts is what a long ledge would wait for.
QSize HeldCard::sizeHint() const {
    const HeldValue* held = value();
    if (held == nullptr) {
        return {};
    }
    QStringList shown{QString::fromStdString(held->left_side()), shown_value(),
                      QString::fromStdString(held->formula.text()), QString::fromStdString(held->note),
                      QString::number(theme().zoom)};
    shown << QString::number(held->slider.has_value()) << QString::number(held->choices.empty());
    if (QString now = shown.join(QChar(0)); now != measured_) {
        size_ = measured_size(*held);
        measured_ = std::move(now);
    }
    return size_;
}

QSize HeldCard::measured_size(const HeldValue& held) const {
    const QFontMetrics name(theme().text(9.5));
    const QFontMetrics large(theme().text(13, true));
    int width = name.horizontalAdvance(QString::fromStdString(held.left_side())) + theme().px(8) +
                large.horizontalAdvance(shown_value());
    const bool formula = !held.formula.empty();
    if (!held.note.empty() && !formula) {
        width = std::max(
            width, std::min(theme().px(170),
                            QFontMetrics(theme().formula(9)).horizontalAdvance(QString::fromStdString(held.note))));
    }
    if (formula) {
        const Table* table = table_.empty() ? nullptr : document_.study().table(table_);
        const ReadableFormula written = readable(held.formula, document_.study(), table);
        width = std::max(
            width, std::min(theme().px(240),
                            QFontMetrics(theme().formula(9)).horizontalAdvance(QStringLiteral("= ") + written.text)));
    }
    width = held.slider ? std::max(width, theme().px(120)) : width;
    width += held.choices.empty() ? 0 : theme().px(12);
    return {std::max(width, theme().px(48)) + 2 * theme().px(side) + 2, theme().px(52)};
}

void HeldCard::paintEvent(QPaintEvent*) {
    const HeldValue* held = value();
    if (held == nullptr) {
        return;
    }
    const Theme& in_use = theme();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF face = QRectF(rect()).adjusted(0.5, 1.5, -0.5, 0.5);
    const double notch = in_use.px(9);
    QPainterPath card;
    card.moveTo(face.bottomLeft());
    card.lineTo(face.topLeft());
    const bool computed = !held->formula.empty();
    card.lineTo(face.right() - (computed ? notch : 0), face.top());
    card.lineTo(face.right(), face.top() + (computed ? notch : 0));
    card.lineTo(face.bottomRight());
    card.closeSubpath();
    const bool asked = document_.asks_for(held_);
    const bool blank = asked && !computed && held->value.is_missing();
    painter.setPen(QPen(hasFocus() ? in_use.follows
                        : asked    ? in_use.ink
                                   : in_use.stone_edge,
                        hasFocus() ? 2
                        : asked    ? 1.4
                                   : 1,
                        blank ? Qt::DashLine : Qt::SolidLine));
    painter.setBrush(computed ? in_use.paper : in_use.stone_light);
    painter.drawPath(card);
    const int left = in_use.px(side);
    const QFontMetrics large(in_use.text(13, true));
    const int base = in_use.px(7) + large.ascent();
    const QString name = QString::fromStdString(held->left_side());
    painter.setFont(in_use.text(9.5));
    painter.setPen(in_use.stays);
    painter.drawText(left, base, name);
    const int name_width = QFontMetrics(painter.font()).horizontalAdvance(name);
    painter.setPen(QPen(in_use.stone_edge, 1));
    painter.drawLine(left, base + in_use.px(2), left + name_width, base + in_use.px(2)); // its ledge
    painter.setFont(in_use.text(13, true));
    const bool old = document_.shows_old() && computed;
    painter.setPen(document_.results().single(held_).is_fault() ? in_use.fault : old ? in_use.faint_ink : in_use.ink);
    painter.drawText(left + name_width + in_use.px(8), base, shown_value());
    painter.setFont(in_use.formula(9));
    painter.setPen(in_use.faint_ink);
    const int under = base + in_use.px(17);
    if (!held->choices.empty()) { // a wedge: there is something to choose
        QPainterPath wedge(QPointF(width() - in_use.px(16), base - in_use.px(8)));
        wedge.lineTo(width() - in_use.px(7), base - in_use.px(8));
        wedge.lineTo(width() - in_use.px(11.5), base - in_use.px(2));
        painter.fillPath(wedge, in_use.stone_edge);
    }
    if (held->slider) {
        return paint_track(painter, *held);
    }
    if (!computed) {
        const QString note = blank                ? tr("asked")
                             : held->note.empty() ? tr("given")
                                                  : QString::fromStdString(held->note);
        painter.drawText(left, under,
                         QFontMetrics(painter.font()).elidedText(note, Qt::ElideRight, width() - 2 * left));
        return;
    }
    const Table* table = table_.empty() ? nullptr : document_.study().table(table_);
    ReadableFormula formula = readable(held->formula, document_.study(), table);
    for (auto& range : formula.formats) {
        range.start += 2;
    }
    const QString whole = QStringLiteral("= ") + formula.text;
    const QString fitting =
        QFontMetrics(painter.font()).elidedText(whole, Qt::ElideRight, width() - left - in_use.px(6));
    QTextLayout layout(fitting, painter.font());
    for (auto& range : formula.formats) { // what is cut away has no format
        range.length = std::clamp(range.length, 0, std::max(0, static_cast<int>(fitting.size()) - range.start));
    }
    layout.setFormats(formula.formats);
    layout.beginLayout();
    layout.createLine().setLineWidth(10000);
    layout.endLayout();
    painter.setClipRect(rect().adjusted(left, 0, -in_use.px(6), 0));
    painter.setPen(in_use.ink);
    layout.draw(&painter, QPointF(left, under - QFontMetrics(painter.font()).ascent()));
}

QLineEdit* HeldCard::edit(bool select_name) {
    auto* line = new DefinitionLine(definition(), this);
    line->setAccessibleName(tr("Definition of held value"));
    line->setFont(theme().text(11));
    setMinimumWidth(std::max(width(), theme().px(230)));
    line->setGeometry(0, 0, minimumWidth(), height());
    line->show();
    line->setFocus();
    const int equals = static_cast<int>(definition().indexOf(QLatin1Char('=')));
    if (select_name) {
        line->setSelection(0, static_cast<int>(value()->name.size()));
    } else {
        line->setSelection(equals + 2, static_cast<int>(definition().size()));
    }
    line->done = [this, line](bool take) { finish(line, take); };
    return line;
}

void HeldCard::finish(QLineEdit* line, bool take) {
    auto* writing = static_cast<DefinitionLine*>(line);
    writing->done = [](bool) {};
    const std::string text = line->text().toStdString();
    const bool changed = take && line->text() != definition();
    line->hide();
    line->deleteLater();
    setMinimumWidth(0);
    setFocus();
    if (changed) {
        Document& document = document_;
        const Id held = held_;
        const QString name = tr("held value %1").arg(QString::fromStdString(value()->name));
        document.perform(name, rehold(document.study(), held, text)); // this card may be gone afterwards
        return;
    }
    updateGeometry();
}

QRect HeldCard::track() const {
    const HeldValue* held = value();
    if (held == nullptr || !held->slider) {
        return {};
    }
    const int left = theme().px(side);
    return {left, height() - theme().px(20), width() - 2 * left, theme().px(14)};
}

/// A groove with a pebble in it.
void HeldCard::paint_track(QPainter& painter, const HeldValue& held) const {
    const Theme& in_use = theme();
    const QRect place = track();
    const double y = place.center().y() + 0.5;
    const double radius = in_use.px(6);
    const double span = held.slider->to - held.slider->from;
    const double now = held.value.plain() ? held.value.number() : held.slider->from;
    const double part = std::clamp((now - held.slider->from) / span, 0.0, 1.0);
    const double x = place.left() + radius + part * (place.width() - 2 * radius);
    painter.setPen(QPen(in_use.stone_edge, 2, Qt::SolidLine, Qt::RoundCap));
    painter.drawLine(QPointF(place.left() + radius, y), QPointF(place.right() - radius, y));
    painter.setPen(QPen(in_use.stays, 1));
    painter.setBrush(in_use.stone);
    painter.drawEllipse(QPointF(x, y), radius * 1.15, radius * 0.85);
}

void HeldCard::slide_to(double wanted) {
    const HeldValue* held = value();
    if (held == nullptr || !held->slider) {
        return;
    }
    const Slider& slider = *held->slider;
    const double steps = std::round((std::clamp(wanted, slider.from, slider.to) - slider.from) / slider.step);
    // Through its shortest writing, so that 0.1 + 2 · 0.1 is held as 0.3.
    const double exact = slider.from + steps * slider.step;
    const double rounded = QString::number(exact, 'g', 12).toDouble();
    document_.slide(tr("sliding %1").arg(QString::fromStdString(held->name)),
                    give_held(document_.study(), held_, Value::number(std::min(rounded, slider.to))));
    QAccessibleValueChangeEvent moved(this, rounded);
    QAccessible::updateAccessibility(&moved);
}

void HeldCard::slide_to_place(int x) {
    const Slider& slider = *value()->slider;
    const QRect place = track();
    const double radius = theme().px(6);
    const double part = (x - place.left() - radius) / std::max(1.0, place.width() - 2 * radius);
    slide_to(slider.from + part * (slider.to - slider.from));
}

QList<Value> HeldCard::choices() const {
    const std::vector<Value> all = value() == nullptr ? std::vector<Value>() : choices_of(document_.study(), *value());
    return {all.begin(), all.end()};
}

void HeldCard::choose(const Value& chosen_value) {
    document_.perform(tr("choosing %1").arg(QString::fromStdString(value()->name)),
                      give_held(document_.study(), held_, chosen_value));
}

void HeldCard::open_choices() {
    QMenu menu(this);
    for (const Value& one : choices()) {
        QAction* action = menu.addAction(value_text(one, value()->format), this, [this, one] { choose(one); });
        action->setCheckable(true);
        action->setChecked(one == value()->value);
    }
    if (menu.isEmpty()) {
        menu.addAction(tr("no values to choose from"))->setEnabled(false);
    }
    menu.exec(mapToGlobal(rect().bottomLeft()));
}

void HeldCard::mousePressEvent(QMouseEvent* event) {
    if (event->button() != Qt::LeftButton) {
        return;
    }
    pressed_at_ = event->pos();
    if (track().contains(event->pos())) {
        grip_ = Grip::slider;
        return slide_to_place(event->pos().x());
    }
    grip_ = Grip::card;
    Q_EMIT chosen(held_);
}

void HeldCard::mouseMoveEvent(QMouseEvent* event) {
    if (grip_ == Grip::slider) {
        slide_to_place(event->pos().x());
    } else if (grip_ == Grip::card &&
               (event->pos() - pressed_at_).manhattanLength() > QApplication::startDragDistance()) {
        setCursor(Qt::ClosedHandCursor);
    }
}

void HeldCard::mouseReleaseEvent(QMouseEvent* event) {
    const Grip grip = std::exchange(grip_, Grip::none);
    document_.end_sliding();
    unsetCursor();
    const bool moved = (event->pos() - pressed_at_).manhattanLength() > QApplication::startDragDistance();
    if (grip == Grip::card && moved) {
        Q_EMIT dragged_to(held_, mapToParent(event->pos()));
    } else if (grip == Grip::card && !value()->choices.empty() && event->pos().x() > width() - theme().px(22)) {
        open_choices();
    }
}

void HeldCard::mouseDoubleClickEvent(QMouseEvent* event) {
    if (!track().contains(event->pos())) {
        edit();
    }
}

void HeldCard::keyPressEvent(QKeyEvent* event) {
    const HeldValue* held = value();
    const bool forward = event->key() == Qt::Key_Right || event->key() == Qt::Key_Up;
    const bool arrow = forward || event->key() == Qt::Key_Left || event->key() == Qt::Key_Down;
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter || event->key() == Qt::Key_F2) {
        edit();
    } else if (arrow && event->modifiers().testFlag(Qt::ControlModifier)) {
        Q_EMIT shifted(held_, forward ? 1 : -1);
    } else if (event->key() == Qt::Key_Down && !held->choices.empty()) {
        open_choices();
    } else if (arrow && held->slider && held->value.plain()) {
        slide_to(held->value.number() + (forward ? held->slider->step : -held->slider->step));
    } else if (held->slider && (event->key() == Qt::Key_Home || event->key() == Qt::Key_End)) {
        slide_to(event->key() == Qt::Key_Home ? held->slider->from : held->slider->to);
    } else if (event->key() == Qt::Key_Menu || event->key() == Qt::Key_Space) {
        Q_EMIT menu_wanted(held_, mapToGlobal(rect().bottomLeft()));
    } else if (const QString typed = event->text(); !typed.isEmpty() && typed[0].isPrint() && !held->is_function() &&
                                                    !(event->modifiers() & (Qt::ControlModifier | Qt::AltModifier))) {
        edit()->insert(typed); // what is typed takes the place of the value, as in a cell
    } else {
        QWidget::keyPressEvent(event);
    }
}

void HeldCard::focusInEvent(QFocusEvent* event) {
    if (event->reason() == Qt::TabFocusReason || event->reason() == Qt::BacktabFocusReason) {
        Q_EMIT looked_at(held_);
    }
    update();
}
void HeldCard::focusOutEvent(QFocusEvent*) {
    document_.end_sliding();
    update();
}
void HeldCard::contextMenuEvent(QContextMenuEvent* event) {
    Q_EMIT menu_wanted(held_, event->globalPos());
}

} // namespace ledgefall
