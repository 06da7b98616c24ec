#include "app/commands/run_commands.h"

#include "app/dialogs/prompts.h"
#include "app/document/run_text.h"
#include "core/runs/edit_runs.h"
#include "core/runs/keep_run.h"

namespace ledgefall {

QList<Command> RunCommands::list() {
    // A run is of results, so it is waited for where they are being computed.
    const auto keep_then = [this] { document_.when_current(this, tr("keeping a run"), [this] { keep(); }); };
    return {
        Command{"keep-run", "what-if", tr("&Keep this run"), "Ctrl+R", keep_then, Needs::any_table,
                tr("save result compare scenario snapshot remember present values"), "run"}
            .after_a_rule(),
        {"restore-run", "what-if", tr("&Restore a run…"), no_keys, [this] { choose_to_restore(); }, Needs::run,
         tr("back to kept values scenario")},
        {"runs-table", "what-if", tr("Make a t&able of runs"), no_keys, [this] { list_runs(); }, Needs::run,
         tr("compare results scenarios")},
        {"draw-runs", "what-if", tr("&Draw all runs in charts"), no_keys, [this] { draw_all(true); }, Needs::run,
         tr("overlay compare curves")},
        {"draw-no-runs", "what-if", tr("Hide ru&ns in charts"), no_keys, [this] { draw_all(false); }, Needs::run,
         tr("hide overlay")},
    };
}

void RunCommands::keep() {
    const Study& study = document_.study();
    RunRequest request;
    if (page() != nullptr) {
        request.table = page()->table_id();
        const TableView& view = page()->view();
        if (view.whole_columns_chosen() && view.chosen_columns().size() > 1) {
            request.columns = view.chosen_columns();
        }
    }
    const bool in_list = study.runs_table && study.runs_table->table == request.table;
    if (in_list && !study.runs.empty() && !study.runs.back()->columns.empty()) { // the same as the run before
        request.table = study.runs.back()->columns.front().table;
        request.columns.clear();
    }
    Id added;
    if (document_.perform(tr("keeping a run"), keep_run(study, document_.results(), request, &added))) {
        std::size_t faults = 0;
        for (const RunColumn& column : document_.study().run(added)->columns) {
            const Results::Entry* entry = document_.results().find(column.column);
            faults += entry == nullptr ? 0 : entry->faults;
        }
        const QString kept =
            tr("Kept as %1. It is listed in the contents and drawn paler in the charts of its columns.")
                .arg(run_name(document_.study(), added));
        Q_EMIT told(faults == 0 ? kept
                                : kept + QLatin1Char(' ') + tr("Cells with errors are kept empty: %1.").arg(faults));
    }
}

void RunCommands::restore(Id run) {
    const QString name = run_name(document_.study(), run);
    std::vector<std::string> stays;
    if (document_.perform(tr("restoring a run"), restore_run(document_.study(), run, &stays))) {
        QStringList names;
        for (const std::string& one : stays) {
            names << QString::fromStdString(one);
        }
        Q_EMIT told(names.isEmpty() ? tr("The held values of the run %1 are restored.").arg(name)
                                    : tr("The held values of the run %1 are restored, except those that are now "
                                         "computed or have been removed: %2.")
                                          .arg(name, names.join(QStringLiteral(", "))));
    }
}

void RunCommands::choose_to_restore() {
    const QStringList names = run_names(document_.study());
    const int chosen =
        ask_from_list(window_, tr("Restore run"), tr("Held values, overrides and the seed go back to what they were."),
                      names, tr("Restore"));
    if (chosen >= 0) {
        restore(document_.study().runs[static_cast<std::size_t>(chosen)]->id);
    }
}

void RunCommands::list_runs() {
    const std::optional<RunsTable>& there = document_.study().runs_table;
    if (there && document_.study().table(there->table) != nullptr) {
        return pages_.show_table(there->table);
    }
    Id table;
    if (document_.perform(tr("new table of runs"), add_runs_table(document_.study(), &table))) {
        pages_.show_table(table);
    }
}

void RunCommands::draw_all(bool drawn) {
    Study study = document_.study();
    for (const auto& run : document_.study().runs) {
        study = *draw_run(study, run->id, drawn);
    }
    document_.perform(tr("drawing runs"), study);
}

} // namespace ledgefall
