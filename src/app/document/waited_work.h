#pragma once

#include "app/tasks/task_runner.h"

#include <QEventLoop>
#include <QObject>
#include <QString>

#include <chrono>
#include <functional>
#include <memory>

namespace ledgefall {

/// What a person has asked for and waits for, such as the reading of a large file: a task, while which the window goes
/// on painting and can be closed. What is over at once is not noticed. After a moment it is said, by `began`, what is
/// waited for, so that it can be stopped.
class WaitedWork : public QObject {
    Q_OBJECT
  public:
    /// What came of `work`; nothing where something else is waited for already.
    template <class Work>
    auto run(const QString& what, WhenStopped when_stopped, Work work) {
        using Given = std::decay_t<decltype(work())>;
        if (waiting()) {
            return TaskOutcome<Given>(TaskEnd::not_begun);
        }
        const auto outcome = std::make_shared<TaskOutcome<Given>>();
        task_ = TaskRunner::of_process().start(
            this, std::move(work), [outcome](TaskOutcome<Given> came) { *outcome = std::move(came); }, when_stopped);
        wait(what);
        return std::move(*outcome);
    }

    bool waiting() const { return task_.running(); }
    void stop() { task_.stop(); }

  Q_SIGNALS:
    void began(const QString& what);
    void progressed(double part); ///< of what is waited for, where it tells
    void ended();

  private:
    void wait(const QString& what);

    Task task_;
};

} // namespace ledgefall
