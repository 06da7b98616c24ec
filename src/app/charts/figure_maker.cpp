#include "app/charts/figure_maker.h"

#include "app/charts/chart_files.h"
#include "core/study/edits/edits.h"

namespace ledgefall {

FiguresPtr figures_of(const Study& study, const ResultsPtr& results, const Chart& chart, const StopToken& stop) {
    ChartFigures figures = chart_figures(study, *results, chart, stop);
    figures.results = results;
    return std::make_shared<const ChartFigures>(std::move(figures));
}

namespace {

FiguresPtr work_out(const FigureMaker::Question& asked, const StopToken& stop) {
    if (!asked.ask_numbers) {
        return figures_of(asked.study, asked.results, asked.chart, stop);
    }
    Study study = asked.study;
    study.charts.clear();
    study.charts.emplace_back(asked.chart);
    return figures_of(study, compute_in_task(study, asked.results, stop), asked.chart, stop);
}

} // namespace

FigureMaker::FigureMaker(QObject* parent)
    : QObject(parent) {}

void FigureMaker::ask(Question question) {
    next_ = std::move(question);
    if (!busy()) {
        start();
    }
}

void FigureMaker::start() {
    task_ = TaskRunner::of_process().start(
        this, [asked = *std::exchange(next_, std::nullopt)](const StopToken& stop) { return work_out(asked, stop); },
        [this](const TaskOutcome<FiguresPtr>& figures) {
            if (next_) {
                start();
            }
            if (figures) {
                Q_EMIT figures_ready(*figures);
            } else {
                Q_EMIT failed(figures.why());
            }
        });
}

} // namespace ledgefall
