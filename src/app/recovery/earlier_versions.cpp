#include "app/recovery/earlier_versions.h"

#include "app/recovery/state_folder.h"
#include "app/tasks/log.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"

#include <QDir>

#include <algorithm>
#include <mutex>

namespace ledgefall {
namespace {

constexpr qsizetype most_versions = 10;
constexpr qint64 most_bytes = 200'000'000;
const QString stamp_format = QStringLiteral("yyyy-MM-dd'T'HH-mm-ss-zzz");

QString folder_of(const QString& path) {
    return state_folder(QStringLiteral("versions/") + name_for_path(path));
}

} // namespace

Result<Study> EarlierVersion::read(const StopToken& stop) const {
    const Result<std::string> text = read_file(file.toStdString());
    return text ? read_study(*text, stop) : Result<Study>(text.refusal());
}

QList<EarlierVersion> earlier_versions(const QString& path) {
    QList<EarlierVersion> all;
    const QDir folder(folder_of(path));
    for (const QFileInfo& file :
         folder.entryInfoList({QStringLiteral("*.ledgefall")}, QDir::Files, QDir::Name | QDir::Reversed)) {
        const QDateTime saved = QDateTime::fromString(file.completeBaseName(), stamp_format);
        if (saved.isValid()) {
            all.append({file.filePath(), saved, file.size()});
        }
    }
    return all;
}

QList<qsizetype> versions_to_remove(const QList<QDateTime>& saved, qsizetype most) {
    QList<qsizetype> left;
    for (qsizetype at = 0; at < saved.size(); ++at) {
        left.append(at);
    }
    QList<qsizetype> removed;
    while (left.size() > std::max<qsizetype>(most, 2)) {
        qsizetype closest = 1;
        double smallest = -1;
        for (qsizetype at = 1; at + 1 < left.size(); ++at) {
            const auto age = static_cast<double>(saved[left[at]].msecsTo(saved[left.front()])) + 1;
            const auto apart = static_cast<double>(saved[left[at + 1]].msecsTo(saved[left[at - 1]]));
            const double spread = apart / age;
            if (smallest < 0 || spread < smallest) {
                smallest = spread;
                closest = at;
            }
        }
        removed.append(left.takeAt(closest));
    }
    return removed;
}

void keep_version(const QString& path, std::string_view text) {
    const QString folder = folder_of(path);
    if (static_cast<qint64>(text.size()) > most_bytes) {
        return;
    }
    static std::mutex one_after_the_other;
    const std::lock_guard lock(one_after_the_other);
    remove_stale_temporaries(folder.toStdString());
    const QString name = QDateTime::currentDateTime().toString(stamp_format);
    const auto kept = write_file((folder + QLatin1Char('/') + name + QStringLiteral(".ledgefall")).toStdString(), text);
    if (!kept) { // the save itself has gone well: a version less is no loss of work
        qCWarning(log_recovery) << "no version of" << path << "was kept:" << kept.refusal().text().c_str();
        return;
    }
    qCInfo(log_recovery) << "a version of" << path << "was kept:" << name;
    const QList<EarlierVersion> all = earlier_versions(path);
    QList<QDateTime> saved;
    for (const EarlierVersion& one : all) {
        saved.append(one.saved);
    }
    QList<qsizetype> go = versions_to_remove(saved, most_versions);
    qint64 bytes = 0;
    for (qsizetype at = 0; at < all.size(); ++at) {
        bytes += go.contains(at) ? 0 : all[at].size;
        if (at > 0 && bytes > most_bytes && !go.contains(at)) {
            go.append(at);
        }
    }
    for (const qsizetype at : go) {
        QFile::remove(all[at].file);
    }
}

} // namespace ledgefall
