// Any bytes as a worksheet: the first says as what the others are taken, as a whole file of either format, as the rows
// or the sheet within one, or as a formula. It is read or refused; what is read becomes a study that comes to an end,
// and a formula is written as it reads again.

#include "files/archive_writing.h"
#include "files/formats/file_format.h"
#include "files/study_json/study_json.h"
#include "files/worksheet_reading/worksheet_readers.h"

#include <cstdlib>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

void recover(const Result<Workbook>& workbook) {
    if (!workbook) {
        return;
    }
    const WorksheetStudy recovered = worksheet_study(*workbook);
    // What was recovered is a study like any other: it is written, and read again.
    if (!read_study(write_study(recovered.study))) {
        std::abort();
    }
}

void read_formula(const std::string& text, FormulaNotation notation) {
    const SheetPlace own{40, 40};
    static const std::vector<TableArea> areas = {{"T", "Sheet", {0, 38}, {60, 40}, 1, 1, {"a", "b [c]", "d"}}};
    const SheetFormula read = read_sheet_formula(text, notation, own, {&areas, "Sheet"});
    if (!read.tree || notation != FormulaNotation::plain) {
        return;
    }
    const std::string written = write_sheet_formula(*read.tree, own);
    const SheetFormula again = read_sheet_formula(written, notation, own, {&areas, "Sheet"});
    if (again.tree && write_sheet_formula(*again.tree, own) != written) {
        std::abort();
    }
}

} // namespace

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    if (size == 0) {
        return 0;
    }
    const std::string text(reinterpret_cast<const char*>(data) + 1, size - 1);
    switch (data[0] % 6) {
    case 0:
        recover(read_open_document(text));
        break;
    case 1:
        recover(read_open_xml(text));
        break;
    case 2:
        recover(read_open_document(spreadsheet_of(text)));
        break;
    case 3:
        recover(read_open_xml(workbook_of(text)));
        break;
    case 4:
        read_formula(text, FormulaNotation::plain);
        break;
    default:
        read_formula(text, FormulaNotation::open_formula);
        break;
    }
    return 0;
}
