#include "files/formats/formats.h"
#include "files/tables/delimited.h"

namespace ledgefall::formats {
namespace {

/// The delimiter is found from the text itself.
Result<LabelledColumns> read(std::string_view bytes) {
    const Result<Delimited> text = read_delimited(bytes);
    if (!text) {
        return text.refusal();
    }
    return LabelledColumns{.columns = columns_of(*text), .least_rows = 0, .reports = text->reports()};
}

} // namespace

FileFormat comma_separated() {
    return {.name = "csv",
            .label = "Comma-separated text",
            .suffixes = {"csv"},
            .read_columns = &read,
            .write_columns = [](const LabelledColumns& columns) { return write_delimited(columns, Dialect()); }};
}

FileFormat tab_separated() {
    return {.name = "tsv",
            .label = "Tab-separated text",
            .suffixes = {"tsv", "txt"},
            .read_columns = &read,
            .write_columns = [](const LabelledColumns& columns) {
                return write_delimited(columns, {.delimiter = '\t', .decimal = '.', .header = true});
            }};
}

} // namespace ledgefall::formats
