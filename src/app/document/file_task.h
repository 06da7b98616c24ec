#pragma once

#include "app/tasks/task_runner.h"

#include <QString>
#include <QTimer>

namespace ledgefall {

/// The reading or writing of a file that a person asked for and waits for: one at a time in a window, which goes on
/// meanwhile. One that is over at once goes unnoticed; after a moment `began` says what is waited for, so that the
/// window can show it and offer to stop it.
class FileTask : public QObject {
    Q_OBJECT
  public:
    FileTask();

    /// Calls `done` with the outcome of `work`, as `TaskRunner` does; at once where another is running.
    template <class Work, class Done>
    void start(const QString& what, WhenStopped when_stopped, Work work, Done done) {
        using Given = WorkResult<Work>;
        if (running()) {
            done(TaskOutcome<Given>(TaskEnd::not_begun, what_.toStdString()));
            return;
        }
        task_ = TaskRunner::of_process().start(
            this, std::move(work),
            [this, done = std::move(done)](TaskOutcome<Given> outcome) mutable {
                over();
                done(std::move(outcome));
            },
            when_stopped);
        begin(what, when_stopped);
    }

    bool running() const { return running_; }
    bool writing() const { return running_ && when_stopped_ == WhenStopped::wait; }
    void stop() { task_.stop(); }
    /// Why nothing else can be begun while one is running.
    Sentence why_not_now() const { return why_nothing_came(TaskEnd::not_begun, what_.toStdString()); }

  Q_SIGNALS:
    void began(const QString& what);
    void progressed(double part); ///< where the work tells it
    void ended();                 ///< whether it was said that it began or not

  private:
    void begin(const QString& what, WhenStopped when_stopped);
    void over();
    void look_at_progress();

    Task task_;
    QString what_;
    QTimer timer_;
    WhenStopped when_stopped_ = WhenStopped::leave;
    bool running_ = false; ///< until it is completed
    bool told_ = false;    ///< that it began
};

} // namespace ledgefall
