#pragma once

namespace ledgefall {

/// How much memory the machine has available, in bytes; infinite where it does not say.
double free_memory();
/// The same within the process's own limit, less what a window needs to go on.
double free_memory_beside_window();

/// Tells the C library to keep some freed memory at hand rather than give it back to the system at once: columns are
/// computed anew all the time, and clearing fresh pages would cost more than the arithmetic. For a program's `main`.
void keep_memory_at_hand();

} // namespace ledgefall
