#include "files/io/atomic_file.h"

#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <filesystem>
#include <sys/stat.h>
#include <system_error>
#include <unistd.h>

namespace ledgefall {
namespace {

/// A file descriptor that is closed when it is left.
struct Descriptor {
    int number = -1;
    explicit Descriptor(int opened)
        : number(opened) {}
    ~Descriptor() { close(); }
    Descriptor(const Descriptor&) = delete;
    Descriptor& operator=(const Descriptor&) = delete;
    bool close() {
        const int open = number;
        number = -1;
        return open < 0 || ::close(open) == 0;
    }
};

std::string reason() {
    return std::generic_category().message(errno);
}

bool write_all(int to, std::string_view text) {
    while (!text.empty()) {
        const ssize_t written = ::write(to, text.data(), text.size());
        if (written < 0 && errno == EINTR) {
            continue;
        }
        if (written <= 0) {
            return false;
        }
        text.remove_prefix(static_cast<std::size_t>(written));
    }
    return true;
}

Sentence not_written(const std::string& path) {
    return {"%1 could not be written (%2): the file that was there is unchanged. Save under another name or make room.",
            {path, reason()}};
}

} // namespace

Result<Saved> write_file(const std::string& path, std::string_view text) {
    std::error_code unused;
    std::string target = path;
    if (std::filesystem::is_symlink(path, unused)) {
        const auto followed = std::filesystem::weakly_canonical(path, unused);
        target = followed.empty() ? path : followed.string();
    }
    std::string temporary = target + ".XXXXXX";
    Descriptor file(::mkstemp(temporary.data()));
    if (file.number < 0) {
        return not_written(path);
    }
    struct stat before {};
    const mode_t mask = ::umask(0);
    ::umask(mask);
    const mode_t mode = ::stat(target.c_str(), &before) == 0 ? before.st_mode & 0777U : 0666U & ~mask;
    const bool ok = ::fchmod(file.number, mode) == 0 && write_all(file.number, text) && ::fsync(file.number) == 0 &&
                    file.close() && ::rename(temporary.c_str(), target.c_str()) == 0;
    if (!ok) {
        const Sentence refusal = not_written(path);
        ::unlink(temporary.c_str());
        return refusal;
    }
    // The rename itself must reach the disk too; a folder that cannot be flushed is not a reason to complain.
    const Descriptor folder(::open(std::filesystem::path(target).parent_path().c_str(), O_RDONLY | O_DIRECTORY));
    if (folder.number >= 0) {
        ::fsync(folder.number);
    }
    return Saved();
}

Result<std::string> read_file(const std::string& path) {
    const Descriptor file(::open(path.c_str(), O_RDONLY | O_CLOEXEC));
    struct stat about {};
    if (file.number < 0 || ::fstat(file.number, &about) != 0) {
        return Sentence{"%1 could not be opened (%2).", {path, reason()}};
    }
    if (!S_ISREG(about.st_mode) && S_ISDIR(about.st_mode)) {
        return Sentence{"%1 is a folder, not a file.", {path}};
    }
    std::string text;
    char buffer[1 << 16];
    for (;;) {
        const ssize_t count = ::read(file.number, buffer, sizeof buffer);
        if (count < 0 && errno == EINTR) {
            continue;
        }
        if (count < 0) {
            return Sentence{"%1 could not be read (%2).", {path, reason()}};
        }
        if (count == 0) {
            return text;
        }
        text.append(buffer, static_cast<std::size_t>(count));
    }
}

} // namespace ledgefall
