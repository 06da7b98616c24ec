#pragma once

#include <QLoggingCategory>

namespace ledgefall {

// What happens in the background, for a person who looks for the cause of something: failures always, and all else with
// --verbose. Of the categories one can be turned on alone, as in QT_LOGGING_RULES="ledgefall.recovery.debug=true".

Q_DECLARE_LOGGING_CATEGORY(log_tasks)    ///< ledgefall.tasks
Q_DECLARE_LOGGING_CATEGORY(log_recovery) ///< ledgefall.recovery: what is kept for a crash, and earlier versions
Q_DECLARE_LOGGING_CATEGORY(log_windows)  ///< ledgefall.windows: what other starts of the program hand over

} // namespace ledgefall
