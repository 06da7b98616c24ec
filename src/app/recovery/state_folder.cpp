#include "app/recovery/state_folder.h"

#include "app/tasks/log.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QStandardPaths>

namespace ledgefall {

QString state_folder(const QString& name) {
    QString base = qEnvironmentVariable("XDG_STATE_HOME");
    if (base.isEmpty() || !QDir::isAbsolutePath(base)) {
        const QString within =
            QStandardPaths::isTestModeEnabled() ? QStringLiteral("/.qttest/state") : QStringLiteral("/.local/state");
        base = QDir::homePath() + within;
    }
    QString folder = base + QStringLiteral("/ledgefall/") + name;
    if (!QDir().mkpath(folder)) {
        qCWarning(log_recovery) << "the folder could not be made:" << folder;
    }
    return folder;
}

QString name_for_path(const QString& path) {
    const QFileInfo file(path);
    // A link is the file that it leads to.
    const QString whole = file.canonicalFilePath().isEmpty() ? file.absoluteFilePath() : file.canonicalFilePath();
    const QByteArray digest = QCryptographicHash::hash(whole.toUtf8(), QCryptographicHash::Sha1).toHex().left(16);
    return QFileInfo(whole).completeBaseName().left(40) + QLatin1Char('-') + QString::fromLatin1(digest);
}

} // namespace ledgefall
