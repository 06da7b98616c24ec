#include "files/io/machine_memory.h"

#include <fstream>
#include <limits>
#include <malloc.h>
#include <string>

namespace ledgefall {

double free_memory() {
    std::ifstream about("/proc/meminfo");
    std::string name;
    std::string unit;
    double kilobytes = 0;
    while (about >> name >> kilobytes) {
        std::getline(about, unit);
        if (name == "MemAvailable:") {
            return kilobytes * 1024;
        }
    }
    return std::numeric_limits<double>::infinity();
}

void keep_memory_at_hand() {
    mallopt(M_TRIM_THRESHOLD, 128 << 20);
    mallopt(M_TOP_PAD, 16 << 20);
    mallopt(M_MMAP_THRESHOLD, 32 << 20);
}

} // namespace ledgefall
