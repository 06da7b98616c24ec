#pragma once

#include <QListWidget>

namespace ledgefall {

/// A list whose current entry changes while the focus is elsewhere, as that of proposals does: those who hear the
/// window stay where the focus is.
class QuietList : public QListWidget {
  public:
    using QListWidget::QListWidget;

  protected:
    void currentChanged(const QModelIndex& current, const QModelIndex& previous) override {
        // What a list does beyond this is to tell that it has the focus.
        if (hasFocus()) {
            QListWidget::currentChanged(current, previous);
        } else {
            QAbstractItemView::currentChanged(current, previous);
        }
    }
};

} // namespace ledgefall
