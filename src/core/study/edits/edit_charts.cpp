// Edits of charts.

#include "core/study/edits/edits.h"
#include "core/study/model/parts.h"

namespace ledgefall {
namespace {

std::optional<Sentence> refused(const Chart& chart) {
    std::optional<Sentence> why;
    for_each_number(chart, [&why](const Formula& number, std::size_t) {
        if (!why && !number.empty() && number.mistake()) {
            why = Sentence{N_("%1: %2"), {number.text(), number.mistake()->what.text()}};
        }
    });
    for (const Reference& reference : chart.references) {
        for (const Formula& number : reference.numbers) {
            if (!why && number.empty()) {
                why = Sentence{
                    N_("A line, circle or range in the chart needs all its numbers. Fill them in, or remove it."), {}};
            }
        }
    }
    return why;
}

bool is_column(const Study& study, Id id) {
    return std::any_of(study.tables.begin(), study.tables.end(), [id](const auto& table) {
        return table->column(id) != nullptr || table->axis_of(id) != nullptr;
    });
}

} // namespace

Result<Study> add_chart(Study study, Chart chart, Id* added) {
    if (auto why = refused(chart)) {
        return *why;
    }
    chart.id = study.fresh_id("p");
    if (added != nullptr) {
        *added = chart.id;
    }
    study.charts.emplace_back(std::move(chart));
    return study;
}

Result<Study> rewrite_chart(Study study, const Chart& chart) {
    Shared<Chart>* shared_chart = part_with(study.charts, chart.id);
    if (shared_chart == nullptr) {
        return no_such_part;
    }
    if (auto why = refused(chart)) {
        return *why;
    }
    *shared_chart = Shared<Chart>(chart);
    return study;
}

Result<Study> remove_chart(Study study, Id id) {
    if (part_with(study.charts, id) == nullptr) {
        return no_such_part;
    }
    std::erase_if(study.charts, [id](const auto& chart) { return chart->id == id; });
    return study;
}

Study without_lost_series(Study study) {
    for (auto& shared : study.charts) {
        Chart chart = *shared;
        std::erase_if(chart.series, [&study](const Series& series) { return !is_column(study, series.y); });
        for (Series& series : chart.series) {
            series.x = series.x.empty() || is_column(study, series.x) ? series.x : Id();
        }
        chart.table = study.table(chart.table) == nullptr ? Id() : chart.table;
        if (!(chart == *shared)) {
            shared = Shared<Chart>(std::move(chart));
        }
    }
    return study;
}

} // namespace ledgefall
