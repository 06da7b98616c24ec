#pragma once

#include "core/value/text.h"

#include <string>
#include <vector>

namespace ledgefall {

/// What a report of the study is to have, as it was chosen last.
struct ReportChoices {
    enum class Rows : std::uint8_t { all, first_and_last, none };
    enum class Formulas : std::uint8_t { mathematics, typed, none };
    enum class Paper : std::uint8_t { of_the_desktop, a4, letter };

    bool note = true, held = true, checks = true, runs = true, sources = true;
    std::vector<Id> left_out; ///< tables and charts that it does not have
    Rows rows = Rows::all;
    std::size_t row_count = 10; ///< how many from either end, where not all are shown
    bool blank = false;         ///< what the handout of the study asks is empty, to be filled in by hand
    bool full_numbers = false;  ///< all their digits, not as they are shown
    Formulas formulas = Formulas::mathematics;
    std::string author;
    /// Columns, held values or single cells whose working is shown, as `Pebbles.dev`, `Pebbles.dev[3]`, `ledge.q`.
    std::vector<std::string> workings;
    Paper paper = Paper::of_the_desktop;
    bool landscape = false;
    std::string unknown_fields = {};

    bool has(Id part) const;
    friend bool operator==(const ReportChoices&, const ReportChoices&) = default;
};

} // namespace ledgefall
