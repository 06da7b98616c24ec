#include "files/worksheet_reading/openformula_names.h"

#include <algorithm>
#include <iterator>
#include <string_view>

namespace ledgefall {
namespace {

struct Names {
    std::string_view kept, in_open_formula;
};

constexpr Names both_ways[] = {{"CHIDIST", "LEGACY.CHIDIST"},
                               {"CHIINV", "LEGACY.CHIINV"},
                               {"FDIST", "LEGACY.FDIST"},
                               {"FINV", "LEGACY.FINV"},
                               {"NORMSDIST", "LEGACY.NORMSDIST"},
                               {"NORMSINV", "LEGACY.NORMSINV"},
                               {"TDIST", "LEGACY.TDIST"},
                               {"CHISQ.DIST", "CHISQDIST"},
                               {"CHISQ.INV", "CHISQINV"},
                               {"F.DIST", "FDIST"},
                               {"F.INV", "FINV"}};

/// In the first edition of ISO/IEC 29500 there was no such function: later ones stand under this prefix.
constexpr std::string_view later = "_xlfn.";
constexpr std::string_view later_functions[] = {"GAMMA"};

} // namespace

std::string function_read(std::string name, FormulaNotation notation) {
    for (const std::string_view from : {"_XLFN.", "_XLWS.", "COM.", "ORG."}) {
        if (name.starts_with(from)) {
            name.erase(0, from.size());
            if (from.front() != '_') { // and whose it is
                const std::size_t point = name.find('.');
                name.erase(0, point == std::string::npos ? 0 : point + 1);
            }
            return name;
        }
    }
    const auto* const found = std::find_if(std::begin(both_ways), std::end(both_ways),
                                           [&name](const Names& one) { return one.in_open_formula == name; });
    return notation == FormulaNotation::open_formula && found != std::end(both_ways) ? std::string(found->kept)
                                                                                     : std::move(name);
}

std::string function_written(const std::string& name, FormulaNotation notation) {
    if (notation == FormulaNotation::open_formula) {
        const auto* const found = std::find_if(std::begin(both_ways), std::end(both_ways),
                                               [&name](const Names& one) { return one.kept == name; });
        return found == std::end(both_ways) ? name : std::string(found->in_open_formula);
    }
    const bool is_later =
        std::find(std::begin(later_functions), std::end(later_functions), name) != std::end(later_functions);
    return (is_later ? std::string(later) : std::string()) + name;
}

} // namespace ledgefall
