#pragma once

#include "app/table_model/table_model.h"

#include <QStyledItemDelegate>

namespace ledgefall {

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

  private:
    // `index` is one of the table's model; `laid_across`: the cells are seen with rows and columns exchanged.
    static void paint_beyond(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index,
                             bool laid_across);
    static void paint_references(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index,
                                 bool laid_across);
    static void paint_lines(QPainter& painter, const QRect& rect, const QStringList& lines, int written);
    static void paint_fall_line(QPainter* painter, const QRect& rect, bool overridden, bool last, bool laid_across);
};

} // namespace ledgefall
