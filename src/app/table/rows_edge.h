#pragma once

#include "app/document/document.h"

#include <QWidget>

namespace ledgefall {

/// The end of a counted table under its last row, or beside it where the rows run to the right: dragged outwards it has
/// more rows, inwards fewer; one undo step for each drag.
class RowsEdge : public QWidget {
    Q_OBJECT
  public:
    RowsEdge(Document& document, Id table, bool laid_across, QWidget* parent = nullptr);

    void refresh(); ///< hidden where the rows are not counted by a plain number
    void set_row_extent(int extent) { row_extent_ = extent; } ///< how high a row is, or how wide
    QSize sizeHint() const override;

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;

  private:
    std::optional<int> rows() const;
    int along(const QMouseEvent& event) const;

    Document& document_;
    Id table_;
    bool laid_across_;
    int row_extent_ = 24;
    int pressed_at_ = 0, rows_before_ = -1; ///< of the drag that is under way
};

} // namespace ledgefall
