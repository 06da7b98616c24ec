#include "files/formats/file_format.h"
#include "files/worksheet_reading/worksheet_readers.h"
#include "files/worksheet_writing/worksheet_writers.h"

namespace ledgefall::formats {
namespace {

template <Result<Workbook> (*read)(std::string_view, const StopToken&)>
Result<WorksheetStudy> recovered(std::string_view bytes, const StopToken& stop) {
    const Result<Workbook> workbook = read(bytes, stop);
    return workbook ? Result<WorksheetStudy>(worksheet_study(*workbook, stop)) : workbook.refusal();
}

template <Result<std::string> (*write)(const Workbook&)>
Result<std::string> written(const Study& study, const Results& results, const std::vector<ChartPicture>& pictures,
                            std::vector<Sentence>& reports, const StopToken& stop) {
    const Workbook workbook = workbook_of_study(study, results, pictures, stop);
    reports = workbook.reports;
    return write(workbook);
}

} // namespace

FileFormat open_document() {
    return {.name = "ods",
            .label = N_("OpenDocument spreadsheets"),
            .suffixes = {"ods"},
            .read_worksheet = &recovered<&read_open_document>,
            .write_worksheet = &written<&write_open_document>};
}

FileFormat open_xml() {
    return {.name = "xlsx",
            .label = N_("Office Open XML workbooks"),
            .suffixes = {"xlsx", "xlsm"},
            .read_worksheet = &recovered<&read_open_xml>,
            .write_worksheet = &written<&write_open_xml>};
}

} // namespace ledgefall::formats
