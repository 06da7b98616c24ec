#pragma once

#include "files/tables/labelled_columns.h"

#include <string_view>

namespace ledgefall {

/// Reads records: an array of objects, whose fields are columns, or an object of arrays, each a column. A column is of
/// the kind that all its values have (texts that are all ISO dates are dates), else of texts; null and what is not
/// there is missing. What is nested stands as its JSON text.
Result<LabelledColumns> read_json_records(std::string_view bytes);

/// An array of objects, a line each, under the columns' names; numbers in their shortest form that reads back, missing
/// cells and faults as null.
std::string write_json_records(const LabelledColumns& columns);

} // namespace ledgefall
