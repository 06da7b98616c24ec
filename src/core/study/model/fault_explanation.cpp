#include "core/study/model/fault_explanation.h"

#include "core/study/model/scope.h"

namespace ledgefall {

Sentence explain(const Study& study, Fault fault, std::size_t columns) {
    const FaultSite& site = fault.at();
    std::string what = site.what.text();
    if (!what.empty() && what.back() == '.') {
        what.pop_back();
    }
    const std::string closing = !what.empty() && what.back() == '?' ? "" : ".";
    const std::string name = display_name(study, site.definition);
    if (fault.row == 0) {
        return {N_("%1: %2") + closing, {name, what}};
    }
    if (columns > 0) {
        return {
            N_("%1, row %2, column %3: %4") + closing,
            {name, std::to_string((fault.row - 1) / columns + 1), std::to_string((fault.row - 1) % columns + 1), what}};
    }
    return {N_("%1, row %2: %3") + closing, {name, std::to_string(fault.row), what}};
}

Sentence explain_odd(Kind kind, const std::string& typed) {
    return {N_("“%1” is kept as typed, but it is not %2. Correct it, or change the column's kind."),
            {typed, kind_in_words(kind)}};
}

} // namespace ledgefall
