#include "app/recovery/autosave.h"

#include "app/recovery/state_folder.h"
#include "app/tasks/log.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"

#include <QFile>
#include <QJsonDocument>
#include <QJsonObject>
#include <QLockFile>
#include <QUuid>

#include <algorithm>
#include <atomic>
#include <mutex>

namespace ledgefall {

Result<Saved> write_recovery(const QString& base, const Study& study, const QString& path, const QString& title,
                             QByteArray& about) {
    const QJsonObject fields{{QStringLiteral("path"), path}, {QStringLiteral("title"), title}};
    const QByteArray text = QJsonDocument(fields).toJson();
    if (text != about) {
        auto saved = write_file((base + QStringLiteral(".about")).toStdString(), text.toStdString(),
                                Renaming::no_directory_sync);
        if (!saved) {
            return saved;
        }
        about = text;
    }
    return write_file((base + QStringLiteral(".ledgefall")).toStdString(), write_study(study),
                      Renaming::no_directory_sync);
}

/// The files of one window in the recovery folder, and the lock that tells that the window is still there. Tasks write
/// and remove them in the order in which they were asked to; the lock is given back when the last of them is done.
class RecoveryFile {
  public:
    explicit RecoveryFile(QString base)
        : base_(std::move(base))
        , lock_(base_ + QStringLiteral(".lock")) {
        lock_.setStaleLockTime(0);
    }
    const QString& base() const { return base_; }
    bool is_written() const { return written_; }
    /// The number of what is asked for next, by which what comes too late is known.
    quint64 next() { return ++asked_; }

    Result<Saved> write(quint64 number, const Study& study, const QString& path, const QString& title) {
        const std::lock_guard order(mutex_);
        if (number < done_) {
            return Saved();
        }
        done_ = number;
        if (!lock_.isLocked()) {
            lock_.tryLock(0);
        }
        auto saved = write_recovery(base_, study, path, title, about_);
        written_ = written_ || saved;
        return saved;
    }
    void remove(quint64 number) {
        const std::lock_guard order(mutex_);
        done_ = std::max(done_, number);
        for (const char* ending : {".ledgefall", ".about"}) {
            QFile::remove(base_ + QLatin1String(ending));
        }
        about_.clear();
        written_ = false;
        lock_.unlock();
    }

  private:
    const QString base_;
    std::mutex mutex_;
    QLockFile lock_;
    QByteArray about_; ///< what was last written of the study's file and title
    quint64 done_ = 0; ///< the number of the last that was done
    std::atomic<quint64> asked_ = 0;
    std::atomic<bool> written_ = false;
};

Autosave::Autosave(Document& document, QObject* parent)
    : QObject(parent)
    , document_(document)
    , file_(std::make_shared<RecoveryFile>(state_folder(QStringLiteral("recovery")) + QLatin1Char('/') +
                                           QUuid::createUuid().toString(QUuid::WithoutBraces))) {
    constexpr int soon = 1000; // writing may take as long again
    soon_.setSingleShot(true);
    soon_.setInterval(soon);
    connect(&soon_, &QTimer::timeout, this, &Autosave::write);
    connect(&document_, &Document::state_changed, this, &Autosave::follow);
}

QString Autosave::base() const {
    return file_->base();
}

bool Autosave::is_written() const {
    return file_->is_written();
}

void Autosave::follow() {
    if (!document_.modified()) {
        soon_.stop();
        remove();
    } else if (!soon_.isActive()) { // not begun anew with each change, so that a long series of them is written, too
        soon_.start();
    }
}

void Autosave::write() {
    if (!document_.modified()) {
        return;
    }
    if (writing_.running()) {
        again_ = true;
        return;
    }
    writing_ = TaskRunner::of_process().start(
        this,
        [file = file_, number = file_->next(), study = document_.study(), path = document_.path(),
         title = document_.title()] { return file->write(number, study, path, title); },
        [this](const TaskOutcome<Result<Saved>>& saved) { take(saved ? *saved : Result<Saved>(saved.why())); },
        WhenStopped::wait);
}

void Autosave::take(const Result<Saved>& saved) {
    if (saved) {
        qCInfo(log_recovery) << "kept for a crash:" << base();
    } else {
        qCWarning(log_recovery) << "not kept for a crash:" << saved.refusal().text().c_str();
    }
    if (!saved && !told_) {
        Q_EMIT failed(saved.refusal());
    }
    told_ = !saved;
    if (std::exchange(again_, false)) {
        write();
    }
}

void Autosave::save_now() {
    soon_.stop();
    if (document_.modified()) {
        take(file_->write(file_->next(), document_.study(), document_.path(), document_.title()));
    }
}

void Autosave::discard() {
    soon_.stop();
    remove();
}

/// After what is being written at this moment. It is done although the window is gone by then.
void Autosave::remove() {
    again_ = false;
    if (writing_.running() || file_->is_written()) {
        TaskRunner::of_process().start_unattended([file = file_, number = file_->next()] { file->remove(number); });
    }
}

} // namespace ledgefall
