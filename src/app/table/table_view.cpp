#include "app/table/table_view.h"

#include "app/numbers/number_text.h"
#include "app/table/cell_delegate.h"
#include "app/table_model/two_way_model.h"
#include "core/study/edits/edits.h"

#include <QKeyEvent>
#include <QPainter>
#include <QScrollBar>

namespace ledgefall {

TableView::TableView(TableModel& model, Document& document, ActiveEditor& active_editor, QWidget* parent)
    : QTableView(parent)
    , table_(model)
    , document_(document)
    , active_editor_(active_editor)
    , transposed_(model.table() != nullptr && model.table()->laid_across ? new QTransposeProxyModel(this) : nullptr)
    , heading_(new TableHeading(laid_across() ? Qt::Vertical : Qt::Horizontal, model, document, this))
    , row_names_(new RowHeader(laid_across() ? Qt::Horizontal : Qt::Vertical, 8.5, false, this))
    , cells_(new CellDelegate(this))
    , continue_handle_(*this, document) {
    row_names_->set_lines_role(TableModel::LinesRole);
    if (laid_across()) {
        transposed_->setSourceModel(&model);
        setVerticalHeader(heading_);
        setHorizontalHeader(row_names_);
        setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
        setModel(transposed_);
    } else {
        setHorizontalHeader(heading_);
        setVerticalHeader(row_names_);
        setModel(&model);
    }
    if (auto* two_way = qobject_cast<TwoWayModel*>(&model)) {
        connect(two_way, &TwoWayModel::layer_shown, this, [this] {
            if (shown_lines_ != table_.lines()) {
                restyle();
                updateGeometries();
            }
        });
    }
    setItemDelegate(cells_);
    connect(cells_, &CellDelegate::ended, this, &TableView::go);
    setShowGrid(false);
    setFrameShape(QFrame::NoFrame);
    setWordWrap(false);
    setCornerButtonEnabled(false);
    setSelectionMode(QAbstractItemView::ExtendedSelection);
    setHorizontalScrollMode(QAbstractItemView::ScrollPerPixel);
    setEditTriggers(QAbstractItemView::AnyKeyPressed | QAbstractItemView::DoubleClicked |
                    QAbstractItemView::EditKeyPressed);
    setAccessibleName(tr("Table"));
    heading_->setContextMenuPolicy(Qt::CustomContextMenu);
    connect(heading_, &QHeaderView::sectionClicked, this, &TableView::heading_clicked);
    connect(heading_, &TableHeading::formula_wanted, this, [this](int section) { Q_EMIT formula_wanted(section, {}); });
    connect(heading_, &TableHeading::label_wanted, this, &TableView::heading_wanted);
    connect(heading_, &TableHeading::label_typed, this, &TableView::take_label);
    connect(heading_, &QHeaderView::sectionResized, this, [this](int section, int, int width) {
        const ColumnDefinition* column = table_.column(section);
        if (!fitting_ && column != nullptr && !laid_across()) { // of a two-way table it is that of all columns
            const int at_one = static_cast<int>(width / theme().zoom);
            document_.slide(tr("width of %1").arg(QString::fromStdString(column->name)),
                            resize_column(document_.study(), column->id, at_one));
        }
    });
    // The view's own answer would set a width, where none is to be kept.
    disconnect(heading_, &QHeaderView::sectionHandleDoubleClicked, this, nullptr);
    connect(heading_, &QHeaderView::sectionHandleDoubleClicked, this, [this](int section) {
        if (const ColumnDefinition* column = table_.column(section)) {
            document_.perform(tr("column width"), resize_column(document_.study(), column->id, 0));
        }
    });
    heading_->setSectionsMovable(true);
    connect(heading_, &QHeaderView::sectionMoved, this, &TableView::section_moved);
    connect(&theme_notifier(), &ThemeNotifier::changed, this, &TableView::restyle);
    connect(&model, &TableModel::shape_changed, this, &TableView::fit_columns);
    connect(&model, &TableModel::headings_taken, this, [this] { moved_up_ = true; });
    connect(&model, &QAbstractItemModel::modelReset, this, &TableView::fit_columns);
    connect(horizontalScrollBar(), &QScrollBar::valueChanged, this, [this] {
        if (static_cast<int>(heading_->measured_sections().size()) < heading_->count()) {
            fit_columns(); // those that come into view
        }
    });
    restyle();
}

void TableView::restyle() {
    shown_lines_ = table_.lines();
    const int line_height = QFontMetrics(theme().text()).height() + theme().px(table_.lines() > 1 ? 3 : 0);
    if (!laid_across()) {
        row_names_->setDefaultSectionSize(table_.lines() * line_height + theme().px(10));
        row_names_->setMinimumWidth(theme().px(52));
    }
    setStyleSheet(QStringLiteral("QTableView, QTableView > QWidget { background: %1; } QHeaderView { background: %1; }")
                      .arg(theme().paper.name()));
    fit_columns();
}

/// Columns that have become wider may push the current one over the edge on which it stood.
void TableView::keep_current_in_view() {
    const int section = laid_across() ? -1 : currentIndex().column();
    const int left = section < 0 ? -1 : columnViewportPosition(section);
    const int right = section < 0 ? -1 : left + columnWidth(section);
    const int edge = viewport()->width();
    if (left > 0 && left < edge + theme().px(120) && right > edge) {
        horizontalScrollBar()->setValue(horizontalScrollBar()->value() + std::min(right - edge, left));
    }
}

/// The chosen ranges of cells that the table has, from left to right; the current cell where nothing else is chosen.
std::vector<TableView::Block> TableView::chosen_blocks() const {
    const int rows = table_.table_rows();
    const int columns = table_.table_columns();
    std::vector<Block> blocks;
    for (const QItemSelectionRange& range : selectionModel()->selection()) {
        const QModelIndex first = in_table(range.topLeft());
        const QModelIndex last = in_table(range.bottomRight());
        blocks.push_back({first.row(), last.row(), first.column(), last.column()});
    }
    if (blocks.empty() && current().isValid()) {
        blocks.push_back({current().row(), current().row(), current().column(), current().column()});
    }
    for (Block& block : blocks) {
        block.bottom = std::min(block.bottom, rows - 1);
        block.right = std::min(block.right, columns - 1);
    }
    std::sort(blocks.begin(), blocks.end(), [](const Block& a, const Block& b) { return a.left < b.left; });
    return blocks;
}

TableView::Block TableView::chosen() const {
    const std::vector<Block> blocks = chosen_blocks();
    for (const Block& block : blocks) { // of several the one in which the current cell is
        const QModelIndex now = current();
        if (now.row() >= block.top && now.row() <= block.bottom && now.column() >= block.left &&
            now.column() <= block.right) {
            return block;
        }
    }
    return blocks.empty() ? Block() : blocks.front();
}

std::vector<int> TableView::chosen_sections() const {
    std::vector<int> sections;
    for (const Block& block : chosen_blocks()) {
        for (int section = block.left; section <= block.right; ++section) {
            if (!heading_->isSectionHidden(section) &&
                std::find(sections.begin(), sections.end(), section) == sections.end()) {
                sections.push_back(section);
            }
        }
    }
    std::sort(sections.begin(), sections.end());
    return sections;
}

std::vector<Id> TableView::columns_meant() const {
    const std::vector<Block> blocks = chosen_blocks();
    const bool whole = blocks.size() == 1 && blocks.front().top == 0 && blocks.front().bottom > 0 &&
                       blocks.front().bottom + 1 == table_.table_rows();
    return whole || chosen_sections().size() > 1 ? chosen_columns() : std::vector<Id>();
}

std::vector<Id> TableView::chosen_columns() const {
    std::vector<Id> columns;
    for (const int section : chosen_sections()) {
        const ColumnDefinition* column = table_.column(section); // of a two-way table the same layer for all
        if (column != nullptr && std::find(columns.begin(), columns.end(), column->id) == columns.end()) {
            columns.push_back(column->id);
        }
    }
    return columns;
}

void TableView::choose_whole_columns() {
    QItemSelection columns;
    for (const int section : chosen_sections()) {
        columns.select(in_view(table_.index(0, section)),
                       in_view(table_.index(std::max(0, table_.table_rows() - 1), section)));
    }
    selectionModel()->select(columns, QItemSelectionModel::ClearAndSelect);
}

void TableView::choose_rows(const std::vector<std::uint32_t>& rows) {
    const int last = std::max(0, table_.columnCount() - 2); // without the place for the next column
    QItemSelection selection;
    for (std::size_t at = 0; at < rows.size();) {
        std::size_t end = at + 1;
        while (end < rows.size() && rows[end] == rows[end - 1] + 1) {
            ++end;
        }
        selection.select(in_view(table_.index(static_cast<int>(rows[at]), 0)),
                         in_view(table_.index(static_cast<int>(rows[end - 1]), last)));
        at = end;
    }
    const int column = std::max(0, current().column());
    const QModelIndex first = in_view(table_.index(static_cast<int>(rows.front()), std::min(column, last)));
    selectionModel()->setCurrentIndex(first, QItemSelectionModel::NoUpdate);
    selectionModel()->select(selection, QItemSelectionModel::ClearAndSelect);
    scrollTo(first);
}

void TableView::show_references(std::vector<ReferencedCells> cells) {
    if (!(cells == referenced_)) {
        referenced_ = std::move(cells);
        viewport()->update();
    }
}

void TableView::widen(int by) {
    const ColumnDefinition* column = table_.column(current().column());
    if (column == nullptr) {
        return;
    }
    const int drawn = laid_across() ? row_names_->defaultSectionSize() : columnWidth(current().column());
    const int wanted = by == 0 ? 0 : std::max(40, static_cast<int>(std::lround(drawn / theme().zoom)) + by);
    Result<Study> changed = resize_column(document_.study(), column->id, wanted);
    // All rows of a table that is laid across are of one width: no column of it asks for more, or all for what they
    // need.
    for (int section = 0; laid_across() && changed && section < table_.columnCount(); ++section) {
        const ColumnDefinition* other = table_.column(section);
        if (other != nullptr && other != column && (by == 0 || asked_width(section) > theme().px(wanted))) {
            changed = resize_column(*changed, other->id, wanted);
        }
    }
    document_.slide(tr("width of %1").arg(QString::fromStdString(column->name)), changed);
}

/// A heading that was typed over a column, or over the place of the next one, which it makes.
void TableView::take_label(int section, const QString& text, Qt::Key then) {
    const ColumnDefinition* column = table_.column(section);
    if (!text.isEmpty() && column != nullptr) {
        document_.perform(tr("heading of %1").arg(QString::fromStdString(column->shown_label())),
                          relabel_column(document_.study(), column->id, text.toStdString()));
    } else if (!text.isEmpty()) {
        NewColumn added;
        split_unit(text.toStdString(), added.label, added.unit);
        const Result<Study> with = add_columns(document_.study(), table_.table_id(), {added});
        document_.perform(tr("column %1").arg(text), with);
    }
    const int columns = table_.columnCount();
    const int first = std::exchange(first_label_, std::nullopt).value_or(section);
    const int next = section + (then == Qt::Key_Tab ? 1 : -1);
    if ((then == Qt::Key_Tab || then == Qt::Key_Backtab) && next >= 0 && next < columns) {
        heading_->edit_label(next);
        first_label_ = first;
    } else if (then != Qt::Key_unknown) {
        setFocus();
        set_current(table_.index(0, std::min(then == Qt::Key_Return ? first : section, columns - 1)));
    }
}

/// A heading that has been dragged: the study's columns move, and so the sections are put back in their order.
void TableView::section_moved(int section, int from, int to) {
    {
        const QSignalBlocker quiet(heading_);
        heading_->moveSection(to, from);
    }
    const ColumnDefinition* column = table_.column(section);
    if (column != nullptr && table_.column(to) != nullptr) {
        const Id id = column->id;
        QMetaObject::invokeMethod(
            this,
            [this, id, to] {
                document_.perform(tr("moving a column"),
                                  move_column(document_.study(), id, static_cast<std::size_t>(to)));
            },
            Qt::QueuedConnection);
    }
}

void TableView::paintEvent(QPaintEvent* event) {
    QTableView::paintEvent(event);
    if (continue_handle_.offered()) {
        QPainter painter(viewport());
        continue_handle_.paint(painter);
    }
}

void TableView::mousePressEvent(QMouseEvent* event) {
    run_from_.reset();
    const QModelIndex index = in_table(indexAt(event->pos()));
    if (active_editor_.writing() && event->button() == Qt::LeftButton) {
        if (index.isValid()) {
            pointing_from_ = pointing_to_ = index;
            Q_EMIT cells_pointed(QRect(index.column(), index.row(), 1, 1),
                                 event->modifiers().testFlag(Qt::ControlModifier));
        }
        return;
    }
    if (event->button() != Qt::LeftButton || !continue_handle_.press(event->pos())) {
        QTableView::mousePressEvent(event);
    }
}

void TableView::mouseDoubleClickEvent(QMouseEvent* event) {
    if (!active_editor_.writing()) {
        QTableView::mouseDoubleClickEvent(event);
    }
}

void TableView::mouseMoveEvent(QMouseEvent* event) {
    if (pointing_from_.isValid()) {
        const QModelIndex now = in_table(indexAt(event->pos()));
        const bool inside = now.isValid() && now.row() < table_.table_rows() && table_.column(now.column()) != nullptr;
        if (inside && now != pointing_to_) {
            pointing_to_ = now;
            const QPoint from(pointing_from_.column(), pointing_from_.row());
            const QPoint to(now.column(), now.row());
            Q_EMIT cells_pointed(QRect(QPoint(std::min(from.x(), to.x()), std::min(from.y(), to.y())),
                                       QPoint(std::max(from.x(), to.x()), std::max(from.y(), to.y()))),
                                 false);
        }
        return;
    }
    if (continue_handle_.dragged()) {
        continue_handle_.drag(*event);
    } else {
        QTableView::mouseMoveEvent(event);
    }
}

void TableView::mouseReleaseEvent(QMouseEvent* event) {
    if (pointing_from_.isValid()) {
        pointing_from_ = QPersistentModelIndex();
        return;
    }
    if (continue_handle_.dragged()) {
        continue_handle_.release(event->pos());
    } else {
        QTableView::mouseReleaseEvent(event);
    }
}

void TableView::choose_cell_at(const QPoint& at) {
    const QModelIndex cell = in_table(indexAt(at));
    if (cell.isValid()) {
        set_current(cell);
    }
}

bool TableView::is_typing() const {
    return active_editor_.writing() || state() == QAbstractItemView::EditingState;
}

void TableView::keyPressEvent(QKeyEvent* event) {
    if (state() == QAbstractItemView::EditingState) {
        return; // a key that the editor has let through: the editor is about to close by itself
    }
    if (const auto step = cell_step(*event)) {
        return go(*step);
    }
    if (jump(*event)) {
        return;
    }
    const bool plain = (event->modifiers() & (Qt::ControlModifier | Qt::AltModifier)) == 0;
    if (plain && (event->key() == Qt::Key_Delete || event->key() == Qt::Key_Backspace)) {
        return clear_selected();
    }
    if (plain && event->text() == QStringLiteral("=")) {
        Q_EMIT formula_wanted(current().column(), QStringLiteral("="));
        return;
    }
    QTableView::keyPressEvent(event);
}

/// Ctrl with an arrow, Home or End goes to the end of the data, with Shift choosing what lies between.
bool TableView::jump(const QKeyEvent& event) {
    const Qt::KeyboardModifiers modifiers = event.modifiers() & ~Qt::KeypadModifier;
    if (modifiers != Qt::ControlModifier && modifiers != (Qt::ControlModifier | Qt::ShiftModifier)) {
        return false;
    }
    const int last_row = std::max(0, (laid_across() ? table_.table_columns() : table_.table_rows()) - 1);
    const int last_column = std::max(0, (laid_across() ? table_.table_rows() : table_.table_columns()) - 1);
    const QModelIndex now = currentIndex();
    QModelIndex there;
    switch (event.key()) {
    case Qt::Key_Up:
        there = model()->index(0, now.column());
        break;
    case Qt::Key_Down:
        there = model()->index(last_row, now.column());
        break;
    case Qt::Key_Left:
        there = model()->index(now.row(), 0);
        break;
    case Qt::Key_Right:
        there = model()->index(now.row(), last_column);
        break;
    case Qt::Key_Home:
        there = model()->index(0, 0);
        break;
    case Qt::Key_End:
        there = model()->index(last_row, last_column);
        break;
    default:
        return false;
    }
    if (there.isValid()) {
        const bool extends = (modifiers & Qt::ShiftModifier) != 0;
        selectionModel()->setCurrentIndex(there, extends ? selectionCommand(there, &event)
                                                         : QItemSelectionModel::ClearAndSelect);
        scrollTo(there);
    }
    return true;
}

/// After cells were typed with Tab between them, Enter goes to the next row under the first of them.
void TableView::go(const CellStep& step) {
    const QModelIndex now = currentIndex();
    const bool ends_run = step.by == CellStep::enter && step.down > 0;
    const int from = run_from_.value_or(now.column());
    const int row = std::clamp(now.row() + step.down, 0, model()->rowCount() - 1);
    const int column = ends_run ? from : std::clamp(now.column() + step.right, 0, model()->columnCount() - 1);
    setCurrentIndex(model()->index(row, column));
    if (step.by == CellStep::tab) {
        run_from_ = from;
    }
}

void TableView::currentChanged(const QModelIndex& current, const QModelIndex& previous) {
    QTableView::currentChanged(current, previous);
    run_from_.reset();
}

bool TableView::edit(const QModelIndex& index, EditTrigger trigger, QEvent* event) {
    if (state() != QAbstractItemView::EditingState) {
        cells_->set_arrows_end(trigger == QAbstractItemView::AnyKeyPressed);
    }
    const bool begun = QTableView::edit(index, trigger, event);
    auto* line =
        begun && trigger == QAbstractItemView::EditKeyPressed ? qobject_cast<QLineEdit*>(indexWidget(index)) : nullptr;
    if (line != nullptr) {
        line->end(false); // F2 goes on with what is there
    }
    return begun;
}

void TableView::closeEditor(QWidget* editor, QAbstractItemDelegate::EndEditHint hint) {
    QTableView::closeEditor(editor, hint);
    if (std::exchange(moved_up_, false)) {
        const std::optional<int> run = run_from_;
        set_current(table_.index(std::max(0, current().row() - 1), current().column()));
        run_from_ = run;
    }
}

void TableView::clear_selected() {
    Result<Study> next = document_.study();
    for (const Block& block : chosen_blocks()) {
        if (!block.empty() && next) {
            const std::vector<std::string> line(static_cast<std::size_t>(block.columns()));
            next = type_block(*next, table_.table_id(), static_cast<std::size_t>(block.top),
                              static_cast<std::size_t>(block.left),
                              std::vector(static_cast<std::size_t>(block.rows()), line));
        }
    }
    document_.perform(tr("clearing cells"), next);
}

void TableView::choose_block(const Block& block) {
    const int bottom = std::min(block.bottom, table_.rowCount() - 1);
    const int right = std::min(block.right, table_.columnCount() - 1);
    const QModelIndex first = table_.index(block.top, block.left);
    if (!first.isValid()) {
        return;
    }
    const QModelIndex last = table_.index(std::max(block.top, bottom), std::max(block.left, right));
    set_current(first);
    selectionModel()->select(QItemSelection(in_view(first), in_view(last)), QItemSelectionModel::ClearAndSelect);
}

bool TableView::whole_columns_chosen() const {
    const Block block = chosen();
    return !block.empty() && block.top == 0 && block.rows() == table_.table_rows() && block.rows() > 1;
}

std::pair<int, int> TableView::selected_rows() const {
    const Block block = chosen();
    return {block.top, block.rows()};
}

} // namespace ledgefall
