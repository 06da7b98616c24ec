#include "files/io/json_depth.h"

#include <algorithm>

namespace ledgefall {

std::size_t json_depth(std::string_view json) {
    std::size_t depth = 0;
    std::size_t deepest = 0;
    bool in_text = false;
    for (std::size_t at = 0; at < json.size(); ++at) {
        const char c = json[at];
        if (in_text) {
            at += c == '\\' ? 1 : 0;
            in_text = c != '"';
        } else if (c == '"') {
            in_text = true;
        } else if (c == '[' || c == '{') {
            deepest = std::max(deepest, ++depth);
        } else if ((c == ']' || c == '}') && depth > 0) {
            --depth;
        }
    }
    return deepest;
}

} // namespace ledgefall
