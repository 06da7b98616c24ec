#pragma once

#include "core/basics/stopping.h"

#include <string>
#include <string_view>
#include <vector>

namespace ledgefall {

/// By what the records of a delimited text are told apart.
struct RecordForm {
    char delimiter = ',';     ///< a blank stands for any number of blanks and tabs
    std::string comment = ""; ///< lines that begin with it are no records; none where it is empty
};

/// The records of a delimited text (RFC 4180), field by field.
struct DelimitedRecords {
    std::vector<std::vector<std::string>> records;
    std::vector<std::size_t> lines; ///< where each record begins, from 1
    std::size_t comments = 0;       ///< lines that were left out as such
    std::size_t open_quote = 0;     ///< the line of a quotation mark that is never closed

    /// In a text of several columns a blank line divides paragraphs; in one of a single column it is a missing value,
    /// so that those after it stay in their rows. At the end blank lines are none, unless `to_the_end`.
    void leave_out_blanks(bool to_the_end);

    std::vector<bool> blank; ///< for each record, whether its line is blank
};

/// At most so many records.
DelimitedRecords read_records(std::string_view text, const RecordForm& form, std::size_t most = std::string_view::npos,
                              const StopToken& stop = {});

} // namespace ledgefall
