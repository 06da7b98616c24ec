#include "app/shell/main_window.h"

#include "app/dialogs/prompts.h"
#include "app/help/dialog_help.h"
#include "app/look/look.h"
#include "app/numbers/locale_text.h"
#include "app/shell/wait_dialog.h"
#include "core/engine/planning/plan.h"
#include "core/study/edits/edits.h"
#include "core/study/model/study_part.h"

#include <QAbstractItemView>
#include <QApplication>
#include <QCloseEvent>
#include <QDropEvent>
#include <QFile>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QMenuBar>
#include <QMessageBox>
#include <QMimeData>
#include <QPushButton>
#include <QSettings>
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
    , place_(new PageArea(document_, make_start_page(), this))
    , companion_(new CompanionPanel(document_, this))
    , help_(new HelpReader(this))
    , steps_(new FirstSteps(this, this))
    , find_bar_(new FindBar(document_, *place_, this))
    , commands_(new TableCommands(document_, *place_, this))
    , charts_(new ChartCommands(document_, *place_, this))
    , runs_(new RunCommands(document_, *place_, this))
    , pointer_(new KeyboardPointing(*place_, *ledge_, this))
    , finder_(new CommandFinder(this))
    , notice_(new QLabel(this))
    , working_(new QLabel(this))
    , checks_(new QToolButton(this)) {
    setWindowIcon(drawn_icon(QStringLiteral("ledgefall")));
    resize(1280, 800);
    setAcceptDrops(true);
    lay_out();
    build_study_menu();
    build_edit_menu();
    commands_->fill_table_menu(menuBar()->addMenu(tr("&Table")));
    build_work_menu();
    charts_->fill_menu(menuBar()->addMenu(tr("&Chart")));
    next_steps_.insert(next_steps_.size() - 1, {charts_->draw(), tr("chart")});
    place_->offer_beside_tables(next_steps_);
    build_view_and_help();
    connect_parts();
    refresh();
    page_changed();
    chart_changed();
}

void MainWindow::lay_out() {
    auto* middle = new QWidget(this);
    auto* column = new QVBoxLayout(middle);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(ledge_);
    column->addWidget(ledge_list_);
    ledge_list_->hide();
    column->addWidget(place_, 1);
    column->addWidget(find_bar_);
    column->addWidget(steps_);
    column->addWidget(make_unread_strip());
    constexpr int contents_width = 178;
    constexpr int companion_width = 262;
    splitter_->add_folding(contents_, tr("Contents"), QStringLiteral("contents"), contents_width);
    splitter_->addWidget(middle);
    splitter_->add_folding(companion_, tr("Companion"), QStringLiteral("companion"), companion_width);
    constexpr int help_width = 420;
    splitter_->add_folding(help_, tr("Help"), QString(), help_width);
    help_->hide();
    splitter_->setStretchFactor(0, 0);
    splitter_->setStretchFactor(1, 1);
    splitter_->setStretchFactor(2, 0);
    splitter_->setStretchFactor(3, 0);
    splitter_->resize(size());
    splitter_->fit_widths();
    setCentralWidget(splitter_);
    auto* corner = new QWidget(this);
    auto* around = new QHBoxLayout(corner);
    around->setContentsMargins(0, 2, 8, 2);
    around->addWidget(finder_);
    menuBar()->setCornerWidget(corner);
    notice_->setAccessibleName(tr("Message"));
    notice_->setTextFormat(Qt::PlainText);
    checks_->setObjectName(QStringLiteral("checks"));
    checks_->setAutoRaise(true);
    checks_->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
    checks_->setAccessibleName(tr("State of the checks"));
    statusBar()->addWidget(notice_, 1);
    statusBar()->addPermanentWidget(working_);
    statusBar()->addPermanentWidget(checks_);
    statusBar()->setSizeGripEnabled(false);
}

void MainWindow::connect_parts() {
    connect(contents_, &ContentsPanel::table_chosen, this, &MainWindow::show_table);
    connect(contents_, &ContentsPanel::chart_chosen, place_, &PageArea::show_chart);
    connect(contents_, &ContentsPanel::chart_change_wanted, charts_, &ChartCommands::change);
    connect(contents_, &ContentsPanel::chart_removal_wanted, charts_, &ChartCommands::remove);
    connect(contents_, &ContentsPanel::run_restore_wanted, runs_, &RunCommands::restore);
    connect(contents_, &ContentsPanel::run_list_wanted, runs_, &RunCommands::list_runs);
    connect(contents_, &ContentsPanel::run_chosen, this, &MainWindow::inform);
    connect(runs_, &RunCommands::told, this, &MainWindow::inform);
    connect(place_, &PageArea::chart_changed, this, &MainWindow::chart_changed);
    connect(contents_, &ContentsPanel::check_chosen, this, [this](Id check) { go_to(check, 0); });
    connect(ledge_, &LedgeView::chosen, this, [this](Id held) {
        if (place_->active_editor().writing()) {
            page()->point_at(held);
        } else {
            companion_->show_place({held, 0});
        }
    });
    connect(ledge_, &LedgeView::looked_at, this, [this](Id held) { companion_->show_place({held, 0}); });
    connect(ledge_list_, &LedgeList::chosen, this, [this](Id held) { companion_->show_place({held, 0}); });
    connect(place_, &PageArea::page_changed, this, &MainWindow::page_changed);
    connect(place_, &PageArea::selection_changed, this, &MainWindow::show_current_place);
    connect(place_, &PageArea::foot_chosen, this, [this](Id line, Id column) {
        companion_->show_place({DefinitionId::foot_value(line, column), 0});
    });
    connect(place_, &PageArea::holding_wanted, ledge_, &LedgeView::begin_holding);
    connect(&companion_->working(), &WorkingPanel::definition_wanted, this, [this](const QString& name, bool held) {
        if (page() != nullptr) {
            page()->define(name, held);
        }
    });
    connect(place_, &PageArea::menu_wanted, commands_, &TableCommands::open_cell_menu);
    connect(place_, &PageArea::axis_wanted, commands_, &TableCommands::change_axis);
    connect(&companion_->working(), &WorkingPanel::place_wanted, this, &MainWindow::go_to);
    show_help_in_dialogs();
    connect(help_, &HelpReader::closed, this, &MainWindow::close_help);
    connect(help_, &HelpReader::example_wanted, this, &MainWindow::try_example);
    connect(help_, &HelpReader::first_steps_wanted, this, &MainWindow::begin_first_steps);
    connect(finder_, &CommandFinder::help_chosen, this, &MainWindow::open_help);
    connect(finder_, &CommandFinder::opened, this, &MainWindow::offer_destinations);
    connect(finder_, &CommandFinder::place_chosen, this, [this](Id id) { go_to(id, 1); });
    connect(checks_, &QToolButton::clicked, this, &MainWindow::go_to_broken_check);
    connect(&document_, &Document::study_changed, this, &MainWindow::refresh);
    connect(&document_, &Document::state_changed, this, &MainWindow::refresh);
    connect(&document_, &Document::results_changed, this, &MainWindow::show_checks);
    connect(&document_, &Document::shows_old_changed, this, &MainWindow::show_checks);
    connect(&document_, &Document::refused, this, &MainWindow::tell);
    connect(&document_, &Document::saving_failed, this, &MainWindow::tell_until_read);
    connect(files_, &StudyFiles::failed, this, &MainWindow::tell_until_read);
    connect(starters_, &Starters::failed, &document_, &Document::refuse);
    connect(files_, &StudyFiles::opened, this, [this](const QString& path) {
        remember_recent(path);
        refresh();
    });
    connect(files_, &StudyFiles::worksheet_taken, this, [this](const QString& name) {
        refresh();
        inform(
            tr("%1 was taken as a new study. What was found in it stands in the study's note, under Study ▸ Settings "
               "of this study.")
                .arg(name));
    });
    connect(
        files_, &StudyFiles::worksheet_added, this, [this](const QString& name, Id first, const QStringList& renamed) {
            show_table(first);
            inform(renamed.isEmpty()
                       ? tr("The tables of %1 were added; what was found in it stands in the study's note.").arg(name)
                       : tr("The tables of %1 were added. Names were taken: %2.")
                             .arg(name, renamed.join(QStringLiteral(", "))));
        });
    connect(&document_, &Document::study_changed, this, &MainWindow::spell_numbers);
    connect(ledge_, &LedgeView::trials_wanted, this, &MainWindow::try_values);
    connect(ledge_, &LedgeView::search_wanted, this, &MainWindow::find_value);
    files_->take_what_is_typed = [this] { return take_what_is_typed(); };
    new WaitDialog(document_.file_task(), this);
    connect(&document_, &Document::computing_changed, this,
            [this](bool busy) { working_->setText(busy ? tr("computing…") : QString()); });
    connect(&document_, &Document::computing_progressed, this,
            [this](qint64 cells) { working_->setText(tr("computing… %L1 cells").arg(cells)); });
    connect(&look_news(), &LookNews::changed, this, [this] { setWindowIcon(drawn_icon(QStringLiteral("ledgefall"))); });
}

/// The widgets ask the document while they close, so they go before it does.
MainWindow::~MainWindow() {
    hide();
    delete takeCentralWidget();
}

QWidget* MainWindow::make_unread_strip() {
    unread_strip_ = new QFrame(this);
    unread_strip_->setObjectName(QStringLiteral("unread"));
    unread_strip_->setFrameShape(QFrame::StyledPanel);
    unread_ = new QLabel(unread_strip_);
    unread_->setWordWrap(true);
    unread_->setTextFormat(Qt::PlainText);
    unread_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    unread_->setAccessibleName(tr("Message to be read"));
    auto* read = new QPushButton(tr("I have read this"), unread_strip_);
    connect(read, &QPushButton::clicked, unread_strip_, &QWidget::hide);
    auto* row = new QHBoxLayout(unread_strip_);
    row->addWidget(unread_, 1);
    row->addWidget(read);
    unread_strip_->hide();
    return unread_strip_;
}

/// What must not be missed, such as that something was not saved, stays until a button says that it has been read.
void MainWindow::tell_until_read(const QString& sentence) {
    unread_->setText(sentence);
    unread_strip_->show();
}

void MainWindow::tell(const QString& sentence) {
    show_notice(sentence, look().fault);
}

void MainWindow::inform(const QString& sentence) {
    show_notice(sentence, look().ink);
}

void MainWindow::show_notice(const QString& sentence, const QColor& colour) {
    QPalette colours = notice_->palette();
    colours.setColor(QPalette::WindowText, colour);
    notice_->setPalette(colours);
    notice_->setText(sentence);
}

void MainWindow::refresh() {
    notice_->clear();
    const QString note = files_->title_note();
    setWindowTitle(note.isEmpty() ? tr("%1[*] — Ledgefall").arg(document_.title())
                                  : tr("%1[*] (%2) — Ledgefall").arg(document_.title(), note));
    setWindowModified(document_.modified());
    undo_->setEnabled(document_.can_undo());
    undo_->setText(document_.can_undo() ? tr("&Undo %1").arg(document_.undo_name()) : tr("&Undo"));
    redo_->setEnabled(document_.can_redo());
    redo_->setText(document_.can_redo() ? tr("&Redo %1").arg(document_.redo_name()) : tr("&Redo"));
    const Study& study = document_.study();
    if (page() == nullptr && !study.tables.empty()) {
        place_->show_table(study.tables.front()->id);
    }
    show_checks();
}

void MainWindow::page_changed() {
    const bool has_table = page() != nullptr;
    const Id table = has_table ? page()->table_id() : Id();
    contents_->show_current(table);
    ledge_->show_table(table);
    ledge_list_->show_table(table);
    foot_menu_->set_place(has_table ? page()->foot_place() : NewFootMenu::Place());
    companion_->show_page(page());
    commands_->enable(has_table);
    charts_->enable(has_table, place_->chart_page() != nullptr);
    for (QAction* action : needs_table_) {
        action->setEnabled(has_table);
    }
    show_current_place();
}

void MainWindow::chart_changed() {
    const ChartPage* shown = place_->chart_page();
    contents_->show_chart(shown == nullptr ? Id() : shown->chart_id());
    charts_->enable(page() != nullptr, shown != nullptr);
}

void MainWindow::show_current_place() {
    const QModelIndex at = page() == nullptr ? QModelIndex() : page()->view().current();
    const ColumnDefinition* column = at.isValid() ? page()->model().column(at.column()) : nullptr;
    const bool inside = column != nullptr && at.row() < page()->model().table_rows();
    companion_->show_place(inside ? WorkingPlace{column->id, page()->model().cell_of(at.row(), at.column()) + 1}
                                  : WorkingPlace());
    companion_->refresh();
}

void MainWindow::show_checks() {
    int holding = 0;
    int broken = 0;
    int open = 0; // not worked out yet
    for (const auto& check : document_.study().checks) {
        const Document::CheckState state = document_.check_state(check->id);
        ++(state == Document::CheckState::unknown ? open : state == Document::CheckState::holds ? holding : broken);
    }
    const int all = holding + broken + open;
    checks_->setVisible(all > 0);
    checks_->setText(open > 0     ? tr("checks not known yet: %1").arg(open)
                     : broken > 0 ? tr("failing checks: %1 of %2").arg(broken).arg(all)
                                  : tr("checks that hold: %1").arg(holding));
    checks_->setIcon(open > 0 ? QIcon() : drawn_icon(broken == 0 ? QStringLiteral("holds") : QStringLiteral("broken")));
    checks_->setToolTip(open > 0      ? tr("They are being worked out")
                        : broken == 0 ? tr("Every check of the study holds")
                                      : tr("Go to the first that fails"));
}

void MainWindow::go_to_broken_check() {
    for (const auto& check : document_.study().checks) {
        if (document_.check_state(check->id) == Document::CheckState::fails) {
            return go_to(check->id, 0);
        }
    }
}

void MainWindow::go_to(const DefinitionId& definition, std::size_t row) {
    const StudyPart part = find_part(document_.study(), definition);
    if (part.chart != nullptr) {
        return place_->show_chart(definition.object);
    }
    if (part.table != nullptr) {
        show_table(part.table->id);
    }
    if (part.check != nullptr) { // the column whose values it watches, and what it says
        companion_->show_place({definition, 0});
        if (page() != nullptr) {
            page()->offers().offer_correction(definition.object);
        }
        return;
    }
    if (part.foot_line != nullptr) {
        return companion_->show_place({definition, 0});
    }
    if (part.column != nullptr && !part.is_axis) {
        return page()->go_to(definition.object, std::max<std::size_t>(1, row));
    }
    if (HeldCard* card = ledge_->card(definition.object)) {
        card->setFocus();
        companion_->show_place({definition, 0});
    }
}

void MainWindow::new_table(const QString& label) {
    Id added;
    if (document_.perform(tr("new table"), add_table(document_.study(), label.toStdString(), &added))) {
        show_table(added);
    }
}

bool MainWindow::open_demo() {
    QFile file(QStringLiteral(":/demo/marrow-beck.ledgefall"));
    return file.open(QIODevice::ReadOnly) && document_.open_text(file.readAll());
}

bool MainWindow::untouched() const {
    const QList<QDialog*> dialogs = findChildren<QDialog*>();
    const bool asking =
        std::any_of(dialogs.begin(), dialogs.end(), [](const QDialog* one) { return one->isVisible(); });
    return !asking && !document_.file_task().running() && document_.path().isEmpty() && !document_.modified() &&
           document_.study().tables.empty();
}

/// A cell, a card or a title takes what is typed when it loses the focus. A formula is filled in; what keeps it from
/// being so is told.
std::optional<QString> MainWindow::take_what_is_typed() {
    FormulaEditor* editor = place_->active_editor().editor();
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

void MainWindow::zoom(double factor) {
    set_zoom(factor == 0 ? 1.0 : look().zoom * factor);
    QSettings().setValue(QStringLiteral("zoom"), look().zoom);
}

void MainWindow::set_dark(bool dark) {
    ledgefall::set_dark(dark);
    QSettings().setValue(QStringLiteral("dark"), dark);
}

/// Numbers are shown as the study of the window in front says; where that has changed, all are shown anew.
/// Not of a window behind the one that is worked in.
void MainWindow::spell_numbers() {
    const auto* in_front = qobject_cast<MainWindow*>(QApplication::activeWindow());
    if (in_front != nullptr && in_front != this) {
        return;
    }
    if (spell_numbers_by(document_.study().settings)) {
        Q_EMIT look_news().changed();
    }
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
            if (!*within) {
                close();
            }
        });
        *within = false;
    }
    event->setAccepted(std::exchange(may_close_, false));
}

} // namespace ledgefall
