#pragma once

#include "app/document/document.h"

#include <QToolButton>

namespace ledgefall {

/// Tells how many checks of the study hold, and leads to the first that fails.
class ChecksButton : public QToolButton {
    Q_OBJECT
  public:
    ChecksButton(Document& document, QWidget* parent);

    void refresh();

  Q_SIGNALS:
    void check_wanted(ledgefall::Id check);

  private:
    void go_to_broken();

    Document& document_;
    int broken_ = 0; ///< how many failed when it was last told
};

} // namespace ledgefall
