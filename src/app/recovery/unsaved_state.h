#pragma once

#include "files/io/atomic_file.h"

#include <QByteArray>
#include <QString>

namespace ledgefall {

/// What is being typed and is not in the study yet.
struct TypedText {
    QString text;
    QString table;           ///< the id of the table to which a formula belongs; empty of other texts
    QByteArray json() const; ///< empty where nothing is typed
    friend bool operator==(const TypedText&, const TypedText&) = default;
};

/// What is known of a study that is not saved, beside the study itself.
struct UnsavedState {
    QString path;    ///< of its file; empty where it has none
    QString title;   ///< as the window shows it
    FileStamp stamp; ///< of its file when it was last read or written
    TypedText typed;

    QByteArray about() const; ///< all but what is typed, as JSON
    static UnsavedState from_json(const QByteArray& about, const QByteArray& typed);
};

} // namespace ledgefall
