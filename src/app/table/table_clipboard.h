#pragma once

#include "app/table/table_view.h"

#include <QMimeData>

namespace ledgefall {

struct Pasted;

/// Copying and pasting the cells of a table: as tab-separated text, as a table of HTML, and whole columns as a piece of
/// a study with their formulas. A large paste is read by a task.
class TableClipboard : public QObject {
    Q_OBJECT
  public:
    TableClipboard(TableView& view, TableModel& model, Document& document);

    QString copied() const; ///< the selected block as tab-separated text, with headings where whole columns are
    void copy() const;
    /// Puts what is on the clipboard from the current cell on; a block that brings names makes new columns of them, and
    /// on columns that are there its values alone are put.
    void paste();
    void paste(const QMimeData& offered);

  Q_SIGNALS:
    void formula_wanted(int section, const QString& typed);
    /// A pasted list of definitions has become columns and held values of these names.
    void definitions_taken(const QStringList& columns, const QStringList& held);
    /// Pasted columns have headings that stand there already; they are these in formulas.
    void headings_equal(const QStringList& names);
    void cells_pasted();
    /// Columns that were copied whole have been pasted with their formulas; `renamed`: what has another name here.
    void columns_pasted(const QStringList& columns, const QStringList& renamed);

  private:
    QString copied_names() const;
    Study copied_piece() const;
    LabelledColumns copied_columns() const;
    void take(const Pasted& pasted);
    void take_piece(const Pasted& pasted);
    void choose_first_of(const std::vector<Id>& columns);
    void tell_equal_headings(int from);

    TableView& view_;
    TableModel& table_;
    Document& document_;
};

} // namespace ledgefall
