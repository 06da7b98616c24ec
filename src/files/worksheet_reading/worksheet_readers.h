#pragma once

#include "core/basics/stopping.h"
#include "files/worksheet_reading/sheet.h"

namespace ledgefall {

// Readers of worksheets. Nothing outside the file is ever opened; a file that cannot be read is refused with one
// sentence that says what to do.

/// An OpenDocument spreadsheet (ODF 1.3).
Result<Workbook> read_open_document(std::string_view bytes, const StopToken& stop = {});
/// An Office Open XML workbook (ISO/IEC 29500).
Result<Workbook> read_open_xml(std::string_view bytes, const StopToken& stop = {});

} // namespace ledgefall
