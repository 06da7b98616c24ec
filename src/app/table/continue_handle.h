#pragma once

#include "app/document/document.h"

#include <QCoreApplication>
#include <QMouseEvent>
#include <QPainter>

namespace ledgefall {

class TableView;

/// The drop that hangs under chosen values: dragged down, it continues them. While it is dragged the rows that will be
/// filled have a line of water.
class ContinueHandle {
    Q_DECLARE_TR_FUNCTIONS(ledgefall::ContinueHandle)
  public:
    ContinueHandle(TableView& view, Document& document)
        : view_(view)
        , document_(document) {}

    bool offered() const; ///< whether what is chosen can be continued
    void paint(QPainter& painter) const;
    bool press(const QPoint& at); ///< whether the drop is there
    bool dragged() const { return to_ >= 0; }
    void drag(const QMouseEvent& event);
    void release(const QPoint& at);

  private:
    QRect rect() const;

    TableView& view_;
    Document& document_;
    int to_ = -1; ///< the row down to which it is being dragged
};

} // namespace ledgefall
