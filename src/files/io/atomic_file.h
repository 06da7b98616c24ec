#pragma once

#include "core/basics/result.h"

#include <cstdint>
#include <string>
#include <string_view>

namespace ledgefall {

/// By what it is seen that a file is no longer as it was: which one it is, its size, when its bytes were written and
/// when anything of it was changed. `content` tells bytes apart where the rest differs, as after a copy back.
struct FileStamp {
    std::int64_t size = -1;                ///< below 0: there is no file
    std::int64_t written = 0, changed = 0; ///< nanoseconds
    std::uint64_t inode = 0;
    std::size_t content = 0; ///< of bytes that were read or written; 0 where only the path was looked at
    bool same_file_state(const FileStamp& other) const {
        return size == other.size && written == other.written && changed == other.changed && inode == other.inode;
    }
};
FileStamp stamp_of(const std::string& path);

struct Saved {
    FileStamp stamp; ///< of the file that was written
};

/// Whether the writing waits until the new file's taking of the old one's place is on the disk too. Where it does not,
/// a power cut may bring back the old file, whole; what kills only the program does not.
enum class Renaming {
    flushed,
    no_directory_sync,
    not_flushed ///< nor its bytes: after a power cut the file may be empty
};

/// Writes a file whole or not at all: into a new file beside it, flushed to the disk, which then takes its place. A
/// crash or a full disk leaves the old file as it was. A link is followed, and the file's permissions are kept; one
/// that has several names, or another owner, stays the same file. Refused: a file that is read only, a folder, a
/// device.
Result<Saved> write_file(const std::string& path, std::string_view text, Renaming renaming = Renaming::flushed);

/// A limit on the size of files is an error of the writing from now on, and no signal that ends the process. For the
/// beginning of a program.
void take_file_limit_as_error();

/// Removes what a writing that was cut off has left in a folder; where `of` is given, only of the file of that name.
void remove_stale_temporaries(const std::string& folder, const std::string& of = {});

/// All bytes of a file, and the stamp of the file that they were read from. Refused: a folder, a device, a pipe.
Result<std::string> read_file(const std::string& path, FileStamp* stamp = nullptr);

} // namespace ledgefall
