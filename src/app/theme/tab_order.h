#pragma once

#include <QDialog>

namespace ledgefall {

/// Lets Tab go through a dialog as it is seen: in the order in which its layouts place what is in them. To be called
/// again when parts have been added.
void order_tabs(QDialog& dialog);

} // namespace ledgefall
