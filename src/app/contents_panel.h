#pragma once

#include "app/document.h"

#include <QTreeWidget>

namespace ledgefall {

/// What the study holds: its tables, and its checks with whether they hold.
class ContentsPanel : public QTreeWidget {
    Q_OBJECT
  public:
    explicit ContentsPanel(Document& document, QWidget* parent = nullptr);
    void show_current(Id table);

  Q_SIGNALS:
    void table_chosen(ledgefall::Id table);

  private:
    void rebuild();
    Document& document_;
    Id current_;
};

} // namespace ledgefall
