// Loaded before a program's own libraries (LD_PRELOAD): a disk on which every flush takes one and a half seconds, and
// every writing to a file a moment.

#include <dlfcn.h>
#include <sys/stat.h>
#include <unistd.h>

namespace {

constexpr useconds_t of_a_flush = 1'500'000, of_a_writing = 20'000; // microseconds

bool is_file(int descriptor) {
    struct stat about {};
    return fstat(descriptor, &about) == 0 && S_ISREG(about.st_mode);
}

} // namespace

extern "C" int fsync(int descriptor) {
    static const auto flush = reinterpret_cast<int (*)(int)>(dlsym(RTLD_NEXT, "fsync"));
    usleep(of_a_flush);
    return flush(descriptor);
}

extern "C" ssize_t write(int descriptor, const void* bytes, size_t count) {
    static const auto put = reinterpret_cast<ssize_t (*)(int, const void*, size_t)>(dlsym(RTLD_NEXT, "write"));
    if (is_file(descriptor) && count > 200) { // not the log of what was typed
        usleep(of_a_writing);
    }
    return put(descriptor, bytes, count);
}
