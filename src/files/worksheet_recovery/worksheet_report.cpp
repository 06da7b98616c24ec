#include "files/worksheet_recovery/worksheet_report.h"

#include <algorithm>

namespace ledgefall {

std::size_t WorksheetReport::count(Line::Is is) const {
    return static_cast<std::size_t>(
        std::count_if(lines.begin(), lines.end(), [is](const Line& line) { return line.is == is; }));
}

std::string WorksheetReport::text() const {
    const std::pair<Line::Is, Sentence> headings[] = {
        {Line::Is::left_out, {N_("Left out:"), {}}},
        {Line::Is::slip, {N_("To check in the worksheet:"), {}}},
        {Line::Is::difference, {N_("Values that differ from their formulas:"), {}}},
        {Line::Is::not_said, {N_("Kept as values:"), {}}},
        {Line::Is::recovered, {N_("Formulas:"), {}}},
        {Line::Is::note, {N_("Notes:"), {}}},
    };
    std::string out;
    for (const auto& [is, heading] : headings) {
        if (count(is) == 0) {
            continue;
        }
        out += (out.empty() ? "" : "\n") + worded(heading) + "\n";
        for (const Line& line : lines) {
            if (line.is == is) {
                out += "  " + line.place + (line.place.empty() ? "" : ": ") + worded(line.what) + "\n";
            }
        }
    }
    return out;
}

} // namespace ledgefall
