#include "app/tasks/log.h"

namespace ledgefall {

Q_LOGGING_CATEGORY(log_tasks, "ledgefall.tasks", QtWarningMsg)
Q_LOGGING_CATEGORY(log_recovery, "ledgefall.recovery", QtWarningMsg)
Q_LOGGING_CATEGORY(log_windows, "ledgefall.windows", QtWarningMsg)

} // namespace ledgefall
