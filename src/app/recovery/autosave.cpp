#include "app/recovery/autosave.h"

#include "app/recovery/state_folder.h"
#include "app/tasks/log.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QLockFile>
#include <QUuid>

#include <algorithm>
#include <atomic>
#include <mutex>

namespace ledgefall {

Result<Saved> write_recovery(const QString& base, const Study& study, const UnsavedState& state,
                             WrittenBeside& written) {
    const QString folder = QFileInfo(base).absolutePath();
    if (!QDir().mkpath(folder) || !QFileInfo(folder).isWritable()) {
        return Sentence{N_("the folder %1 cannot be written, in which they would be kept. Save the study, or make the "
                           "folder writable"),
                        {folder.toStdString()}};
    }
    // Each file takes its time on a slow disk: those that have not changed are not written.
    const auto write = [&base](const char* ending, const QByteArray& text, QByteArray& before, Renaming renaming) {
        auto saved = text == before
                         ? Result<Saved>(Saved())
                         : write_file((base + QLatin1String(ending)).toStdString(), text.toStdString(), renaming);
        before = saved ? text : before;
        return saved;
    };
    auto saved = write(".about", state.about(), written.about, Renaming::no_directory_sync);
    if (saved) {
        saved = write(".typed", state.typed.json(), written.typed, Renaming::not_flushed);
    }
    return !saved ? saved
                  : write_file((base + QStringLiteral(".ledgefall")).toStdString(), write_study(study),
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

    Result<Saved> write(quint64 number, const Study& study, const UnsavedState& state) {
        const std::lock_guard order(mutex_);
        if (number < done_) {
            return Saved();
        }
        done_ = number;
        if (!lock_.isLocked()) {
            lock_.tryLock(0);
        }
        auto saved = write_recovery(base_, study, state, beside_);
        written_ = written_ || saved;
        return saved;
    }
    void remove(quint64 number) {
        const std::lock_guard order(mutex_);
        done_ = std::max(done_, number);
        for (const char* ending : {".ledgefall", ".about", ".typed"}) {
            QFile::remove(base_ + QLatin1String(ending));
        }
        beside_ = {};
        written_ = false;
        lock_.unlock();
    }

  private:
    const QString base_;
    std::mutex mutex_;
    QLockFile lock_;
    WrittenBeside beside_;
    quint64 done_ = 0; ///< the number of the last that was done
    std::atomic<quint64> asked_ = 0;
    std::atomic<bool> written_ = false;
};

namespace {

constexpr int soon = 1000; // milliseconds; writing may take as long again

} // namespace

Autosave::Autosave(Document& document, QObject* parent)
    : QObject(parent)
    , document_(document)
    , file_(std::make_shared<RecoveryFile>(state_folder(QStringLiteral("recovery")) + QLatin1Char('/') +
                                           QUuid::createUuid().toString(QUuid::WithoutBraces))) {
    soon_.setSingleShot(true);
    soon_.setInterval(soon);
    connect(&soon_, &QTimer::timeout, this, &Autosave::write);
    connect(&document_, &Document::state_changed, this, &Autosave::follow);
    look_.setInterval(soon / 3);
    connect(&look_, &QTimer::timeout, this, [this] {
        if (being_typed && being_typed() != typed_) {
            follow();
        }
    });
    look_.start();
}

bool Autosave::has_something() const {
    return document_.modified() || (being_typed && !being_typed().text.isEmpty());
}

UnsavedState Autosave::state() {
    typed_ = being_typed ? being_typed() : TypedText();
    return {document_.path(), document_.title(), document_.stamp(), typed_};
}

QString Autosave::base() const {
    return file_->base();
}

bool Autosave::is_written() const {
    return file_->is_written();
}

void Autosave::follow() {
    if (!has_something()) {
        soon_.stop();
        typed_ = {};
        remove();
    } else if (!soon_.isActive()) { // not begun anew with each change, so that a long series of them is written, too
        soon_.start(soon);
    }
}

void Autosave::write() {
    if (!has_something()) {
        return;
    }
    if (writing_.running()) {
        again_ = true;
        return;
    }
    writing_ = TaskRunner::of_process().start(
        this,
        [file = file_, number = file_->next(), study = document_.study(), state = state()] {
            return file->write(number, study, state);
        },
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
    if (!saved) { // there may be room again
        soon_.start(5 * soon);
    }
    if (std::exchange(again_, false)) {
        write();
    }
}

void Autosave::save_now() {
    soon_.stop();
    if (has_something()) {
        take(file_->write(file_->next(), document_.study(), state()));
    }
}

void Autosave::discard() {
    soon_.stop();
    look_.stop();
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
