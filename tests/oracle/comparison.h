#pragma once

#include "core/engine/running/results.h"
#include "oracle/blueprint.h"

#include <optional>

namespace ledgefall::testing {

/// A study as the edits make it, and where its parts are.
struct MadeStudy {
    Study study;
    std::string refusal; ///< why it could not be made
};
MadeStudy make_study(const Blueprint& plan);

struct Comparison {
    std::size_t compared = 0;  ///< values that were held against the oracle's
    std::size_t plain = 0;     ///< and those of them that were neither missing nor errors
    std::size_t undecided = 0; ///< values of which the oracle knows too little
    std::size_t refused = 0;   ///< definitions that the engine refuses as a whole
    std::size_t definitions = 0;
    std::optional<std::string> difference; ///< the first one
};
Comparison compare_study(const Blueprint& plan);

/// The smallest study that still differs: parts, rows and pieces of formulas are taken away as long as it does.
Blueprint shrink(Blueprint plan);
std::string described(const Blueprint& plan);

} // namespace ledgefall::testing
