#pragma once

#include "app/shell/page_area.h"

#include <QMenu>

namespace ledgefall {

/// The commands on kept runs.
class RunCommands : public QObject {
    Q_OBJECT
  public:
    RunCommands(Document& document, PageArea& place, QWidget* window);

    void fill_menu(QMenu* menu);
    /// Keeps what the table that is shown, and the ledge, have come to; waits for it where it is being worked out.
    void keep();
    void restore(Id run);
    void list_runs(); ///< shows the table of runs, which is made where there is none yet

  Q_SIGNALS:
    void told(const QString& what); ///< what was done, in one line

  private:
    void keep_now();
    void choose_to_restore();
    void draw_all(bool drawn);
    QString why_no_run() const;
    Document& document_;
    PageArea& place_;
    QWidget* window_;
};

} // namespace ledgefall
