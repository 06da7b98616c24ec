#pragma once

#include "core/basics/result.h"

#include <memory>
#include <string>
#include <string_view>

struct zip;

namespace ledgefall {

/// The parts of a packaged file, read from memory: nothing is ever unpacked to the disk, so that a part's name,
/// whatever it says, is no more than a name.
class Archive {
  public:
    /// The bytes must outlive it. Refused where they are no archive, or a cut one.
    static Result<Archive> open(std::string_view bytes);

    bool has(const std::string& part) const;
    /// A part, unpacked. Refused where there is none, it is encrypted or damaged, or larger than
    /// `WorksheetLimits::unpacked_bytes`.
    Result<std::string> read(const std::string& part) const;

  private:
    explicit Archive(std::shared_ptr<zip> opened)
        : zip_(std::move(opened)) {}
    std::shared_ptr<zip> zip_;
};

} // namespace ledgefall
