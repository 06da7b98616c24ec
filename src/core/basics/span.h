#pragma once

#include <cstdint>
#include <string>

namespace ledgefall {

/// The characters of a formula's text from `from` up to, not including, `to`, counted in bytes of UTF-8.
struct Span {
    std::uint32_t from = 0;
    std::uint32_t to = 0;
    friend bool operator==(Span, Span) = default;
};

/// What would set a formula right, where that is clear: a text in place of some characters.
struct SuggestedCorrection {
    Span span;
    std::string text;
    friend bool operator==(const SuggestedCorrection&, const SuggestedCorrection&) = default;
};

} // namespace ledgefall
