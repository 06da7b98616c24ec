#pragma once

#include "files/formats/file_format.h"

namespace ledgefall::formats {

// The formats, each in a file of its own.
FileFormat study();
FileFormat comma_separated();
FileFormat tab_separated();
FileFormat open_document();
FileFormat open_xml();
FileFormat json_records();
FileFormat html();
FileFormat markdown();
FileFormat latex();

} // namespace ledgefall::formats
