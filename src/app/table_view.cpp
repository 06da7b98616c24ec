#include "app/table_view.h"

#include "app/cell_delegate.h"
#include "app/number_text.h"
#include "app/quiet_gutter.h"
#include "core/study/edits.h"
#include "files/delimited.h"

#include <QKeyEvent>
#include <QScrollBar>

namespace ledgefall {
TableView::TableView(TableModel& model, Document& document, QWidget* parent)
    : QTableView(parent)
    , table_(model)
    , document_(document)
    , heading_(new TableHeading(model, document, this)) {
    setHorizontalHeader(heading_);
    setVerticalHeader(new QuietGutter(8.5, false, this));
    setModel(&model);
    setItemDelegate(new CellDelegate(this));
    setShowGrid(false);
    setFrameShape(QFrame::NoFrame);
    setWordWrap(false);
    setCornerButtonEnabled(false);
    setSelectionMode(QAbstractItemView::ContiguousSelection);
    setHorizontalScrollMode(QAbstractItemView::ScrollPerPixel);
    setEditTriggers(QAbstractItemView::AnyKeyPressed | QAbstractItemView::DoubleClicked |
                    QAbstractItemView::EditKeyPressed);
    setAccessibleName(tr("Table"));
    heading_->setContextMenuPolicy(Qt::CustomContextMenu);
    connect(heading_, &QHeaderView::sectionClicked, this, &TableView::heading_clicked);
    connect(heading_, &QHeaderView::sectionDoubleClicked, this,
            [this](int section) { Q_EMIT formula_wanted(section, {}); });
    connect(heading_, &QHeaderView::sectionResized, this, [this](int section, int, int width) {
        const ColumnDefinition* column = table_.column(section);
        if (!fitting_ && column != nullptr) {
            const int at_one = static_cast<int>(width / look().zoom);
            document_.perform(tr("column width"), resize_column(document_.study(), column->id, at_one));
        }
    });
    connect(&model, &TableModel::shape_changed, this, &TableView::fit_columns);
    connect(&model, &QAbstractItemModel::modelReset, this, &TableView::fit_columns);
    restyle();
}

void TableView::restyle() {
    const int row_height = QFontMetrics(look().text()).height() + look().px(10);
    verticalHeader()->setDefaultSectionSize(row_height);
    verticalHeader()->setMinimumWidth(look().px(52));
    setStyleSheet(QStringLiteral("QTableView, QTableView > QWidget { background: %1; } QHeaderView { background: %1; }")
                      .arg(look().paper.name()));
    fit_columns();
}

int TableView::content_width(int section) const {
    const QFontMetrics metrics(look().text());
    int widest = 0;
    const int rows = table_.table_rows();
    const int step = std::max(1, rows / 60);
    for (int row = 0; row < rows; row += step) {
        widest = std::max(
            widest, metrics.horizontalAdvance(value_text(table_.value(row, section), table_.shown_format(section))));
    }
    return std::min(widest, look().px(280)) + look().px(28);
}

void TableView::fit_columns() {
    fitting_ = true;
    for (int section = 0; section < table_.columnCount(); ++section) {
        const ColumnDefinition* column = table_.column(section);
        const bool chosen = column != nullptr && column->width > 0;
        const int width =
            chosen ? look().px(column->width) : std::max(heading_->fitting_width(section), content_width(section));
        if (columnWidth(section) != width) {
            setColumnWidth(section, width);
        }
    }
    fitting_ = false;
    updateGeometries();
}

int TableView::content_height() const {
    const bool scrolls = horizontalHeader()->length() > viewport()->width();
    return heading_->sizeHint().height() + static_cast<int>(std::min<qint64>(verticalHeader()->length(), 100000)) +
           (scrolls ? horizontalScrollBar()->sizeHint().height() : 0) + 1;
}

void TableView::move_current(int rows, int columns) {
    const QModelIndex now = currentIndex();
    const QModelIndex next = table_.index(std::clamp(now.row() + rows, 0, table_.rowCount() - 1),
                                          std::clamp(now.column() + columns, 0, table_.columnCount() - 1));
    if (next.isValid()) {
        setCurrentIndex(next);
    }
}

void TableView::keyPressEvent(QKeyEvent* event) {
    if (state() == QAbstractItemView::EditingState) {
        return; // a key that the editor has let through: the editor is about to close by itself
    }
    const bool plain = (event->modifiers() & (Qt::ControlModifier | Qt::AltModifier)) == 0;
    if (plain && (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter)) {
        return move_current((event->modifiers() & Qt::ShiftModifier) != 0 ? -1 : 1, 0);
    }
    if (plain && (event->key() == Qt::Key_Delete || event->key() == Qt::Key_Backspace)) {
        return clear_selected();
    }
    if (plain && event->text() == QStringLiteral("=")) {
        Q_EMIT formula_wanted(currentIndex().column(), QStringLiteral("="));
        return;
    }
    QTableView::keyPressEvent(event);
}

void TableView::closeEditor(QWidget* editor, QAbstractItemDelegate::EndEditHint hint) {
    const bool tab = hint == QAbstractItemDelegate::EditNextItem || hint == QAbstractItemDelegate::EditPreviousItem;
    QTableView::closeEditor(editor, tab ? QAbstractItemDelegate::NoHint : hint);
    if (hint == QAbstractItemDelegate::SubmitModelCache) {
        move_current(1, 0);
    } else if (tab) {
        move_current(0, hint == QAbstractItemDelegate::EditNextItem ? 1 : -1);
    }
}

QString TableView::copied() const {
    const QItemSelection selection = selectionModel()->selection();
    if (selection.isEmpty()) {
        return {};
    }
    const QItemSelectionRange& range = selection.first();
    const int bottom = std::min(range.bottom(), table_.table_rows() - 1);
    const int right = std::min<int>(range.right(), static_cast<int>(table_.table()->columns.size()) - 1);
    std::string text;
    const auto end_field = [&](int column) { text += column == right ? '\n' : '\t'; };
    if (range.top() == 0 && bottom == table_.table_rows() - 1 &&
        range.bottom() > 0) { // whole columns bring their names
        for (int column = range.left(); column <= right; ++column) {
            text += table_.column(column)->name;
            end_field(column);
        }
    }
    for (int row = range.top(); row <= bottom; ++row) {
        for (int column = range.left(); column <= right; ++column) {
            text += quoted_field(write_cell(table_.value(row, column)), '\t');
            end_field(column);
        }
    }
    return QString::fromStdString(text);
}

void TableView::paste(const QString& text) {
    const QModelIndex at = currentIndex();
    DialectChoice choice;
    choice.delimiter = text.contains(QLatin1Char('\t')) || !text.contains(QLatin1Char(';')) ? '\t' : ';';
    const bool at_top_of_new = at.row() <= 0 && table_.column(at.column()) == nullptr;
    choice.header = at_top_of_new ? std::nullopt : std::optional(false);
    const Result<Delimited> read = read_delimited(text.toStdString(), choice);
    if (!read) {
        return document_.refuse(read.refusal());
    }
    if (!read->header.empty()) { // headings among what is pasted make columns of their names
        document_.perform(tr("paste"), add_columns(document_.study(), table_.table_id(), columns_of(*read)));
        return;
    }
    std::vector<std::vector<std::string>> block = read->records;
    if (read->dialect.decimal == ',') {
        for (auto& line : block) {
            for (std::string& field : line) {
                const auto number = read_number(field, ',');
                field = number ? shortest(*number) : field;
            }
        }
    }
    if (!block.empty()) {
        table_.type(std::max(0, at.row()), std::max(0, at.column()), block, tr("paste"));
    }
}

void TableView::clear_selected() {
    const QItemSelection selection = selectionModel()->selection();
    if (selection.isEmpty()) {
        return;
    }
    const QItemSelectionRange& range = selection.first();
    const int bottom = std::min(range.bottom(), table_.table_rows() - 1);
    const int right = std::min<int>(range.right(), static_cast<int>(table_.table()->columns.size()) - 1);
    if (bottom < range.top() || right < range.left()) {
        return;
    }
    const std::vector<std::string> line(static_cast<std::size_t>(right - range.left() + 1));
    table_.type(range.top(), range.left(), std::vector(static_cast<std::size_t>(bottom - range.top() + 1), line),
                tr("emptying cells"));
}

std::pair<int, int> TableView::selected_rows() const {
    const QItemSelection selection = selectionModel()->selection();
    if (selection.isEmpty()) {
        return {currentIndex().row(), currentIndex().isValid() ? 1 : 0};
    }
    const QItemSelectionRange& range = selection.first();
    return {range.top(), std::min(range.bottom(), table_.table_rows() - 1) - range.top() + 1};
}

} // namespace ledgefall
