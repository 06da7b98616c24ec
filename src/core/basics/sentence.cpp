#include "core/basics/sentence.h"

#include <array>
#include <charconv>
#include <cmath>

namespace ledgefall {

std::string Sentence::filled(std::string_view translated) const {
    std::string out;
    for (std::size_t at = 0; at < translated.size(); ++at) {
        const bool place = translated[at] == '%' && at + 1 < translated.size() && translated[at + 1] >= '1' &&
                           translated[at + 1] <= '9';
        if (!place) {
            out += translated[at];
            continue;
        }
        const auto part = static_cast<std::size_t>(translated[++at] - '1');
        out += part < parts.size() ? parts[part] : std::string();
    }
    return out;
}

namespace {
std::string (*translate_text)(const Sentence&) = nullptr;
}

std::string worded(const Sentence& sentence) {
    return translate_text == nullptr ? sentence.text() : translate_text(sentence);
}

void word_texts_by(std::string (*translate)(const Sentence&)) {
    translate_text = translate;
}

std::string shortest(double number) {
    std::array<char, 40> buffer{};
    const double unsigned_zero = number == 0 ? 0 : number; // a zero has no sign for people
    char* const last = buffer.data() + buffer.size();
    // Powers of ten only where the zeros would be too many to count.
    constexpr double most = 1e16;
    constexpr double least = 1e-7;
    const double size = std::fabs(unsigned_zero);
    const bool fixed = size == 0 || (size >= least && size < most);
    const auto format = fixed ? std::chars_format::fixed : std::chars_format::scientific;
    return {buffer.data(), std::to_chars(buffer.data(), last, unsigned_zero, format).ptr};
}

} // namespace ledgefall
