#include "app/charts/figure_maker.h"

#include "app/charts/chart_files.h"
#include "core/study/edits/edits.h"

namespace ledgefall {

FiguresPtr figures_of(const Study& study, const ResultsPtr& results, const Chart& chart) {
    ChartFigures figures = chart_figures(study, *results, chart);
    figures.results = results;
    return std::make_shared<const ChartFigures>(std::move(figures));
}

namespace {

FiguresPtr work_out(const FigureMaker::Question& asked) {
    if (!asked.ask_numbers) {
        return figures_of(asked.study, asked.results, asked.chart);
    }
    Study study = asked.study;
    study.charts.clear();
    study.charts.emplace_back(asked.chart);
    return figures_of(study, compute(study, asked.results), asked.chart);
}

} // namespace

FigureMaker::FigureMaker(QObject* parent)
    : QObject(parent) {}

void FigureMaker::ask(Question question) {
    next_ = std::move(question);
    if (!busy_) {
        start();
    }
}

void FigureMaker::start() {
    busy_ = true;
    aside_.run(
        this, [asked = *std::exchange(next_, std::nullopt)] { return work_out(asked); },
        [this](const std::optional<FiguresPtr>& figures) {
            busy_ = next_.has_value();
            if (figures) {
                Q_EMIT figures_ready(*figures);
            }
            if (next_) {
                start();
            }
        });
}

} // namespace ledgefall
