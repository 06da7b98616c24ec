#include "core/engine/running/memory_budget.h"

#include "core/value/fault.h"

#include <limits>

namespace ledgefall {
std::function<double()> MemoryBudget::available = [] { return std::numeric_limits<double>::infinity(); };

MemoryBudget::MemoryBudget() {
    constexpr double part = 0.6; // the results before are still there, and so is everything else
    most_ = part * available();
}

bool MemoryBudget::take(double bytes) {
    double before = taken_.load();
    do {
        if (before + bytes > most_) {
            return false;
        }
    } while (!taken_.compare_exchange_weak(before, before + bytes));
    return true;
}

std::shared_ptr<Column> MemoryBudget::refused(const DefinitionId& definition, Kind kind, std::size_t rows) {
    const std::lock_guard lock(mutex_);
    std::shared_ptr<Column>& cells = refused_[{kind, rows}];
    if (!cells) {
        const std::uint32_t site = fault_site(
            {Cause::too_large,
             definition,
             {N_("computing this would take more memory than is free: use fewer rows, or fewer formulas"), {}},
             0,
             0});
        cells = std::make_shared<Column>(kind);
        for (std::size_t row = 0; row < rows; ++row) {
            cells->append(Value::fault({site, static_cast<std::uint32_t>(row + 1)}));
        }
    }
    return cells;
}

} // namespace ledgefall
