#pragma once

#include <string>

namespace ledgefall {

/// A text as it is written in a formula: in quotation marks, those within it doubled.
inline std::string text_literal(const std::string& text) {
    std::string out = "\"";
    for (const char c : text) {
        out += c == '"' ? "\"\"" : std::string(1, c);
    }
    return out + "\"";
}

} // namespace ledgefall
