#include "app/shell/window_commands.h"

#include "app/shell/formula_page.h"
#include "app/theme/theme.h"
#include "core/study/edits/edits.h"

#include <QApplication>
#include <QMessageBox>
#include <QSettings>

namespace ledgefall {
namespace {

void zoom(double factor) {
    set_zoom(factor == 0 ? 1.0 : theme().zoom * factor);
    QSettings().setValue(QStringLiteral("zoom"), theme().zoom);
}

} // namespace

QList<Command> WindowCommands::holding() {
    return {
        Command{"foot-line", "work", {}}.opening(&parts_.foot_menu),
        {"hold", "work", tr("&Hold a value…"), "Ctrl+H", [this] { parts_.ledge.begin_holding(); }, Needs::nothing,
         tr("lock fix constant parameter absolute"), "hold"},
        Command{"check", "work", tr("Add a &check…"), "Ctrl+K", [this] { parts_.contents.new_check(); }, Needs::nothing,
                tr("watch test verify validate condition sum to 100"), "holds"}
            .offered_beside(tr("check")),
    };
}

QList<Command> WindowCommands::computing() {
    const auto draw = [this] { perform(tr("new random numbers"), draw_again(document_.study())); };
    return {
        Command{"draw-again", "work", tr("Draw new &random numbers"), "Ctrl+D", draw}.after_a_rule(),
        {"stop-computing", "work", tr("&Stop computing"), "Ctrl+.", [this] { document_.stop_computing(); }},
        {"compute-again", "work", tr("Compute &again"), no_keys, [this] { document_.compute_again(); }},
        {"formula-page", "work", tr("List all f&ormulas…"), "Ctrl+Shift+P",
         [this] { FormulaPage(document_, window_).exec(); }},
    };
}

Command WindowCommands::panel(const char* id, const QString& text, const Keys& keys, QWidget* panel) {
    const auto is_open = [this, panel] { return !parts_.panels.is_folded(panel); };
    const auto turn = [this, panel, is_open] { parts_.panels.fold(panel, is_open()); };
    return Command{id, "view", text, keys, turn}.with_state(is_open);
}

QList<Command> WindowCommands::view() {
    const auto list_is_shown = [this] { return !parts_.ledge_list.isHidden(); };
    const auto turn_list = [this, list_is_shown] { parts_.ledge_list.setVisible(!list_is_shown()); };
    return {
        {"zoom-in", "view", tr("Zoom i&n"), QKeySequence::ZoomIn, [] { zoom(1.15); }},
        {"zoom-out", "view", tr("Zoom &out"), QKeySequence::ZoomOut, [] { zoom(1 / 1.15); }},
        {"reset-zoom", "view", tr("&Reset zoom"), "Ctrl+0", [] { zoom(0); }},
        Command{"dark", "view", tr("&Dark theme"), no_keys, [] { set_dark(!is_dark()); }}.with_state(is_dark),
        Command{"beside", "view", tr("Show a table &beside")}.after_a_rule().filled_by(
            [this](QMenu* menu) { fill_beside(menu); }),
        {"one-table", "view", tr("S&how only one table"), no_keys, [this] { pages_.close_beside(); }},
        {"next-table", "view", tr("Ne&xt table"), "Ctrl+PgDown", [this] { show_table_after(1); }, Needs::table},
        {"previous-table", "view", tr("&Previous table"), "Ctrl+PgUp", [this] { show_table_after(-1); }, Needs::table},
        Command{"next-pane", "view", tr("Next p&ane"), "F6", [this] { parts_.panes.go(1); }}.after_a_rule(),
        {"previous-pane", "view", tr("Previous pan&e"), "Shift+F6", [this] { parts_.panes.go(-1); }},
        panel("contents", tr("&Contents"), "F9", &parts_.contents).after_a_rule(),
        Command{"ledge-list", "view", tr("&Ledge as a list"), "Ctrl+Shift+H", turn_list}.with_state(list_is_shown),
        panel("companion", tr("De&tails"), "Shift+F9", &parts_.details),
    };
}

QList<Command> WindowCommands::help() {
    HelpDesk& desk = parts_.help;
    return {
        {"help", "help-menu", tr("&Help on the current item"), "F1", [&desk] { desk.open_in_focus(); }},
        {"help-pages", "help-menu", tr("&All help pages"), no_keys, [&desk] { desk.open(QStringLiteral("index")); }},
        {"first-steps", "help-menu", tr("A first table in five &steps"), no_keys,
         [&desk] { Q_EMIT desk.first_steps_wanted(); }},
        {"find-command", "help-menu", tr("&Find a command, name or table…"), "F12", [this] { parts_.finder.open(); }},
        {"about", "help-menu", tr("A&bout Ledgefall"), no_keys, [this] { about(); }},
    };
}

void WindowCommands::set_dark(bool dark) {
    ledgefall::set_dark(dark);
    QSettings().setValue(QStringLiteral("dark"), dark);
}

/// The table that stands so many places after the current one in the contents, from the last on to the first.
void WindowCommands::show_table_after(int by) {
    const auto& tables = document_.study().tables;
    const auto current = std::find_if(tables.begin(), tables.end(),
                                      [this](const auto& one) { return one->id == pages_.page()->table_id(); });
    const auto count = static_cast<std::ptrdiff_t>(tables.size());
    const std::ptrdiff_t place = (current - tables.begin() + by + count) % count;
    pages_.show_table(tables[static_cast<std::size_t>(place)]->id);
}

void WindowCommands::fill_beside(QMenu* menu) {
    for (const auto& table : document_.study().tables) {
        if (pages_.page_of(table->id) == nullptr) {
            menu->addAction(QString::fromStdString(table->shown_label()), this,
                            [this, id = table->id] { pages_.show_beside(id); });
        }
    }
    if (menu->isEmpty()) {
        menu->addAction(tr("no other table"))->setEnabled(false);
    }
}

void WindowCommands::about() {
    QMessageBox box(QMessageBox::NoIcon, tr("About Ledgefall"), {}, QMessageBox::Close, window_);
    box.setTextFormat(Qt::RichText);
    box.setText(tr("<b>Ledgefall</b> %1<p>Computation tables that show what stays put and what follows the "
                   "row.</p><p>Free software under the GNU General Public License, version 3 or later. The typeface is "
                   "Lato, under the SIL Open Font License; charts are drawn by QCustomPlot.</p>")
                    .arg(QApplication::applicationVersion()));
    box.exec();
}

} // namespace ledgefall
