#pragma once

#include <QDialog>

namespace ledgefall {

/// A dialog that would be larger than the screen gets a body that scrolls, with its buttons below it in view. Does
/// nothing where there is room.
void fit_to_screen(QDialog& dialog);

} // namespace ledgefall
