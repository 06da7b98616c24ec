#pragma once

#include "core/value/spelling.h"
#include "core/value/value.h"

namespace ledgefall {

/// How many cells of a column fit which kind; most of them settle it.
struct KindCount {
    std::size_t filled = 0;
    std::size_t numbers = 0, dates = 0, answers = 0;
    bool loses_digits = false; ///< some are numbers of samples and the like, as 007

    void add(std::string_view field, const Spelling& spelling, std::size_t times = 1);
    void add(const KindCount& other);
    Kind settled() const;
};

} // namespace ledgefall
