#include "app/recovery/recovered_studies.h"

#include "app/recovery/state_folder.h"
#include "core/study/model/study_difference.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"

#include <QDir>
#include <QLockFile>

namespace ledgefall {

Result<Study> RecoveredStudy::read(const StopToken& stop) const {
    const Result<std::string> text = read_file((base + QStringLiteral(".ledgefall")).toStdString());
    return text ? read_study(*text, stop) : Result<Study>(text.refusal());
}

RecoveredStudy::File RecoveredStudy::look_at_file(const Study& study, const StopToken& stop) const {
    File out;
    FileStamp now;
    const Result<std::string> bytes =
        state.path.isEmpty() ? Result<std::string>(Sentence()) : read_file(state.path.toStdString(), &now);
    out.exists = !state.path.isEmpty() && QFileInfo::exists(state.path);
    out.changed = out.exists && state.stamp.size >= 0 && !state.stamp.same_file_state(now);
    out.written = QFileInfo(state.path).lastModified();
    const Result<Study> in_file = bytes ? read_study(*bytes, stop) : Result<Study>(bytes.refusal());
    out.differences = in_file ? difference_of(*in_file, study).in_words() : in_file.refusal();
    return out;
}

void RecoveredStudy::remove() const {
    for (const char* ending : {".ledgefall", ".about", ".typed", ".lock"}) {
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
        const auto bytes = [&study](const char* ending) {
            const Result<std::string> text = read_file((study.base + QLatin1String(ending)).toStdString());
            return text ? QByteArray::fromStdString(*text) : QByteArray();
        };
        study.state = UnsavedState::from_json(bytes(".about"), bytes(".typed"));
        study.written = file.lastModified();
        all.append(study);
    }
    return all;
}

} // namespace ledgefall
