#pragma once

#include "core/basics/sentence.h"

namespace ledgefall {

/// Why a formula cannot be said in the other language. It is thrown and caught within the translation of one formula,
/// and never leaves it.
struct NotTranslatable {
    Sentence why;
};

} // namespace ledgefall
