#include "calc/reference_page.h"

#include "core/engine/functions/catalogue.h"

namespace ledgefall {
namespace {

std::string escaped(std::string_view text) {
    std::string out;
    for (const char c : text) {
        out += c == '<' ? "&lt;" : c == '>' ? "&gt;" : c == '&' ? "&amp;" : std::string(1, c);
    }
    return out;
}

std::string code(std::string_view text) {
    return "<code>" + escaped(text) + "</code>";
}

} // namespace

std::string reference_page() {
    std::string page =
        "<!DOCTYPE html>\n<html lang=\"en\">\n<head><meta charset=\"utf-8\"><title>Functions</title></head>\n<body>\n"
        "<p><a href=\"index.html\">All pages</a></p>\n<h1>Functions</h1>\n"
        "<p>Arguments in square brackets can be left out. Missing values are left out of measures. If there are no "
        "values at all, a sum and a count are 0, a product is 1, and other measures are missing.</p>\n"
        "<p>Examples with names use the columns x = 2, 4, 4, 6; y = 1, 4, 2, 5; and frequencies f = 1, 2, 2, 1; a "
        "result that follows the row is that of the first row. In the window, click an example to insert it into the "
        "study.</p>\n";
    std::string_view family;
    for (const Function& function : catalogue()) {
        if (function.family != family) {
            family = function.family;
            page += "<h2>" + escaped(family) + "</h2>\n";
        }
        page += "<h3><a name=\"" + std::string(function.name) + "\">" + code(function.signature()) + "</a></h3>\n<p>" +
                escaped(function.purpose) + (function.source.empty() ? "" : "<br>" + escaped(function.source)) +
                (function.is_measure() ? "<br>Of no values: " + escaped(function.of_none) + "." : "") +
                "<br>Example: <code class=\"example\">" + escaped(function.example) + "</code> is " +
                escaped(function.example_result) + "</p>\n";
    }
    return page + "</body>\n</html>\n";
}

} // namespace ledgefall
