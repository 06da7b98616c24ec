#pragma once

#include "app/commands/command_family.h"

namespace ledgefall {

/// What makes something new of the chosen columns: frequency tables, summaries, unfolded measures.
class MadeTableCommands : public CommandFamily {
    Q_OBJECT
  public:
    using CommandFamily::CommandFamily;
    QList<Command> list();

  private:
    void count_values();
    void count_pairs();
    void compare_counts();
    void sum_up();
    void ask_share();
};

} // namespace ledgefall
