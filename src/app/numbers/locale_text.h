#pragma once

#include <QString>

#include <string>

namespace ledgefall {

/// A number's text, which has a point, with the desktop's decimal sign.
QString with_decimal_sign(QString text);

/// What a person typed, with a point where it is a number with the desktop's decimal sign; anything else as it is.
std::string with_point(const QString& typed);

} // namespace ledgefall
