#pragma once

#include "app/document/document.h"
#include "files/formats/file_format.h"

#include <QCoreApplication>
#include <QStringList>

namespace ledgefall {

/// "*.csv *.tsv"
inline QString patterns_of(const QStringList& suffixes) {
    QStringList patterns;
    for (const QString& suffix : suffixes) {
        patterns << QStringLiteral("*.") + suffix;
    }
    return patterns.join(u' ');
}

/// The formats that can do something, as a file dialog takes them: "Comma-separated text (*.csv);;…".
template <class Ability>
QString format_filters(Ability FileFormat::*ability) {
    QStringList filters;
    for (const FileFormat& format : file_formats()) {
        QStringList suffixes;
        for (const std::string_view suffix : format.suffixes) {
            suffixes << QString::fromUtf8(suffix.data(), static_cast<qsizetype>(suffix.size()));
        }
        if (format.*ability != nullptr) {
            filters << QStringLiteral("%1 (%2)").arg(Document::translated(format.label), patterns_of(suffixes));
        }
    }
    return filters.join(QStringLiteral(";;"));
}

/// The endings of their files' names.
template <class Ability>
QStringList format_suffixes(Ability FileFormat::*ability) {
    QStringList suffixes;
    for (const FileFormat& format : file_formats()) {
        for (const std::string_view suffix : format.suffixes) {
            if (format.*ability != nullptr) {
                suffixes << QString::fromUtf8(suffix.data(), static_cast<qsizetype>(suffix.size()));
            }
        }
    }
    return suffixes;
}

/// Whatever can be imported.
inline QString readable_filter() {
    return QCoreApplication::translate("Ask", "Everything that can be read (%1)")
        .arg(patterns_of(format_suffixes(&FileFormat::read_columns) + format_suffixes(&FileFormat::read_worksheet)));
}

inline QString with_all_files(const QString& filters) {
    return filters + QStringLiteral(";;") + QCoreApplication::translate("Ask", "All files (*)");
}

} // namespace ledgefall
