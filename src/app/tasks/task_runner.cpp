#include "app/tasks/task_runner.h"

#include "app/tasks/log.h"

#include <QMetaObject>
#include <QThread>

namespace ledgefall {

void Task::stop() const {
    if (!running()) {
        return;
    }
    job_->stop.request_stop();
    if (job_->when_stopped == WhenStopped::leave) {
        TaskRunner::of_process().leave(*this);
    }
}

TaskRunner& TaskRunner::of_process() {
    static TaskRunner runner;
    return runner;
}

TaskRunner::TaskRunner() {
    constexpr int least = 8; // a task may wait for a disk
    pool_.setMaxThreadCount(std::max(least, 2 * QThread::idealThreadCount()));
}

TaskRunner::~TaskRunner() {
    shut_down();
}

void TaskRunner::begin(const Task& task) {
    running_.push_back(task.job_);
    run([this, job = task.job_] {
        std::exchange(job->work, nullptr)();
        {
            const std::lock_guard lock(mutex_);
            came_back_.push_back(job);
        }
        QMetaObject::invokeMethod(this, "take_back", Qt::QueuedConnection); // by name: nothing of ours is in the event
    });
}

void TaskRunner::take_back() {
    std::shared_ptr<Task::Job> job; // one at a time: a completion may wait for another task
    {
        const std::lock_guard lock(mutex_);
        if (came_back_.empty()) {
            return;
        }
        job = std::move(came_back_.front());
        came_back_.pop_front();
    }
    end(job, false);
}

/// What is run goes to the other thread, and comes back, through lists of our own: a thread sanitizer sees their mutex,
/// and not what Qt has for it.
void TaskRunner::run(std::function<void()> work) {
    {
        const std::lock_guard lock(mutex_);
        handed_over_.push_back(std::move(work));
    }
    pool_.start([this] {
        std::function<void()> mine;
        {
            const std::lock_guard lock(mutex_);
            mine = std::move(handed_over_.front());
            handed_over_.pop_front();
        }
        mine();
    });
}

void TaskRunner::leave(const Task& task) {
    QMetaObject::invokeMethod(
        this, [this, job = task.job_] { end(job, true); }, Qt::QueuedConnection);
}

/// On the interface's thread, so that whether the receiver is there and whether the task is over is known for certain.
void TaskRunner::end(const std::shared_ptr<Task::Job>& job, bool left) {
    if (job->over) {
        return;
    }
    job->over = true;
    std::erase(running_, job);
    const auto complete = std::exchange(job->complete, nullptr);
    if (const auto after = std::exchange(job->after, nullptr)) {
        after();
    }
    if (job->receiver) {
        complete(left || job->left());
    }
}

void TaskRunner::start_unattended(std::function<void()> work) {
    run([work = std::move(work)] {
        try {
            work();
        } catch (const std::exception& error) { // there is nobody to be told
            qCWarning(log_tasks) << "a task ended with an error:" << error.what();
        }
    });
}

void TaskRunner::shut_down() {
    for (const auto& job : running_) {
        if (job->when_stopped == WhenStopped::leave) {
            job->stop.request_stop();
        }
    }
    running_.clear();
    pool_.waitForDone();
    const std::lock_guard lock(mutex_);
    came_back_.clear();
}

} // namespace ledgefall
