#include "files/io/atomic_file.h"

#include <atomic>
#include <cerrno>
#include <csignal>
#include <cstdlib>
#include <cstring>
#include <fcntl.h>
#include <filesystem>
#include <functional>
#include <sys/stat.h>
#include <system_error>
#include <unistd.h>
#include <utility>

namespace ledgefall {
namespace {

/// In the name of a file that is to take another one's place, before the number of the process that writes it.
constexpr std::string_view temporary_suffix = ".ledgefall-new-";

/// A file descriptor that is closed when it is left.
struct Descriptor {
    int number = -1;
    explicit Descriptor(int opened)
        : number(opened) {}
    ~Descriptor() { close(); }
    Descriptor(Descriptor&& other) noexcept
        : number(std::exchange(other.number, -1)) {}
    Descriptor& operator=(Descriptor&&) = delete;
    Descriptor(const Descriptor&) = delete;
    Descriptor& operator=(const Descriptor&) = delete;
    bool close() {
        const int open = number;
        number = -1;
        return open < 0 || ::close(open) == 0;
    }
};

FileStamp stamp_from(const struct stat& about) {
    constexpr std::int64_t second = 1'000'000'000;
    return {about.st_size, about.st_mtim.tv_sec * second + about.st_mtim.tv_nsec,
            about.st_ctim.tv_sec * second + about.st_ctim.tv_nsec, about.st_ino};
}

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

Sentence not_written(const std::string& path, bool was_there) {
    return {was_there
                ? N_("%1 could not be saved (%2). The existing file is unchanged. Save under another name or free some "
                     "space.")
                : N_("%1 could not be saved (%2). No file was written. Save under another name or free some space."),
            {path, reason()}};
}

/// Where a link leads, whether or not anything is there yet.
std::string followed(const std::string& path) {
    constexpr int most_links = 40;
    std::filesystem::path target = path;
    std::error_code error;
    for (int link = 0; link < most_links && std::filesystem::is_symlink(target, error); ++link) {
        const std::filesystem::path next = std::filesystem::read_symlink(target, error);
        target = next.is_absolute() ? next : target.parent_path() / next;
    }
    return target.string();
}

/// A new file of a name of its own beside `target`, with the permissions that a new file has.
Descriptor new_file_beside(const std::string& target, std::string& name) {
    static std::atomic<unsigned> number = 0;
    constexpr int attempts = 100;
    for (int attempt = 0; attempt < attempts; ++attempt) {
        name = target + std::string(temporary_suffix) + std::to_string(::getpid()) + "-" + std::to_string(++number);
        const int opened = ::open(name.c_str(), O_WRONLY | O_CREAT | O_EXCL | O_CLOEXEC, 0666);
        if (opened >= 0 || errno != EEXIST) {
            return Descriptor(opened);
        }
    }
    return Descriptor(-1);
}

bool write_and_flush(Descriptor& file, std::string_view text, Renaming renaming) {
    return write_all(file.number, text) && (renaming == Renaming::not_flushed || ::fsync(file.number) == 0) &&
           file.close();
}

/// Of the open file itself, whatever stands at its path by now. Renaming a file changes it, too.
FileStamp stamp_of_open(const Descriptor& file, std::string_view text) {
    struct stat about {};
    FileStamp stamp = file.number >= 0 && ::fstat(file.number, &about) == 0 ? stamp_from(about) : FileStamp();
    stamp.content = std::hash<std::string_view>()(text);
    return stamp;
}

/// Over the bytes of a file that must stay the same one: a hard link, or another owner's. What is to be written stands
/// in `copy` already, so that it is not lost where this does not come to its end.
bool overwrite(Descriptor& file, std::string_view text) {
    return file.number >= 0 && write_all(file.number, text) &&
           ::ftruncate(file.number, static_cast<off_t>(text.size())) == 0 && ::fsync(file.number) == 0;
}

/// The rename itself must reach the disk too; a folder that cannot be flushed is not a reason to complain.
void flush_folder_of(const std::string& target) {
    const std::string parent = std::filesystem::path(target).parent_path().string();
    const Descriptor folder(::open(parent.empty() ? "." : parent.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC));
    if (folder.number >= 0) {
        ::fsync(folder.number);
    }
}

} // namespace

Result<Saved> write_file(const std::string& path, std::string_view text, Renaming renaming) {
    const std::string target = followed(path);
    struct stat before {};
    const bool was_there = ::stat(target.c_str(), &before) == 0;
    if (was_there && !S_ISREG(before.st_mode)) {
        return Sentence{N_("%1 is a folder or device, not a file. Nothing was saved. Choose another name."), {path}};
    }
    if (was_there && ::access(target.c_str(), W_OK) != 0) {
        return Sentence{N_("%1 is read-only and was not changed. Save under another name."), {path}};
    }
    std::string temporary;
    Descriptor file = new_file_beside(target, temporary);
    if (file.number < 0) {
        return not_written(path, was_there);
    }
    const bool stays_itself = was_there && (before.st_nlink > 1 || before.st_uid != ::geteuid());
    const bool as_before = !was_there || stays_itself || ::fchmod(file.number, before.st_mode & 0777U) == 0;
    const bool copied = as_before && write_and_flush(file, text, renaming);
    Descriptor written(!copied        ? -1
                       : stays_itself ? ::open(target.c_str(), O_WRONLY | O_CLOEXEC)
                                      : ::open(temporary.c_str(), O_RDONLY | O_CLOEXEC));
    const bool ok =
        copied && (stays_itself ? overwrite(written, text) : ::rename(temporary.c_str(), target.c_str()) == 0);
    if (!ok) {
        const Sentence refusal =
            copied && stays_itself
                ? Sentence{N_("%1 could not be saved completely (%2). The data to be saved is in %3."),
                           {path, reason(), temporary}}
                : not_written(path, was_there);
        if (!copied || !stays_itself) {
            ::unlink(temporary.c_str());
        }
        return refusal;
    }
    if (stays_itself) {
        ::unlink(temporary.c_str());
    }
    const Saved saved{stamp_of_open(written, text)};
    if (renaming == Renaming::flushed) {
        flush_folder_of(target);
    }
    return saved;
}

void take_file_limit_as_error() {
    std::signal(SIGXFSZ, SIG_IGN);
}

void remove_stale_temporaries(const std::string& folder, const std::string& of) {
    std::error_code error;
    for (std::filesystem::directory_iterator at(folder, error), end; !error && at != end; at.increment(error)) {
        const std::string name = at->path().filename().string();
        const std::size_t mark = name.find(temporary_suffix);
        if (mark == std::string::npos || (!of.empty() && name.substr(0, mark) != of)) {
            continue;
        }
        const std::string process = name.substr(mark + temporary_suffix.size());
        const int writer = std::atoi(process.c_str());
        const bool alive = writer > 0 && (::kill(writer, 0) == 0 || errno == EPERM);
        if (!alive) {
            std::error_code unused;
            std::filesystem::remove(at->path(), unused);
        }
    }
}

FileStamp stamp_of(const std::string& path) {
    struct stat about {};
    return ::stat(path.c_str(), &about) == 0 ? stamp_from(about) : FileStamp();
}

Result<std::string> read_file(const std::string& path, FileStamp* stamp) {
    // Without waiting, so that a pipe that nobody writes to is refused rather than waited for.
    const Descriptor file(::open(path.c_str(), O_RDONLY | O_CLOEXEC | O_NONBLOCK));
    struct stat about {};
    if (file.number < 0 || ::fstat(file.number, &about) != 0) {
        return Sentence{N_("%1 could not be opened (%2)."), {path, reason()}};
    }
    if (!S_ISREG(about.st_mode)) {
        return S_ISDIR(about.st_mode)
                   ? Sentence{N_("%1 is a folder, not a file."), {path}}
                   : Sentence{N_("%1 is a device or a pipe, which may never end. Save its output to a file first."),
                              {path}};
    }
    std::string text;
    text.reserve(static_cast<std::size_t>(about.st_size));
    char buffer[1 << 16];
    for (;;) {
        const ssize_t count = ::read(file.number, buffer, sizeof buffer);
        if (count < 0 && errno == EINTR) {
            continue;
        }
        if (count < 0) {
            return Sentence{N_("%1 could not be read (%2)."), {path, reason()}};
        }
        if (count == 0) {
            if (stamp != nullptr) { // as it was before it was read: what is written meanwhile is noticed
                *stamp = stamp_from(about);
                stamp->content = std::hash<std::string_view>()(text);
            }
            return text;
        }
        text.append(buffer, static_cast<std::size_t>(count));
    }
}

} // namespace ledgefall
