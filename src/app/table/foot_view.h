#pragma once

#include "app/table/table_view.h"

namespace ledgefall {

/// The foot lines of a table as a model: a row a line, a column a column.
class FootModel : public QAbstractTableModel {
    Q_OBJECT
  public:
    FootModel(TableModel& table, Document& document, QObject* parent = nullptr);
    const FootLine* line(int row) const;
    Value value(int row, int column) const;
    QString rounding_note(const QModelIndex& index) const;
    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role = Qt::DisplayRole) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role = Qt::DisplayRole) const override;

  private:
    TableModel& table_;
    Document& document_;
};

/// The foot under a table: it stands still while the rows scroll, and goes with the columns to the side. Of a table
/// that is laid across it stands beside the rows, a column a line.
class FootView : public QTableView {
    Q_OBJECT
  public:
    FootView(TableView& above, TableModel& table, Document& document, QWidget* parent = nullptr);
    void restyle();
    const FootModel& foot() const { return *model_; }
    int label_width() const; ///< what its longest label needs
    bool laid_across() const { return transposed_ != nullptr; }
    int current_line() const;
    void set_most_extent(int extent); ///< how high it may be under the rows, or how wide beside them
    int width_of(int section) const;  ///< of the widest value under a column
    /// Brings a line into view and makes its value under the first of its columns the current one.
    void choose(Id line);

  Q_SIGNALS:
    void line_menu_wanted(int row, const QPoint& global);
    void cell_chosen(int line, int section);
    void removal_wanted(int row);

  protected:
    void wheelEvent(QWheelEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;

  private:
    void follow();
    void follow_across();
    void fit();
    void bring_into_view(int row);
    QModelIndex in_foot(const QModelIndex& seen) const;
    TableView& above_;
    FootModel* model_;
    QTransposeProxyModel* transposed_ = nullptr; ///< of a table that is laid across
    QHeaderView* labels_ = nullptr;              ///< of the lines
    int most_extent_ = 1000;
    int slid_ = 0; ///< lines behind the first that are hidden
};

} // namespace ledgefall
