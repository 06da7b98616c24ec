#include "files/study_json/base64.h"

#include <array>
#include <cstdint>

namespace ledgefall {
namespace {

constexpr std::string_view letters = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/";
constexpr std::uint8_t no_letter = 64;

constexpr std::array<std::uint8_t, 256> numbers_of_letters() {
    std::array<std::uint8_t, 256> out{};
    out.fill(no_letter);
    for (std::size_t at = 0; at < letters.size(); ++at) {
        out[static_cast<unsigned char>(letters[at])] = static_cast<std::uint8_t>(at);
    }
    return out;
}

constexpr std::array<std::uint8_t, 256> numbers = numbers_of_letters();

} // namespace

std::string to_base64(std::string_view bytes) {
    std::string out((bytes.size() + 2) / 3 * 4, '=');
    const auto byte = [&](std::size_t at) { return std::uint32_t{static_cast<unsigned char>(bytes[at])}; };
    std::size_t to = 0;
    std::size_t at = 0;
    for (; at + 3 <= bytes.size(); at += 3) {
        const std::uint32_t three = byte(at) << 16U | byte(at + 1) << 8U | byte(at + 2);
        out[to++] = letters[three >> 18U];
        out[to++] = letters[three >> 12U & 63U];
        out[to++] = letters[three >> 6U & 63U];
        out[to++] = letters[three & 63U];
    }
    if (const std::size_t left = bytes.size() - at; left > 0) {
        const std::uint32_t three = byte(at) << 16U | (left > 1 ? byte(at + 1) << 8U : 0U);
        out[to++] = letters[three >> 18U];
        out[to++] = letters[three >> 12U & 63U];
        if (left > 1) {
            out[to++] = letters[three >> 6U & 63U];
        }
    }
    return out;
}

std::optional<std::string> from_base64(std::string_view text) {
    if (text.size() % 4 != 0) {
        return std::nullopt;
    }
    std::size_t padding = 0;
    while (padding < 2 && padding < text.size() && text[text.size() - 1 - padding] == '=') {
        ++padding;
    }
    std::string out(text.size() / 4 * 3, '\0');
    std::size_t to = 0;
    std::uint32_t wrong = 0;
    for (std::size_t at = 0; at < text.size(); at += 4) {
        std::uint32_t three = 0;
        for (std::size_t in = 0; in < 4; ++in) {
            const bool padded = at + in >= text.size() - padding;
            const std::uint32_t number = padded ? 0 : numbers[static_cast<unsigned char>(text[at + in])];
            wrong |= number & no_letter;
            three = three << 6U | (number & 63U);
        }
        out[to++] = static_cast<char>(three >> 16U & 255U);
        out[to++] = static_cast<char>(three >> 8U & 255U);
        out[to++] = static_cast<char>(three & 255U);
    }
    if (wrong != 0) {
        return std::nullopt;
    }
    out.resize(out.size() - padding);
    return out;
}

} // namespace ledgefall
