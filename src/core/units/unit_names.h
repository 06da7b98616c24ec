#pragma once

#include "core/basics/result.h"

#include <string>
#include <string_view>

namespace ledgefall {

/// A unit as people write it, `m·s⁻¹` or `kWh`, in the words of UDUNITS-2. Names that the library reads as something
/// else (`nmi` as a nanomile, `oz` as a volume), holds with fewer digits or by constants older than 2019, or does not
/// know are replaced by their definitions; those that mean two things are refused by a sentence that says what to
/// write.
Result<std::string> in_library_words(std::string_view unit);

} // namespace ledgefall
