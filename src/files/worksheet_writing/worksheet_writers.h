#pragma once

#include "files/worksheet_reading/sheet.h"

namespace ledgefall {

// Writers of worksheets, each giving the bytes of a file; refused where the bytes cannot be made.

/// An OpenDocument spreadsheet (ODF 1.3).
Result<std::string> write_open_document(const Workbook& workbook);
/// An Office Open XML workbook (ISO/IEC 29500).
Result<std::string> write_open_xml(const Workbook& workbook);

} // namespace ledgefall
