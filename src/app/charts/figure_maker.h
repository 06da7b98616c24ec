#pragma once

#include "app/charts/figure_plot.h"
#include "app/tasks/task_runner.h"

#include <QObject>

namespace ledgefall {

/// Computes what a chart draws on a thread of its own; of several charts asked for while it is busy only the latest is
/// done.
class FigureMaker : public QObject {
    Q_OBJECT
  public:
    /// `ask_numbers`: the chart is not in the study, so that its numbers are computed as well.
    struct Question {
        Study study;
        ResultsPtr results;
        Chart chart;
        bool ask_numbers = false;
    };
    explicit FigureMaker(QObject* parent = nullptr);
    void ask(Question question);
    bool busy() const { return task_.running(); }

  Q_SIGNALS:
    void figures_ready(const ledgefall::FiguresPtr& figures);
    void failed(const ledgefall::Sentence& why);

  private:
    void start();
    Task task_;
    std::optional<Question> next_;
};

} // namespace ledgefall
