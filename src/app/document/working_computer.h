#pragma once

#include "app/tasks/task_runner.h"
#include "core/engine/workings/working.h"

#include <QObject>

#include <functional>
#include <memory>

namespace ledgefall {

/// Computes workings away from the interface. Of several asked for only the latest is answered.
class WorkingComputer : public QObject {
    Q_OBJECT
  public:
    using Workings = std::vector<Result<Working>>;
    explicit WorkingComputer(QObject* parent = nullptr);

    /// `done` is called on the interface's thread, unless something else has been asked for by then.
    void ask(const Study& study, const ResultsPtr& results, std::vector<WorkingPlace> places,
             std::function<void(const Workings&)> done);
    void forget(); ///< what has been asked for is not wanted any more
    bool busy() const { return task_.running(); }

  private:
    Task task_;
};

} // namespace ledgefall
