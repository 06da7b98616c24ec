#include "files/formats/file_format.h"
#include "files/tables/delimited.h"

namespace ledgefall::formats {

FileFormat comma_separated() {
    return {.name = "csv",
            .label = N_("Comma-separated text"),
            .suffixes = {"csv"},
            .delimiter = ',',
            .read_columns = [](std::string_view bytes,
                               const StopToken& stop) { return read_delimited_columns(bytes, {}, stop); },
            .write_columns = [](const LabelledColumns& columns) { return write_delimited(columns, Dialect()); }};
}

FileFormat tab_separated() {
    return {.name = "tsv",
            .label = N_("Tab-separated text"),
            .suffixes = {"tsv", "txt"},
            .delimiter = '\t',
            .read_columns = [](std::string_view bytes,
                               const StopToken& stop) { return read_delimited_columns(bytes, {}, stop); },
            .write_columns =
                [](const LabelledColumns& columns) {
                    return write_delimited(columns, {.delimiter = '\t', .decimal = '.', .header = true});
                }};
}

} // namespace ledgefall::formats
