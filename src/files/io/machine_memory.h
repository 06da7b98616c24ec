#pragma once

namespace ledgefall {

/// What the process may still allocate before its own limit, in bytes; infinite without one.
double left_of_limit();
/// How much memory the machine has available within that limit, in bytes; infinite where it does not say.
double free_memory();

/// Tells the C library to keep some freed memory at hand rather than give it back to the system at once: columns are
/// computed anew all the time, and clearing fresh pages would cost more than the arithmetic. For a program's `main`.
void keep_memory_at_hand();

} // namespace ledgefall
