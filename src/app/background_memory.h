#pragma once

namespace ledgefall {

/// Where the process has a limit, work on other threads than the calling one runs out of memory 48 MB before it, so
/// that the window can go on and say so. To be called by the interface's thread before other threads start.
void keep_memory_for_this_thread();

} // namespace ledgefall
