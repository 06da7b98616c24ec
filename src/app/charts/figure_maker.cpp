#include "app/charts/figure_maker.h"

#include "core/study/edits/edits.h"

namespace ledgefall {
namespace {

FiguresPtr work_out(const FigureMaker::Question& asked) {
    if (!asked.ask_numbers) {
        return std::make_shared<const ChartFigures>(chart_figures(asked.study, *asked.results, asked.chart));
    }
    Study study = asked.study;
    study.charts.clear();
    study.charts.emplace_back(asked.chart);
    const ResultsPtr results = compute(study, asked.results);
    return std::make_shared<const ChartFigures>(chart_figures(study, *results, asked.chart));
}

} // namespace

FigureMaker::FigureMaker(QObject* parent)
    : QObject(parent) {
    pool_.setMaxThreadCount(1);
}

FigureMaker::~FigureMaker() {
    pool_.waitForDone();
}

void FigureMaker::ask(Question question) {
    next_ = std::move(question);
    if (!busy_) {
        start();
    }
}

void FigureMaker::start() {
    busy_ = true;
    pool_.start([this, asked = *std::exchange(next_, std::nullopt)] {
        QMetaObject::invokeMethod(
            this,
            [this, figures = work_out(asked)] {
                busy_ = next_.has_value();
                Q_EMIT figures_ready(figures);
                if (next_) {
                    start();
                }
            },
            Qt::QueuedConnection);
    });
}

} // namespace ledgefall
