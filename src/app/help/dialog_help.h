#pragma once

#include <QString>

namespace ledgefall {

/// F1 in a dialog opens the page about it, in a reader over the dialog. Once for the program, however often it is
/// called.
void show_help_in_dialogs();

/// The page about a dialog, by the name of its class; the first page for one that has none of its own.
QString page_of_dialog(const char* class_name);

} // namespace ledgefall
