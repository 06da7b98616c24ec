#pragma once

#include <QWidget>

namespace ledgefall {

/// Gives the focus to what a part of the window has chosen for it, or else to the first widget in it that takes keys;
/// false where there is none.
bool focus_inside(QWidget& part);

} // namespace ledgefall
