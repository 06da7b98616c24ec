#pragma once

#include "app/document/document.h"

#include <QWidget>

namespace ledgefall {

/// The lower end of a counted table: dragged down it has more rows, dragged up fewer; one undo step for each drag.
class RowsEdge : public QWidget {
    Q_OBJECT
  public:
    RowsEdge(Document& document, Id table, QWidget* parent = nullptr);

    void refresh(); ///< hidden where the rows are not counted by a plain number
    void set_row_height(int height) { row_height_ = height; }
    QSize sizeHint() const override;

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;

  private:
    std::optional<int> rows() const;

    Document& document_;
    Id table_;
    int row_height_ = 24;
    int pressed_y_ = 0, rows_before_ = -1; ///< of the drag that is under way
};

} // namespace ledgefall
