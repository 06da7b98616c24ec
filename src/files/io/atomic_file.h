#pragma once

#include "core/value/result.h"

#include <string>
#include <string_view>

namespace ledgefall {

struct Saved {};

/// Writes a file whole or not at all: into a new file beside it, flushed to the disk, which then takes its place. A
/// crash or a full disk leaves the old file as it was. A link is followed, and the file's permissions are kept.
Result<Saved> write_file(const std::string& path, std::string_view text);

/// All bytes of a file.
Result<std::string> read_file(const std::string& path);

} // namespace ledgefall
