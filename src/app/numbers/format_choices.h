#pragma once

#include "core/study/formats/format.h"

#include <QMenu>

#include <functional>
#include <optional>

namespace ledgefall {

/// A way of showing values, as every menu calls it.
struct FormatChoice {
    QString text;
    Format format;
};
QList<FormatChoice> format_choices();

/// A format with the digits that its style asks a person for, such as the largest denominator; nothing where the
/// question is left.
std::optional<Format> completed(QWidget* parent, const Format& format, const Format& now = {});

/// Adds the choices to a menu, marks the current one, and puts the remark on rounding under them.
void add_format_choices(QMenu* menu, const Format& now, const std::function<void(const Format&)>& chosen);

/// That a format changes only what is shown.
void tell_of_rounding(QMenu* menu);

} // namespace ledgefall
