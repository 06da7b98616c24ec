#include "app/table/cell_delegate.h"

#include "app/table/fast_digits.h"
#include "app/table/referenced_cells.h"
#include "app/table/transposition.h"
#include "app/theme/theme.h"

#include <QLineEdit>
#include <QPainter>
#include <QPainterPath>
#include <QTableView>
#include <QTransposeProxyModel>

namespace ledgefall {
namespace {

constexpr int quiet_line = 90; ///< of 255: in a two-way table lines run in both directions

const QTransposeProxyModel* transposed_model(const QModelIndex& seen) {
    return qobject_cast<const QTransposeProxyModel*>(seen.model());
}

/// The cell as one of the table's model, in a view that is laid across too.
QModelIndex in_table(const QModelIndex& seen) {
    const QTransposeProxyModel* proxy = transposed_model(seen);
    return proxy == nullptr ? seen : proxy->mapToSource(seen);
}

} // namespace

/// A line around what is selected, as far as this cell is at its edge.
void CellDelegate::paint_selection_edge(QPainter* painter, const QStyleOptionViewItem& option,
                                        const QModelIndex& seen) {
    const auto* view = qobject_cast<const QAbstractItemView*>(option.widget);
    if (view == nullptr || view->selectionModel() == nullptr) {
        return;
    }
    const auto ends = [&](int down, int right) {
        const QModelIndex next = seen.sibling(seen.row() + down, seen.column() + right);
        return !next.isValid() || !view->selectionModel()->isSelected(next);
    };
    const QRect rect = option.rect.adjusted(0, 0, -1, -1);
    painter->setPen(QPen(theme().follows, 1));
    if (ends(-1, 0)) {
        painter->drawLine(rect.topLeft(), rect.topRight());
    }
    if (ends(1, 0)) {
        painter->drawLine(rect.bottomLeft(), rect.bottomRight());
    }
    if (ends(0, -1)) {
        painter->drawLine(rect.topLeft(), rect.bottomLeft());
    }
    if (ends(0, 1)) {
        painter->drawLine(rect.topRight(), rect.bottomRight());
    }
}

void CellDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& seen) const {
    const QModelIndex index = in_table(seen);
    const bool laid_across = transposed_model(seen) != nullptr;
    const Theme& in_use = theme();
    painter->save();
    const QRect rect = option.rect;
    const bool selected = (option.state & QStyle::State_Selected) != 0;
    const bool computed = index.data(TableModel::ComputedRole).toBool();
    const bool trial = index.data(TableModel::TrialRole).toBool();
    const bool across = index.data(TableModel::AcrossRole).toBool();
    painter->fillRect(rect, selected                      ? in_use.follows_wash
                            : computed || trial || across ? in_use.computed
                                                          : in_use.paper);
    if (index.data(TableModel::BeyondRole).toBool()) {
        if (selected) {
            paint_selection_edge(painter, option, seen);
        }
        paint_beyond(painter, option, index, laid_across);
        painter->restore();
        return;
    }
    if (selected) {
        paint_selection_edge(painter, option, seen);
    }
    const auto state = static_cast<State>(index.data(TableModel::ValueStateRole).toInt());
    const bool overridden = index.data(TableModel::OverrideRole).toBool();
    const bool waits = index.data(TableModel::WaitsRole).toBool();
    const bool wrong = (state == State::fault && !waits) || state == State::unparsed;
    if (wrong) {
        painter->fillRect(rect.adjusted(in_use.px(8), 2, -in_use.px(2), -3), in_use.fault_wash);
    }
    painter->setPen(in_use.rule);
    painter->drawLine(rect.bottomLeft(), rect.bottomRight());
    if (across) { // the line of what follows the column runs across
        QColor quiet = in_use.across;
        quiet.setAlpha(quiet_line);
        painter->setPen(QPen(quiet, 1, Qt::DotLine));
        painter->drawLine(rect.left(), rect.bottom(), rect.right(), rect.bottom());
    }
    if (index.data(TableModel::BesideRole).toBool()) {
        painter->setPen(in_use.ink);
        painter->drawLine(rect.topLeft(), rect.bottomLeft());
    }
    const auto* table = qobject_cast<const TableModel*>(index.model());
    const bool in_grid = table != nullptr && table->two_way();
    if (computed || (overridden && in_grid)) {
        painter->setOpacity(in_grid && !overridden ? quiet_line / 255.0 : 1);
        paint_fall_line(painter, rect, overridden, !in_grid && index.data(TableModel::ReachEndRole).toBool(),
                        laid_across);
        painter->setOpacity(1);
    }
    const bool figures = !trial && !overridden && (state == State::plain) &&
                         static_cast<Kind>(index.data(TableModel::KindRole).toInt()) == Kind::number;
    if (trial || waits) { // not entered yet, or not there yet
        QFont font = in_use.text(10.0);
        font.setItalic(true);
        painter->setFont(font);
    } else {
        painter->setFont(in_use.text(10.0, overridden));
    }
    painter->setPen(wrong                                      ? in_use.fault
                    : waits                                    ? in_use.faint_ink
                    : overridden                               ? in_use.stays
                    : trial                                    ? in_use.follows
                    : index.data(TableModel::OldRole).toBool() ? in_use.faint_ink
                                                               : in_use.ink);
    const QString text = index.data(Qt::DisplayRole).toString();
    const auto alignment = index.data(Qt::TextAlignmentRole).value<Qt::Alignment>();
    const QRect inner = rect.adjusted(in_use.px(14), 0, -in_use.px(10), 0);
    const QStringList lines = index.data(TableModel::LinesRole).toStringList();
    if (!lines.isEmpty()) {
        paint_lines(*painter, inner, lines, index.data(TableModel::LineRole).toInt());
    } else if (!figures || !draw_digits(*painter, inner, text)) {
        painter->drawText(inner, static_cast<int>(alignment),
                          QFontMetrics(painter->font()).elidedText(text, Qt::ElideRight, inner.width()));
    }
    if (state == State::unparsed) { // colour is never the only sign
        QPen wave(in_use.fault, 1, Qt::DotLine);
        painter->setPen(wave);
        painter->drawLine(inner.left(), rect.bottom() - in_use.px(4), inner.right(), rect.bottom() - in_use.px(4));
    }
    paint_references(painter, option, index, laid_across);
    if ((option.state & QStyle::State_HasFocus) != 0) {
        painter->setPen(QPen(in_use.follows, 2));
        painter->drawRect(rect.adjusted(1, 1, -2, -2));
    }
    painter->restore();
}

/// All layers of a two-way table under each other; that which is written into in full ink.
void CellDelegate::paint_lines(QPainter& painter, const QRect& rect, const QStringList& lines, int written) {
    const QPen own = painter.pen();
    const QFont font = painter.font();
    const auto high = static_cast<double>(rect.height()) / static_cast<double>(lines.size());
    for (qsizetype at = 0; at < lines.size(); ++at) {
        painter.setPen(at == written ? own : QPen(theme().faint_ink));
        painter.setFont(at == written ? font : theme().text(10.0));
        const QRectF line(rect.left(), rect.top() + static_cast<double>(at) * high, rect.width(), high);
        painter.drawText(line, Qt::AlignRight | Qt::AlignVCenter,
                         QFontMetrics(painter.font()).elidedText(lines[at], Qt::ElideRight, rect.width()));
    }
}

/// The cells that the formula being written refers to: what follows has a line of water along its left, and this row's
/// a frame; what stays stands on a ledge of stone, or, where it is a whole run of cells, between two posts.
void CellDelegate::paint_references(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index,
                                    bool laid_across) {
    const auto* view = dynamic_cast<const ShowsReferences*>(option.widget);
    if (view == nullptr) {
        return;
    }
    const Theme& in_use = theme();
    const QRect rect = laid_across ? transposed(option.rect) : option.rect;
    painter->save();
    painter->setTransform(laid_across ? transposition : QTransform(), true);
    for (const ReferencedCells& cells : view->referenced_cells()) {
        if (cells.section != index.column() || index.row() < cells.from || index.row() > cells.to) {
            continue;
        }
        const QRect inner = rect.adjusted(in_use.px(2), 1, -in_use.px(2), -2);
        const bool stays = cells.manner == Manner::stays;
        const QColor colour = stays ? in_use.stays : cells.manner == Manner::across ? in_use.across : in_use.follows;
        painter->setPen(QPen(colour, stays ? 2 : 1.5, stays ? Qt::SolidLine : Qt::DotLine));
        if (cells.from == cells.to) {
            stays ? painter->drawLine(inner.bottomLeft(), inner.bottomRight()) : painter->drawRect(inner);
            stays ? painter->drawLine(inner.bottomLeft(), inner.bottomLeft() - QPoint(0, in_use.px(6))) : void();
            stays ? painter->drawLine(inner.bottomRight(), inner.bottomRight() - QPoint(0, in_use.px(6))) : void();
        } else {
            painter->drawLine(inner.left(), rect.top(), inner.left(), rect.bottom());
            painter->drawLine(inner.right(), rect.top(), inner.right(), rect.bottom());
        }
    }
    painter->restore();
}

void CellDelegate::paint_beyond(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index,
                                bool laid_across) {
    const Theme& in_use = theme();
    const auto* model = qobject_cast<const TableModel*>(index.model());
    const auto* view = qobject_cast<const QTableView*>(option.widget);
    const bool add_row = model != nullptr && view != nullptr && index.row() == model->table_rows();
    // It goes on over narrow columns: each cell paints its part of it. Where the rows run to the right there is no
    // room.
    if (add_row && !laid_across) {
        QFont quiet = in_use.formula();
        quiet.setItalic(true);
        painter->save();
        painter->setClipRect(option.rect);
        painter->setFont(quiet);
        painter->setPen(in_use.faint_ink);
        QRect line = option.rect;
        line.setLeft(view->columnViewportPosition(0) + in_use.px(10));
        painter->drawText(line, Qt::AlignLeft | Qt::AlignVCenter | Qt::TextDontClip, tr("type to add a row"));
        painter->restore();
    }
    if ((option.state & QStyle::State_HasFocus) != 0) {
        painter->setPen(QPen(in_use.follows, 2, Qt::DashLine));
        painter->drawRect(option.rect.adjusted(1, 1, -2, -2));
    }
}

/// A thin line of water down the left of computed cells, or along their top where the rows run to the right. It gives
/// way to a stone where a value was typed over, and ends in a drop at the last row that the formula covers.
void CellDelegate::paint_fall_line(QPainter* painter, const QRect& cell, bool overridden, bool last, bool laid_across) {
    const Theme& in_use = theme();
    const QRect rect = laid_across ? transposed(cell) : cell;
    painter->save();
    painter->setTransform(laid_across ? transposition : QTransform(), true);
    const double x = rect.left() + in_use.px(5) + 0.5;
    painter->setRenderHint(QPainter::Antialiasing);
    painter->setPen(QPen(in_use.follows, 1.4));
    const double bottom = last ? rect.center().y() : rect.bottom() + 1.0;
    painter->drawLine(QPointF(x, rect.top()), QPointF(x, bottom));
    painter->setPen(Qt::NoPen);
    if (last) {
        const double r = in_use.px(3);
        QPainterPath drop(QPointF(x, bottom - r * 1.6));
        drop.cubicTo(x + r * 1.4, bottom + r * 0.4, x + r, bottom + r * 1.4, x, bottom + r * 1.4);
        drop.cubicTo(x - r, bottom + r * 1.4, x - r * 1.4, bottom + r * 0.4, x, bottom - r * 1.6);
        painter->setBrush(in_use.follows);
        painter->drawPath(drop);
    }
    if (overridden) {
        painter->setBrush(in_use.stays);
        const double half = in_use.px(4);
        painter->drawRoundedRect(QRectF(x - half, rect.center().y() - half * 0.7, 2 * half, 1.4 * half), 2, 2);
    }
    painter->restore();
}

QSize CellDelegate::sizeHint(const QStyleOptionViewItem&, const QModelIndex& index) const {
    const QFontMetrics metrics(theme().text());
    return {metrics.horizontalAdvance(index.data(Qt::DisplayRole).toString()) + theme().px(26),
            metrics.height() + theme().px(10)};
}

QWidget* CellDelegate::createEditor(QWidget* parent, const QStyleOptionViewItem&, const QModelIndex& index) const {
    auto* line = new QLineEdit(parent);
    line->setFrame(false);
    line->setFont(theme().text());
    line->setAlignment(Qt::AlignRight);
    line->setAccessibleName(tr("Row %1").arg(in_table(index).row() + 1));
    line->setStyleSheet(QStringLiteral("QLineEdit { background: %1; border: 2px solid %2; padding: 0 4px; }")
                            .arg(theme().paper.name(), theme().follows.name()));
    return line;
}

/// Fills an editor once. Results that come in while somebody types must not take the place of what is being typed.
void CellDelegate::setEditorData(QWidget* editor, const QModelIndex& index) const {
    static constexpr const char* filled = "filled";
    if (!editor->property(filled).toBool()) {
        editor->setProperty(filled, true);
        QStyledItemDelegate::setEditorData(editor, index);
    }
}

std::optional<CellStep> cell_step(const QKeyEvent& key) {
    if ((key.modifiers() & (Qt::ControlModifier | Qt::AltModifier)) != 0) {
        return std::nullopt;
    }
    const bool back = (key.modifiers() & Qt::ShiftModifier) != 0;
    switch (key.key()) {
    case Qt::Key_Return:
    case Qt::Key_Enter:
        return CellStep{CellStep::enter, back ? -1 : 1, 0};
    case Qt::Key_Tab:
        return CellStep{CellStep::tab, 0, back ? -1 : 1};
    case Qt::Key_Backtab:
        return CellStep{CellStep::tab, 0, -1};
    default:
        return std::nullopt;
    }
}

/// Enter and Tab end what is typed; so do the arrows while it was begun by typing it, until F2 keeps them inside.
bool CellDelegate::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() != QEvent::KeyPress) {
        return QStyledItemDelegate::eventFilter(watched, event);
    }
    const auto& key = *static_cast<QKeyEvent*>(event);
    std::optional<CellStep> step = cell_step(key);
    const bool plain = (key.modifiers() & ~Qt::KeypadModifier) == Qt::NoModifier;
    if (plain && key.key() == Qt::Key_F2) {
        arrows_end_ = false;
    } else if (plain && arrows_end_) {
        const int down = key.key() == Qt::Key_Down ? 1 : key.key() == Qt::Key_Up ? -1 : 0;
        const int right = key.key() == Qt::Key_Right ? 1 : key.key() == Qt::Key_Left ? -1 : 0;
        if (down != 0 || right != 0) {
            step = CellStep{CellStep::arrow, down, right};
        }
    }
    if (!step) {
        return QStyledItemDelegate::eventFilter(watched, event);
    }
    auto* editor = static_cast<QWidget*>(watched);
    Q_EMIT commitData(editor);
    Q_EMIT closeEditor(editor, NoHint);
    Q_EMIT ended(*step);
    return true;
}

void CellDelegate::updateEditorGeometry(QWidget* editor, const QStyleOptionViewItem& option, const QModelIndex&) const {
    editor->setGeometry(option.rect);
}

} // namespace ledgefall
