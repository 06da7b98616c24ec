#include "app/table/rows_edge.h"

#include "app/look/look.h"
#include "core/study/edits/edits.h"

#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>

#include <algorithm>
#include <cmath>

namespace ledgefall {

RowsEdge::RowsEdge(Document& document, Id table, QWidget* parent)
    : QWidget(parent)
    , document_(document)
    , table_(table) {
    setCursor(Qt::SizeVerCursor);
    setToolTip(tr("Drag for more rows, or fewer"));
    setAccessibleName(tr("Lower end of the table"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    connect(&document, &Document::study_changed, this, &RowsEdge::refresh);
    refresh();
}

QSize RowsEdge::sizeHint() const {
    return {100, look().px(7)};
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

/// A grip in the middle of what would be the line under the last row.
void RowsEdge::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), look().paper);
    painter.setPen(QPen(look().stone_edge, 2));
    const int middle = look().px(120);
    for (const int y : {height() / 2 - 1, height() / 2 + 2}) {
        painter.drawLine(middle - look().px(12), y, middle + look().px(12), y);
    }
}

void RowsEdge::mousePressEvent(QMouseEvent* event) {
    if (event->button() == Qt::LeftButton && rows()) {
        rows_before_ = *rows();
        pressed_y_ = static_cast<int>(event->globalPosition().y());
    }
}

void RowsEdge::mouseMoveEvent(QMouseEvent* event) {
    if (rows_before_ < 0) {
        return;
    }
    const int moved = static_cast<int>(event->globalPosition().y()) - pressed_y_;
    const int wanted = std::max(0, rows_before_ + moved / std::max(1, row_height_));
    if (rows() && wanted != *rows()) {
        document_.slide(tr("number of rows"), count_rows(document_.study(), table_, std::to_string(wanted)));
    }
    QToolTip::showText(event->globalPosition().toPoint(), tr("%1 rows").arg(wanted), this);
}

void RowsEdge::mouseReleaseEvent(QMouseEvent*) {
    rows_before_ = -1;
    document_.end_sliding();
}

} // namespace ledgefall
