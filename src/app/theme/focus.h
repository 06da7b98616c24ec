#pragma once

#include <QWidget>

namespace ledgefall {

/// Gives the focus to a part of the window, or to the first widget in it that takes keys; false where there is none.
bool focus_inside(QWidget& part);

} // namespace ledgefall
