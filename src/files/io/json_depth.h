#pragma once

#include <cstddef>
#include <string_view>

namespace ledgefall {

/// How deep brackets and braces of a JSON text stand within each other, outside of its texts. It is seen before the
/// text is parsed: a parser that is asked at every bracket looks through the whole array around it each time.
std::size_t json_depth(std::string_view json);

} // namespace ledgefall
