#pragma once

#include "app/commands/command_family.h"

namespace ledgefall {

/// The rows of the current table.
class RowCommands : public CommandFamily {
    Q_OBJECT
  public:
    using CommandFamily::CommandFamily;
    QList<Command> list();

  private:
    void move_rows(int by);
    void sort(bool falling);
    void continue_pattern();
    void continue_to(std::size_t row, const std::optional<struct Pattern>& pattern);
};

} // namespace ledgefall
