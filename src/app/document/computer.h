#pragma once

#include "app/tasks/task_runner.h"
#include "core/engine/running/results.h"

#include <QElapsedTimer>
#include <QObject>
#include <QTimer>

#include <optional>

namespace ledgefall {

/// Computes studies beside the interface. Of several asked for while it is busy only the latest is done; one that
/// takes long is given up for a newer one.
class Computer : public QObject {
    Q_OBJECT
  public:
    explicit Computer(QObject* parent = nullptr);

    void ask(const Study& study);
    void begin_from(ResultsPtr results); ///< what the next answer shares with them is not computed again
    void stop();                         ///< gives up what is being computed
    bool busy() const { return task_.running() || next_.has_value(); }

  Q_SIGNALS:
    void finished(const ledgefall::ResultsPtr& results); ///< null where it was stopped, or failed
    void failed(const ledgefall::Sentence& why);         ///< before that: what else than a stop was the cause
    void busy_changed(bool busy);
    void progressed(qint64 cells); ///< how many cells have been computed so far, now and then while it takes long

  private:
    void start();
    void take(const TaskOutcome<ResultsPtr>& outcome);
    void tell_busy();

    std::optional<Study> next_;
    ResultsPtr previous_; ///< from which the next computation begins
    std::shared_ptr<Progress> progress_ = std::make_shared<Progress>();
    QTimer ticking_, patience_;
    QElapsedTimer since_; ///< the running one was begun
    Task task_;
    bool told_busy_ = false;
};

} // namespace ledgefall
