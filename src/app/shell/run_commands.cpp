#include "app/shell/run_commands.h"

#include "app/dialogs/prompts.h"
#include "app/document/run_text.h"
#include "app/look/menu_action.h"
#include "core/runs/edit_runs.h"
#include "core/runs/keep_run.h"

namespace ledgefall {

RunCommands::RunCommands(Document& document, PageArea& place, QWidget* window)
    : QObject(window)
    , document_(document)
    , place_(place)
    , window_(window) {}

void RunCommands::fill_menu(QMenu* menu) {
    with_facts(add_action(
                   this, menu, tr("&Keep this run"), QKeySequence(Qt::CTRL | Qt::Key_R), [this] { keep(); }, "run"),
               {tr("save result compare scenario snapshot remember present values"),
                [this] { return document_.study().tables.empty() ? tr("needs a table") : QString(); }});
    const auto of_runs = [&](const QString& text, const QString& words, const std::function<void()>& done) {
        with_facts(add_action(this, menu, text, {}, done), {words, [this] { return why_no_run(); }});
    };
    of_runs(tr("&Restore a run…"), tr("back to kept values scenario"), [this] { choose_to_restore(); });
    of_runs(tr("T&able of the runs"), tr("compare results scenarios"), [this] { list_runs(); });
    of_runs(tr("&Draw all runs in charts"), tr("overlay compare curves"), [this] { draw_all(true); });
    of_runs(tr("Draw &no runs in charts"), tr("hide overlay"), [this] { draw_all(false); });
}

QString RunCommands::why_no_run() const {
    return document_.study().runs.empty() ? tr("no run is kept") : QString();
}

void RunCommands::keep() {
    document_.when_current(this, tr("keeping a run"), [this] { keep_now(); });
}

void RunCommands::keep_now() {
    const Study& study = document_.study();
    RunRequest request;
    if (const TablePage* page = place_.page()) {
        request.table = page->table_id();
        const TableView& view = place_.page()->view();
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
        const QString kept = tr("Kept as %1. Charts of its columns draw it paler; it stands in the contents.")
                                 .arg(run_name(document_.study(), added));
        Q_EMIT told(faults == 0 ? kept
                                : kept + QLatin1Char(' ') + tr("Cells at fault are kept empty: %1.").arg(faults));
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
        Q_EMIT told(names.isEmpty() ? tr("Held values are as in the run %1 again.").arg(name)
                                    : tr("Held values are as in the run %1 again, but for what is worked out by a "
                                         "formula now or has gone: %2.")
                                          .arg(name, names.join(QStringLiteral(", "))));
    }
}

void RunCommands::choose_to_restore() {
    if (document_.study().runs.empty()) {
        return document_.refuse({N_("No run is kept yet: keep one, change a held value, and keep another."), {}});
    }
    const QStringList names = run_names(document_.study());
    const int chosen = ask_from_list(window_, tr("Which run?"),
                                     tr("Held values, typed cells over formulas and the seed become what they were."),
                                     names, tr("Restore"));
    if (chosen >= 0) {
        restore(document_.study().runs[static_cast<std::size_t>(chosen)]->id);
    }
}

void RunCommands::list_runs() {
    const std::optional<RunsTable>& there = document_.study().runs_table;
    if (there && document_.study().table(there->table) != nullptr) {
        return place_.show_table(there->table);
    }
    Id table;
    if (document_.perform(tr("the table of runs"), add_runs_table(document_.study(), &table))) {
        place_.show_table(table);
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
