#pragma once

#include "app/commands/command_family.h"

namespace ledgefall {

/// Writing formulas, and for which rows and columns they are.
class FormulaCommands : public CommandFamily {
    Q_OBJECT
  public:
    using CommandFamily::CommandFamily;
    QList<Command> list();      ///< of the menu Work, first
    QList<Command> more_list(); ///< of its menu of more formulas

  private:
    void measure_across(const std::string& measure);
    void spread();
    void set_reach(bool of_chosen_rows);
};

} // namespace ledgefall
