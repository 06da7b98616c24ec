#pragma once

#include "app/document/document.h"

#include <QMenu>
#include <QTreeWidget>

namespace ledgefall {

/// What the study holds: its tables, its charts, its kept runs with whether charts draw them, and its checks with
/// whether they hold.
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
    void run_restore_wanted(ledgefall::Id run);
    void run_list_wanted();
    void run_chosen(const QString& about); ///< what it was kept with and what came out

  protected:
    bool viewportEvent(QEvent* event) override;
    void currentChanged(const QModelIndex& current, const QModelIndex& previous) override;

  private:
    void rebuild();
    QString shown_now() const;
    void apply_theme();
    void open_menu(const QPoint& at);
    void add_runs(QTreeWidgetItem& runs);
    void change_run(QTreeWidgetItem& item);
    void fill_run_menu(QMenu& menu, QTreeWidgetItem& item);
    Document& document_;
    Id current_, shown_chart_, chosen_check_;
    QString shown_;
};

} // namespace ledgefall
