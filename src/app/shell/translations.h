#pragma once

#include <QLocale>

namespace ledgefall {

/// Loads the translation into a locale's language, where there is one, for all texts of the application from now on;
/// and that of Qt's own texts (Cancel, Open…), where it is installed.
void install_translations(const QLocale& locale);

} // namespace ledgefall
