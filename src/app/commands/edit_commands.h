#pragma once

#include "app/commands/command_family.h"
#include "app/pages/find_bar.h"

namespace ledgefall {

/// Undo, the clipboard, and finding values.
class EditCommands : public CommandFamily {
    Q_OBJECT
  public:
    EditCommands(const CommandPlace& place, FindBar& find_bar)
        : CommandFamily(place)
        , find_bar_(find_bar) {}
    QList<Command> list();

  private:
    void copy();
    void paste();

    FindBar& find_bar_;
};

} // namespace ledgefall
