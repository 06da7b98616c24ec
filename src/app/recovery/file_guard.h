#pragma once

#include <QLockFile>
#include <QString>

#include <memory>

namespace ledgefall {

/// Watches the file of the open study: whether another window has it open, whether it can be written, and whether it
/// has been changed, replaced or removed since it was last read or written here.
class FileGuard {
  public:
    enum class State { unchanged, changed, removed };

    /// What of a file changes where another program writes it.
    struct Stamp {
        qint64 size = -1, seconds = 0, nanoseconds = 0;
        quint64 inode = 0;
        friend bool operator==(const Stamp&, const Stamp&) = default;
    };
    static Stamp stamp_of(const QString& path);

    /// From now on of this file as it is now; of none where the path is empty.
    void watch(const QString& path) { watch(path, path.isEmpty() ? Stamp() : stamp_of(path)); }
    /// The same as the file was when it was read.
    void watch(const QString& path, const Stamp& stamp);
    const QString& path() const { return path_; }
    State state() const;
    void note() { noted_ = stamp_of(path_); } ///< that the person knows of the file's present state
    bool noted() const { return noted_ == stamp_of(path_); }
    /// Whether another window, of this or another process of the machine, has opened the file before.
    bool open_elsewhere() const { return !path_.isEmpty() && lock_ == nullptr; }
    /// Whether the file, or the folder in which it is replaced, does not let itself be written.
    bool read_only() const;

  private:
    QString path_;
    Stamp stamp_, noted_;
    std::unique_ptr<QLockFile> lock_; ///< null where another window holds it
};

} // namespace ledgefall
