#include "app/document/file_task.h"

namespace ledgefall {

namespace {
constexpr int before_told = 300, between = 50; // milliseconds
}

FileTask::FileTask() {
    connect(&timer_, &QTimer::timeout, this, &FileTask::look_at_progress);
}

void FileTask::begin(const QString& what, WhenStopped when_stopped) {
    what_ = what;
    when_stopped_ = when_stopped;
    running_ = true;
    told_ = false;
    timer_.start(before_told);
}

void FileTask::look_at_progress() {
    timer_.start(between);
    if (!told_) {
        told_ = true;
        Q_EMIT began(what_);
    }
    if (const double part = task_.progress(); part > 0) {
        Q_EMIT progressed(part);
    }
}

void FileTask::over() {
    timer_.stop();
    running_ = false;
    Q_EMIT ended();
}

} // namespace ledgefall
