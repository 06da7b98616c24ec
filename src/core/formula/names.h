#pragma once

#include <functional>
#include <string>
#include <string_view>
#include <vector>

namespace ledgefall {

/// One code point of UTF-8 text and its length in bytes; a byte that fits no code point counts as one of U+FFFD.
struct CodePoint {
    char32_t value = 0;
    std::size_t length = 0;
};
CodePoint code_point_at(std::string_view text, std::size_t at);
std::string utf8(char32_t value);

bool begins_name(char32_t c);            ///< a letter (Greek and others too) or `_`
bool continues_name(char32_t c);         ///< that, a digit, or a subscript digit
bool is_reserved(std::string_view word); ///< a word of the language, which no object may be called

constexpr std::size_t longest_name = 400; ///< bytes: what nobody can read is no name

/// Whether `name` can be the name of a column, a held value or a table.
bool is_name(std::string_view name);

/// `name` with the micro sign as the Greek letter, so that both name the same thing.
std::string normal_name(std::string_view name);

/// The name that a label such as "Plants per tray" gives: `plants_per_tray`. Never empty, never reserved.
std::string name_from_label(std::string_view label);

/// `wanted`, or `wanted_2`, `wanted_3`, …: the first of them for which `taken` is false.
std::string free_name(const std::string& wanted, const std::function<bool(const std::string&)>& taken);

/// The one of `known` that is nearest to `name` by edits (insert, remove, change, swap of neighbours), if it is near
/// enough to have been meant; else an empty text.
std::string nearest_name(std::string_view name, const std::vector<std::string>& names);

} // namespace ledgefall
