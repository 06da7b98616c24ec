#pragma once

#include "core/value/column.h"

#include <atomic>
#include <functional>
#include <map>
#include <memory>
#include <mutex>

namespace ledgefall {

/// How much one computing of a study may allocate for its results: a part of the memory that is free when it begins,
/// asked for before it is used. Safe from any thread.
class MemoryBudget {
  public:
    /// Asked how much memory is available, in bytes; infinite until a program sets it.
    static std::function<double()> available;

    MemoryBudget(); ///< of three fifths of that

    /// False where so much more would be too much; then nothing is taken.
    bool take(double bytes);
    void give_back(double bytes) { taken_ -= bytes; }
    double left() const { return most_ - taken_; }
    /// Cells of a column for which there is no memory: one such column of a length is shared by all of them.
    std::shared_ptr<Column> refused(const DefinitionId& definition, Kind kind, std::size_t rows);

  private:
    double most_ = 0;
    std::atomic<double> taken_ = 0;
    std::mutex mutex_;
    std::map<std::pair<Kind, std::size_t>, std::shared_ptr<Column>> refused_;
};

constexpr double bytes_of_cell = sizeof(double);

} // namespace ledgefall
