#pragma once

#include "app/table_model/table_model.h"

namespace ledgefall {

/// A two-way table: one of its layers as a grid, with the axis across for headings and the axis down for the rows'
/// names. Behind its columns stand those of the foot lines that are taken beside the rows.
class TwoWayModel : public TableModel {
    Q_OBJECT
  public:
    TwoWayModel(Document& document, Id table, QObject* parent = nullptr);

    /// The layer that is shown; the first where the one that was has gone. Null where there is none yet.
    const ColumnDefinition* layer() const;
    void show_layer(Id layer);
    /// All layers under each other in each cell, or only one.
    bool shows_all_layers() const { return all_ && table() != nullptr && table()->columns.size() > 1; }
    void show_all_layers(bool all);
    int lines() const override { return shows_all_layers() ? static_cast<int>(table()->columns.size()) : 1; }
    int grid_columns() const; ///< without those beside
    QString axis_text(bool across, int place) const;
    /// What stands in a column beside the rows; null for a column of the grid.
    const FootLine* line_beside(int section) const;

    bool two_way() const override { return true; }
    const ColumnDefinition* column(int section) const override;
    int table_rows() const override;
    int table_columns() const override;
    Value value(int row, int section) const override;
    std::size_t cell_of(int row, int section) const override;
    QModelIndex place_of(Id column, std::size_t cell) override;
    QString foot_text(const FootLine& line, int section) const override;
    Value foot_value(const FootLine& line, int section) const override;
    bool in_trial(int section) const override;
    QVariant data(const QModelIndex& index, int role = Qt::DisplayRole) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role = Qt::DisplayRole) const override;
    Qt::ItemFlags flags(const QModelIndex& index) const override;
    TypedBy typing(int row, int section) const override;

  Q_SIGNALS:
    void layer_shown();

  protected:
    bool overridden(const ColumnDefinition& column, int row, int section) const override;

  private:
    const Column* axis_cells(bool across) const;
    bool shows_its_axes() const;
    std::vector<const FootLine*> lines_beside() const;
    Value beside(const FootLine& line, int row) const;
    /// Whether the shown layer's formula follows the row, and whether it follows the column.
    struct Ways {
        std::string formula; ///< that this is of
        bool down = false, across = false;
    };
    const Ways& ways() const;

    QStringList lines_of_cell(int row, int section) const;
    int line_of_layer() const;

    Id layer_;
    bool all_ = false;
    std::pair<RowSourcePtr, RowSourcePtr> shown_axes_; ///< with which the results were computed last
    mutable Ways ways_;
};

/// The model that fits a table.
TableModel* make_table_model(Document& document, Id table, QObject* parent = nullptr);

} // namespace ledgefall
