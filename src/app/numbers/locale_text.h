#pragma once

#include "core/value/spelling.h"

#include <QString>

#include <optional>
#include <string>

namespace ledgefall {

/// A number's text, which has a point, with the desktop's decimal sign.
QString with_decimal_sign(QString text);

/// A number as it stands in a field where it can be changed: in full, with the desktop's decimal sign.
QString field_text(double number);
/// The number that a person typed into a field; nothing where it is none.
std::optional<double> typed_number(const QString& typed);

/// How numbers and dates are spelled on this desktop.
Spelling own_spelling();

/// What a person typed, with a point where it is a number with the desktop's decimal sign; anything else as it is.
std::string with_point(const QString& typed);

} // namespace ledgefall
