#pragma once

#include <QWidget>

namespace ledgefall {

/// From now on every menu and dialog that is shown can be worked by letters: an entry, button or labelled field that
/// has none of its own, or one that another has before it, gets a free letter of its text. A dialog also fits the
/// screen, and Tab goes through it as it is seen. Once for each application.
void prepare_menus_and_dialogs();

/// Gives the letters of one menu or dialog.
void give_mnemonics(QWidget& window);

} // namespace ledgefall
