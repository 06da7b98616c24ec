#include "calc/reference_page.h"

#include "core/engine/functions/catalogue.h"

namespace ledgefall {
namespace {

/// A bar would end a cell of the page's tables.
std::string cell(std::string_view text) {
    std::string out;
    for (const char c : text) {
        out += c == '|' ? "\\|" : std::string(1, c);
    }
    return out;
}

} // namespace

std::string reference_page() {
    std::string page =
        "# Functions\n\nMade from the catalogue by `ledgefall-calc --functions`; every example is run as a test. "
        "What can be left out stands in square brackets. Missing cells are left out of measures; of no values "
        "at all a sum and a count are 0, a product is 1, and other measures are missing.\n\n"
        "Examples with names use the columns x = 2, 4, 4, 6; y = 1, 4, 2, 5; and frequencies f = 1, 2, 2, 1; a result "
        "that follows the row is that of the first.\n";
    std::string_view family;
    for (const Function& function : catalogue()) {
        if (function.family != family) {
            family = function.family;
            page += "\n## " + std::string(family) +
                    "\n\n| written | what it gives | formula and source | example |\n| --- | --- | --- | --- |\n";
        }
        page += "| `" + function.signature() + "` | " + cell(function.purpose) + " | " + cell(function.source) +
                " | `" + std::string(function.example) + "` is " + std::string(function.example_result) + " |\n";
    }
    return page;
}

} // namespace ledgefall
