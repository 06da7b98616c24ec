#pragma once

#include "files/worksheet_reading/sheet.h"

#include <utility>

namespace ledgefall {

/// What stands over the cells of a sheet of an Office Open XML workbook: notes and pictures, with the parts that hold
/// them.
struct OpenXmlAttachments {
    std::vector<std::pair<std::string, std::string>> parts; ///< names and contents
    std::vector<std::pair<std::string, std::string>> types; ///< of those parts
    std::string drawing; ///< by which the sheet refers to its pictures; empty where it has none
};

/// `number`: of the sheet, from 1.
OpenXmlAttachments open_xml_attachments(const Sheet& sheet, const std::string& number);

} // namespace ledgefall
