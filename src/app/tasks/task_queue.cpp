#include "app/tasks/task_queue.h"

namespace ledgefall {

void TaskQueue::add(Task task) {
    state_->waiting.push_back(std::move(task));
    next(state_);
}

void TaskQueue::next(const std::shared_ptr<State>& state) {
    if (state->running.running() || state->waiting.empty()) {
        return;
    }
    state->running = std::move(state->waiting.front());
    state->waiting.pop_front();
    state->running.job_->after = [weak = std::weak_ptr(state)] {
        if (const auto there = weak.lock()) {
            next(there);
        }
    };
    TaskRunner::of_process().begin(state->running);
}

void TaskQueue::stop() {
    state_->running.stop();
    for (const Task& task : std::exchange(state_->waiting, {})) {
        TaskRunner::of_process().leave(task); // it has not begun
    }
}

} // namespace ledgefall
