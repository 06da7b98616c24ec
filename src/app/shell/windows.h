#pragma once

#include "app/shell/main_window.h"

#include <QLocalServer>
#include <QPointer>

namespace ledgefall {

/// All windows of the process. A second start of the program hands its files to the first one, which opens a window for
/// each.
class Windows : public QObject {
    Q_OBJECT
  public:
    explicit Windows(QObject* parent = nullptr);

    /// A new window that shows nothing yet.
    MainWindow* add();
    /// Opens files, each in a window of its own: studies, and delimited text by its dialog. Paths or file:// addresses.
    void open(const QStringList& files);
    /// Shows an item of a handout or its key, by its name, in a window on that half of the screen.
    void open_at(const QString& file, const QString& item, Qt::Edge half);
    /// Keeps what no window has saved, before the process ends.
    void end_at_once();
    QList<MainWindow*> all() const;

    /// Hands the files to a program that runs already; false where there is none.
    static bool hand_over(const QStringList& files);
    /// From now on takes what later starts hand over.
    void listen();
    /// Where the running program listens: in the runtime folder, which is the user's own; one for each display and
    /// session, so that a start on another display opens a window there.
    static QString server_name();

  private:
    void take_from_other_start();

    QList<QPointer<MainWindow>> windows_;
    QLocalServer server_;
};

/// A path or file:// address as the path of a local file; empty where it is something else.
QString local_path(const QString& file);

} // namespace ledgefall
