#pragma once

#include "app/commands/command_family.h"

namespace ledgefall {

/// What comes out of other values of a held value: a table of trials, and the value for which an outcome is as wanted.
class WhatIfCommands : public CommandFamily {
    Q_OBJECT
  public:
    using CommandFamily::CommandFamily;
    QList<Command> list();
    void try_values(Id held);
    void find_value(Id held);

  private:
    void try_two_values(Id first);
    Id held_to_try();
    Id chosen_held(Id beside);
};

} // namespace ledgefall
