#include "app/commands/study_commands.h"

#include "app/dialogs/prompts.h"
#include "app/dialogs/settings_dialog.h"
#include "app/report/report_dialog.h"
#include "core/study/edits/edits.h"

#include <QFile>
#include <QFileInfo>

namespace ledgefall {

StudyCommands::StudyCommands(const CommandPlace& place, StudyFiles& files, TableImport& imports, TableExport& exports,
                             Starters& starters)
    : CommandFamily(place)
    , files_(files)
    , imports_(imports)
    , exports_(exports)
    , starters_(starters) {}

QList<Command> StudyCommands::list() {
    return {
        {"new", "study", tr("&New"), QKeySequence::New, [this] { files_.may_leave([this] { files_.start_new(); }); },
         Needs::nothing, no_words, "new"},
        Command{"starters", "study", tr("New &from a starter")}.filled_by([this](QMenu* menu) { fill_starters(menu); }),
        {"new-window", "study", tr("New &window"), "Ctrl+Alt+N", [this] { Q_EMIT new_window_wanted(); }},
        {"open", "study", tr("&Open…"), QKeySequence::Open, [this] { files_.choose_and_open(); }, Needs::nothing,
         no_words, "open"},
        Command{"recent", "study", tr("Open &recent")}.filled_by([this](QMenu* menu) { fill_recent(menu); }),
        {"open-demo", "study", tr("Open the &demo study"), no_keys,
         [this] { files_.may_leave([this] { open_demo(); }); }},
        Command{"save", "study", tr("&Save"), QKeySequence::Save, [this] { files_.save(); }, Needs::nothing, no_words,
                "save"}
            .after_a_rule(),
        {"save-as", "study", tr("Save &as…"), "Ctrl+Shift+S", [this] { files_.save_as(); }},
        {"earlier-versions", "study", tr("Earlier &versions…"), no_keys, [this] { files_.show_earlier_versions(); }},
        Command{"import", "study", tr("&Import a table or worksheet…"), "Ctrl+I", [this] { imports_.choose(); },
                Needs::nothing, no_words, "import"}
            .after_a_rule(),
        {"export-table", "study", tr("&Export this table…"), "Ctrl+E", [this] { exports_.choose(page()->table_id()); },
         Needs::table, no_words, "export"},
        {"export-worksheet", "study", tr("Export study as a wor&ksheet…"), "Ctrl+Alt+E",
         [this] { exports_.choose_worksheet(files_.proposed_path()); }, Needs::any_table,
         tr("spreadsheet ods xlsx send hand on")},
        Command{"report", "study", tr("&Report…"), "Ctrl+P", [this] { report(); }, Needs::any_table,
                tr("print pdf html latex document hand in page paper")}
            .after_a_rule(),
        Command{"empty-for-own-data", "study", tr("&Clear values for new data"), no_keys,
                [this] { empty_for_own_data(); }, Needs::any_table, tr("empty values template blank reset")}
            .after_a_rule(),
        {"settings", "study", tr("Study se&ttings…"), "Ctrl+,", [this] { change_settings(); }},
        {"quit", "study", tr("&Quit"), QKeySequence::Quit, [this] { window_->close(); }},
    };
}

bool StudyCommands::open_demo() {
    QFile file(QStringLiteral(":/demo/marrow-beck.ledgefall"));
    return file.open(QIODevice::ReadOnly) && document_.open_text(file.readAll());
}

/// Of the study as it is computed: what is still being computed would be missing in it.
void StudyCommands::report() {
    if (!document_.results_are_current()) {
        return document_.refuse({N_("The study is still being computed. Make the report when it is ready."), {}});
    }
    ReportDialog dialog(document_.study(), document_.snapshot(), window_);
    const ReportChoices proposed = dialog.choices();
    dialog.exec();
    if (const ReportChoices choices = dialog.choices(); choices != proposed) { // only looking changes no study
        Study next = document_.study();
        next.report = choices;
        perform(tr("what the report has"), next);
    }
}

void StudyCommands::change_settings() {
    SettingsDialog dialog(document_.study(), window_);
    if (dialog.exec() == QDialog::Accepted) {
        perform(tr("settings"), dialog.study());
    }
}

/// The starter becomes a new study, and its first line says how to make it one's own.
void StudyCommands::begin_with(const Starter& starter) {
    files_.may_leave([this, starter] { // a copy: the card that it comes from may go
        document_.begin_with(starter.study);
        if (page() != nullptr) {
            page()->suggestions().offer(starter.note, tr("Clear values for new data"),
                                        [this] { empty_for_own_data(); });
        }
    });
}

void StudyCommands::empty_for_own_data() {
    document_.perform(tr("clearing values"), ledgefall::empty_for_own_data(document_.study()));
    if (page() != nullptr) {
        page()->view().set_current(page()->model().index(0, 0));
        page()->view().setFocus();
    }
}

void StudyCommands::keep_as_starter() {
    const auto title = ask_text(window_, tr("Keep as a starter"), tr("Title of the starter:"), document_.title());
    if (title && !title->isEmpty()) {
        starters_.keep(document_.study(), *title);
    }
}

void StudyCommands::fill_starters(QMenu* menu) {
    for (const Starter& starter : starters_.all()) {
        menu->addAction(starter.title, this, [this, starter] { begin_with(starter); })->setToolTip(starter.note);
    }
    if (!menu->isEmpty()) {
        menu->addSeparator();
    }
    menu->addAction(tr("&Keep this study as a starter…"), this, &StudyCommands::keep_as_starter);
}

void StudyCommands::fill_recent(QMenu* menu) {
    for (const QString& path : files_.recent()) {
        menu->addAction(QFileInfo(path).fileName(), this, [this, path] { files_.open(path); })->setToolTip(path);
    }
    if (menu->isEmpty()) {
        menu->addAction(tr("nothing yet"))->setEnabled(false);
    }
}

} // namespace ledgefall
