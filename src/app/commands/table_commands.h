#pragma once

#include "app/commands/command_family.h"

namespace ledgefall {

/// Making tables, and what is done with the current one as a whole.
class TableCommands : public CommandFamily {
    Q_OBJECT
  public:
    using CommandFamily::CommandFamily;
    QList<Command> list();
    void new_table();
    void change_axis(bool across);

  private:
    void two_way_table();
    void title_table();
    void rename_table();
    void count_rows();
    void stop_rows();
    void change_classes();
    void add_layer();
    void move_table(int by);
    void remove_table();
};

} // namespace ledgefall
