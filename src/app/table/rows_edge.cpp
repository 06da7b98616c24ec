#include "app/table/rows_edge.h"

#include "app/table/transposition.h"
#include "app/theme/theme.h"
#include "core/study/edits/edits.h"

#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>

#include <algorithm>
#include <cmath>

namespace ledgefall {

RowsEdge::RowsEdge(Document& document, Id table, bool laid_across, QWidget* parent)
    : QWidget(parent)
    , document_(document)
    , table_(table)
    , laid_across_(laid_across) {
    setCursor(laid_across ? Qt::SizeHorCursor : Qt::SizeVerCursor);
    setToolTip(tr("Drag to add or remove rows"));
    setAccessibleName(laid_across ? tr("Right end of the table") : tr("Lower end of the table"));
    setSizePolicy(laid_across ? QSizePolicy::Fixed : QSizePolicy::Expanding,
                  laid_across ? QSizePolicy::Expanding : QSizePolicy::Fixed);
    connect(&document, &Document::study_changed, this, &RowsEdge::refresh);
    refresh();
}

QSize RowsEdge::sizeHint() const {
    return laid_across_ ? QSize(theme().px(7), 30) : QSize(100, theme().px(7));
}

std::optional<int> RowsEdge::rows() const {
    const Table* table = document_.study().table(table_);
    const Formula* count = table == nullptr ? nullptr : table->axis.source->count();
    const auto number = count == nullptr ? std::nullopt : read_number(count->text());
    const bool whole = number && *number >= 0 && *number == std::floor(*number) && *number < 1e9;
    return whole ? std::optional(static_cast<int>(*number)) : std::nullopt;
}

void RowsEdge::refresh() {
    setVisible(rows().has_value());
}

/// A grip in the middle of what would be the line behind the last row.
void RowsEdge::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme().paper);
    painter.setPen(QPen(theme().stone_edge, 2));
    painter.setTransform(laid_across_ ? transposition : QTransform(), true);
    const int middle = laid_across_ ? height() / 2 : theme().px(120);
    const int half = theme().px(12);
    const int thick = laid_across_ ? width() : height();
    for (const int at : {thick / 2 - 1, thick / 2 + 2}) {
        painter.drawLine(middle - half, at, middle + half, at);
    }
}

int RowsEdge::along(const QMouseEvent& event) const {
    const QPoint at = event.globalPosition().toPoint();
    return laid_across_ ? at.x() : at.y();
}

void RowsEdge::mousePressEvent(QMouseEvent* event) {
    if (event->button() == Qt::LeftButton && rows()) {
        rows_before_ = *rows();
        pressed_at_ = along(*event);
    }
}

void RowsEdge::mouseMoveEvent(QMouseEvent* event) {
    if (rows_before_ < 0) {
        return;
    }
    const int moved = along(*event) - pressed_at_;
    const int wanted = std::max(0, rows_before_ + moved / std::max(1, row_extent_));
    if (rows() && wanted != *rows()) {
        document_.slide(tr("number of rows"), count_rows(document_.study(), table_, std::to_string(wanted)));
    }
    QToolTip::showText(event->globalPosition().toPoint(), tr("rows: %1").arg(wanted), this);
}

void RowsEdge::mouseReleaseEvent(QMouseEvent*) {
    rows_before_ = -1;
    document_.end_sliding();
}

} // namespace ledgefall
