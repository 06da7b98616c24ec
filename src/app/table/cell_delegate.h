#pragma once

#include "app/table_model/table_model.h"

#include <QKeyEvent>
#include <QStyledItemDelegate>

#include <optional>

namespace ledgefall {

/// Where a key goes on from a cell, as it is seen.
struct CellStep {
    enum By { enter, tab, arrow } by;
    int down = 0, right = 0;
};
std::optional<CellStep> cell_step(const QKeyEvent& key); ///< of Enter and Tab

/// Paints the cells of a table: ruled paper, the fall line of a computed column, marks for overrides, faults and odd
/// cells. The editor is a plain line on the cell.
class CellDelegate : public QStyledItemDelegate {
    Q_OBJECT
  public:
    using QStyledItemDelegate::QStyledItemDelegate;
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override;
    QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override;
    QWidget* createEditor(QWidget* parent, const QStyleOptionViewItem& option, const QModelIndex& index) const override;
    void setEditorData(QWidget* editor, const QModelIndex& index) const override;
    void updateEditorGeometry(QWidget* editor, const QStyleOptionViewItem& option,
                              const QModelIndex& index) const override;

    void set_arrows_end(bool end) { arrows_end_ = end; } ///< what is typed, rather than moving in it

  Q_SIGNALS:
    void ended(const ledgefall::CellStep& step); ///< what was typed is entered, and this is where to go

  protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

  private:
    // `index` is one of the table's model; `laid_across`: the cells are seen with rows and columns exchanged.
    static void paint_selection_edge(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& seen);
    static void paint_beyond(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index,
                             bool laid_across);
    static void paint_references(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index,
                                 bool laid_across);
    static void paint_lines(QPainter& painter, const QRect& rect, const QStringList& lines, int written);
    static void paint_fall_line(QPainter* painter, const QRect& rect, bool overridden, bool last, bool laid_across);

    bool arrows_end_ = false;
};

} // namespace ledgefall
