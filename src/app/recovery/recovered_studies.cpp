#include "app/recovery/recovered_studies.h"

#include "app/recovery/state_folder.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"

#include <QDir>
#include <QJsonDocument>
#include <QJsonObject>
#include <QLockFile>

namespace ledgefall {

Result<Study> RecoveredStudy::read(const StopToken& stop) const {
    const Result<std::string> text = read_file((base + QStringLiteral(".ledgefall")).toStdString());
    return text ? read_study(*text, stop) : Result<Study>(text.refusal());
}

void RecoveredStudy::remove() const {
    for (const char* ending : {".ledgefall", ".about", ".lock"}) {
        QFile::remove(base + QLatin1String(ending));
    }
}

QList<RecoveredStudy> recovered_studies() {
    QList<RecoveredStudy> all;
    const QDir folder(state_folder(QStringLiteral("recovery")));
    remove_stale_temporaries(folder.path().toStdString());
    for (const QFileInfo& file : folder.entryInfoList({QStringLiteral("*.ledgefall")}, QDir::Files, QDir::Time)) {
        RecoveredStudy study;
        study.base = folder.filePath(file.completeBaseName());
        QLockFile lock(study.base + QStringLiteral(".lock"));
        lock.setStaleLockTime(0);
        if (!lock.tryLock(0)) { // its window is still there
            continue;
        }
        const Result<std::string> about = read_file((study.base + QStringLiteral(".about")).toStdString());
        const QJsonObject fields =
            about ? QJsonDocument::fromJson(QByteArray::fromStdString(*about)).object() : QJsonObject();
        study.path = fields.value(QStringLiteral("path")).toString();
        study.title = fields.value(QStringLiteral("title")).toString(QStringLiteral("?"));
        study.written = file.lastModified();
        all.append(study);
    }
    return all;
}

} // namespace ledgefall
