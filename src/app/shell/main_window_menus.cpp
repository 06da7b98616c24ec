// The window's menus: every command with its name and its keys.

#include "app/dialogs/import_dialog.h"
#include "app/dialogs/prompts.h"
#include "app/dialogs/settings_dialog.h"
#include "app/look/menu_action.h"
#include "app/shell/format_filters.h"
#include "app/shell/formula_page.h"
#include "app/shell/main_window.h"
#include "core/study/edits/edits.h"
#include "files/formats/file_format.h"
#include "files/io/atomic_file.h"

#include <QApplication>
#include <QClipboard>
#include <QFileDialog>
#include <QFileInfo>
#include <QMenuBar>
#include <QMessageBox>
#include <QSettings>

namespace ledgefall {
namespace {

constexpr int most_recent = 8;

} // namespace

QAction* MainWindow::add(QMenu* menu, const QString& text, const QKeySequence& keys, const std::function<void()>& done,
                         const char* symbol) {
    return add_action(this, menu, text, keys, done, symbol);
}

void MainWindow::build_study_menu() {
    QMenu* menu = menuBar()->addMenu(tr("&Study"));
    add(
        menu, tr("&New"), QKeySequence::New, [this] { files_->may_leave([this] { files_->start_new(); }); }, "new");
    starters_menu_ = menu->addMenu(tr("Ne&w from a starter"));
    starters_menu_->setToolTipsVisible(true);
    connect(starters_menu_, &QMenu::aboutToShow, this, &MainWindow::fill_starters);
    connect(starters_, &Starters::changed, this, &MainWindow::fill_starters);
    fill_starters();
    add(menu, tr("New &window"), QKeySequence(Qt::CTRL | Qt::ALT | Qt::Key_N), [this] { Q_EMIT new_window_wanted(); });
    add(
        menu, tr("&Open…"), QKeySequence::Open, [this] { files_->choose_and_open(); }, "open");
    recent_ = menu->addMenu(tr("Open &recent"));
    connect(recent_, &QMenu::aboutToShow, this, &MainWindow::fill_recent);
    add(menu, tr("Open the &demo study"), {}, [this] { files_->may_leave([this] { open_demo(); }); });
    menu->addSeparator();
    add(
        menu, tr("&Save"), QKeySequence::Save, [this] { files_->save(); }, "save");
    add(menu, tr("Save &as…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_S), [this] { files_->save_as(); });
    add(menu, tr("Earlier &versions…"), {}, [this] { files_->show_earlier_versions(); });
    menu->addSeparator();
    add(
        menu, tr("&Import a table or a worksheet…"), QKeySequence(Qt::CTRL | Qt::Key_I), [this] { choose_import(); },
        "import");
    needs_table_.push_back(add(
        menu, tr("&Export this table…"), QKeySequence(Qt::CTRL | Qt::Key_E), [this] { choose_export(); }, "export"));
    with_facts(add(menu, tr("Export the study as a &worksheet…"), QKeySequence(Qt::CTRL | Qt::ALT | Qt::Key_E),
                   [this] { choose_worksheet_export(); }),
               {tr("spreadsheet ods xlsx send hand on"),
                [this] { return document_.study().tables.empty() ? tr("needs a table") : QString(); }});
    menu->addSeparator();
    with_facts(add(menu, tr("E&mpty it for own data"), {}, [this] { empty_for_own_data(); }),
               {tr("clear values template blank reset"),
                [this] { return document_.study().tables.empty() ? tr("needs a table") : QString(); }});
    add(menu, tr("Settings of this s&tudy…"), QKeySequence(Qt::CTRL | Qt::Key_Comma), [this] {
        SettingsDialog dialog(document_.study(), this);
        if (dialog.exec() == QDialog::Accepted) {
            document_.perform(tr("settings"), dialog.study());
        }
    });
    add(menu, tr("&Quit"), QKeySequence::Quit, [this] { close(); });
}

void MainWindow::build_edit_menu() {
    QMenu* menu = menuBar()->addMenu(tr("&Edit"));
    undo_ = add(
        menu, tr("&Undo"), QKeySequence::Undo, [this] { document_.undo(); }, "undo");
    redo_ = add(
        menu, tr("&Redo"), QKeySequence::Redo, [this] { document_.redo(); }, "redo");
    menu->addSeparator();
    const auto table_command = [&](const QString& text, const QKeySequence& keys, const std::function<void()>& done) {
        needs_table_.push_back(add(menu, text, keys, done));
    };
    table_command(tr("Cu&t"), QKeySequence::Cut, [this] {
        page()->clipboard().copy();
        page()->view().clear_selected();
    });
    table_command(tr("&Copy"), QKeySequence::Copy, [this] {
        ChartPage* chart = place_->chart_page();
        if (chart != nullptr && chart->plot().hasFocus()) {
            return chart->copy();
        }
        page()->clipboard().copy();
    });
    add(menu, tr("&Paste"), QKeySequence::Paste, [this] { // where there is no table, into a new one
        if (page() == nullptr && !QGuiApplication::clipboard()->text().isEmpty()) {
            new_table(tr("Table"));
        }
        if (page() != nullptr) {
            page()->clipboard().paste();
        }
    });
    table_command(tr("Select &all"), QKeySequence::SelectAll, [this] { page()->view().selectAll(); });
    table_command(tr("E&mpty the cells"), {}, [this] { page()->view().clear_selected(); });
    menu->addSeparator();
    table_command(tr("&Find and replace…"), QKeySequence::Find, [this] { find_bar_->open(); });
    table_command(tr("Find &next"), QKeySequence::FindNext, [this] { find_bar_->find(false); });
    table_command(tr("Find &previous"), QKeySequence::FindPrevious, [this] { find_bar_->find(true); });
}

void MainWindow::build_work_menu() {
    QMenu* menu = menuBar()->addMenu(tr("&Work"));
    commands_->fill_formula_menu(menu);
    foot_menu_ = new NewFootMenu(document_, this);
    menu->addMenu(foot_menu_);
    connect(foot_menu_, &NewFootMenu::added, this, [this](Id line) { page()->show_foot_line(line); });
    needs_table_.push_back(foot_menu_->menuAction());
    with_facts(add(
                   menu, tr("&Hold a value…"), QKeySequence(Qt::CTRL | Qt::Key_H), [this] { ledge_->begin_holding(); },
                   "hold"),
               {tr("lock fix constant parameter absolute"), {}});
    QAction* check = with_facts(add(
                                    menu, tr("&Watch with a check…"), QKeySequence(Qt::CTRL | Qt::Key_K),
                                    [this] { contents_->new_check(); }, "holds"),
                                {tr("test verify validate condition sum to 100"), {}});
    menu->addSeparator();
    commands_->fill_more_formulas_menu(menu->addMenu(tr("&More formulas")));
    commands_->fill_made_menu(menu->addMenu(drawn_icon(QStringLiteral("table")), tr("&Tables made of columns")));
    commands_->fill_unfold_menu(menu->addMenu(tr("&Unfold a measure of the chosen columns")));
    QMenu* other_values = menu->addMenu(drawn_icon(QStringLiteral("hold")), tr("What &if, and runs"));
    const auto with_held = [this](void (MainWindow::*act)(Id)) {
        return [this, act] {
            if (const Id held = held_to_try(); !held.empty()) {
                (this->*act)(held);
            }
        };
    };
    with_facts(add(other_values, tr("Try &values of a held value…"), {}, with_held(&MainWindow::try_values)),
               {tr("what if trial vary change parameter sensitivity halve the step order"), {}});
    with_facts(add(other_values, tr("Try values of &two held values…"), {}, with_held(&MainWindow::try_two_values)),
               {tr("what if trial vary two parameters grid two-way"), {}});
    with_facts(add(other_values, tr("&Find the value for which…"), {}, with_held(&MainWindow::find_value)),
               {tr("solve equation root zero reach wanted result backwards"), {}});
    other_values->addSeparator();
    runs_->fill_menu(other_values);
    next_steps_ = commands_->beside_table();
    next_steps_.append({check, tr("check")});
    menu->addSeparator();
    add(menu, tr("New &random numbers"), QKeySequence(Qt::CTRL | Qt::Key_D),
        [this] { document_.perform(tr("new random numbers"), draw_again(document_.study())); });
    add(menu, tr("&Stop computing"), QKeySequence(Qt::CTRL | Qt::Key_Period), [this] { document_.stop_computing(); });
    add(menu, tr("Compute &again after stopping"), {}, [this] { document_.compute_again(); });
    add(menu, tr("A page of all f&ormulas…"), QKeySequence(Qt::CTRL | Qt::Key_P), [this] { list_formulas(); });
}

void MainWindow::build_view_and_help() {
    QMenu* view = menuBar()->addMenu(tr("&View"));
    add(view, tr("Zoom i&n"), QKeySequence::ZoomIn, [this] { zoom(1.15); });
    add(view, tr("Zoom &out"), QKeySequence::ZoomOut, [this] { zoom(1 / 1.15); });
    add(view, tr("&Reset the zoom"), QKeySequence(Qt::CTRL | Qt::Key_0), [this] { zoom(0); });
    QAction* dark = view->addAction(tr("&Dark"));
    dark->setCheckable(true);
    dark->setChecked(is_dark());
    connect(dark, &QAction::toggled, this, &MainWindow::set_dark);
    connect(&look_news(), &LookNews::changed, dark, [dark] { dark->setChecked(is_dark()); });
    view->addSeparator();
    beside_ = view->addMenu(tr("Show &beside"));
    connect(beside_, &QMenu::aboutToShow, this, &MainWindow::fill_beside);
    add(view, tr("Show only &one table"), {}, [this] { place_->close_beside(); });
    view->addSeparator();
    const auto toggle = [&](const QString& text, const QKeySequence& keys, QWidget* panel) {
        QAction* action = view->addAction(text);
        action->setCheckable(true);
        action->setChecked(!splitter_->is_folded(panel));
        action->setShortcut(keys);
        connect(action, &QAction::toggled, splitter_, [this, panel](bool open) {
            if (open == splitter_->is_folded(panel)) {
                splitter_->fold(panel, !open);
            }
        });
        connect(splitter_, &FoldingSplitter::folded_changed, action,
                [this, panel, action] { action->setChecked(!splitter_->is_folded(panel)); });
    };
    toggle(tr("&Contents"), QKeySequence(Qt::Key_F9), contents_);
    QAction* list = view->addAction(tr("The &ledge as a list"));
    list->setCheckable(true);
    list->setShortcut(QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_H));
    connect(list, &QAction::toggled, ledge_list_, &QWidget::setVisible);
    toggle(tr("Com&panion"), QKeySequence(Qt::Key_F10), companion_);
    QMenu* help = menuBar()->addMenu(tr("&Help"));
    add(help, tr("&Help on what has the focus"), QKeySequence(Qt::Key_F1), [this] { open_help(topic_in_focus()); });
    add(help, tr("&All pages of the help"), {}, [this] { open_help(QStringLiteral("index")); });
    add(help, tr("A first table in five &steps"), {}, [this] { begin_first_steps(); });
    add(help, tr("&Find a command, a name or a table…"), QKeySequence(Qt::CTRL | Qt::Key_Space),
        [this] { finder_->open(); });
    add(help, tr("&About Ledgefall"), {}, [this] { about(); });
}

void MainWindow::fill_beside() {
    beside_->clear();
    for (const auto& table : document_.study().tables) {
        if (place_->page_of(table->id) == nullptr) {
            beside_->addAction(QString::fromStdString(table->shown_label()), this,
                               [this, id = table->id] { place_->show_beside(id); });
        }
    }
    if (beside_->isEmpty()) {
        beside_->addAction(tr("there is no other table"))->setEnabled(false);
    }
}

/// What the search box leads to: every command, every table, every name.
void MainWindow::offer_destinations() {
    const Study& study = document_.study();
    QList<CommandFinder::Destination> all;
    const std::function<void(const QMenu*, const QString&)> add_commands = [&](const QMenu* menu, const QString& path) {
        for (QAction* action : menu->actions()) {
            const QString text = bare_text(*action);
            if (action->menu() != nullptr) {
                add_commands(action->menu(), path + text + QStringLiteral(" ▸ "));
            } else if (!action->isSeparator() && action->isEnabled() && !text.isEmpty()) {
                all.append({text, path.chopped(3) + QStringLiteral("  ") + action->shortcut().toString(), action, Id(),
                            facts_of(*action).words, why_not(*action).isEmpty()});
            }
        }
    };
    for (QAction* action : menuBar()->actions()) {
        if (action->menu() != nullptr) {
            add_commands(action->menu(), action->text().remove(u'&') + QStringLiteral(" ▸ "));
        }
    }
    const auto add_held = [&](const std::vector<Shared<HeldValue>>& ledge, const QString& where) {
        for (const auto& held : ledge) {
            all.append({QString::fromStdString(held->name), tr("held value, %1").arg(where), nullptr, held->id});
        }
    };
    add_held(study.ledge, tr("the study's"));
    for (const auto& table : study.tables) {
        const QString label = QString::fromStdString(table->shown_label());
        all.append({label, tr("table"), nullptr, table->id});
        add_held(table->ledge, label);
        for (const auto& column : table->columns) {
            const QString shown = QString::fromStdString(column->shown_label());
            all.append(
                {shown, tr("column %1 of %2").arg(QString::fromStdString(column->name), label), nullptr, column->id});
        }
    }
    for (const auto& chart : study.charts) {
        all.append({QString::fromStdString(chart->label), tr("chart"), nullptr, chart->id});
    }
    for (const auto& check : study.checks) {
        all.append({QString::fromStdString(check->label), tr("check"), nullptr, check->id});
    }
    for (const HelpTopic& topic : HelpReader::topics()) {
        CommandFinder::Destination one;
        one.text = topic.title;
        one.about = tr("help");
        one.known_as = topic.words;
        one.help = topic.place;
        one.fits = false; // what can be done comes first
        all.append(one);
    }
    finder_->offer(all);
}

void MainWindow::list_formulas() {
    FormulaPage(document_, this).exec();
}

void MainWindow::fill_recent() {
    recent_->clear();
    const QStringList paths = QSettings().value(QStringLiteral("recent")).toStringList();
    for (const QString& path : paths) {
        recent_->addAction(QFileInfo(path).fileName(), this, [this, path] { files_->open(path); })->setToolTip(path);
    }
    if (paths.isEmpty()) {
        recent_->addAction(tr("nothing yet"))->setEnabled(false);
    }
}

void MainWindow::remember_recent(const QString& path) {
    QSettings settings;
    QStringList paths = settings.value(QStringLiteral("recent")).toStringList();
    paths.removeAll(path);
    paths.prepend(path);
    settings.setValue(QStringLiteral("recent"), paths.mid(0, most_recent));
}

void MainWindow::about() {
    QMessageBox box(QMessageBox::NoIcon, tr("About Ledgefall"), {}, QMessageBox::Close, this);
    box.setTextFormat(Qt::RichText);
    box.setText(
        tr("<b>Ledgefall</b> %1<p>Computation tables in which one sees what stays put and what follows the row.</p>"
           "<p>Free software under the GNU General Public License, version 3 or later. The letters are Lato, under the "
           "SIL Open Font License; charts are drawn by QCustomPlot.</p>")
            .arg(QApplication::applicationVersion()));
    box.exec();
}

} // namespace ledgefall
