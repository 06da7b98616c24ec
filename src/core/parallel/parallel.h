#pragma once

#include <cstddef>
#include <functional>

namespace ledgefall {

/// Calls `body` with 0, 1, … up to `count` (not included), on this thread and on those of the process's pool that have
/// nothing to do, and returns when all calls have. What one throws is thrown here; then no further call is begun.
///
/// The pool has one thread fewer than there are cores, and the calling thread always takes part. A call within a call
/// therefore never waits for a thread, and never makes more threads run than there are cores.
void parallel_for(std::size_t count, const std::function<void(std::size_t)>& body);

/// On how many threads a loop can run at most.
std::size_t parallel_width();

} // namespace ledgefall
