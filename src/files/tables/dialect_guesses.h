#pragma once

#include "files/tables/delimited.h"

namespace ledgefall {

/// With what lines begin that are no records: `#`, where the first lines show it; else nothing.
std::string guessed_comment(std::string_view text);

/// The delimiter with which the first lines fall into the most fields that are equal in number. Blanks divide only what
/// is mostly numbers, and no lines that are each one number or date.
char guessed_delimiter(std::string_view text, const std::string& comment);

/// By fields that can be read with one of the signs only; nothing where no field tells.
std::optional<char> guessed_decimal(const TextRecords& records);

/// A first line is a heading where no number stands in it; or where the numbers in it are rising years, with a text
/// beside them, and what stands below is not.
bool guessed_header(const TextRecords& records, char decimal);

/// Whether the line under the heading has the units of the columns: nothing else, and at least one over a number.
bool guessed_units(const TextRecords& records, char decimal);

/// A unit without the brackets around it.
std::string without_brackets(std::string_view unit);

} // namespace ledgefall
