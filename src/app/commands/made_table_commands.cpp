#include "app/commands/made_table_commands.h"

#include "app/commands/made_table.h"
#include "app/dialogs/category_dialog.h"
#include "app/dialogs/frequency_dialog.h"
#include "app/dialogs/summary_dialog.h"
#include "core/study/builders/asked_share.h"
#include "core/study/builders/contingency.h"
#include "core/study/builders/goodness_of_fit.h"
#include "core/study/builders/unfold.h"
#include "core/study/edits/edits.h"
#include "core/study/row_sources/category_rows.h"
#include "core/study/row_sources/class_rows.h"

#include <numeric>

namespace ledgefall {

QList<Command> MadeTableCommands::list() {
    QList<Command> all = {
        {"made-tables", "work", tr("&Tables from columns"), no_keys, {}, Needs::nothing, no_words, "table"},
        Command{"frequency-table", "made-tables", tr("Make a fre&quency table…"), "Ctrl+Shift+F",
                [this] { count_values(); }, Needs::column,
                tr("histogram classes bins intervals count tally distribution categories"), "classes"}
            .offered_beside(tr("classes")),
        {"contingency-table", "made-tables", tr("Make a contingency table of two columns"), no_keys,
         [this] { count_pairs(); }, Needs::two_columns, tr("two-way cross chi squared pairs")},
        {"goodness-of-fit", "made-tables", tr("&Compare observed with expected counts"), no_keys,
         [this] { compare_counts(); }, Needs::two_columns, tr("chi squared goodness of fit pool classes test")},
        Command{"summary", "made-tables", tr("Make a s&ummary table…"), "Ctrl+Shift+U", [this] { sum_up(); },
                Needs::number_column,
                tr("mean median quartiles standard deviation variance box plot statistics descriptive minimum maximum"),
                "summary"}
            .offered_beside(tr("summary")),
        {"share", "made-tables", tr("Hold the share of one value"), no_keys, [this] { ask_share(); }, Needs::column,
         tr("per cent proportion count of a category")},
        {"unfold", "work", tr("&Unfold a measure of selected columns")},
    };
    for (const Unfolding& unfolding : unfoldings()) {
        const auto run = [this, name = unfolding.name] {
            perform(tr("unfolding %1").arg(QString::fromStdString(name)),
                    unfold(document_.study(), name, page()->view().chosen_columns()));
        };
        all.append({"unfold-measure", "unfold", Document::translated(unfolding.label), no_keys, run, Needs::column,
                    tr("by hand step by step computation table")});
    }
    return all;
}

void MadeTableCommands::count_values() {
    const auto cells = cells_of(document_, *column());
    const QString name = QString::fromStdString(column()->shown_label());
    const Id counted = column()->id;
    if (cells->kind() != Kind::number) {
        CategoryDialog dialog(cells, counted, name, window_);
        if (dialog.exec() == QDialog::Accepted) {
            MadeTable(document_, pages_)
                .make(
                    tr("new frequency table"),
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
    dialog.offer_groups(groups_beside(counted));
    dialog.values_are().begin_with(document_.study().settings.values);
    if (dialog.exec() != QDialog::Accepted || !dialog.is_valid()) {
        return;
    }
    const FrequencyParts parts = dialog.parts();
    const auto build = [counted, parts, classes = dialog.classes(),
                        values = dialog.values_are().values()](const Study& study, Id* table, GroupColumns* groups) {
        Settings settings = study.settings;
        settings.values = values;
        const Result<Study> begun = set_settings(study, settings);
        return begun ? frequency_table(*begun, counted, classes, parts, table, groups) : begun;
    };
    if (parts.groups.empty() || !dialog.draws()) {
        return MadeTable(document_, pages_)
            .make(
                tr("new frequency table"),
                [build](const Study& study, Id* table) { return build(study, table, nullptr); },
                dialog.draws() ? "f" : "");
    }
    Id table;
    Id chart;
    GroupColumns groups;
    Result<Study> made = build(document_.study(), &table, &groups);
    made = made ? charts_of_groups(*made, table, groups, &chart) : made;
    MadeTable(document_, pages_).take(tr("new frequency table"), made, table, chart);
}

/// The columns of texts beside a column, with their few different values.
std::vector<FrequencyDialog::GroupOffer> MadeTableCommands::groups_beside(Id counted) const {
    constexpr std::size_t most_groups = 12;
    std::vector<FrequencyDialog::GroupOffer> offers;
    for (const auto& one : table()->columns) {
        const auto cells = cells_of(document_, *one);
        if (one->id == counted || cells->kind() != Kind::text) {
            continue;
        }
        std::vector<std::string> values;
        for (std::size_t row = 0; row < cells->size() && values.size() <= most_groups; ++row) {
            const Value value = cells->at(row);
            const std::string text = value.plain() ? value.text().str() : "";
            if (!text.empty() && std::find(values.begin(), values.end(), text) == values.end()) {
                values.push_back(text);
            }
        }
        if (values.size() > 1 && values.size() <= most_groups) {
            offers.push_back({one->id, QString::fromStdString(one->shown_label()), values});
        }
    }
    return offers;
}

/// The groups of a frequency table as polygons of their shares over each other; two of them back to back as well.
Result<Study> MadeTableCommands::charts_of_groups(const Study& study, Id id, const GroupColumns& groups, Id* chart) {
    const Table& table = *study.table(id);
    const std::vector<double>& limits = table.axis.rows_as<ClassRows>()->classes().boundaries;
    std::vector<double> widths;
    std::adjacent_difference(limits.begin(), limits.end(), std::back_inserter(widths));
    const auto [narrowest, widest] = std::minmax_element(widths.begin() + 1, widths.end());
    const bool even = *widest - *narrowest <= 1e-9 * *widest;
    const auto drawn = [&table, even](const std::vector<std::string>& columns, SeriesForm form, const QString& label,
                                      const QString& upwards) {
        Chart all;
        all.table = table.id;
        all.y.title = even ? upwards.toStdString() : ""; // else they are densities, and the axis says so
        all.label = label.arg(QString::fromStdString(table.shown_label())).toStdString();
        for (const std::string& name : columns) {
            all.series.push_back({form, (*table.axis.column)->id, table.column_named(name)->id, false, false, ""});
        }
        return all;
    };
    Result<Study> next = add_chart(
        study, drawn(groups.shares, SeriesForm::polygon, tr("%1, shares by group"), tr("Share of the group")), chart);
    if (next && groups.counts.size() == 2) {
        Chart back_to_back = drawn(groups.counts, SeriesForm::histogram, tr("%1, back to back"), tr("Count"));
        back_to_back.mirrored = true;
        next = add_chart(*next, back_to_back, chart);
    }
    return next;
}

/// The pairs of two chosen columns; the first goes down.
void MadeTableCommands::count_pairs() {
    const std::vector<Id> columns = page()->view().chosen_columns();
    MadeTable(document_, pages_).make(tr("new contingency table"), [columns](const Study& study, Id* made) {
        return contingency_table(study, columns[0], columns[1], made);
    });
}

/// Of two chosen columns the first has the observed counts.
void MadeTableCommands::compare_counts() {
    const std::vector<Id> columns = page()->view().chosen_columns();
    MadeTable(document_, pages_)
        .make(tr("new table of observed and expected"), [columns](const Study& study, Id* made) {
            return goodness_of_fit_table(study, columns[0], columns[1], made);
        });
}

void MadeTableCommands::sum_up() {
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
        return document_.refuse({N_("This table has no column of numbers to summarise yet."), {}});
    }
    if (std::none_of(numbers.begin(), numbers.end(), [](const auto& one) { return one.chosen; })) {
        numbers.front().chosen = true;
    }
    SummaryDialog dialog(numbers, texts, document_.study().settings, window_);
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
    MadeTable(document_, pages_).take(tr("new summary table"), next, result, chart);
}

void MadeTableCommands::ask_share() {
    const QModelIndex at = page()->view().current();
    Value begun = page()->model().value(at.row(), at.column());
    const auto cells = cells_of(document_, *column());
    for (std::size_t row = 0; row < cells->size() && !begun.plain(); ++row) {
        begun = cells->at(row);
    }
    perform(tr("share of one value"), asked_share(document_.study(), column()->id, begun));
}

} // namespace ledgefall
