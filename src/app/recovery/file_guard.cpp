#include "app/recovery/file_guard.h"

#include "app/recovery/state_folder.h"

#include <QFile>
#include <QFileInfo>

#include <unistd.h>

namespace ledgefall {

FileStamp FileGuard::now() const {
    return stamp_of(QFile::encodeName(path_).toStdString());
}

void FileGuard::watch(const QString& path, const FileStamp& stamp) {
    const bool same_file = path == path_ && lock_ != nullptr;
    path_ = path;
    stamp_ = stamp;
    if (same_file) {
        return;
    }
    lock_.reset();
    elsewhere_ = false;
    if (!path.isEmpty()) {
        auto lock = std::make_unique<QLockFile>(state_folder(QStringLiteral("open")) + QLatin1Char('/') +
                                                name_for_path(path) + QStringLiteral(".lock"));
        lock->setStaleLockTime(0); // its process alone decides
        if (lock->tryLock(0)) {
            lock_ = std::move(lock);
        } else { // where the folder cannot be written nobody knows of the others
            elsewhere_ = lock->error() == QLockFile::LockFailedError;
        }
    }
}

FileGuard::State FileGuard::state() const {
    if (path_.isEmpty() || stamp_.same_file_state(now())) {
        return State::unchanged;
    }
    return now().size < 0 ? State::removed : State::changed;
}

bool FileGuard::read_only() const {
    if (path_.isEmpty() || !QFileInfo::exists(path_)) {
        return false;
    }
    const QByteArray folder = QFile::encodeName(QFileInfo(path_).absolutePath());
    return ::access(QFile::encodeName(path_).constData(), W_OK) != 0 || ::access(folder.constData(), W_OK) != 0;
}

} // namespace ledgefall
