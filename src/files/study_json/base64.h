#pragma once

#include <optional>
#include <string>
#include <string_view>

namespace ledgefall {

/// Bytes as letters, digits, + and / (RFC 4648, section 4).
std::string to_base64(std::string_view bytes);
/// Nothing where the text is no base64.
std::optional<std::string> from_base64(std::string_view text);

} // namespace ledgefall
