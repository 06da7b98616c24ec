#include "files/formats/formats.h"
#include "files/worksheets/worksheet_readers.h"

namespace ledgefall::formats {
namespace {

template <Result<Workbook> (*read)(std::string_view)>
Result<RecoveredStudy> recovered(std::string_view bytes) {
    const Result<Workbook> workbook = read(bytes);
    return workbook ? Result<RecoveredStudy>(recover_study(*workbook)) : workbook.refusal();
}

} // namespace

FileFormat open_document() {
    return {.name = "ods",
            .label = "OpenDocument spreadsheets",
            .suffixes = {"ods"},
            .read_worksheet = &recovered<&read_open_document>};
}

FileFormat open_xml() {
    return {.name = "xlsx",
            .label = "Office Open XML workbooks",
            .suffixes = {"xlsx", "xlsm"},
            .read_worksheet = &recovered<&read_open_xml>};
}

} // namespace ledgefall::formats
