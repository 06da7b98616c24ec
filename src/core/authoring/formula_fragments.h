#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace ledgefall {

enum class FragmentType : std::uint8_t { number, name, text, sign };

/// A fragment of a formula as it was written, in whatever way.
struct Fragment {
    FragmentType type = FragmentType::sign;
    std::string text;         ///< of a text what stands between the quotation marks
    bool after_blank = false; ///< a blank stands before it
};
using Fragments = std::vector<Fragment>;

/// Divides a formula into fragments; every byte that fits nothing else is a sign of its own.
Fragments read_fragments(std::string_view formula);

/// The address of a cell in a worksheet.
struct Address {
    std::size_t column = 0; ///< from 0
    bool fixed_row = false;
};

/// `A2`, `$B$3`: letters and digits, each with or without a dollar sign.
std::optional<Address> address_of(const std::string& text);

std::string in_capitals(std::string text);
std::string in_small_letters(std::string text);

} // namespace ledgefall
