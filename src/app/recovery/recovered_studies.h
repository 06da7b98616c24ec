#pragma once

#include "app/recovery/unsaved_state.h"
#include "core/basics/result.h"
#include "core/basics/stopping.h"
#include "core/study/model/study.h"

#include <QDateTime>
#include <QList>

namespace ledgefall {

/// A study that a window left behind which did not come to a proper end.
struct RecoveredStudy {
    QString base; ///< of its files in the recovery folder
    UnsavedState state;
    QDateTime written;

    Result<Study> read(const StopToken& stop = {}) const;

    /// How its file is now.
    struct File {
        bool exists = false;
        bool changed = false; ///< since it was read or written by the window that is gone
        QDateTime written;    ///< last
        Sentence differences; ///< of the recovered study from the one in the file
    };
    File look_at_file(const Study& study, const StopToken& stop = {}) const;
    void remove() const;
};

/// Those whose windows are gone, the latest first. Torn temporary files in the folder are cleared away.
QList<RecoveredStudy> recovered_studies();

} // namespace ledgefall
