#pragma once

#include "core/basics/sentence.h"

#include <string>
#include <vector>

namespace ledgefall {

/// What was found in a worksheet, line by line, to be read before anything is taken.
struct WorksheetReport {
    struct Line {
        enum class Is : std::uint8_t {
            left_out,   ///< what is not taken at all
            recovered,  ///< a formula, as it is now written
            slip,       ///< probably a mistake in the worksheet, with what would mend it
            not_said,   ///< what keeps its values, since the formula language cannot say it
            difference, ///< a value in the file that its formula does not give
            note
        };
        Is is = Is::note;
        std::string place; ///< where in the workbook: `Sheet1, C7`
        Sentence what;
    };
    std::vector<Line> lines;

    void add(Line::Is is, std::string place, Sentence what) {
        lines.push_back({is, std::move(place), std::move(what)});
    }
    std::size_t count(Line::Is is) const;
    /// All of it, a line each, under a heading for each kind of line.
    std::string text() const;
};

} // namespace ledgefall
