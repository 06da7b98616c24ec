#include "app/shell/main_window.h"

#include "app/exchange/wait_dialog.h"
#include "app/help/dialog_help.h"
#include "app/numbers/format_choices.h"
#include "app/numbers/locale_text.h"
#include "app/shell/destinations.h"
#include "app/theme/accessibility.h"
#include "app/theme/mnemonics.h"
#include "app/theme/theme.h"
#include "core/study/builders/handout.h"
#include "core/study/edits/edits.h"
#include "core/study/model/study_part.h"

#include <QAbstractItemView>
#include <QApplication>
#include <QCloseEvent>
#include <QDropEvent>
#include <QLineEdit>
#include <QMenuBar>
#include <QMimeData>
#include <QStatusBar>
#include <QTimer>
#include <QUrl>
#include <QVBoxLayout>

#include <utility>

namespace ledgefall {

MainWindow::MainWindow(QWidget* parent)
    : QMainWindow(parent)
    , splitter_(new FoldingSplitter(this))
    , contents_(new ContentsPanel(document_, this))
    , ledge_(new LedgeView(document_, this))
    , ledge_list_(new LedgeList(document_, this))
    , files_(new StudyFiles(document_, this))
    , starters_(new Starters(this))
    , handout_bar_(new HandoutBar(document_, this))
    , pages_(new PageArea(document_, make_start_page(), this))
    , details_(new DetailsPanel(document_, this))
    , steps_(new FirstSteps(this, this))
    , find_bar_(new FindBar(document_, *pages_, this))
    , pointer_(new KeyboardPointing(*pages_, *ledge_, this))
    , finder_(new CommandFinder(this))
    , foot_menu_(new NewFootMenu(document_, this))
    , checks_(new ChecksButton(document_, this))
    , working_(new QLabel(this))
    , help_(new HelpDesk({*pages_, *ledge_, *ledge_list_, *contents_, *details_, *splitter_}, this))
    , first_table_(new FirstTable(document_, *pages_, *steps_, this))
    , imports_(new TableImport(document_, *pages_, *files_, this))
    , exports_(new TableExport(document_, this))
    , panes_(make_panes())
    , notices_(this)
    , requirements_(document_, *pages_)
    , commands_(requirements_, menuBar(), this) {
    setWindowIcon(drawn_icon(QStringLiteral("ledgefall")));
    resize(QSize(1280, 800).boundedTo(screen()->availableSize()));
    setAcceptDrops(true);
    lay_out();
    list_commands();
    connect_document();
    connect_ledge();
    connect_pages();
    connect_contents();
    connect_companion();
    connect_files();
    connect_help();
    refresh();
    page_changed();
    chart_changed();
    pages_->currentWidget()->setFocus(); // the start page begins a table with what is typed
}

/// The widgets ask the document while they close, so they go before it does.
MainWindow::~MainWindow() {
    hide();
    delete takeCentralWidget();
}

void MainWindow::lay_out() {
    auto* middle = new QWidget(this);
    auto* column = new QVBoxLayout(middle);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(handout_bar_);
    column->addWidget(ledge_);
    column->addWidget(ledge_list_);
    ledge_list_->hide();
    column->addWidget(pages_, 1);
    column->addWidget(find_bar_);
    column->addWidget(steps_);
    column->addWidget(notices_.strip());
    constexpr int contents_width = 178;
    constexpr int companion_width = 262;
    splitter_->add_folding(contents_, tr("Contents"), QStringLiteral("contents"), contents_width);
    splitter_->addWidget(middle);
    splitter_->add_folding(details_, tr("Details"), QStringLiteral("companion"), companion_width);
    constexpr int help_width = 420;
    splitter_->add_folding(&help_->reader(), tr("Help"), QString(), help_width);
    help_->reader().hide();
    splitter_->setStretchFactor(0, 0);
    splitter_->setStretchFactor(1, 1);
    splitter_->setStretchFactor(2, 0);
    splitter_->setStretchFactor(3, 0);
    splitter_->resize(size());
    splitter_->fit_widths();
    setCentralWidget(splitter_);
    corner_ = new FinderCorner(finder_, this);
    menuBar()->setCornerWidget(corner_);
    statusBar()->addWidget(notices_.line(), 1);
    statusBar()->addPermanentWidget(working_);
    statusBar()->addPermanentWidget(checks_);
    statusBar()->setSizeGripEnabled(false);
}

QWidget* MainWindow::make_start_page() {
    auto* start = new StartPage(*starters_, this);
    const auto command = [this](const char* id) {
        return [this, id] { commands_.action(QLatin1String(id))->trigger(); };
    };
    connect(start, &StartPage::new_table_wanted, this, command("new-table"));
    connect(start, &StartPage::import_wanted, this, command("import"));
    connect(start, &StartPage::demo_wanted, this, command("open-demo"));
    connect(start, &StartPage::first_steps_wanted, this, command("first-steps"));
    connect(start, &StartPage::typed, this, [this](QKeyEvent* key) {
        table_commands_->new_table();
        QCoreApplication::sendEvent(&page()->view(), key);
    });
    connect(start, &StartPage::starter_chosen, this,
            [this](const Starter& starter) { study_commands_->begin_with(starter); });
    return start;
}

void MainWindow::list_commands() {
    const CommandPlace place{document_, *pages_, this};
    study_commands_ = new StudyCommands(place, *files_, *imports_, *exports_, *starters_);
    table_commands_ = new TableCommands(place);
    chart_commands_ = new ChartCommands(place);
    run_commands_ = new RunCommands(place);
    what_if_commands_ = new WhatIfCommands(place);
    class_commands_ = new ClassCommands(place, *files_);
    auto* edits = new EditCommands(place, *find_bar_);
    auto* columns = new ColumnCommands(place);
    auto* rows = new RowCommands(place);
    auto* formulas = new FormulaCommands(place);
    auto* made = new MadeTableCommands(place);
    auto* subjects = new SubjectCommands(place);
    auto* window = new WindowCommands(
        place, {*contents_, *ledge_, *ledge_list_, *details_, *splitter_, *finder_, *help_, *foot_menu_, *panes_});
    commands_.add({{"study", nullptr, tr("&Study")},
                   {"edit", nullptr, tr("&Edit")},
                   {"table", nullptr, tr("&Table")},
                   {"work", nullptr, tr("Co&mpute")},
                   {"chart", nullptr, tr("&Chart")},
                   {"view", nullptr, tr("&View")},
                   {"help-menu", nullptr, tr("&Help")}});
    for (const QList<Command>& list :
         {study_commands_->list(), class_commands_->list(), edits->list(), table_commands_->list(), columns->list(),
          rows->list(), columns->formats(), formulas->list(), window->holding(), formulas->more_list(), made->list(),
          subjects->list(), what_if_commands_->list(), run_commands_->list(), window->computing(),
          chart_commands_->list(), window->view(), window->help()}) {
        commands_.add(list);
    }
    tell_of_rounding(commands_.menu(QStringLiteral("formats")));
    pages_->offer_beside_tables(
        commands_.next_steps({QStringLiteral("next-column"), QStringLiteral("frequency-table"),
                              QStringLiteral("summary"), QStringLiteral("draw"), QStringLiteral("check")}));
}

void MainWindow::connect_document() {
    connect(&document_, &Document::study_changed, this, &MainWindow::refresh);
    connect(&document_, &Document::study_changed, this, &MainWindow::spell_numbers);
    connect(&document_, &Document::state_changed, this, &MainWindow::refresh);
    connect(&document_, &Document::refused, &notices_, &Notices::tell);
    connect(&document_, &Document::saving_failed, &notices_, &Notices::tell_until_read);
    connect(&document_, &Document::computing_changed, this, &MainWindow::tell_computing);
    connect(&document_, &Document::computing_progressed, this,
            [this](qint64 cells) { working_->setText(tr("computing… %L1 cells").arg(cells)); });
    new WaitDialog(document_.file_task(), this);
    connect(checks_, &ChecksButton::check_wanted, this, [this](Id check) { go_to(check, 0); });
    connect(&theme_notifier(), &ThemeNotifier::changed, this, [this] {
        setWindowIcon(drawn_icon(QStringLiteral("ledgefall")));
        commands_.update();
        fit_menu_bar();
    });
}

/// The end of what was seen to be computed is announced.
void MainWindow::tell_computing(bool busy) {
    const bool was_seen = !working_->text().isEmpty() && working_->isVisible();
    working_->setText(busy ? tr("computing…") : QString());
    working_->setAccessibleName(busy || !was_seen ? QString() : tr("Computing has ended."));
    if (!busy && was_seen) {
        announce(*working_);
    }
}

void MainWindow::connect_ledge() {
    const auto look_at = [this](Id held) { details_->show_place({held, 0}); };
    connect(ledge_, &LedgeView::chosen, this, [this, look_at](Id held) {
        if (pages_->active_editor().writing()) {
            page()->point_at(held);
        } else {
            look_at(held);
        }
    });
    connect(ledge_, &LedgeView::looked_at, this, look_at);
    connect(ledge_list_, &LedgeList::chosen, this, look_at);
    connect(ledge_, &LedgeView::trials_wanted, what_if_commands_, &WhatIfCommands::try_values);
    connect(ledge_, &LedgeView::search_wanted, what_if_commands_, &WhatIfCommands::find_value);
}

void MainWindow::connect_pages() {
    connect(pages_, &PageArea::chart_changed, this, &MainWindow::chart_changed);
    connect(pages_, &PageArea::page_changed, this, &MainWindow::page_changed);
    connect(pages_, &PageArea::selection_changed, this, &MainWindow::show_current_place);
    connect(pages_, &PageArea::foot_chosen, this, [this](Id line, Id column) {
        details_->show_place({DefinitionId::foot_value(line, column), 0});
    });
    connect(pages_, &PageArea::holding_wanted, ledge_, &LedgeView::begin_holding);
    connect(pages_, &PageArea::axis_wanted, table_commands_, &TableCommands::change_axis);
    connect(pages_, &PageArea::menu_wanted, this, [this](const QPoint& global) {
        const QModelIndex at = page()->view().current();
        if (const auto menu = page()->column_menu(at.column(), at.row())) {
            menu->addSeparator();
            menu->addMenu(commands_.menu(QStringLiteral("rows")));
            menu->addMenu(commands_.menu(QStringLiteral("across")));
            menu->exec(global);
        }
    });
    connect(foot_menu_, &NewFootMenu::added, this, [this](Id line) { page()->show_foot_line(line); });
    connect(splitter_, &FoldingSplitter::folded_changed, &commands_, &Commands::update);
}

void MainWindow::connect_contents() {
    connect(contents_, &ContentsPanel::table_chosen, this, &MainWindow::show_table);
    connect(contents_, &ContentsPanel::chart_chosen, pages_, &PageArea::show_chart);
    connect(contents_, &ContentsPanel::chart_change_wanted, chart_commands_, &ChartCommands::change);
    connect(contents_, &ContentsPanel::chart_removal_wanted, chart_commands_, &ChartCommands::remove);
    connect(contents_, &ContentsPanel::run_restore_wanted, run_commands_, &RunCommands::restore);
    connect(contents_, &ContentsPanel::run_list_wanted, run_commands_, &RunCommands::list_runs);
    connect(contents_, &ContentsPanel::run_chosen, &notices_, &Notices::inform);
    connect(contents_, &ContentsPanel::check_chosen, this, [this](Id check) { go_to(check, 0); });
    connect(run_commands_, &RunCommands::told, &notices_, &Notices::inform);
    connect(class_commands_, &ClassCommands::told, &notices_, &Notices::inform);
    connect(class_commands_, &ClassCommands::new_study_wanted, this, &MainWindow::new_study_wanted);
    connect(class_commands_, &ClassCommands::item_wanted, this, &MainWindow::item_wanted);
    connect(handout_bar_, &HandoutBar::item_wanted, this, [this](Id part) { go_to(part, 1); });
}

void MainWindow::connect_companion() {
    connect(&details_->working(), &WorkingPanel::definition_wanted, this, [this](const QString& name, bool held) {
        if (page() != nullptr) {
            page()->define(name, held);
        }
    });
    connect(&details_->working(), &WorkingPanel::place_wanted, this, &MainWindow::go_to);
    connect(details_, &DetailsPanel::submission_wanted, this,
            [this] { commands_.action(QStringLiteral("open-submission"))->trigger(); });
}

void MainWindow::connect_files() {
    files_->take_what_is_typed = [this] { return take_what_is_typed(); };
    files_->autosave().being_typed = [this] { return being_typed(); };
    connect(files_, &StudyFiles::was_being_typed, this, &MainWindow::go_on_typing);
    connect(study_commands_, &StudyCommands::new_window_wanted, this, &MainWindow::new_window_wanted);
    connect(files_, &StudyFiles::failed, &notices_, &Notices::tell_until_read);
    connect(starters_, &Starters::failed, &document_, &Document::refuse);
    connect(files_, &StudyFiles::opened, this, &MainWindow::refresh);
    connect(files_, &StudyFiles::worksheet_taken, this, [this](const QString& name) {
        refresh();
        notices_.inform(tr("%1 was opened as a new study. What was found in it is in the study's note, under Study ▸ "
                           "Study settings.")
                            .arg(name));
    });
    connect(files_, &StudyFiles::worksheet_added, this,
            [this](const QString& name, Id first, const QStringList& renamed) {
                show_table(first);
                const QString added =
                    tr("The tables of %1 were added. What was found in it is in the study's note.").arg(name);
                const QString with_names =
                    tr("The tables of %1 were added. Renamed: %2.").arg(name, renamed.join(QStringLiteral(", ")));
                notices_.inform(renamed.isEmpty() ? added : with_names);
            });
    connect(imports_, &TableImport::told, &notices_, &Notices::inform);
    connect(exports_, &TableExport::told, &notices_, &Notices::tell);
    connect(exports_, &TableExport::done, &notices_, &Notices::inform);
}

void MainWindow::connect_help() {
    show_help_in_dialogs();
    prepare_menus_and_dialogs();
    connect(help_, &HelpDesk::about_to_open, this, [this] { help().set_keys(commands_.rows_of_keys()); });
    connect(help_, &HelpDesk::first_steps_wanted, this, [this] {
        files_->may_leave([this] {
            files_->start_new();
            first_table_->begin();
        });
    });
    connect(&help(), &HelpReader::example_wanted, this, &MainWindow::try_example);
    connect(finder_, &CommandFinder::help_chosen, help_, &HelpDesk::open);
    connect(finder_, &CommandFinder::opened, this,
            [this] { finder_->offer(destinations(document_.study(), commands_)); });
    connect(finder_, &CommandFinder::place_chosen, this, [this](Id id) { go_to(id, 1); });
}

/// An example of the help goes into the next column, to be looked at before it is taken.
void MainWindow::try_example(const QString& formula) {
    if (page() == nullptr) {
        commands_.action(QStringLiteral("new-table"))->trigger();
    }
    FormulaEditor& editor = page()->editor();
    if (editor.is_open()) {
        editor.line().insertPlainText(formula);
    } else {
        page()->write_formula(page()->model().columnCount() - 1, formula);
    }
    editor.line().setFocus();
}

void MainWindow::refresh() {
    notices_.line()->clear();
    const QString note = files_->title_note();
    setWindowTitle(note.isEmpty() ? tr("%1[*] — Ledgefall").arg(document_.title())
                                  : tr("%1[*] (%2) — Ledgefall").arg(document_.title(), note));
    setWindowModified(document_.modified());
    const Study& study = document_.study();
    if (page() == nullptr && !study.tables.empty()) {
        pages_->show_table(study.tables.front()->id);
    }
    checks_->refresh();
    commands_.update();
}

void MainWindow::page_changed() {
    const Id table = page() == nullptr ? Id() : page()->table_id();
    contents_->show_current(table);
    ledge_->show_table(table);
    ledge_list_->show_table(table);
    foot_menu_->set_place(page() == nullptr ? NewFootMenu::Place() : page()->foot_place());
    foot_menu_->menuAction()->setEnabled(page() != nullptr);
    details_->show_page(page());
    commands_.update();
    show_current_place();
}

void MainWindow::chart_changed() {
    const ChartPage* shown = pages_->chart_page();
    contents_->show_chart(shown == nullptr ? Id() : shown->chart_id());
    commands_.update();
}

void MainWindow::show_current_place() {
    const QModelIndex at = page() == nullptr ? QModelIndex() : page()->view().current();
    const ColumnDefinition* column = at.isValid() ? page()->model().column(at.column()) : nullptr;
    const bool inside = column != nullptr && at.row() < page()->model().table_rows();
    details_->show_place(inside ? WorkingPlace{column->id, page()->model().cell_of(at.row(), at.column()) + 1}
                                : WorkingPlace());
    details_->refresh();
}

void MainWindow::go_to(const DefinitionId& definition, std::size_t row) {
    const StudyPart part = find_part(document_.study(), definition);
    if (part.chart != nullptr) {
        return pages_->show_chart(definition.object);
    }
    if (part.table != nullptr) {
        show_table(part.table->id);
    }
    if (part.check != nullptr) { // the column whose values it watches, and what it says
        details_->show_place({definition, 0});
        if (page() != nullptr) {
            page()->suggestions().offer_correction(definition.object);
        }
        return;
    }
    if (part.foot_line != nullptr) {
        return details_->show_place({definition, 0});
    }
    if (part.column != nullptr && !part.is_axis) {
        return page()->go_to(definition.object, std::max<std::size_t>(1, row));
    }
    if (HeldCard* card = ledge_->reach(definition.object)) {
        card->setFocus();
        details_->show_place({definition, 0});
    }
}

bool MainWindow::untouched() const {
    const QList<QDialog*> dialogs = findChildren<QDialog*>();
    const bool asking =
        std::any_of(dialogs.begin(), dialogs.end(), [](const QDialog* one) { return one->isVisible(); });
    return !asking && !document_.file_task().running() && document_.path().isEmpty() && !document_.modified() &&
           document_.study() == Study() && being_typed().text.isEmpty();
}

/// A cell, a card or a title takes what is typed when it loses the focus. A formula is filled in; what keeps it from
/// being so is told.
void MainWindow::go_to_item(const QString& item) {
    for (const Id part : parts_to_ask(document_.study())) {
        AskedItem asked;
        asked.part = part;
        if (item_name(document_.study(), asked) == item.toStdString()) {
            return go_to(part, 1);
        }
    }
}

std::optional<QString> MainWindow::take_what_is_typed() {
    FormulaEditor* editor = pages_->active_editor().editor();
    if (editor != nullptr) {
        return editor->finish();
    }
    QWidget* focused = QApplication::focusWidget();
    if (focused != nullptr && isAncestorOf(focused) && qobject_cast<QAbstractItemView*>(focused) == nullptr) {
        focused->clearFocus();
        if (page() != nullptr) {
            page()->view().setFocus();
        }
    }
    return std::nullopt;
}

/// A formula, or what stands in a cell, on a card or in a dialog's note and has not been entered.
TypedText MainWindow::being_typed() const {
    if (FormulaEditor* editor = pages_->active_editor().editor()) {
        const TablePage* of = pages_->page();
        return {editor->has_changes() ? editor->line().toPlainText() : QString(),
                of == nullptr ? QString() : QString::fromStdString(of->table_id().str())};
    }
    for (const QPlainTextEdit* text : findChildren<QPlainTextEdit*>()) {
        if (text->isVisible() && !text->isReadOnly() && text->document()->isModified()) {
            return {text->toPlainText(), {}};
        }
    }
    const auto* line = qobject_cast<QLineEdit*>(focusWidget());
    const bool entered_later = line != nullptr && (pages_->isAncestorOf(line) || ledge_->isAncestorOf(line));
    return {entered_later && line->isModified() ? line->text() : QString(), {}};
}

/// A formula is written on; any other text is shown, to be typed again.
void MainWindow::go_on_typing(const TypedText& typed) {
    const Table* table = document_.study().table(Id(typed.table.toStdString()));
    if (table == nullptr) {
        return notices_.tell_until_read(tr("This was being typed when the window closed: %1").arg(typed.text));
    }
    show_table(table->id);
    page()->write_formula(-1, typed.text);
}

/// Numbers are shown as the study of the window in front says; where that has changed, all are shown anew.
/// Not of a window behind the one that is computed in.
void MainWindow::spell_numbers() {
    const auto* in_front = qobject_cast<MainWindow*>(QApplication::activeWindow());
    if (in_front != nullptr && in_front != this) {
        return;
    }
    if (spell_numbers_by(document_.study().settings)) {
        Q_EMIT theme_notifier().changed();
    }
}

Panes* MainWindow::make_panes() {
    const auto of_page = [this](QWidget* (*part)(TablePage&)) {
        return [this, part] { return page() == nullptr ? nullptr : part(*page()); };
    };
    return new Panes(
        {[this] { return contents_; }, [this] { return ledge_; }, [this] { return ledge_list_; },
         of_page([](TablePage& page) -> QWidget* { return &page.line(); }),
         of_page([](TablePage& page) -> QWidget* { return page.layers(); }),
         of_page([](TablePage& page) -> QWidget* { return &page.view(); }),
         of_page([](TablePage& page) -> QWidget* { return &page.foot(); }),
         of_page([](TablePage& page) -> QWidget* { return &page.suggestions(); }),
         [this]() -> QWidget* { return pages_->beside() == nullptr ? nullptr : &pages_->beside()->view(); },
         [this]() -> QWidget* { return pages_->chart_page() == nullptr ? nullptr : &pages_->chart_page()->plot(); },
         [this]() -> QWidget* { return pages_->page() == nullptr ? pages_->currentWidget() : nullptr; },
         [this] { return find_bar_; }, [this]() -> QWidget* { return notices_.strip(); }, [this] { return details_; },
         [this]() -> QWidget* { return &help_->reader(); }, [this] { return checks_; }},
        this);
}

/// What no panel has a use for leads back to the table.
void MainWindow::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape && event->modifiers() == Qt::NoModifier && page() != nullptr) {
        page()->view().setFocus();
    } else {
        QMainWindow::keyPressEvent(event);
    }
}

/// The search field gives way before a menu does.
void MainWindow::fit_menu_bar() {
    int menus = 0;
    for (const QAction* action : menuBar()->actions()) {
        menus += menuBar()->fontMetrics().horizontalAdvance(bare_text(*action)) + theme().px(24);
    }
    corner_->fit(menuBar()->width() - menus);
}

void MainWindow::resizeEvent(QResizeEvent* event) {
    QMainWindow::resizeEvent(event);
    fit_menu_bar();
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls()) {
        event->acceptProposedAction();
    }
}

void MainWindow::dropEvent(QDropEvent* event) {
    QStringList files;
    for (const QUrl& url : event->mimeData()->urls()) {
        files << url.toString();
    }
    event->acceptProposedAction();
    Q_EMIT files_dropped(files);
}

/// A window in the background paints its numbers as its own study has them.
bool MainWindow::event(QEvent* event) {
    if (event->type() != QEvent::UpdateRequest) {
        return QMainWindow::event(event);
    }
    const SpelledBy own(document_.study().settings);
    return QMainWindow::event(event);
}

void MainWindow::changeEvent(QEvent* event) {
    QMainWindow::changeEvent(event);
    if (event->type() == QEvent::ActivationChange && isActiveWindow()) {
        spell_numbers();
        // others may have been at the file meanwhile
        QTimer::singleShot(0, this, [this] { files_->look_at_file_again(); });
    }
}

/// What is being read is given up, and what is being written is waited for.
void MainWindow::closeEvent(QCloseEvent* event) {
    FileTask& task = document_.file_task();
    if (task.running()) {
        connect(&task, &FileTask::ended, this, &MainWindow::close,
                static_cast<Qt::ConnectionType>(Qt::QueuedConnection | Qt::SingleShotConnection));
        if (!task.writing()) {
            task.stop();
        }
        return event->ignore();
    }
    if (!may_close_) {
        const auto within = std::make_shared<bool>(true); // this event; else what is not saved is being saved first
        files_->may_leave([this, within] {
            may_close_ = true;
            files_->autosave().discard(); // saved, or not wanted
            if (!*within) {
                close();
            }
        });
        *within = false;
    }
    event->setAccepted(std::exchange(may_close_, false));
}

} // namespace ledgefall
