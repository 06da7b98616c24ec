#pragma once

#include "files/io/atomic_file.h"

#include <QLockFile>
#include <QString>

#include <memory>

namespace ledgefall {

/// Watches the file of the open study: whether another window has it open, whether it can be written, and whether it
/// has been changed, replaced or removed since it was last read or written here.
class FileGuard {
  public:
    enum class State { unchanged, changed, removed };

    /// From now on of this file as it was when it was read or written; of none where the path is empty.
    void watch(const QString& path, const FileStamp& stamp);
    const QString& path() const { return path_; }
    const FileStamp& stamp() const { return stamp_; }
    State state() const;
    void note() { noted_ = now(); } ///< that the person knows of the file's present state
    bool noted() const { return noted_.same_file_state(now()); }
    /// Whether another window, of this or another process of the machine, has opened the file before.
    bool open_elsewhere() const { return elsewhere_; }
    /// Whether the file, or the folder in which it is replaced, does not let itself be written.
    bool read_only() const;

  private:
    FileStamp now() const;

    QString path_;
    FileStamp stamp_, noted_;
    std::unique_ptr<QLockFile> lock_;
    bool elsewhere_ = false; ///< another window holds the lock
};

} // namespace ledgefall
