#pragma once

#include "files/tables/labelled_columns.h"

namespace ledgefall {

// Tables as parts of documents: headings with units, one line a row, numbers in full. They are written and not read.

/// A table of HTML 5, with its headings in a head of their own.
std::string write_html_table(const LabelledColumns& columns);
/// The same with a line for each column, its heading first: of a table that is laid across.
std::string write_html_table_across(const LabelledColumns& columns);
/// A table with bars, as plain text with marks has it.
std::string write_markdown_table(const LabelledColumns& columns);
/// A `tabular`, numbers to the right.
std::string write_latex_table(const LabelledColumns& columns);

} // namespace ledgefall
