#include "app/shell/folding_splitter.h"

#include "app/theme/theme.h"

#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QSettings>

#include <algorithm>

namespace ledgefall {
namespace {

constexpr int edge_width = 11;

/// The edge between two panels: dragged, it changes their widths; clicked, it folds the one at the end of the row.
class Edge : public QSplitterHandle {
  public:
    Edge(Qt::Orientation direction, FoldingSplitter* row)
        : QSplitterHandle(direction, row)
        , row_(row) {}

    QSize sizeHint() const override { return {theme().px(edge_width), 40}; }

  protected:
    void paintEvent(QPaintEvent*) override {
        const FoldingSplitter::Folding* its = row_->beside(this);
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.fillRect(rect(), underMouse() ? theme().stone_light : theme().margin);
        painter.setPen(theme().rule);
        painter.drawLine(rect().topLeft(), rect().bottomLeft());
        painter.drawLine(rect().topRight(), rect().bottomRight());
        if (its == nullptr) {
            return;
        }
        const bool folded = row_->is_folded(its->panel);
        const bool at_left = row_->indexOf(its->panel) == 0;
        const double half = theme().px(3);
        const double points = at_left == folded ? half : -half; // to where the panel goes on a click
        const QPointF middle = QRectF(rect()).center();
        QPainterPath wedge(QPointF(middle.x() - points, middle.y() - 2 * half));
        wedge.lineTo(middle.x() + points, middle.y());
        wedge.lineTo(middle.x() - points, middle.y() + 2 * half);
        painter.setPen(QPen(theme().faint_ink, 1.5));
        painter.drawPath(wedge);
        if (folded) {
            painter.setPen(theme().ink);
            painter.setFont(theme().text(7.5, true));
            painter.translate(middle.x(), middle.y() - theme().px(14));
            painter.rotate(-90);
            painter.drawText(QRectF(0, -width() / 2.0, theme().px(200), width()), Qt::AlignVCenter | Qt::AlignLeft,
                             its->name);
        }
    }
    void mousePressEvent(QMouseEvent* event) override {
        pressed_at_ = event->globalPosition().toPoint();
        QSplitterHandle::mousePressEvent(event);
    }
    void mouseReleaseEvent(QMouseEvent* event) override {
        QSplitterHandle::mouseReleaseEvent(event);
        const FoldingSplitter::Folding* its = row_->beside(this);
        if (its != nullptr && (event->globalPosition().toPoint() - pressed_at_).manhattanLength() < 4) {
            row_->fold(its->panel, !row_->is_folded(its->panel));
        }
    }
    void enterEvent(QEnterEvent* event) override {
        const FoldingSplitter::Folding* its = row_->beside(this);
        if (its != nullptr) {
            setToolTip((row_->is_folded(its->panel) ? FoldingSplitter::tr("Show: %1") : FoldingSplitter::tr("Hide: %1"))
                           .arg(its->name));
        }
        update();
        QSplitterHandle::enterEvent(event);
    }
    void leaveEvent(QEvent* event) override {
        update();
        QSplitterHandle::leaveEvent(event);
    }

  private:
    FoldingSplitter* row_;
    QPoint pressed_at_;
};

} // namespace

FoldingSplitter::FoldingSplitter(QWidget* parent)
    : QSplitter(Qt::Horizontal, parent) {
    setHandleWidth(theme().px(edge_width));
    connect(this, &QSplitter::splitterMoved, this, &FoldingSplitter::take_dragged);
    connect(&theme_notifier(), &ThemeNotifier::changed, this, [this] {
        setHandleWidth(theme().px(edge_width));
        fit_widths();
    });
}

QSplitterHandle* FoldingSplitter::createHandle() {
    return new Edge(Qt::Horizontal, this);
}

void FoldingSplitter::add_folding(QWidget* panel, const QString& name, const QString& key, int width) {
    const bool folded = !key.isEmpty() && QSettings().value(QStringLiteral("folded/") + key, false).toBool();
    folding_.append({panel, name, key, width, folded});
    addWidget(panel);
}

bool FoldingSplitter::is_folded(const QWidget* panel) const {
    return std::any_of(folding_.begin(), folding_.end(),
                       [panel](const Folding& one) { return one.panel == panel && one.folded; });
}

void FoldingSplitter::fold(QWidget* panel, bool folded) {
    for (Folding& one : folding_) {
        if (one.panel == panel) {
            one.folded = folded;
            QSettings().setValue(QStringLiteral("folded/") + one.key, folded);
        }
    }
    fit_widths();
    Q_EMIT folded_changed();
}

void FoldingSplitter::fit_widths() {
    QList<int> widths;
    int left = width() - (count() - 1) * handleWidth();
    for (int at = 0; at < count(); ++at) {
        int wanted = -1;
        for (const Folding& one : folding_) {
            wanted =
                one.panel == widget(at) ? (one.folded || one.panel->isHidden() ? 0 : theme().px(one.width)) : wanted;
        }
        widget(at)->setEnabled(wanted != 0); // what is folded away takes no focus
        widths.append(wanted);
        left -= std::max(0, wanted);
    }
    std::replace(widths.begin(), widths.end(), -1, std::max(200, left));
    setSizes(widths);
}

/// An edge that was dragged to the end has folded its panel, one dragged away from it has opened it.
void FoldingSplitter::take_dragged() {
    for (Folding& one : folding_) {
        const bool folded = sizes().at(indexOf(one.panel)) == 0;
        if (one.folded != folded && !one.key.isEmpty() && !one.panel->isHidden()) {
            one.folded = folded;
            QSettings().setValue(QStringLiteral("folded/") + one.key, folded);
            Q_EMIT folded_changed();
        }
    }
}

const FoldingSplitter::Folding* FoldingSplitter::beside(const QSplitterHandle* edge) const {
    const int at = indexOf(const_cast<QSplitterHandle*>(edge)); // it stands before the panel of that place
    for (const Folding& one : folding_) {
        const int place = indexOf(one.panel);
        if (!one.key.isEmpty() && (place == 0 ? at == 1 : at == place)) {
            return &one;
        }
    }
    return nullptr;
}

} // namespace ledgefall
