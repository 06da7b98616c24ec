#include "background_memory.h"

#include "files/io/machine_memory.h"

#include <cmath>
#include <cstdlib>
#include <new>

namespace ledgefall {

namespace {

constexpr double kept_for_the_interface = 48e6;
constexpr std::size_t bytes_between_looks = 1 << 20;
constexpr std::size_t never_refused = 4096; ///< so that handing over what has come of the work does not fail

bool bounded = false; ///< set before other threads start
thread_local bool of_interface = false;
thread_local std::size_t since_last_look = 0;

/// Looks at the limit of the process once in a megabyte.
bool refused(std::size_t bytes) {
    since_last_look += bytes;
    if (since_last_look < bytes_between_looks || bytes <= never_refused) {
        return false;
    }
    if (left_of_limit() < static_cast<double>(bytes) + kept_for_the_interface) {
        return true;
    }
    since_last_look = 0;
    return false;
}

} // namespace

void keep_memory_for_this_thread() {
    of_interface = true;
    bounded = std::isfinite(left_of_limit());
}

} // namespace ledgefall

// Replaces the allocation of the whole program, as the standard provides for ([replacement.functions]); the forms for
// arrays and without exceptions call this one.
void* operator new(std::size_t bytes) {
    if (!ledgefall::bounded || ledgefall::of_interface || !ledgefall::refused(bytes)) {
        if (void* memory = std::malloc(bytes == 0 ? 1 : bytes)) {
            return memory;
        }
    }
    throw std::bad_alloc();
}

void operator delete(void* memory) noexcept {
    std::free(memory);
}

void operator delete(void* memory, std::size_t) noexcept {
    std::free(memory);
}
