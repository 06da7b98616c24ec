#pragma once

#include "core/basics/stopping.h"
#include "files/tables/labelled_columns.h"
#include "files/worksheet_recovery/worksheet_study.h"
#include "files/worksheet_writing/workbook_of_study.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace ledgefall {

/// A file format: a reader and a writer, or one of them, between bytes and a study, a worksheet or labelled columns.
/// What a format cannot do is null.
struct FileFormat {
    std::string_view name;                  ///< on the command line: `csv`
    std::string_view label;                 ///< in file dialogs, a pattern for translation: "Comma-separated text"
    std::vector<std::string_view> suffixes; ///< without the point; the first is given to new files
    /// Whether bytes of a file with another suffix are of this format all the same.
    bool (*recognises)(std::string_view bytes) = nullptr;
    std::optional<char> delimiter = {}; ///< of delimited text, of which it is asked how it is read and written
    bool may_round = true;              ///< whether numbers can be written as the table shows them

    Result<Study> (*read_study)(std::string_view bytes, const StopToken& stop) = nullptr;
    std::string (*write_study)(const Study& study) = nullptr;
    /// A study recovered from a worksheet, with what is to be said of it before it is taken.
    Result<WorksheetStudy> (*read_worksheet)(std::string_view bytes, const StopToken& stop) = nullptr;
    /// A whole study as worksheets, with pictures of its charts; what could not be written as formulas, or not at all,
    /// is told in `reports`.
    Result<std::string> (*write_worksheet)(const Study& study, const Results& results,
                                           const std::vector<ChartPicture>& pictures, std::vector<Sentence>& reports,
                                           const StopToken& stop) = nullptr;
    Result<LabelledColumns> (*read_columns)(std::string_view bytes, const StopToken& stop) = nullptr;
    std::string (*write_columns)(const LabelledColumns& columns) = nullptr;
};

/// Every format, in the order in which they are offered.
const std::vector<FileFormat>& file_formats();

/// The format of a file with that name: by its suffix, else by its bytes, else delimited text.
const FileFormat& format_of(std::string_view path, std::string_view bytes = {});

} // namespace ledgefall
