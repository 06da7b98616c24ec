#include "files/tables/text_encoding.h"

#include "core/formula/names.h"

#include <algorithm>
#include <array>

namespace ledgefall {
namespace {

/// UTF-16 with its mark, of either order of bytes. Half of a pair becomes U+FFFD.
std::string from_utf16(std::string_view bytes) {
    const bool low_first = bytes.front() == '\xFF';
    const auto unit_at = [&](std::size_t at) {
        const auto first = static_cast<unsigned char>(bytes[at]);
        const auto second = static_cast<unsigned char>(bytes[at + 1]);
        return static_cast<char32_t>(low_first ? first + 256U * second : 256U * first + second);
    };
    std::string out;
    for (std::size_t at = 2; at + 1 < bytes.size(); at += 2) {
        const char32_t unit = unit_at(at);
        const bool leads = unit >= 0xD800 && unit < 0xDC00 && at + 3 < bytes.size();
        const char32_t next = leads ? unit_at(at + 2) : 0;
        if (leads && next >= 0xDC00 && next < 0xE000) {
            out += utf8(0x10000 + ((unit - 0xD800) << 10U) + (next - 0xDC00));
            at += 2;
        } else {
            out += utf8(unit >= 0xD800 && unit < 0xE000 ? 0xFFFD : unit);
        }
    }
    return out;
}

/// Windows-1252, which is Latin-1 with letters and signs in place of most control characters.
std::string from_windows1252(std::string_view bytes) {
    constexpr std::array<char32_t, 32> signs = {0x20AC, 0x81,   0x201A, 0x0192, 0x201E, 0x2026, 0x2020, 0x2021,
                                                0x02C6, 0x2030, 0x0160, 0x2039, 0x0152, 0x8D,   0x017D, 0x8F,
                                                0x90,   0x2018, 0x2019, 0x201C, 0x201D, 0x2022, 0x2013, 0x2014,
                                                0x02DC, 0x2122, 0x0161, 0x203A, 0x0153, 0x9D,   0x017E, 0x0178};
    std::string out;
    for (const char c : bytes) {
        const auto byte = static_cast<unsigned char>(c);
        out += utf8(byte >= 0x80 && byte < 0xA0 ? signs[byte - 0x80U] : byte);
    }
    return out;
}

} // namespace

bool is_utf8(std::string_view bytes) {
    for (std::size_t at = 0; at < bytes.size();) {
        if (static_cast<unsigned char>(bytes[at]) < 0x80) {
            ++at;
            continue;
        }
        const CodePoint c = code_point_at(bytes, at);
        if (c.value == 0xFFFD && c.length == 1) {
            return false;
        }
        at += c.length;
    }
    return true;
}

TextAsUtf8 as_utf8(std::string_view bytes) {
    TextAsUtf8 out;
    if (bytes.starts_with("\xEF\xBB\xBF")) {
        bytes.remove_prefix(3);
    }
    if (bytes.starts_with("\xFF\xFE") || bytes.starts_with("\xFE\xFF")) {
        out.converted = from_utf16(bytes);
        bytes = out.converted;
        out.is_converted = true;
    }
    if (!is_utf8(bytes)) {
        out.windows1252 = true;
        out.converted = from_windows1252(bytes);
        out.is_converted = true;
    }
    out.same = bytes;
    return out;
}

std::string_view first_lines(std::string_view bytes, std::size_t lines) {
    const bool low_first = bytes.starts_with("\xFF\xFE");
    const bool wide = low_first || bytes.starts_with("\xFE\xFF");
    // In UTF-16 a line ends by two bytes, at an even place.
    const auto is_end = [&](std::size_t at) {
        const std::size_t other = low_first ? at + 1 : at - 1;
        return !wide || (at % 2 == (low_first ? 0U : 1U) && other < bytes.size() && bytes[other] == '\0');
    };
    std::size_t at = 0;
    while (lines > 0) {
        at = bytes.find('\n', at);
        if (at == std::string_view::npos) {
            return bytes;
        }
        const bool end = is_end(at);
        at += end && low_first ? 2 : 1;
        lines -= end ? 1 : 0;
    }
    return bytes.substr(0, std::min(at, bytes.size()));
}

} // namespace ledgefall
