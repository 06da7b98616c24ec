#pragma once

namespace ledgefall {

/// Tells the C library to keep some freed memory at hand rather than give it back to the system at once: columns are
/// worked out anew all the time, and clearing fresh pages would cost more than the arithmetic. For a program's `main`.
void keep_memory_at_hand();

} // namespace ledgefall
