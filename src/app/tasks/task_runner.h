#pragma once

#include "app/tasks/task_outcome.h"
#include "core/basics/stopping.h"

#include <QObject>
#include <QPointer>
#include <QThreadPool>

#include <atomic>
#include <deque>
#include <exception>
#include <functional>
#include <memory>
#include <mutex>
#include <new>
#include <vector>

namespace ledgefall {

/// Whether a task that is stopped may run on unseen until it notices (reading, computing), or is waited for, since it
/// must be known what it has done (writing).
enum class WhenStopped { leave, wait };

/// Calls the work of a task, with the token by which it is stopped if it takes one.
template <class Work>
decltype(auto) do_work(Work& work, const StopToken& stop) {
    if constexpr (std::is_invocable_v<Work&, const StopToken&>) {
        return work(stop);
    } else {
        return work();
    }
}
template <class Work>
using WorkResult = std::decay_t<decltype(do_work(std::declval<Work&>(), std::declval<const StopToken&>()))>;

/// A task that has been started; copies are of the same task.
class Task {
  public:
    Task() = default;

    /// Asks the work to stop. One that may be left is over for its receiver at the next chance.
    void stop() const;
    /// Whether its receiver still has to wait for it.
    bool running() const { return job_ && !job_->over && !job_->left(); }
    double progress() const { return job_ ? job_->progress.load() : 0; } ///< from 0 to 1, where the work tells it

  private:
    friend class TaskRunner;
    friend class TaskQueue;
    struct Job {
        QPointer<QObject> receiver; ///< used on the interface's thread only, as are the next three
        std::function<void(bool left)> complete;
        std::function<void()> after; ///< for a queue: it is over
        bool over = false;
        std::function<void()> work;
        std::stop_source stop;
        std::atomic<double> progress = 0;
        WhenStopped when_stopped = WhenStopped::leave;
        bool left() const { return when_stopped == WhenStopped::leave && stop.stop_requested(); }
    };
    explicit Task(std::shared_ptr<Job> job)
        : job_(std::move(job)) {}
    std::shared_ptr<Job> job_;
};

/// Runs tasks on a pool of its own. It lives on the interface's thread.
class TaskRunner : public QObject {
    Q_OBJECT
  public:
    static TaskRunner& of_process();

    /// Runs `work(stop)` or `work()` on a thread of the pool, and then calls `done` with its `TaskOutcome` on the
    /// interface's thread: once, and not where `receiver` is gone. What `work` holds is freed on its thread.
    template <class Work, class Done>
    Task start(QObject* receiver, Work work, Done done, WhenStopped when_stopped = WhenStopped::leave) {
        Task task = make(receiver, std::move(work), std::move(done), when_stopped);
        begin(task);
        return task;
    }

    /// Runs something of whose end nobody needs to know. It is done before the program ends.
    void start_unattended(std::function<void()> work);
    /// Frees something large away from the interface.
    template <class T>
    void free(T large) {
        start_unattended([large = std::move(large)] {});
    }

    /// At the end of the program: asks the tasks to stop that may be left, and waits until all have come to their end.
    /// Completions are not called any more.
    void shut_down();

  private:
    friend class Task;
    friend class TaskQueue;
    TaskRunner();
    ~TaskRunner() override;

    template <class Work, class Done>
    Task make(QObject* receiver, Work work, Done done, WhenStopped when_stopped) {
        using Given = WorkResult<Work>;
        auto job = std::make_shared<Task::Job>();
        auto outcome = std::make_shared<TaskOutcome<Given>>();
        job->receiver = receiver;
        job->when_stopped = when_stopped;
        job->complete = [done = std::move(done), outcome](bool left) mutable {
            left ? done(TaskOutcome<Given>()) : done(std::move(*outcome)); // one that was left may be writing to it
        };
        job->work = [outcome, work = std::move(work), weak = std::weak_ptr(job)]() mutable {
            const std::shared_ptr<Task::Job> self = weak.lock();
            *outcome = outcome_of<Given>(work, StopToken(self->stop.get_token(), &self->progress));
        };
        return Task(std::move(job));
    }
    template <class Given, class Work>
    static TaskOutcome<Given> outcome_of(Work& work, const StopToken& stop) {
        try {
            stop.throw_if_stopped();
            return TaskOutcome<Given>::of(do_work(work, stop));
        } catch (const Stopped&) {
            return TaskOutcome<Given>(TaskEnd::stopped);
        } catch (const std::bad_alloc&) {
            return TaskOutcome<Given>(TaskEnd::out_of_memory);
        } catch (const std::exception& error) {
            return TaskOutcome<Given>(TaskEnd::failed, error.what());
        }
    }

    void run(std::function<void()> work);
    Q_INVOKABLE void take_back();
    void begin(const Task& task);
    void leave(const Task& task); ///< completes it as stopped at the next chance, whatever its work does
    void end(const std::shared_ptr<Task::Job>& job, bool left);

    std::mutex mutex_;
    std::deque<std::function<void()>> handed_over_;    ///< to the pool, in the order in which it runs them
    std::deque<std::shared_ptr<Task::Job>> came_back_; ///< and whose work is over
    QThreadPool pool_;
    std::vector<std::shared_ptr<Task::Job>> running_;
};

} // namespace ledgefall
