#pragma once

#include <cstdint>

namespace ledgefall {

/// Whether a list without items is written all the same.
enum class Empty : std::uint8_t { written, left_out };
/// Whether the first of some words, or a number of 0, is written all the same.
enum class First : std::uint8_t { written, left_out };

} // namespace ledgefall
