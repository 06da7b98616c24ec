#include "files/tables/text_encoding.h"

#include "core/formula/names.h"

#include <algorithm>
#include <cstdint>
#include <cstring>
#include <unicode/localpointer.h>
#include <unicode/ucnv.h>
#include <vector>

namespace ledgefall {
namespace {

/// Bytes of an encoding that ICU knows; what they cannot mean becomes U+FFFD.
std::string from_encoding(std::string_view bytes, const char* name) {
    UErrorCode error = U_ZERO_ERROR;
    const icu::LocalUConverterPointer from(ucnv_open(name, &error));
    const icu::LocalUConverterPointer to(ucnv_open("UTF-8", &error));
    std::vector<UChar> pivot(1 << 14);
    std::vector<char> buffer(1 << 15);
    UChar* pivot_source = pivot.data();
    UChar* pivot_target = pivot.data();
    const char* source = bytes.data();
    std::string out;
    do {
        error = U_ZERO_ERROR;
        char* target = buffer.data();
        ucnv_convertEx(to.getAlias(), from.getAlias(), &target, buffer.data() + buffer.size(), &source,
                       bytes.data() + bytes.size(), pivot.data(), &pivot_source, &pivot_target,
                       pivot.data() + pivot.size(), out.empty() ? 1 : 0, 1, &error);
        out.append(buffer.data(), target);
    } while (error == U_BUFFER_OVERFLOW_ERROR);
    return out;
}

} // namespace

bool is_utf8(std::string_view bytes) {
    const auto eight_are_plain = [&bytes](std::size_t at) {
        std::uint64_t eight = 0;
        std::memcpy(&eight, bytes.data() + at, sizeof eight);
        return (eight & 0x8080808080808080U) == 0;
    };
    for (std::size_t at = 0; at < bytes.size();) {
        if (at + 8 <= bytes.size() && eight_are_plain(at)) {
            at += 8;
            continue;
        }
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
        out.converted = from_encoding(bytes.substr(0, bytes.size() / 2 * 2), "UTF-16");
        bytes = out.converted;
        out.is_converted = true;
    }
    if (!is_utf8(bytes)) {
        out.windows1252 = true;
        out.converted = from_encoding(bytes, "windows-1252");
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
