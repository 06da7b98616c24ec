#include "files/io/machine_memory.h"

#include <algorithm>
#include <array>
#include <cstdlib>
#include <fcntl.h>
#include <fstream>
#include <limits>
#include <malloc.h>
#include <string>
#include <sys/resource.h>
#include <unistd.h>

namespace ledgefall {

double left_of_limit() {
    rlimit limit{};
    if (getrlimit(RLIMIT_AS, &limit) != 0 || limit.rlim_cur == RLIM_INFINITY) {
        return std::numeric_limits<double>::infinity();
    }
    std::array<char, 64> about{}; // no stream: this is asked in the middle of allocating
    const int file = open("/proc/self/statm", O_RDONLY | O_CLOEXEC);
    const ssize_t read_bytes = file < 0 ? 0 : read(file, about.data(), about.size() - 1);
    if (file >= 0) {
        close(file);
    }
    const double pages = read_bytes > 0 ? static_cast<double>(std::strtoull(about.data(), nullptr, 10)) : 0;
    return std::max(0.0, static_cast<double>(limit.rlim_cur) - pages * static_cast<double>(sysconf(_SC_PAGESIZE)));
}

double free_memory() {
    double available = std::numeric_limits<double>::infinity();
    std::ifstream about("/proc/meminfo");
    std::string name;
    std::string unit;
    double kilobytes = 0;
    while (about >> name >> kilobytes) {
        std::getline(about, unit);
        if (name == "MemAvailable:") {
            available = kilobytes * 1024;
            break;
        }
    }
    return std::min(available, left_of_limit());
}

void keep_memory_at_hand() {
    mallopt(M_TRIM_THRESHOLD, 128 << 20);
    mallopt(M_TOP_PAD, 16 << 20);
    mallopt(M_MMAP_THRESHOLD, 32 << 20);
}

} // namespace ledgefall
