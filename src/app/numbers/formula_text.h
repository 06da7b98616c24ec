#pragma once

#include "app/theme/theme.h"
#include "core/authoring/marks.h"

#include <QString>
#include <QTextLayout>

#include <vector>

namespace ledgefall {

QColor colour_of(Manner manner);

/// The formats that show in a formula's text what stays and what follows: what stays is sandstone and stands on its
/// ledge, an underline; what follows is water. Positions are those of the text as a QString.
QList<QTextLayout::FormatRange> reference_formats(const std::string& formula, const std::vector<Mark>& marks);

/// A formula as it is read rather than typed: · for *, − for -, ≤ for <=, blanks around + and −; the marks move along
/// with their characters.
struct ReadableFormula {
    QString text;
    QList<QTextLayout::FormatRange> formats;
};
ReadableFormula readable(const Formula& formula, const Study& study, const Table* own,
                         const ColumnDefinition* each = nullptr);

/// The position in a QString of a byte of its UTF-8 text.
int position_of(const std::string& utf8_text, std::uint32_t byte);

} // namespace ledgefall
