// A table whose rows run to the right: the same cells, seen through a model that exchanges rows and columns.

#include "app/numbers/number_text.h"
#include "app/table/table_view.h"

#include <QScrollBar>

#include <algorithm>

namespace ledgefall {

QModelIndex TableView::in_view(const QModelIndex& cell) const {
    return laid_across() ? transposed_->mapFromSource(cell) : cell;
}

QModelIndex TableView::in_table(const QModelIndex& seen) const {
    return laid_across() ? transposed_->mapToSource(seen) : seen;
}

QModelIndex TableView::current() const {
    return in_table(currentIndex());
}

void TableView::set_current(const QModelIndex& cell) {
    setCurrentIndex(in_view(cell));
}

QRect TableView::rect_of(const QModelIndex& cell) const {
    return visualRect(in_view(cell));
}

void TableView::bring_into_view(const QModelIndex& cell) {
    scrollTo(in_view(cell));
}

int TableView::row_at(const QPoint& at) const {
    return row_names_->logicalIndexAt(laid_across() ? at.x() : at.y());
}

int TableView::content_height() const {
    const bool scrolls = horizontalHeader()->length() > viewport()->width();
    const int names = laid_across() ? row_names_->sizeHint().height() : heading_->sizeHint().height();
    return names + static_cast<int>(std::min<qint64>(verticalHeader()->length(), 100000)) +
           (scrolls ? horizontalScrollBar()->sizeHint().height() : 0) + 1;
}

int TableView::content_width() const {
    constexpr qint64 most = 100'000;
    return heading_->sizeHint().width() + static_cast<int>(std::min<qint64>(row_names_->length(), most)) + 1;
}

/// What the rows are called: their numbers, or the values of their axis.
int TableView::widest_row_name() const {
    constexpr int looked_at = 60;
    const QFontMetrics metrics(theme().text(10.5, true));
    const int rows = table_.table_rows();
    int widest = 0;
    for (int row = 0; row < rows; row += std::max(1, rows / looked_at)) {
        widest = std::max(widest, metrics.horizontalAdvance(table_.headerData(row, Qt::Vertical).toString()));
    }
    return std::min(widest, theme().px(160)) + theme().px(18);
}

/// How wide the cells of a column are to be: as was chosen, or as its values ask.
int TableView::asked_width(int section) const {
    const ColumnDefinition* column = table_.column(section);
    return column != nullptr && column->width > 0 ? theme().px(column->width) : content_width(section);
}

/// Columns are as high as their headings ask; all rows are as wide as the widest of them asks.
void TableView::fit_across() {
    fitting_ = true;
    const int line = QFontMetrics(theme().text()).height() + theme().px(10);
    const int heading_width = heading_->sizeHint().width();
    int widest = std::max(theme().px(44), widest_row_name());
    for (int section = 0; section < table_.columnCount(); ++section) {
        const ColumnDefinition* column = table_.column(section);
        const int height = std::max(line, heading_->height_at(section, heading_width));
        if (heading_->sectionSize(section) != height) {
            heading_->resizeSection(section, height);
        }
        const bool hidden = column != nullptr && column->hidden;
        if (heading_->isSectionHidden(section) != hidden) {
            heading_->setSectionHidden(section, hidden);
        }
        widest = hidden || column == nullptr ? widest : std::max(widest, asked_width(section));
    }
    if (row_names_->defaultSectionSize() != widest) {
        row_names_->setDefaultSectionSize(widest);
    }
    fitting_ = false;
    updateGeometries();
}

} // namespace ledgefall
