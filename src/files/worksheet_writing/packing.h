#pragma once

#include "core/basics/result.h"

#include <string>
#include <utility>
#include <vector>

namespace ledgefall {

/// Packs parts into one archive, in their order; the first is not compressed where `first_stored`, so that the kind of
/// file can be told from its first bytes.
Result<std::string> pack(const std::vector<std::pair<std::string, std::string>>& parts, bool first_stored);

/// A text as it stands in XML, in an element or an attribute. Signs that XML cannot have are left out.
std::string xml_escaped(const std::string& text);

} // namespace ledgefall
