#include "app/commands/subject_commands.h"

#include "app/commands/held_choice.h"
#include "app/commands/made_table.h"
#include "app/dialogs/distribution_dialog.h"
#include "app/dialogs/diversity_dialog.h"
#include "app/dialogs/mean_dialog.h"
#include "app/dialogs/motion_dialog.h"
#include "app/dialogs/prompts.h"
#include "core/charts/chart_figures.h"
#include "core/study/builders/frequency.h"
#include "core/study/builders/held_reading.h"
#include "core/study/model/study_part.h"

#include <cmath>

namespace ledgefall {

QList<Command> SubjectCommands::list() {
    return {
        {"write-mean", "made-tables", tr("&Mean with ± as text…"), no_keys, [this] { write_mean(); },
         Needs::number_column, tr("standard error deviation confidence interval by group report uncertainty")},
        {"stem-and-leaf", "made-tables", tr("Stem-and-&leaf table"), no_keys, [this] { show_stems(); }, Needs::column,
         tr("stem leaf stemplot digits distribution")},
        {"select-outliers", "made-tables", tr("Select values beyond the &fences"), no_keys,
         [this] { choose_outliers(); }, Needs::column, tr("outliers box plot Tukey quartiles")},
        Command{"distribution", "made-tables", tr("From a &distribution…"), no_keys, [this] { use_distribution(); },
                Needs::nothing,
                tr("probability critical region significance test normal approximation binomial poisson table")}
            .after_a_rule(),
        {"fit-counts", "made-tables", tr("Counts expected by a fitted distribution…"), no_keys,
         [this] { fit_counts_to(); }, Needs::two_columns,
         tr("estimate p lambda mean binomial poisson goodness of fit")},
        Command{"diversity", "made-tables", tr("Di&versity of sites…"), no_keys, [this] { compare_sites(); },
                Needs::table,
                tr("species indices Shannon Simpson richness evenness Bray Curtis Jaccard Sørensen rarefaction "
                   "dissimilarity matrix abundance")}
            .after_a_rule(),
        {"motion", "work", tr("Motion and &rates"), no_keys, {}, Needs::nothing, no_words, "table"},
        {"motion-table", "motion", tr("&Motion in steps…"), no_keys, [this] { make_motion(); }, Needs::nothing,
         tr("acceleration velocity Euler Verlet Runge Kutta projectile pendulum orbit iteration simulate physics")},
        {"halve-step", "motion", tr("&Halve the step of a result…"), no_keys, [this] { halve_step(); },
         Needs::any_table, tr("Richardson extrapolation convergence order error step size")},
        Command{"rate-of-change", "motion", tr("&Rate of change of one column by another"), no_keys,
                [this] { add_calculus_of(true); }, Needs::two_columns, tr("derivative velocity acceleration slope")}
            .after_a_rule(),
        {"running-integral", "motion", tr("Running &integral of one column over another"), no_keys,
         [this] { add_calculus_of(false); }, Needs::two_columns, tr("area trapezium distance sum")},
        {"compare-model", "motion", tr("&Compare measured columns with a model…"), no_keys,
         [this] { compare_with_a_model(); }, Needs::two_columns, tr("residuals fit theory experiment")},
    };
}

void SubjectCommands::use_distribution() {
    DistributionDialog dialog(document_.study(), window_);
    if (dialog.exec() != QDialog::Accepted) {
        return;
    }
    Id made;
    const Result<Study> next = dialog.made(&made);
    if (dialog.makes() == DistributionDialog::Makes::critical_region) {
        perform(tr("critical region"), next);
    } else {
        MadeTable(document_, pages_).take(tr("new table of a distribution"), next, made, Id());
    }
}

void SubjectCommands::fit_counts_to() {
    const int chosen = ask_from_list(
        window_, tr("Expected counts"), tr("The left column has the values, the right one their counts."),
        {tr("Poisson, mean estimated from the counts"), tr("Binomial, probability estimated from the counts")},
        tr("Add column"));
    if (chosen >= 0) {
        const std::vector<Id> columns = page()->view().chosen_columns();
        perform(tr("expected counts"),
                fit_counts(document_.study(), columns[0], columns[1], static_cast<FittedFamily>(chosen)));
    }
}

void SubjectCommands::compare_sites() {
    DiversityDialog dialog(document_.study(), document_.results(), table()->id, window_);
    if (dialog.exec() == QDialog::Accepted) {
        Id made;
        Id chart;
        const Result<Study> next = dialog.made(&made, &chart);
        MadeTable(document_, pages_).take(tr("diversity of sites"), next, made, chart);
    }
}

void SubjectCommands::write_mean() {
    MeanDialog dialog(document_.study(), document_.results(), *table(), column() == nullptr ? Id() : column()->id,
                      window_);
    if (dialog.exec() != QDialog::Accepted) {
        return;
    }
    const MeanTextRequest request = dialog.request();
    Settings settings = document_.study().settings;
    settings.values = request.population ? Settings::Values::population : Settings::Values::sample;
    Id made;
    Result<Study> next = set_settings(document_.study(), settings);
    next = next ? mean_text(*next, request, &made) : next;
    if (request.by.empty()) {
        perform(tr("mean as text"), next);
    } else {
        MadeTable(document_, pages_).take(tr("new table of means"), next, made, Id());
    }
}

void SubjectCommands::show_stems() {
    Id made;
    const Result<Study> next = stem_and_leaf(document_.study(), column()->id, *cells_of(document_, *column()), &made);
    MadeTable(document_, pages_).take(tr("new stem-and-leaf table"), next, made, Id());
}

/// The rows by the fences as they are computed, so that they are the ones that a box plot shows.
void SubjectCommands::choose_outliers() {
    const Id chosen = column()->id;
    const auto cells = cells_of(document_, *column());
    std::vector<double> values;
    std::vector<std::uint32_t> rows;
    for (std::size_t row = 0; row < cells->size() && cells->kind() == Kind::number; ++row) {
        const Value value = cells->at(row);
        if (value.plain() && std::isfinite(value.number())) {
            values.push_back(value.number());
            rows.push_back(static_cast<std::uint32_t>(row));
        }
    }
    if (values.empty()) {
        return document_.refuse({N_("Fences need a column of numbers. Select one."), {}});
    }
    if (!perform(tr("fences"), hold_fences(document_.study(), chosen))) {
        return;
    }
    const Box box = box_of(values, rows, document_.study().settings.quantile_type, {});
    std::vector<std::uint32_t> beyond = box.beyond_rows;
    std::sort(beyond.begin(), beyond.end());
    if (beyond.empty()) {
        return document_.refuse({N_("No value of this column lies beyond the fences, which are held now."), {}});
    }
    page()->view().choose_rows(beyond);
}

void SubjectCommands::make_motion() {
    MotionDialog dialog(document_.study(), window_);
    if (dialog.exec() != QDialog::Accepted) {
        return;
    }
    Id made;
    Id chart;
    Result<Study> next = dialog.made(&made);
    if (next && dialog.draws()) {
        const Table& motion = *next->table(made);
        const bool two = dialog.request().two_directions;
        Chart drawn;
        drawn.table = made;
        drawn.label = motion.shown_label();
        drawn.equal_scales = two;
        drawn.series.push_back({SeriesForm::line, motion.column_named(two ? "x" : "t")->id,
                                motion.column_named(two ? "y" : "x")->id, false, false, ""});
        next = add_chart(*next, drawn, &chart);
    }
    MadeTable(document_, pages_).take(tr("new motion"), next, made, chart);
}

/// The left one of two chosen columns is what the quantity in the right one changes with, as the time is.
void SubjectCommands::add_calculus_of(bool rate) {
    const std::vector<Id> columns = page()->view().chosen_columns();
    perform(rate ? tr("rate of change") : tr("running integral"),
            add_calculus(document_.study(), columns[1], columns[0], rate ? Calculus::rate : Calculus::integral));
}

/// What is measured is chosen in the table: first what it is measured at, then the values.
void SubjectCommands::compare_with_a_model() {
    const std::vector<Id> measured = page()->view().chosen_columns();
    QStringList names;
    std::vector<std::pair<Id, Id>> models;
    for (const auto& other : document_.study().tables) {
        for (std::size_t y = 1; y < other->columns.size() && other->id != table()->id && !other->two_way(); ++y) {
            names << tr("%1: %2 by %3")
                         .arg(QString::fromStdString(other->shown_label()),
                              QString::fromStdString(other->columns[y]->shown_label()),
                              QString::fromStdString(other->columns.front()->shown_label()));
            models.emplace_back(other->columns.front()->id, other->columns[y]->id);
        }
    }
    if (models.empty()) {
        return document_.refuse({N_("There is no other table that could be the model. Make one first."), {}});
    }
    const int chosen =
        ask_from_list(window_, tr("Compare with a model"),
                      tr("The left column is what the values were measured at, as the time."), names, tr("Compare"));
    if (chosen >= 0) {
        const auto [x, y] = models[static_cast<std::size_t>(chosen)];
        perform(tr("comparison with a model"), compare_with_model(document_.study(), measured[0], measured[1], x, y));
    }
}

void SubjectCommands::halve_step() {
    const Id step = choose_held(document_, window_, tr("Halve a step"), tr("Which step is halved?"),
                                [](const HeldValue& held) { return !held.computed(); });
    if (step.empty()) {
        return;
    }
    const StudyPart part = find_part(document_.study(), DefinitionId(step));
    const QString proposed =
        part.table == nullptr || part.table->columns.size() < 2
            ? QString()
            : QString::fromStdString(part.table->name + "." + part.table->columns[1]->name + "[last]");
    const auto formula =
        ask_text(window_, tr("Halve a step"), tr("Result to follow while the step is halved"), proposed);
    if (!formula) {
        return;
    }
    const int order = ask_choice(window_, tr("Halve a step"), tr("Order of the method"),
                                 {tr("1: Euler"), tr("2: velocity Verlet"), tr("4: Runge–Kutta 4")});
    if (order >= 0) {
        constexpr int orders[] = {1, 2, 4};
        MadeTable(document_, pages_)
            .make(tr("halved steps"),
                  [step, formula = formula->toStdString(), of = orders[order]](const Study& study, Id* made) {
                      return halving_table(study, step, formula, of, made);
                  });
    }
}

} // namespace ledgefall
