// How a study is begun: the start page, and the starters.

#include "app/dialogs/prompts.h"
#include "app/shell/main_window.h"
#include "core/study/edits/edits.h"

namespace ledgefall {

QWidget* MainWindow::make_start_page() {
    auto* start = new StartPage(*starters_, this);
    connect(start, &StartPage::new_table_wanted, this, [this] { new_table(tr("Table")); });
    connect(start, &StartPage::import_wanted, this, &MainWindow::choose_import);
    connect(start, &StartPage::demo_wanted, this, [this] { files_->may_leave([this] { open_demo(); }); });
    connect(start, &StartPage::first_steps_wanted, this, &MainWindow::begin_first_steps);
    connect(start, &StartPage::starter_chosen, this, &MainWindow::begin_with);
    return start;
}

/// The starter becomes a new study, and its first line says how to make it one's own.
void MainWindow::begin_with(const Starter& starter) {
    files_->may_leave([this, starter] { // a copy: the card that it comes from may go
        document_.begin_with(starter.study);
        if (page() != nullptr) {
            page()->offers().offer(starter.note, tr("Empty it for own data"), [this] { empty_for_own_data(); });
        }
    });
}

void MainWindow::empty_for_own_data() {
    document_.perform(tr("emptying"), ledgefall::empty_for_own_data(document_.study()));
    if (page() != nullptr) {
        page()->view().set_current(page()->model().index(0, 0));
        page()->view().setFocus();
    }
}

void MainWindow::keep_as_starter() {
    const auto title = ask_text(this, tr("Keep as a starter"),
                                tr("The title under which new studies can begin with it:"), document_.title());
    if (title && !title->isEmpty()) {
        starters_->keep(document_.study(), *title);
    }
}

void MainWindow::fill_starters() {
    starters_menu_->clear();
    for (const Starter& starter : starters_->all()) {
        starters_menu_->addAction(starter.title, this, [this, starter] { begin_with(starter); })
            ->setToolTip(starter.note);
    }
    if (!starters_menu_->isEmpty()) {
        starters_menu_->addSeparator();
    }
    starters_menu_->addAction(tr("&Keep this study among them…"), this, &MainWindow::keep_as_starter);
}

} // namespace ledgefall
