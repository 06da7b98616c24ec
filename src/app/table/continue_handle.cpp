#include "app/table/continue_handle.h"

#include "app/table/table_view.h"
#include "app/table/transposition.h"
#include "app/theme/theme.h"
#include "core/study/edits/series.h"

#include <QPainterPath>
#include <QScrollBar>
#include <QToolTip>

namespace ledgefall {
namespace {

constexpr double drop_size = 11;

} // namespace

bool ContinueHandle::offered() const {
    const TableView::Block block = view_.chosen();
    if (view_.chosen_blocks().size() > 1 || block.empty() || view_.is_typing()) {
        return false;
    }
    const TableModel& table = view_.table_model();
    bool filled = false;
    for (int section = block.left; section <= block.right && !table.two_way(); ++section) {
        const ColumnDefinition& column = *table.column(section);
        filled = filled || (!column.computed() && !table.value(block.bottom, section).is_missing());
    }
    return filled;
}

/// In a view that is laid across, by transposed coordinates, as all that has to do with the drop.
QRect ContinueHandle::rect() const {
    const TableView::Block block = view_.chosen();
    const QRect seen = view_.rect_of(view_.table_model().index(block.bottom, block.left));
    const QRect last = view_.laid_across() ? transposed(seen) : seen;
    const int size = theme().px(drop_size);
    return {last.left() + theme().px(4), last.bottom() - size / 3, size, size + size / 3};
}

void ContinueHandle::paint(QPainter& painter) const {
    const QRect drop_rect = rect();
    const Theme& in_use = theme();
    const TableModel& table = view_.table_model();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setTransform(view_.laid_across() ? transposition : QTransform(), true);
    const TableView::Block block = view_.chosen();
    if (to_ > block.bottom) {
        const QRect filled = view_.rect_of(table.index(block.bottom + 1, block.left)) |
                             view_.rect_of(table.index(std::min(to_, table.rowCount() - 1), block.right));
        painter.setPen(QPen(in_use.follows, 1.5, Qt::DashLine));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect((view_.laid_across() ? transposed(filled) : filled).adjusted(1, 0, -1, 0));
    }
    const double x = drop_rect.center().x();
    const double r = drop_rect.width() / 2.0;
    const double y = drop_rect.bottom() - r;
    QPainterPath drop(QPointF(x, drop_rect.top()));
    drop.cubicTo(x + r * 0.7, y - r * 0.9, x + r, y - r * 0.3, x + r, y);
    drop.arcTo(QRectF(x - r, y - r, 2 * r, 2 * r), 0, -180);
    drop.cubicTo(x - r, y - r * 0.3, x - r * 0.7, y - r * 0.9, x, drop_rect.top());
    painter.setPen(QPen(in_use.paper, 1));
    painter.setBrush(in_use.follows);
    painter.drawPath(drop);
}

bool ContinueHandle::press(const QPoint& at) {
    const bool hit = offered() && rect().adjusted(-3, -2, 3, 3).contains(view_.laid_across() ? at.transposed() : at);
    to_ = hit ? view_.chosen().bottom : -1;
    return hit;
}

void ContinueHandle::drag(const QMouseEvent& event) {
    const bool across = view_.laid_across();
    const RowHeader& rows = view_.row_names();
    const int row = view_.row_at(event.pos());
    const int along = across ? event.pos().x() : event.pos().y();
    const int last = view_.table_model().rowCount() - 1;
    const int below = rows.sectionViewportPosition(last) + rows.sectionSize(last);
    // Under the last row there are further ones to be had.
    to_ = row >= 0 ? row : last + std::max(0, (along - below) / std::max(1, rows.defaultSectionSize()));
    const QWidget& cells = *view_.viewport();
    if (along > (across ? cells.width() : cells.height()) - 10) {
        QScrollBar* bar = across ? view_.horizontalScrollBar() : view_.verticalScrollBar();
        bar->setValue(bar->value() + (across ? rows.defaultSectionSize() : 1));
    }
    QToolTip::showText(event.globalPosition().toPoint(), tr("continue to row %1").arg(to_ + 1), &view_);
    view_.viewport()->update();
}

void ContinueHandle::release(const QPoint& at) {
    const TableView::Block block = view_.chosen();
    const int to = to_;
    to_ = -1;
    view_.viewport()->update();
    if (to == block.bottom) { // only clicked: it lies over the cell below, which is then the one that was meant
        view_.choose_cell_at(at);
    } else if (to > block.bottom) {
        const auto count = [](int number) { return static_cast<std::size_t>(number); };
        document_.perform(tr("continuing"),
                          continue_cells(document_.study(), view_.table_model().table_id(), count(block.left),
                                         count(block.right), count(block.top), count(block.rows()), count(to)));
    }
}

} // namespace ledgefall
