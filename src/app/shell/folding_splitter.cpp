#include "app/shell/folding_splitter.h"

#include "app/theme/focus.h"
#include "app/theme/theme.h"

#include <QApplication>
#include <QFrame>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QSettings>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>
#include <utility>

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
        const bool at_left = row_->handle(1) == this;
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
    over_ = new QFrame(parent);
    over_->setFrameShape(QFrame::StyledPanel);
    over_->setAutoFillBackground(true);
    over_->hide();
    (new QVBoxLayout(over_))->setContentsMargins(0, 0, 0, 0);
    connect(this, &QSplitter::splitterMoved, this, &FoldingSplitter::take_dragged);
    connect(qApp, &QApplication::focusChanged, this, [this](QWidget*, QWidget* now) {
        const bool left = now != nullptr && now->window() == window() && !over_->isAncestorOf(now);
        for (Folding& one : folding_) {
            if (left && one.place != nullptr) {
                put_back(one);
            }
        }
    });
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
    panel->setMinimumWidth(1); // its contents set no limit
    addWidget(panel);
}

bool FoldingSplitter::is_folded(const QWidget* panel) const {
    return std::any_of(folding_.begin(), folding_.end(), [panel](const Folding& one) {
        return one.panel == panel && one.place == nullptr && (one.folded || one.no_room);
    });
}

void FoldingSplitter::fold(QWidget* panel, bool folded) {
    for (Folding& one : folding_) {
        if (one.panel == panel && one.place != nullptr) {
            put_back(one);
        } else if (one.panel == panel && one.no_room && !folded) {
            bring_out(one);
        } else if (one.panel == panel) {
            one.folded = folded;
            QSettings().setValue(QStringLiteral("folded/") + one.key, folded);
        }
    }
    fit_widths();
    Q_EMIT folded_changed();
}

/// How wide a panel is: as it was added or dragged, at most a fifth; the help, which is read in, as it is.
int FoldingSplitter::most_width(const Folding& one) const {
    const int wanted = theme().px(one.width);
    return one.key.isEmpty() ? wanted : std::min(wanted, width() / 5);
}

/// Folds what has no room: what would be too narrow to read in, and then from the right as long as the middle has less
/// than half.
void FoldingSplitter::make_room() {
    constexpr int least_width = 130;
    int middle = width() - (count() - 1) * handleWidth();
    for (Folding& one : folding_) {
        one.no_room = !one.key.isEmpty() && most_width(one) < std::min(theme().px(one.width), theme().px(least_width));
        middle -= one.folded || one.no_room || one.panel->isHidden() ? 0 : most_width(one);
    }
    for (auto one = folding_.rbegin(); one != folding_.rend(); ++one) {
        if (middle < width() / 2 && !one->key.isEmpty() && !one->folded && !one->no_room) {
            one->no_room = true;
            middle += most_width(*one);
        }
    }
}

void FoldingSplitter::bring_out(Folding& one) {
    for (Folding& other : folding_) {
        if (other.place != nullptr) {
            put_back(other);
        }
    }
    one.place = new QWidget;
    replaceWidget(indexOf(one.panel), one.place);
    over_->layout()->addWidget(one.panel);
    one.panel->setEnabled(true);
    one.panel->show();
    one.panel->installEventFilter(this);
    lay_over(one);
    over_->show();
    over_->raise();
    focus_inside(*one.panel);
}

void FoldingSplitter::put_back(Folding& one) {
    QWidget* place = std::exchange(one.place, nullptr);
    one.panel->removeEventFilter(this);
    over_->hide();
    replaceWidget(indexOf(place), one.panel);
    delete place;
    fit_widths();
    Q_EMIT folded_changed();
}

/// Beside its edge, over the middle.
void FoldingSplitter::lay_over(const Folding& one) {
    const int at = indexOf(in_row(one));
    const int wide = std::min(theme().px(one.width), width() / 2);
    const QRect edge = handle(at == 0 ? 1 : at)->geometry();
    const int left = at == 0 ? edge.right() + 1 : edge.left() - wide;
    over_->setGeometry(QRect(mapTo(over_->parentWidget(), QPoint(left, 0)), QSize(wide, height())));
}

void FoldingSplitter::resizeEvent(QResizeEvent* event) {
    QSplitter::resizeEvent(event);
    fit_widths();
    for (Folding& one : folding_) {
        if (one.place != nullptr) {
            lay_over(one);
        }
    }
}

bool FoldingSplitter::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::KeyPress && static_cast<QKeyEvent*>(event)->key() == Qt::Key_Escape) {
        for (Folding& one : folding_) {
            if (one.place != nullptr && one.panel == watched) {
                put_back(one);
                return true;
            }
        }
    }
    return QSplitter::eventFilter(watched, event);
}

void FoldingSplitter::fit_widths() {
    make_room();
    QList<int> widths;
    int left = width() - (count() - 1) * handleWidth();
    for (int at = 0; at < count(); ++at) {
        int wanted = -1;
        for (const Folding& one : folding_) {
            const bool away = one.folded || one.no_room || one.panel->isHidden();
            wanted = in_row(one) == widget(at) ? (away ? 0 : most_width(one)) : wanted;
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
        const int wide = sizes().at(indexOf(in_row(one)));
        const bool folded = wide == 0;
        one.width = folded || one.no_room ? one.width : static_cast<int>(std::lround(wide / theme().zoom));
        if (one.no_room) {
            continue;
        }
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
        const int place = indexOf(in_row(one));
        if (!one.key.isEmpty() && (place == 0 ? at == 1 : at == place)) {
            return &one;
        }
    }
    return nullptr;
}

} // namespace ledgefall
