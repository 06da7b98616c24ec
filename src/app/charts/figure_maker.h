#pragma once

#include "app/charts/figure_plot.h"
#include "app/document/aside_work.h"

#include <QObject>

namespace ledgefall {

/// Works out what a chart draws on a thread of its own; of several charts asked for while it is busy only the latest is
/// done.
class FigureMaker : public QObject {
    Q_OBJECT
  public:
    /// `ask_numbers`: the chart is not in the study, so that its numbers are worked out as well.
    struct Question {
        Study study;
        ResultsPtr results;
        Chart chart;
        bool ask_numbers = false;
    };
    explicit FigureMaker(QObject* parent = nullptr);
    void ask(Question question);
    bool busy() const { return busy_; }

  Q_SIGNALS:
    void figures_ready(const ledgefall::FiguresPtr& figures);

  private:
    void start();
    AsideWork aside_;
    std::optional<Question> next_;
    bool busy_ = false;
};

} // namespace ledgefall
