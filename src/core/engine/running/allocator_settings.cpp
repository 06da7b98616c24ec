#include "core/engine/running/allocator_settings.h"

#include <malloc.h>

namespace ledgefall {

void keep_memory_at_hand() {
    mallopt(M_TRIM_THRESHOLD, 128 << 20);
    mallopt(M_TOP_PAD, 16 << 20);
    mallopt(M_MMAP_THRESHOLD, 32 << 20);
}

} // namespace ledgefall
