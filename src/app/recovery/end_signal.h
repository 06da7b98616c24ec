#pragma once

#include <functional>

class QObject;

namespace ledgefall {

/// Calls `done` on the interface's thread when the process is told to end, by SIGTERM, SIGINT or SIGHUP, while `owner`
/// is there.
void on_end_signal(QObject* owner, const std::function<void()>& done);

/// Calls `done` where the process is ended by `exit` in the middle of everything, as Qt does when the X server goes
/// away, while `owner` is there.
void on_exit_within(QObject* owner, const std::function<void()>& done);

} // namespace ledgefall
