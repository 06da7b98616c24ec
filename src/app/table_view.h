#pragma once

#include "app/table_heading.h"
#include "app/table_model.h"

#include <QTableView>

namespace ledgefall {

/// The cells of a table, with the keys that people expect: Enter goes down, Tab to the right, = begins a formula,
/// Delete empties, typing writes.
class TableView : public QTableView {
    Q_OBJECT
  public:
    TableView(TableModel& model, Document& document, QWidget* parent = nullptr);

    TableHeading& heading() { return *heading_; }
    int content_height() const; ///< of the headings and all rows
    void fit_columns();         ///< widths to what is in them, where the study does not say a width
    void restyle();

    QString copied() const; ///< the selected block as tab-separated text, with headings where whole columns are
    void paste(const QString& text);
    void clear_selected();
    /// The rows that the selection touches: first and count.
    std::pair<int, int> selected_rows() const;

  Q_SIGNALS:
    void formula_wanted(int section, const QString& typed); ///< `typed`: what was typed to begin it
    void heading_clicked(int section);

  protected:
    void keyPressEvent(QKeyEvent* event) override;
    void closeEditor(QWidget* editor, QAbstractItemDelegate::EndEditHint hint) override;

  private:
    void move_current(int rows, int columns);
    int content_width(int section) const;

    TableModel& table_;
    Document& document_;
    TableHeading* heading_;
    bool fitting_ = false;
};

} // namespace ledgefall
