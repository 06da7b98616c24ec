#pragma once

#include "app/dialogs/export_dialog.h"
#include "core/engine/running/results.h"
#include "files/formats/file_format.h"

namespace ledgefall {

struct WayOfWriting {
    ExportOptions choice;
    std::optional<std::size_t> rows; ///< only the first ones
    bool for_readers = false;        ///< HTML and the like, rather than for other programs
};

/// A table's columns with their headings as they are chosen, numbers in full or as they are shown.
LabelledColumns columns_to_write(const Study& study, const Results& results, Id table, const WayOfWriting& way,
                                 const StopToken& stop = {});

/// Those as the text of a file.
std::string written_table(const LabelledColumns& columns, const FileFormat& format, const ExportOptions& choice);

} // namespace ledgefall
