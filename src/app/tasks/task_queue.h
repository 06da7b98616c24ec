#pragma once

#include "app/tasks/task_runner.h"

#include <deque>

namespace ledgefall {

/// The tasks of one receiver, one after the other. Where it is destroyed its tasks are stopped.
class TaskQueue {
  public:
    explicit TaskQueue(QObject* receiver)
        : receiver_(receiver) {}
    TaskQueue(const TaskQueue&) = delete;
    TaskQueue& operator=(const TaskQueue&) = delete;
    ~TaskQueue() { stop(); }

    template <class Work, class Done>
    void start(Work work, Done done, WhenStopped when_stopped = WhenStopped::leave) {
        add(TaskRunner::of_process().make(receiver_, std::move(work), std::move(done), when_stopped));
    }
    /// Stops what runs, and what waits to be run: each is completed as stopped.
    void stop();
    bool busy() const { return state_->running.running() || !state_->waiting.empty(); }

  private:
    struct State {
        Task running;
        std::deque<Task> waiting;
    };
    static void next(const std::shared_ptr<State>& state);
    void add(Task task);

    QObject* receiver_;
    std::shared_ptr<State> state_ = std::make_shared<State>();
};

} // namespace ledgefall
