#pragma once

#include "app/commands/command.h"
#include "app/commands/requirements.h"

#include <QMenuBar>

#include <map>

namespace ledgefall {

/// All commands of a window, and the menus that they stand in.
class Commands : public QObject {
    Q_OBJECT
  public:
    Commands(const Requirements& requirements, QMenuBar* bar, QObject* parent);

    /// Adds commands to their menus, in the order in which they are listed.
    void add(const QList<Command>& commands);
    /// Greys what cannot be done now, and words what has a direction as the table lies.
    void update();

    /// The command of an id; there must be one.
    const Command& command(const QString& id) const;
    QAction* action(const QString& id) const;
    QMenu* menu(const QString& id) const;
    const std::vector<std::pair<Command, QAction*>>& all() const { return all_; }
    /// Why it cannot be done with what is chosen; empty where it can.
    QString why_not(const Command& command) const { return requirements_.missing(command.needs); }
    /// The menus that lead to it: "Table ▸ Rows".
    QString path(const Command& command) const;
    /// Some as the line of a table offers them.
    QList<TablePage::NextStep> next_steps(const QStringList& ids) const;
    QString rows_of_keys() const; ///< all that have keys, as rows of an HTML table

  private:
    QMenu* make_menu(const Command& command, QMenu* in);
    void run(const Command& command);
    void turn(bool across);
    void word(const Command& command, QAction& action) const;
    void say_what_fits(const QMenu* menu);

    const Requirements& requirements_;
    QMenuBar* bar_;
    std::vector<std::pair<Command, QAction*>> all_; ///< without menus
    std::map<QString, QMenu*> menus_;
    bool across_ = false;                    ///< as the table of the page lies
    std::map<const QMenu*, QString> within_; ///< of a menu within another: that one's path
};

/// The text of a command without the mark of its key and without what is put behind it while it is grey.
QString bare_text(const QAction& action);

} // namespace ledgefall
