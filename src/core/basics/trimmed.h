#pragma once

#include <string_view>

namespace ledgefall {

/// A text without the spaces, tabs and line ends at its ends.
inline std::string_view trimmed(std::string_view text) {
    constexpr std::string_view blanks = " \t\r\n";
    const std::size_t from = text.find_first_not_of(blanks);
    return from == std::string_view::npos ? std::string_view()
                                          : text.substr(from, text.find_last_not_of(blanks) - from + 1);
}

} // namespace ledgefall
