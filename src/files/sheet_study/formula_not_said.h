#pragma once

#include "core/value/sentence.h"

namespace ledgefall {

/// Why a formula cannot be said in the other language. It is thrown and caught within the translation of one formula,
/// and never leaves it.
struct FormulaNotSaid {
    Sentence why;
};

} // namespace ledgefall
