#pragma once

#include "app/formula_editor/active_editor.h"
#include "app/table/cell_delegate.h"
#include "app/table/continue_handle.h"
#include "app/table/referenced_cells.h"
#include "app/table/row_header.h"
#include "app/table/table_heading.h"
#include "app/table_model/table_model.h"
#include "core/authoring/marks.h"
#include "files/tables/labelled_columns.h"

#include <QPersistentModelIndex>
#include <QTableView>
#include <QTransposeProxyModel>

namespace ledgefall {

/// The cells of a table, with the keys that people expect: Enter goes down, Tab to the right, Enter after Tabs to the
/// next row under the first of the cells, = begins a formula, Delete empties, typing writes. Of a table that is laid
/// across the rows run to the right and the headings stand at the left; all that is said to and asked of the view is in
/// the table's own rows and columns, whichever way it lies.
class TableView : public QTableView, public ShowsReferences {
    Q_OBJECT
  public:
    TableView(TableModel& model, Document& document, ActiveEditor& active_editor, QWidget* parent = nullptr);

    const TableModel& table_model() const { return table_; }
    bool is_typing() const; ///< into a cell, or a formula anywhere
    bool laid_across() const { return transposed_ != nullptr; }
    QModelIndex current() const; ///< the current cell, as one of the table's model
    void set_current(const QModelIndex& cell);
    QRect rect_of(const QModelIndex& cell) const; ///< where it stands in the viewport
    void bring_into_view(const QModelIndex& cell);
    void choose_cell_at(const QPoint& at); ///< of the viewport
    int row_at(const QPoint& at) const;

    void show_references(std::vector<ReferencedCells> cells);
    const std::vector<ReferencedCells>& referenced_cells() const override { return referenced_; }
    /// The rows and columns that are chosen, of those that the table has; first and last, both included.
    struct Block {
        int top = 0, bottom = -1, left = 0, right = -1;
        bool empty() const { return bottom < top || right < left; }
        int rows() const { return bottom - top + 1; }
        int columns() const { return right - left + 1; }
    };
    Block chosen() const;
    /// Those of the blocks that are chosen in which the current cell is is `chosen()`; these are all of them.
    std::function<int(int section)> width_below; ///< of what stands under a column in the foot
    std::vector<Block> chosen_blocks() const;
    void choose_block(const Block& block); ///< its first cell becomes the current one
    /// The columns that a command for columns means: the chosen ones, where several are chosen or one as a whole.
    std::vector<Id> columns_meant() const;
    std::vector<int> chosen_sections() const; ///< from left to right, whether or not they are neighbours
    std::vector<Id> chosen_columns() const;
    bool whole_columns_chosen() const;
    void choose_whole_columns();                              ///< of the chosen cells
    void choose_rows(const std::vector<std::uint32_t>& rows); ///< whole rows, in order; the first is the current one
    void widen(int by); ///< the current column, in pixels at a zoom of one; 0 fits it again

    TableHeading& heading() { return *heading_; }
    RowHeader& row_names() { return *row_names_; }
    int content_height() const; ///< of the headings and all rows; of a table that is laid across, of all columns
    int content_width() const;  ///< of a table that is laid across
    int names_width() const;    ///< of the rows of a two-way table, which have the values of its axis for names
    void fit_columns();         ///< widths to what is in them, where the study does not say a width
    void keep_current_in_view();
    void restyle();

    void clear_selected();
    /// The rows that the selection touches: first and count.
    std::pair<int, int> selected_rows() const;

  Q_SIGNALS:
    void formula_wanted(int section, const QString& typed); ///< `typed`: what was typed to begin it
    void heading_clicked(int section);
    void heading_wanted(int section); ///< to be typed in its place
    /// Clicked, or dragged over, while a formula is being written; `adds`: with Ctrl, to what has been pointed at.
    void cells_pointed(const QRect& cells, bool adds);

  protected:
    void keyPressEvent(QKeyEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    void closeEditor(QWidget* editor, QAbstractItemDelegate::EndEditHint hint) override;
    void currentChanged(const QModelIndex& current, const QModelIndex& previous) override;
    bool edit(const QModelIndex& index, EditTrigger trigger, QEvent* event) override;

  private:
    QModelIndex in_view(const QModelIndex& cell) const;
    QModelIndex in_table(const QModelIndex& seen) const;
    void go(const CellStep& step);
    bool jump(const QKeyEvent& event);
    void fit_across();
    int widest_row_name() const;
    void section_moved(int section, int from, int to);
    void take_label(int section, const QString& text, Qt::Key then);
    int content_width(int section) const;
    int asked_width(int section) const;
    int widest_of(int section, const Format& format) const;
    int width_in_grid(int section) const;

    TableModel& table_;
    Document& document_;
    ActiveEditor& active_editor_;
    QTransposeProxyModel* transposed_ = nullptr; ///< of a table that is laid across
    TableHeading* heading_;
    RowHeader* row_names_;
    CellDelegate* cells_;
    ContinueHandle continue_handle_;
    std::optional<int> run_from_;    ///< the column, as seen, in which typing with Tab between the cells began
    std::optional<int> first_label_; ///< the same of headings
    /// How wide a column's content was found to be, for the cells and the format for which it was.
    struct Fitted {
        const Column* cells = nullptr;
        Format format;
        double zoom = 0;
        int rows = 0, width = 0;
    };
    int shown_lines_ = 1; ///< of text in a row
    mutable std::unordered_map<Id, Fitted> fitted_;
    std::vector<ReferencedCells> referenced_;
    QPersistentModelIndex pointing_from_; ///< where the mouse went down while a formula was being written
    QPersistentModelIndex pointing_to_;
    bool moved_up_ = false; ///< what is being typed has gone one row up, under its new heading
    bool fitting_ = false;
};

} // namespace ledgefall
