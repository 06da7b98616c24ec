#pragma once

#include "app/column_menu.h"
#include "app/foot_view.h"
#include "app/table_view.h"
#include "app/writing_slip.h"

#include <QLabel>
#include <QToolButton>
#include <QWidget>

namespace ledgefall {

/// A table as it is worked in: its title, its cells, its foot, and the slip on which a formula is written.
class TablePage : public QWidget {
    Q_OBJECT
  public:
    TablePage(Document& document, Id table, QWidget* parent = nullptr);

    Id table_id() const { return table_; }
    TableModel& model() { return *model_; }
    TableView& view() { return *view_; }
    FootView& foot() { return *foot_; }
    WritingSlip& slip() { return *slip_; }

    /// Opens the slip for a column; a section without a column writes a new one.
    void write_formula(int section, const QString& begun = {});
    void insert_name(Id id);
    void insert_rows_above();
    void remove_selected_rows();
    std::unique_ptr<ColumnMenu> column_menu(int section, int row);
    void restyle();

  Q_SIGNALS:
    void selection_changed();

  protected:
    void resizeEvent(QResizeEvent* event) override;

  private:
    void refresh_title();
    void fit_height();
    void open_cell_menu(const QPoint& at);
    void open_heading_menu(const QPoint& at);
    QString state_line() const;

    Document& document_;
    Id table_;
    TableModel* model_;
    QLabel* title_;
    QLabel* state_;
    QToolButton* add_foot_;
    NewFootMenu* foot_menu_;
    TableView* view_;
    FootView* foot_;
    WritingSlip* slip_;
};

} // namespace ledgefall
