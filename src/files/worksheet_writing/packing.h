#pragma once

#include "core/basics/result.h"

#include <string>
#include <utility>
#include <vector>

namespace ledgefall {

/// Packs parts into one archive, in their order; the first is not compressed where `first_stored`, so that the kind of
/// file can be told from its first bytes.
Result<std::string> pack(const std::vector<std::pair<std::string, std::string>>& parts, bool first_stored);

} // namespace ledgefall
