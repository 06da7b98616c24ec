#include "app/recovery/file_guard.h"

#include "app/recovery/state_folder.h"

#include <QFile>
#include <QFileInfo>

#include <sys/stat.h>
#include <unistd.h>

namespace ledgefall {

FileGuard::Stamp FileGuard::stamp_of(const QString& path) {
    struct stat about {};
    if (::stat(QFile::encodeName(path).constData(), &about) != 0) {
        return {};
    }
    return {about.st_size, about.st_mtim.tv_sec, about.st_mtim.tv_nsec, about.st_ino};
}

void FileGuard::watch(const QString& path, const Stamp& stamp) {
    const bool same_file = path == path_ && lock_ != nullptr;
    path_ = path;
    stamp_ = stamp;
    if (same_file) {
        return;
    }
    lock_.reset();
    if (!path.isEmpty()) {
        auto lock = std::make_unique<QLockFile>(state_folder(QStringLiteral("open")) + QLatin1Char('/') +
                                                name_for_path(path) + QStringLiteral(".lock"));
        lock->setStaleLockTime(0); // its process alone decides
        lock_ = lock->tryLock(0) ? std::move(lock) : nullptr;
    }
}

FileGuard::State FileGuard::state() const {
    if (path_.isEmpty()) {
        return State::unchanged;
    }
    const Stamp now = stamp_of(path_);
    return now == stamp_ ? State::unchanged : now.size < 0 ? State::removed : State::changed;
}

bool FileGuard::read_only() const {
    if (path_.isEmpty() || !QFileInfo::exists(path_)) {
        return false;
    }
    const QByteArray folder = QFile::encodeName(QFileInfo(path_).absolutePath());
    return ::access(QFile::encodeName(path_).constData(), W_OK) != 0 || ::access(folder.constData(), W_OK) != 0;
}

} // namespace ledgefall
