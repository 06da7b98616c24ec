#pragma once

#include <string>
#include <string_view>

namespace ledgefall {

/// Whether bytes are UTF-8.
bool is_utf8(std::string_view bytes);

/// A text in UTF-8, without its mark.
struct TextAsUtf8 {
    std::string_view same; ///< of the bytes that were given, where they are UTF-8 already
    std::string converted; ///< from UTF-16 with a mark, or from Windows-1252
    bool is_converted = false;
    bool windows1252 = false; ///< it was no UTF-8, and has been read as Windows-1252

    std::string_view text() const { return is_converted ? std::string_view(converted) : same; }
};
TextAsUtf8 as_utf8(std::string_view bytes);

/// The first so many lines of a text, in whichever encoding; all of it where it has no more.
std::string_view first_lines(std::string_view bytes, std::size_t lines);

} // namespace ledgefall
