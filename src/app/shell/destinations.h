#pragma once

#include "app/commands/commands.h"
#include "app/shell/command_finder.h"

namespace ledgefall {

/// What the search box leads to: every command, table and name, and the pages of the help.
QList<CommandFinder::Destination> destinations(const Study& study, const Commands& commands);

} // namespace ledgefall
