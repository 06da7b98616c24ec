#pragma once

#include <QString>

namespace ledgefall {

/// A folder of this name for what the application keeps between its runs: below $XDG_STATE_HOME/ledgefall, or
/// ~/.local/state/ledgefall (XDG Base Directory Specification 0.8). It is made where it is not there; where
/// it cannot be, what is written to it says so.
QString state_folder(const QString& name);

/// A name for what belongs to a file: its own name, and a digest of its whole path.
QString name_for_path(const QString& path);

} // namespace ledgefall
