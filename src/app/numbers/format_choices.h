#pragma once

#include "core/study/model/study.h"

#include <QMenu>
#include <QString>

#include <functional>
#include <optional>

namespace ledgefall {

/// A way of showing values, as every menu calls it.
struct FormatChoice {
    QString text;
    Format format;
};
QList<FormatChoice> format_choices();

/// Adds them to a menu, with a mark at the one that is in use, and what is told of rounding under them.
void add_format_choices(QMenu* menu, const Format& now, const std::function<void(const Format&)>& chosen);

/// Asks for the largest denominator of fractions; nothing where it is left.
std::optional<Format> ask_for_denominator(QWidget* parent, const Format& now);

/// That a format changes only what is shown.
void tell_of_rounding(QMenu* menu);

} // namespace ledgefall
