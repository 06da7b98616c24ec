#pragma once

#include "core/marking/marks_study.h"

#include <cstdint>

namespace ledgefall {

struct MarkRequest {
    std::string folder;
    std::string key_file;        ///< where the key is, to be opened from the marks
    std::string feedback;        ///< the folder for a page of each student; empty: none are written
    std::string language = "en"; ///< of those pages
    JudgeOptions judging;
    const Study* before = nullptr;          ///< earlier marks, whose changed points stay
    double seconds = 5;                     ///< for one submission
    std::uintmax_t most_bytes = 20'000'000; ///< of one submission
    std::size_t most_files = 5000;
};

struct MarkedFolder {
    Study marks;
    std::size_t marked = 0; ///< submissions; the others have a remark
};

/// Marks every study in a folder against the key. A file that is broken, huge, slow or no handout of this key is
/// reported in its row and stops nothing. What is asked is what the key says or, where it says nothing, what most
/// submissions ask. Refused: a folder that cannot be read or has no files, or has too many; a folder without a single
/// handout. Throws `Stopped`.
Result<MarkedFolder> mark_folder(const Study& key, const MarkRequest& request, const StopToken& stop = {});

/// The files of a folder that may be submissions, by name.
Result<std::vector<std::string>> files_to_mark(const MarkRequest& request);

} // namespace ledgefall
