#pragma once

#include "app/document/document.h"

#include <QTreeWidget>

namespace ledgefall {

/// What the study holds: its tables, its charts, and its checks with whether they hold.
class ContentsPanel : public QTreeWidget {
    Q_OBJECT
  public:
    explicit ContentsPanel(Document& document, QWidget* parent = nullptr);
    void show_current(Id table);
    void show_chart(Id chart);   ///< which one is shown
    void new_check();            ///< asks for one, of the current table
    void change_check(Id check); ///< asks what it is to be

  Q_SIGNALS:
    void table_chosen(ledgefall::Id table);
    void check_chosen(ledgefall::Id check);
    void chart_chosen(ledgefall::Id chart);
    void chart_change_wanted(ledgefall::Id chart);
    void chart_removal_wanted(ledgefall::Id chart);

  private:
    void rebuild();
    QString shown_now() const;
    void apply_look();
    void open_menu(const QPoint& at);
    Document& document_;
    Id current_, shown_chart_, chosen_check_;
    QString shown_;
};

} // namespace ledgefall
