#include "core/formula/names.h"

#include <algorithm>
#include <array>
#include <unicode/uchar.h>

namespace ledgefall {
namespace {

constexpr std::array<std::string_view, 17> reserved = {"and",  "or",      "not",   "in",   "if",  "then",
                                                       "else", "first",   "where", "for",  "mod", "yes",
                                                       "no",   "missing", "row",   "rows", "each"};

bool is_letter(char32_t c) {
    return c < 0x80 ? (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') : u_isalpha(static_cast<UChar32>(c)) != 0;
}

/// What stands over or under the letter before it, as in x̄.
bool is_mark(char32_t c) {
    return c >= 0x80 && (U_GET_GC_MASK(static_cast<UChar32>(c)) & U_GC_M_MASK) != 0;
}

bool is_subscript(char32_t c) {
    return c >= 0x2080 && c <= 0x2089;
}

} // namespace

CodePoint code_point_at(std::string_view text, std::size_t at) {
    const auto byte = [&](std::size_t k) { return static_cast<unsigned char>(text[k]); };
    const unsigned char lead = byte(at);
    const std::size_t length = lead < 0x80   ? 1
                               : lead < 0xC2 ? 0
                               : lead < 0xE0 ? 2
                               : lead < 0xF0 ? 3
                               : lead < 0xF5 ? 4
                                             : 0;
    if (length == 0 || at + length > text.size()) {
        return {0xFFFD, 1};
    }
    char32_t value = length == 1 ? lead : lead & (0xFFU >> (length + 1));
    for (std::size_t k = 1; k < length; ++k) {
        if ((byte(at + k) & 0xC0U) != 0x80U) {
            return {0xFFFD, 1};
        }
        value = (value << 6U) | (byte(at + k) & 0x3FU);
    }
    return {value, length};
}

std::string utf8(char32_t c) {
    std::string out;
    const auto put = [&out](char32_t byte) { out += static_cast<char>(static_cast<unsigned char>(byte)); };
    if (c < 0x80) {
        put(c);
    } else if (c < 0x800) {
        put(0xC0U | (c >> 6U));
        put(0x80U | (c & 0x3FU));
    } else if (c < 0x10000) {
        put(0xE0U | (c >> 12U));
        put(0x80U | ((c >> 6U) & 0x3FU));
        put(0x80U | (c & 0x3FU));
    } else {
        put(0xF0U | (c >> 18U));
        put(0x80U | ((c >> 12U) & 0x3FU));
        put(0x80U | ((c >> 6U) & 0x3FU));
        put(0x80U | (c & 0x3FU));
    }
    return out;
}

bool begins_name(char32_t c) {
    return c == '_' || is_letter(c);
}

bool continues_name(char32_t c) {
    return begins_name(c) || (c >= '0' && c <= '9') || is_subscript(c) || is_mark(c);
}

bool is_reserved(std::string_view word) {
    return word == "ledge" || std::find(reserved.begin(), reserved.end(), word) != reserved.end();
}

bool is_name(std::string_view name) {
    if (name.empty() || name.size() > longest_name || is_reserved(name)) {
        return false;
    }
    for (std::size_t at = 0; at < name.size();) {
        const CodePoint c = code_point_at(name, at);
        if (at == 0 ? !begins_name(c.value) : !continues_name(c.value)) {
            return false;
        }
        at += c.length;
    }
    return true;
}

std::string normal_name(std::string_view name) {
    std::string out(name);
    for (std::size_t at = out.find("\u00B5"); at != std::string::npos; at = out.find("\u00B5", at)) {
        out.replace(at, 2, "\u03BC");
    }
    return out;
}

std::string name_from_label(std::string_view label) {
    std::string name;
    bool pending = false;                            // an underscore is written only between two parts
    constexpr std::size_t enough = longest_name / 2; // to which a number may be added
    for (std::size_t at = 0; at < label.size() && name.size() < enough;) {
        const CodePoint c = code_point_at(label, at);
        at += c.length;
        if (!continues_name(c.value) || c.value == '_') {
            pending = true;
            continue;
        }
        if (name.empty() && !begins_name(c.value)) {
            name = "c";
            pending = true;
        }
        if (pending && !name.empty()) {
            name += '_';
        }
        pending = false;
        // A single letter keeps its case, since N and n are different things; words go to lower case.
        const bool capital = c.value >= 'A' && c.value <= 'Z';
        name += capital && label.size() > 2 ? utf8(c.value + 32) : utf8(c.value);
    }
    name = normal_name(name);
    if (name.empty()) {
        return "column";
    }
    return is_reserved(name) ? name + "_" : name;
}

std::string free_name(const std::string& wanted, const std::function<bool(const std::string&)>& taken) {
    std::string name = wanted;
    for (int number = 2; taken(name); ++number) {
        name = wanted + "_" + std::to_string(number);
    }
    return name;
}

std::string nearest_name(std::string_view name, const std::vector<std::string>& names) {
    if (name.size() > longest_name) {
        return {};
    }
    const auto distance = [name](std::string_view other) {
        std::vector<std::vector<std::size_t>> d(name.size() + 1, std::vector<std::size_t>(other.size() + 1));
        for (std::size_t a = 0; a <= name.size(); ++a) {
            for (std::size_t b = 0; b <= other.size(); ++b) {
                if (a == 0 || b == 0) {
                    d[a][b] = a + b;
                    continue;
                }
                const std::size_t change = name[a - 1] == other[b - 1] ? 0 : 1;
                d[a][b] = std::min({d[a - 1][b] + 1, d[a][b - 1] + 1, d[a - 1][b - 1] + change});
                if (a > 1 && b > 1 && name[a - 1] == other[b - 2] && name[a - 2] == other[b - 1]) {
                    d[a][b] = std::min(d[a][b], d[a - 2][b - 2] + 1);
                }
            }
        }
        return d[name.size()][other.size()];
    };
    std::string best;
    std::size_t least = std::max<std::size_t>(1, name.size() / 3) + 1;
    for (const std::string& other : names) {
        if (name.size() > 60 || other.size() > 60) {
            continue;
        }
        const std::size_t d = distance(other);
        if (d < least && d < std::max(name.size(), other.size())) {
            least = d;
            best = other;
        }
    }
    return best;
}

} // namespace ledgefall
