#pragma once

#include "core/study/formats/settled_format.h"
#include "core/study/model/study.h"
#include "core/value/column.h"

#include <QString>

namespace ledgefall {

/// A number as it is shown: with a true minus, and the decimals of `format`. An automatic format shows up to six
/// significant figures.
QString number_text(double number, const Format& format);

/// The format of what has a unit: an automatic one of angles in radians becomes what the study's settings say of them.
Format format_for_unit(const Format& format, const std::string& unit, const Settings& settings);

/// A value as it is told in words and workings: a number to twelve significant figures, which leave out what arithmetic
/// in doubles has left at its end.
QString told_text(const Value& value);

/// What is shown of a number that is 0 but for rounding.
QString rounded_to_zero_text(const Format& format);

/// Any value as it is shown. Missing gives nothing, a fault the few words that name its cause.
QString value_text(const Value& value, const Format& format);
/// As much of a text as is ever seen at once; measuring and painting a longer one would take its time for nothing.
QString beginning_of(const QString& text);

/// The name that is not there yet, for which a value waits; empty where it waits for none.
QString waited_for(const Value& value);

/// "row 3", or of a cell of a two-way table with so many columns "row 1, column 3".
QString place_in_words(std::size_t row, std::size_t columns = 0);

/// A value to its full precision, as it is shown beside the rounded one.
QString exact_text(const Value& value);

} // namespace ledgefall
