#include "app/recovery/autosave.h"

#include "app/recovery/state_folder.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"

#include <QFile>
#include <QJsonDocument>
#include <QJsonObject>
#include <QUuid>

namespace ledgefall {

Result<Saved> write_recovery(const QString& base, const Study& study, const QString& path, const QString& title,
                             QByteArray& about) {
    const QJsonObject fields{{QStringLiteral("path"), path}, {QStringLiteral("title"), title}};
    const QByteArray text = QJsonDocument(fields).toJson();
    if (text != about) {
        const auto saved = write_file((base + QStringLiteral(".about")).toStdString(), text.toStdString(),
                                      Renaming::left_to_the_system);
        if (!saved) {
            return saved;
        }
        about = text;
    }
    return write_file((base + QStringLiteral(".ledgefall")).toStdString(), write_study(study),
                      Renaming::left_to_the_system);
}

Autosave::Autosave(Document& document, QObject* parent)
    : QObject(parent)
    , document_(document)
    , base_(state_folder(QStringLiteral("recovery")) + QLatin1Char('/') +
            QUuid::createUuid().toString(QUuid::WithoutBraces))
    , lock_(std::make_unique<QLockFile>(base_ + QStringLiteral(".lock"))) {
    constexpr int soon = 1000; // writing may take as long again
    pool_.setMaxThreadCount(1);
    lock_->setStaleLockTime(0);
    soon_.setSingleShot(true);
    soon_.setInterval(soon);
    connect(&soon_, &QTimer::timeout, this, &Autosave::write);
    connect(&document_, &Document::state_changed, this, &Autosave::follow);
}

Autosave::~Autosave() {
    pool_.waitForDone();
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
    if (writing_) {
        again_ = true;
        return;
    }
    if (!lock_->isLocked()) {
        lock_->tryLock(0);
    }
    writing_ = true;
    pool_.start([this, study = document_.study(), path = document_.path(), title = document_.title()]() mutable {
        const auto saved = write_recovery(base_, study, path, title, about_);
        study = Study(); // freed here, not on the interface's thread
        QMetaObject::invokeMethod(
            this,
            [this, saved] {
                writing_ = false;
                written_ = written_ || saved;
                if (!saved && !told_) {
                    Q_EMIT failed(saved.refusal());
                }
                told_ = !saved;
                if (!document_.modified()) {
                    remove();
                } else if (std::exchange(again_, false)) {
                    write();
                }
            },
            Qt::QueuedConnection);
    });
}

void Autosave::save_now() {
    soon_.stop();
    pool_.waitForDone();
    if (document_.modified()) {
        lock_->isLocked() || lock_->tryLock(0);
        written_ = write_recovery(base_, document_.study(), document_.path(), document_.title(), about_) || written_;
    }
}

void Autosave::discard() {
    soon_.stop();
    pool_.waitForDone();
    remove();
}

void Autosave::remove() {
    if (writing_) {
        return; // it is removed when it has been written
    }
    for (const char* ending : {".ledgefall", ".about"}) {
        QFile::remove(base_ + QLatin1String(ending));
    }
    lock_->unlock();
    about_.clear();
    written_ = false;
    again_ = false;
}

} // namespace ledgefall
