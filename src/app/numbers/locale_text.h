#pragma once

#include "core/study/model/study.h"
#include "core/value/spelling.h"

#include <QString>

#include <optional>
#include <string>

namespace ledgefall {

/// By which this thread shows and reads numbers: of the study that is computed at, else of the desktop. Every widget
/// shows numbers: a window sets it when it comes to the front and when its study's settings change; a task sets it for
/// its own thread. Gives whether that changes what is shown.
bool spell_numbers_by(const Settings& settings);

/// The same while it lives.
class SpelledBy {
  public:
    explicit SpelledBy(const Settings& settings);
    SpelledBy(const SpelledBy&) = delete;
    SpelledBy& operator=(const SpelledBy&) = delete;
    ~SpelledBy();

  private:
    Settings before_;
};
/// Between thousands; empty where they are not grouped.
QString group_sign();

/// A number's text, which has a point, with the decimal sign in use.
QString with_decimal_sign(QString text);

/// A number as it stands in a field where it can be changed: in full, with the decimal sign in use.
QString field_text(double number);
/// The number that a person typed into a field; nothing where it is none.
std::optional<double> typed_number(const QString& typed);

/// How numbers and dates are spelled: numbers by the sign in use, dates by the desktop.
Spelling own_spelling();

/// What a person typed, with a point where it is a number with the desktop's decimal sign; anything else as it is.
std::string with_point(const QString& typed);

} // namespace ledgefall
