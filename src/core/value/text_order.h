#pragma once

#include <string>
#include <string_view>

namespace ledgefall {

/// Below, at or above 0: how `a` stands to `b` in the order of the Unicode collation (its root, which is no language's
/// own): `ä` stands by `a`, capitals by small letters. Only equal texts are equal. Safe from any thread.
int compare_texts(std::string_view a, std::string_view b);

/// A text in capitals or in small letters, of any alphabet.
std::string in_capitals(std::string_view text);
std::string in_small_letters(std::string_view text);

} // namespace ledgefall
