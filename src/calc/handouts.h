#pragma once

#include "core/study/builders/handout.h"

#include <string>
#include <utility>
#include <vector>

namespace ledgefall {

/// What the options for handouts and marking of one call say together, in whatever order they are written.
struct HandoutOptions {
    std::string handout;  ///< the file to write
    std::string names;    ///< a file with a name a line: a handout for each
    std::string out;      ///< the folder for those
    std::string feedback; ///< the folder for pages of feedback
    bool locked = true;
    std::vector<AskedItem> asked; ///< the part still as it is written, in `question`
    std::vector<std::string> parts, varied;

    bool makes_handouts() const { return !handout.empty() || !names.empty() || !out.empty(); }
};

/// The handouts, as files and their bytes.
Result<std::vector<std::pair<std::string, std::string>>> handouts_of(const Study& study, const HandoutOptions& options);

/// The marks of the submissions in a folder; those in the file `before`, if there are any, keep what was changed.
Result<Study> marks_of(const Study& key, const std::string& folder, const HandoutOptions& options,
                       const std::string& before);

} // namespace ledgefall
