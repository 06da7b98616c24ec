#pragma once

#include <QFontMetrics>
#include <QString>

namespace ledgefall {

/// How many characters of a formula stand in the first line of this width: up to the last blank, unless what follows it
/// has no room in a line of its own; else up to the last operator, comma or bracket, or within a name behind its last
/// `_` or `.`, or as many as there is room for.
qsizetype length_of_line(const QString& text, const QFontMetrics& metrics, int width);

/// A label in which words that alone are too wide may be divided behind their `_` and `.`.
QString divisible(const QString& label, const QFontMetrics& metrics, int width);

} // namespace ledgefall
