#include "files/study_json/object_writer.h"
#include "files/study_json/packed_cells.h"
#include "files/study_json/study_fields.h"
#include "files/study_json/study_json.h"

#include <algorithm>

namespace ledgefall {
namespace {

/// Whether some column's cells are packed, which files of the first version do not have.
bool packs_cells(const Study& study) {
    const auto is_long = [](const Column& cells) { return cells.size() >= packed::least_rows; };
    return std::any_of(study.tables.begin(), study.tables.end(),
                       [&](const auto& table) {
                           return std::any_of(table->columns.begin(), table->columns.end(), [&](const auto& column) {
                               return !column->computed() && is_long(*column->cells);
                           });
                       }) ||
           std::any_of(study.runs.begin(), study.runs.end(), [&](const auto& run) {
               return std::any_of(run->columns.begin(), run->columns.end(),
                                  [&](const RunColumn& column) { return is_long(column.cells); });
           });
}

} // namespace

std::string write_study(const Study& study) {
    Json json = {{"format", study_format_mark},
                 {"version", packs_cells(study) ? study_format_version : 1},
                 {"language", 1},
                 {"title", study.title}};
    ObjectWriter fields(json, study);
    describe(fields, study);
    return json_text(json);
}

} // namespace ledgefall
