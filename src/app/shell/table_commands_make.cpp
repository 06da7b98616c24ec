// Commands that make something new of the chosen columns: frequency tables, summaries, unfolded measures.

#include "app/dialogs/category_dialog.h"
#include "app/dialogs/frequency_dialog.h"
#include "app/dialogs/summary_dialog.h"
#include "app/shell/table_commands.h"
#include "core/charts/proposed_chart.h"
#include "core/study/builders/asked_share.h"
#include "core/study/builders/unfold.h"
#include "core/study/row_sources/category_rows.h"

namespace ledgefall {

void TableCommands::fill_unfold_menu(QMenu* menu) {
    for (const Unfolding& unfolding : unfoldings()) {
        QAction* action = add(menu, Document::translated(unfolding.label), {}, [this, name = unfolding.name] {
            perform(tr("unfolding %1").arg(QString::fromStdString(name)),
                    unfold(document_.study(), name, page()->view().chosen_columns()));
        });
        fits(action, Needs::column, tr("by hand step by step computation table"));
    }
}

std::shared_ptr<const Column> TableCommands::cells_of(const ColumnDefinition& of) const {
    const Results::Entry* entry = document_.results().find(of.id);
    return !of.worked() ? of.cells.pointer() : entry == nullptr ? std::make_shared<const Column>() : entry->cells;
}

/// Makes a new table, with a chart of one of its columns where one is asked for, as one step, and shows it. How a chart
/// is best drawn its numbers say, so they are computed first.
void TableCommands::make_table(const QString& name, const TableBuilder& build, const std::string& drawn,
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
    const auto show = [this, table, chart, then](bool taken) {
        if (taken) {
            place_.show_table(*table);
            if (!chart->empty()) {
                place_.show_chart(*chart);
            }
            if (then) {
                then(*table);
            }
        }
    };
    if (drawn.empty()) {
        show(document_.perform(name, build(document_.study(), table.get())));
    } else {
        document_.perform_aside(this, name, change, show);
    }
}

void TableCommands::count_values() {
    if (column() == nullptr) {
        return;
    }
    const auto cells = cells_of(*column());
    const QString name = QString::fromStdString(column()->shown_label());
    const Id counted = column()->id;
    if (cells->kind() != Kind::number) {
        CategoryDialog dialog(cells, counted, name, window_);
        if (dialog.exec() == QDialog::Accepted) {
            make_table(
                tr("a frequency table"),
                [categories = dialog.categories(), parts = dialog.parts()](const Study& study, Id* table) {
                    return category_table(study, categories, parts, table);
                },
                dialog.draws() ? "f" : "");
        }
        return;
    }
    if (const auto possible = propose_classes(*cells, ClassRule::about_eight); !possible) {
        return document_.refuse(possible.refusal());
    }
    FrequencyDialog dialog(cells, name, window_);
    if (dialog.exec() == QDialog::Accepted && dialog.sound()) {
        make_table(
            tr("a frequency table"),
            [counted, classes = dialog.classes(), parts = dialog.parts()](const Study& study, Id* table) {
                return frequency_table(study, counted, classes, parts, table);
            },
            dialog.draws() ? "f" : "");
    }
}

void TableCommands::change_classes() {
    const Id counted = counted_column(document_.study(), *table());
    const Table* source = nullptr;
    for (const auto& one : document_.study().tables) {
        source = one->column(counted) != nullptr ? &*one : source;
    }
    const auto* rows = table()->axis.rows_as<ClassRows>();
    if (rows == nullptr || source == nullptr) {
        return document_.refuse({N_("This table has no classes of another column that could be changed."), {}});
    }
    const ColumnDefinition& column = *source->column(counted);
    const auto cells = cells_of(column);
    if (const auto possible = propose_classes(*cells, ClassRule::about_eight); !possible) {
        return document_.refuse(possible.refusal());
    }
    FrequencyDialog dialog(cells, QString::fromStdString(column.shown_label()), window_);
    dialog.begin_with(rows->classes());
    if (dialog.exec() == QDialog::Accepted && dialog.sound()) {
        perform(tr("the classes"), reclass(document_.study(), table()->id, dialog.classes()));
    }
}

void TableCommands::sum_up() {
    std::vector<SummaryDialog::Offer> numbers;
    std::vector<SummaryDialog::Offer> texts;
    const std::vector<Id> chosen = page()->view().chosen_columns();
    for (const auto& one : table()->columns) {
        const Results::Entry* entry = document_.results().find(one->id);
        const Kind kind = entry == nullptr ? Kind::distribution : entry->kind;
        const QString label = QString::fromStdString(one->shown_label());
        const bool is_chosen = std::find(chosen.begin(), chosen.end(), one->id) != chosen.end();
        if (kind == Kind::number) {
            numbers.push_back({one->id, label, is_chosen});
        } else if (kind == Kind::text || kind == Kind::yes_no) {
            texts.push_back({one->id, label, is_chosen});
        }
    }
    if (numbers.empty()) {
        return document_.refuse({N_("This table has no column of numbers yet that could be summed up."), {}});
    }
    if (std::none_of(numbers.begin(), numbers.end(), [](const auto& one) { return one.chosen; })) {
        numbers.front().chosen = true;
    }
    SummaryDialog dialog(numbers, texts, document_.study().settings.quantile_type, window_);
    if (dialog.exec() != QDialog::Accepted) {
        return;
    }
    const SummaryRequest request = dialog.request();
    Id result;
    Result<Study> next = summary_table(document_.study(), request, &result);
    Id chart;
    if (next && dialog.draws()) {
        Chart boxes;
        boxes.table = table()->id;
        const std::string label = table()->column(request.columns.front())->shown_label();
        boxes.label =
            request.by.empty() ? label : worded({"%1 by %2", {label, table()->column(request.by)->shown_label()}});
        boxes.series.push_back({SeriesForm::boxes, request.by, request.columns.front(), false, false, ""});
        next = add_chart(*next, boxes, &chart);
    }
    if (document_.perform(tr("a summary"), next)) {
        place_.show_table(result);
        if (!chart.empty()) {
            place_.show_chart(chart);
        }
    }
}

void TableCommands::ask_share() {
    if (column() == nullptr) {
        return;
    }
    const QModelIndex at = page()->view().current();
    Value begun = page()->model().value(at.row(), at.column());
    const auto cells = cells_of(*column());
    for (std::size_t row = 0; row < cells->size() && !begun.plain(); ++row) {
        begun = cells->at(row);
    }
    perform(tr("the share of one value"), asked_share(document_.study(), column()->id, begun));
}

} // namespace ledgefall
