#pragma once

#include "app/formula_editor/active_editor.h"
#include "app/formula_editor/formula_editor.h"
#include "app/formula_editor/suggestion_bar.h"
#include "app/table/column_menu.h"
#include "app/table/foot_view.h"
#include "app/table/layer_strip.h"
#include "app/table/row_count_field.h"
#include "app/table/rows_edge.h"
#include "app/table/table_clipboard.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QToolButton>
#include <QWidget>

namespace ledgefall {

/// A table as it is computed in: its title, its cells, its foot, and the editor on which a formula is written.
class TablePage : public QWidget {
    Q_OBJECT
  public:
    TablePage(Document& document, ActiveEditor& active_editor, Id table, QWidget* parent = nullptr);

    Id table_id() const { return table_; }
    bool laid_across() const { return view_->laid_across(); } ///< whether its rows run to the right
    Document& document() { return document_; }
    TableModel& model() { return *model_; }
    TableView& view() { return *view_; }
    TableClipboard& clipboard() { return *clipboard_; }
    FootView& foot() { return *foot_; }
    QWidget& line() { return *line_widget_; } ///< of commands, with the title
    const TableView& view_of_cells() const { return *view_; }
    /// A command that can come next, and the word by which the table's line offers it.
    struct NextStep {
        QAction* command;
        QString word;
        std::function<QString()> missing; ///< what it needs first; empty where it can be done
    };
    void offer(const QList<NextStep>& steps);
    FormulaEditor& editor() { return *editor_; }
    void offer_missing_marks(); ///< where cells hold NA, – and the like in place of a value
    SuggestionBar& suggestions() { return *suggestions_; }
    LayerStrip* layers() { return layers_; } ///< of a two-way table; else null

    /// Opens the editor for a column; a section without a column writes a new one.
    void write_formula(int section, const QString& begun = {});
    /// Begins the definition of a name that a formula waits for, as a column or on the ledge.
    void define(const QString& name, bool held);
    RowCountField& row_count() { return *row_count_; }
    /// Opens the editor for one definition in `each` for several columns.
    void spread(const std::vector<Id>& columns, const QString& begun);
    /// Puts what is pointed at into the formula that is being written, wherever that is.
    void point_at(Id id);
    void point_at_cell(int row, int section, FormulaEditor::Pointing how = FormulaEditor::Pointing::replaces);
    /// A run of cells: along a row, down a column, or both; in sections and rows, as a rectangle.
    void point_at_cells(const QRect& cells, bool adds);
    /// The columns from one heading to another.
    void point_at_headings(int from, int to, bool adds);
    void point_at_foot(int line, int section);
    NewFootMenu::Place foot_place() const; ///< where a new foot line goes
    void show_foot_line(Id line);          ///< makes its value under the first of its columns the current one
    /// Marks the cells of this table that the formula being written means; null: none.
    void show_references(const FormulaEditor* editor);
    int wanted_width() const;
    int wanted_height() const; ///< so that all rows and the foot are seen
    void insert_rows_above();
    void remove_selected_rows();
    std::unique_ptr<ColumnMenu> column_menu(int section, int row);
    void write_next(); ///< opens the editor for a new column, or layer
    /// Makes a cell the current one (row from 1).
    void go_to(Id column, std::size_t row);

  Q_SIGNALS:
    void selection_changed();
    void holding_wanted(const QString& name); ///< a held value of that name
    void foot_chosen(ledgefall::Id line, ledgefall::Id column);
    void menu_wanted(const QPoint& global); ///< for the chosen cells
    void axis_wanted(bool across);          ///< other values for an axis of a two-way table

  protected:
    void resizeEvent(QResizeEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

  private:
    void lay_out_line();
    void lay_out();
    void remove_foot_line(int row);
    void connect_layers(class TwoWayModel& model);
    void connect_document();
    void connect_view();
    void connect_foot();
    void connect_writing();
    void connect_pasting();
    void apply_theme();
    void refresh_title();
    void edit_title();
    void take_title(bool take);
    void choose_column(Id column);
    std::vector<ReferencedCells> cells_referred_to(const FormulaEditor& editor) const;
    void point_at_part(const QRect& cells, FormulaEditor::Pointing how);
    void tell_headings(const HeadedColumns& headed);
    void tell_definitions(const QStringList& columns, const QStringList& held);
    void tell_pasted(const QStringList& columns, const QStringList& renamed);
    void offer_undo(const QString& text);
    void tell_dates(Id column, const QString& typed, double days);
    void tell_numbers(Id column, const QString& typed, double number, int row,
                      const std::vector<std::vector<std::string>>& texts);
    void fit_state();
    void show_what_fits();
    void fit_height();
    void open_heading_menu(const QPoint& at);
    QString state_line() const;

    Document& document_;
    ActiveEditor& active_editor_;
    Id table_;
    TableModel* model_;
    QLabel* title_;
    QLabel* state_;
    QString told_state_; ///< in full
    RowCountField* row_count_;
    QToolButton* add_foot_;
    NewFootMenu* foot_menu_;
    TableView* view_;
    TableClipboard* clipboard_;
    LayerStrip* layers_ = nullptr;
    RowsEdge* rows_edge_;
    FootView* foot_;
    FormulaEditor* editor_;
    SuggestionBar* suggestions_;
    QWidget* line_widget_ = nullptr;
    QHBoxLayout* line_ = nullptr;
    class QLineEdit* title_line_ = nullptr; ///< while the title is written
    struct NextButton {
        QToolButton* button;
        QString text;
        std::function<QString()> missing;
    };
    QList<NextButton> next_;
};

} // namespace ledgefall
