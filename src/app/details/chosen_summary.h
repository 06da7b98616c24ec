#pragma once

#include "core/basics/stopping.h"
#include "core/value/column.h"

#include <memory>
#include <vector>

namespace ledgefall {

/// Some rows of one column, `from` up to, not including, `to`; their cells are a snapshot.
struct ChosenCells {
    std::shared_ptr<const Column> cells; ///< may be null
    std::size_t from = 0, to = 0;
};

/// What chosen cells come to: of the numbers among them n, sum, mean and range.
struct ChosenSummary {
    std::size_t cells = 0, faults = 0;
    Value n = Value::number(0), sum, mean, smallest, largest;
    bool sum_is_rounding = false; ///< the sum is nothing beside what was added up
};

ChosenSummary summary_of(const std::vector<ChosenCells>& chosen, const StopToken& stop);

} // namespace ledgefall
