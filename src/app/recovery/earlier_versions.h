#pragma once

#include "core/basics/result.h"
#include "core/basics/stopping.h"
#include "core/study/model/study.h"

#include <QDateTime>
#include <QList>

namespace ledgefall {

/// A version of a study's file that was saved before.
struct EarlierVersion {
    QString file;
    QDateTime saved;
    qint64 size = 0;

    Result<Study> read(const StopToken& stop = {}) const;
};

/// Keeps a copy of what has just been saved to `path`. At most ten stay, of which the older lie further apart, and no
/// more than 200 MB of one file. On any thread.
void keep_version(const QString& path, std::string_view text);

/// Those of a file, the latest first.
QList<EarlierVersion> earlier_versions(const QString& path);

/// Which of versions saved at these times (the latest first) go when only `most` may stay: of neighbours that lie
/// closest together for their age, the younger; never the latest or the oldest.
QList<qsizetype> versions_to_remove(const QList<QDateTime>& saved, qsizetype most);

} // namespace ledgefall
