#include "app/commands/made_table.h"

#include "core/charts/proposed_chart.h"
#include "core/study/edits/edits.h"

namespace ledgefall {

std::shared_ptr<const Column> cells_of(const Document& document, const ColumnDefinition& column) {
    const Results::Entry* entry = document.results().find(column.id);
    return !column.computed() ? column.cells.pointer()
           : entry == nullptr ? std::make_shared<const Column>()
                              : entry->cells;
}

/// How a chart is best drawn its numbers say, so they are computed first.
void MadeTable::make(const QString& name, const Builder& build, const std::string& drawn,
                     const std::function<void(Id)>& then) {
    const auto table = std::make_shared<Id>();
    const auto chart = std::make_shared<Id>();
    const auto change = [=, before = document_.snapshot()](const Study& study, const StopToken& stop) {
        const Result<Study> made = build(study, table.get());
        const ColumnDefinition* column = made && !drawn.empty() ? made->table(*table)->column_named(drawn) : nullptr;
        const auto proposal = column == nullptr
                                  ? Result<Chart>(Sentence())
                                  : proposed_chart(*made, *compute_in_task(*made, before, stop), *table, {column->id});
        return proposal ? add_chart(*made, *proposal, chart.get()) : made;
    };
    const auto show = [pages = &pages_, table, chart, then](bool taken) {
        if (taken) {
            pages->show_table(*table);
            if (!chart->empty()) {
                pages->show_chart(*chart);
            }
            if (then) {
                then(*table);
            }
        }
    };
    if (drawn.empty()) {
        show(document_.perform(name, build(document_.study(), table.get())));
    } else {
        document_.perform_aside(&pages_, name, change, show);
    }
}

void MadeTable::take(const QString& name, const Result<Study>& made, Id table, Id chart) {
    if (document_.perform(name, made)) {
        pages_.show_table(table);
        if (!chart.empty()) {
            pages_.show_chart(chart);
        }
    }
}

} // namespace ledgefall
