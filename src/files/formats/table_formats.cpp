// Tables in other forms than delimited text.

#include "files/formats/file_format.h"
#include "files/tables/document_tables.h"
#include "files/tables/json_records.h"

namespace ledgefall::formats {

FileFormat json_records() {
    return {.name = "json",
            .label = N_("JSON records"),
            .suffixes = {"json"},
            .may_round = false,
            .read_columns = [](std::string_view bytes, const StopToken&) { return read_json_records(bytes); },
            .write_columns = &write_json_records};
}

FileFormat html() {
    return {
        .name = "html", .label = N_("HTML tables"), .suffixes = {"html", "htm"}, .write_columns = &write_html_table};
}

FileFormat markdown() {
    return {
        .name = "markdown", .label = N_("Markdown tables"), .suffixes = {"md"}, .write_columns = &write_markdown_table};
}

FileFormat latex() {
    return {.name = "latex", .label = N_("LaTeX tables"), .suffixes = {"tex"}, .write_columns = &write_latex_table};
}

} // namespace ledgefall::formats
