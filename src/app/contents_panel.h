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
    void new_check();            ///< asks for one, of the current table
    void change_check(Id check); ///< asks what it is to be

  Q_SIGNALS:
    void table_chosen(ledgefall::Id table);
    void check_chosen(ledgefall::Id check);

  private:
    void rebuild();
    QString shown_now() const;
    void dress();
    void open_menu(const QPoint& at);
    Document& document_;
    Id current_;
    QString shown_;
};

} // namespace ledgefall
