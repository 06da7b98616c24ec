#include "files/io/machine_memory.h"

#include <algorithm>
#include <fstream>
#include <limits>
#include <malloc.h>
#include <string>
#include <sys/resource.h>
#include <unistd.h>

namespace ledgefall {

namespace {

/// What the process may still take before its limit, less what a window needs to go on; infinite without a limit.
double left_of_limit() {
    constexpr double kept_for_the_window = 48e6;
    rlimit limit{};
    if (getrlimit(RLIMIT_AS, &limit) != 0 || limit.rlim_cur == RLIM_INFINITY) {
        return std::numeric_limits<double>::infinity();
    }
    double pages = 0;
    std::ifstream("/proc/self/statm") >> pages;
    const double used = pages * static_cast<double>(sysconf(_SC_PAGESIZE));
    return std::max(0.0, static_cast<double>(limit.rlim_cur) - used - kept_for_the_window);
}

} // namespace

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

double free_memory_beside_window() {
    return std::min(free_memory(), left_of_limit());
}

void keep_memory_at_hand() {
    mallopt(M_TRIM_THRESHOLD, 128 << 20);
    mallopt(M_TOP_PAD, 16 << 20);
    mallopt(M_MMAP_THRESHOLD, 32 << 20);
}

} // namespace ledgefall
