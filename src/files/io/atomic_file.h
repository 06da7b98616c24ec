#pragma once

#include "core/basics/result.h"

#include <string>
#include <string_view>

namespace ledgefall {

struct Saved {};

/// Whether the writing waits until the new file's taking of the old one's place is on the disk too. Where it does not,
/// a power cut may bring back the old file, whole; what kills only the program does not.
enum class Renaming { flushed, no_directory_sync };

/// Writes a file whole or not at all: into a new file beside it, flushed to the disk, which then takes its place. A
/// crash or a full disk leaves the old file as it was. A link is followed, and the file's permissions are kept; one
/// that has several names, or another owner, stays the same file. Refused: a file that is read only, a folder, a
/// device.
Result<Saved> write_file(const std::string& path, std::string_view text, Renaming renaming = Renaming::flushed);

/// Removes what a writing that was cut off has left in a folder; where `of` is given, only of the file of that name.
void remove_stale_temporaries(const std::string& folder, const std::string& of = {});

/// All bytes of a file. Refused: a folder, a device, a pipe.
Result<std::string> read_file(const std::string& path);

} // namespace ledgefall
