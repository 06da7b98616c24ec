#pragma once

#include "app/commands/command_family.h"

namespace ledgefall {

/// The kept runs.
class RunCommands : public CommandFamily {
    Q_OBJECT
  public:
    using CommandFamily::CommandFamily;
    QList<Command> list();
    void restore(Id run);
    void list_runs(); ///< shows the table of runs, which is made where there is none yet

  Q_SIGNALS:
    void told(const QString& what); ///< what was done, in one line

  private:
    void keep();
    void choose_to_restore();
    void draw_all(bool drawn);
};

} // namespace ledgefall
