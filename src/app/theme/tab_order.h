#pragma once

#include <QDialog>
#include <QList>

namespace ledgefall {

/// The widgets in a part of the window that Tab stops at, in the order in which its layouts place them.
QList<QWidget*> in_order_of_layout(QWidget& part);

/// Lets Tab go through a dialog as it is seen: in the order in which its layouts place what is in them. To be called
/// again when parts have been added.
void order_tabs(QDialog& dialog);

} // namespace ledgefall
