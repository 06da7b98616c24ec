#pragma once

#include "core/basics/result.h"
#include "core/basics/stopping.h"
#include "core/study/model/study.h"

#include <QDateTime>
#include <QList>

namespace ledgefall {

/// A study that a window left behind which did not come to a proper end.
struct RecoveredStudy {
    QString base;  ///< of its files in the recovery folder
    QString path;  ///< of the file that it was read from; empty where it had none
    QString title; ///< as the window showed it
    QDateTime written;

    Result<Study> read(const StopToken& stop = {}) const;
    void remove() const;
};

/// Those whose windows are gone, the latest first. Torn temporary files in the folder are cleared away.
QList<RecoveredStudy> recovered_studies();

} // namespace ledgefall
