#pragma once

#include "core/study/model/study.h"

#include <QString>
#include <QStringList>

namespace ledgefall {

/// What the runs of a study are called, by their names or by what differs, with numbers as they are shown.
QStringList run_names(const Study& study);
QString run_name(const Study& study, Id run);

/// What a run was kept with and what came out, a line each, and what has changed since.
QStringList run_described(const Study& study, Id run);

} // namespace ledgefall
