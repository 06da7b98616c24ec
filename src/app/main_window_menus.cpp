// The window's menus: every command with its name and its keys.

#include "app/ask.h"
#include "app/import_dialog.h"
#include "app/look.h"
#include "app/main_window.h"
#include "core/study/edits.h"
#include "files/atomic_file.h"

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
    QAction* action = menu->addAction(text);
    if (symbol != nullptr) {
        action->setIcon(drawn_icon(QLatin1String(symbol)));
    }
    action->setShortcut(keys);
    connect(action, &QAction::triggered, this, [done] { done(); });
    return action;
}

void MainWindow::build_study_menu() {
    QMenu* menu = menuBar()->addMenu(tr("&Study"));
    add(
        menu, tr("&New"), QKeySequence::New,
        [this] {
            if (may_leave()) {
                document_.start_new();
            }
        },
        "new");
    add(
        menu, tr("&Open…"), QKeySequence::Open, [this] { open(); }, "open");
    recent_ = menu->addMenu(tr("Open &recent"));
    connect(recent_, &QMenu::aboutToShow, this, &MainWindow::fill_recent);
    add(menu, tr("Open the &demo study"), {}, [this] {
        if (may_leave()) {
            open_demo();
        }
    });
    menu->addSeparator();
    add(
        menu, tr("&Save"), QKeySequence::Save, [this] { save(); }, "save");
    add(menu, tr("Save &as…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_S), [this] { save_as(); });
    menu->addSeparator();
    add(
        menu, tr("&Import delimited text…"), QKeySequence(Qt::CTRL | Qt::Key_I), [this] { choose_import(); }, "import");
    needs_table_.push_back(add(
        menu, tr("&Export this table…"), QKeySequence(Qt::CTRL | Qt::Key_E), [this] { choose_export(); }, "export"));
    menu->addSeparator();
    add(menu, tr("&Title of the study…"), {}, [this] {
        if (const auto title = ask_text(this, tr("Title"), tr("The study's title:"),
                                        QString::fromStdString(document_.study().title))) {
            Study study = document_.study();
            study.title = title->toStdString();
            document_.perform(tr("title"), study);
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
        QApplication::clipboard()->setText(page_->view().copied());
        page_->view().clear_selected();
    });
    table_command(tr("&Copy"), QKeySequence::Copy,
                  [this] { QApplication::clipboard()->setText(page_->view().copied()); });
    table_command(tr("&Paste"), QKeySequence::Paste,
                  [this] { page_->view().paste(QApplication::clipboard()->text()); });
    table_command(tr("Select &all"), QKeySequence::SelectAll, [this] { page_->view().selectAll(); });
    table_command(tr("E&mpty the cells"), {}, [this] { page_->view().clear_selected(); });
}

void MainWindow::build_table_menu() {
    QMenu* menu = menuBar()->addMenu(tr("&Table"));
    add(
        menu, tr("&New table…"), QKeySequence(Qt::CTRL | Qt::Key_T),
        [this] {
            const auto label = ask_text(this, tr("New table"), tr("What the table is called:"), tr("Table"));
            if (label && !label->isEmpty()) {
                new_table(*label);
            }
        },
        "table");
    const auto table_command = [&](const QString& text, const QKeySequence& keys, const std::function<void()>& done,
                                   const char* symbol = nullptr) {
        needs_table_.push_back(add(menu, text, keys, done, symbol));
    };
    table_command(tr("&Rename the table…"), {}, [this] {
        const Table* table = page_->model().table();
        if (const auto name =
                ask_text(this, tr("Rename"), tr("The table's name in formulas; formulas that use it are rewritten:"),
                         QString::fromStdString(table->name))) {
            document_.perform(tr("renaming"), rename_table(document_.study(), table->id, name->toStdString()));
        }
    });
    table_command(tr("Title and &note…"), {}, [this] {
        const Table* table = page_->model().table();
        const auto label =
            ask_text(this, tr("Title"), tr("The table's title:"), QString::fromStdString(table->shown_label()));
        const auto note =
            label ? ask_text(this, tr("Note"), tr("A note beside the title:"), QString::fromStdString(table->note))
                  : std::nullopt;
        if (note) {
            document_.perform(tr("title"),
                              label_table(document_.study(), table->id, label->toStdString(), note->toStdString()));
        }
    });
    table_command(tr("&Count its rows…"), {}, [this] {
        const Table* table = page_->model().table();
        const auto count = ask_text(
            this, tr("Count rows"), tr("Rows from 1 to this number, or formula of held values:"),
            table->axis.count.empty() ? QStringLiteral("100") : QString::fromStdString(table->axis.count.text()));
        if (count) {
            document_.perform(tr("counting rows"), count_rows(document_.study(), table->id, count->toStdString()));
        }
    });
    table_command(tr("&Stop its rows early…"), {}, [this] {
        const Table* table = page_->model().table();
        const auto until = ask_text(
            this, tr("Stop rows early"),
            tr("The rows end at the first for which this holds, such as r < 1; leave it empty to run to the end:"),
            QString::fromStdString(table->axis.until.text()));
        if (until) {
            document_.perform(tr("stopping rows"), stop_rows(document_.study(), table->id, until->toStdString()));
        }
    });
    table_command(tr("Remove the table"), {}, [this] {
        if (may_remove(this, document_.study(), shown_)) {
            document_.perform(tr("removing a table"), remove_table(document_.study(), shown_, IfUsed::remove_anyway));
        }
    });
    menu->addSeparator();
    table_command(
        tr("Write a &formula…"), QKeySequence(Qt::CTRL | Qt::Key_F2),
        [this] { page_->write_formula(page_->view().currentIndex().column()); }, "formula");
    table_command(tr("Write the ne&xt column…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_N),
                  [this] { page_->write_formula(page_->model().columnCount() - 1); });
    table_command(tr("Column…"), QKeySequence(Qt::CTRL | Qt::Key_M), [this] {
        const QModelIndex at = page_->view().currentIndex();
        if (const auto column = page_->column_menu(at.column(), at.row())) {
            column->exec(page_->view().viewport()->mapToGlobal(page_->view().visualRect(at).bottomLeft()));
        }
    });
    foot_menu_ = new NewFootMenu(document_, this);
    menu->addMenu(foot_menu_);
    menu->addSeparator();
    table_command(tr("&Insert rows above"), QKeySequence(Qt::ALT | Qt::Key_Insert),
                  [this] { page_->insert_rows_above(); });
    table_command(tr("Remove &rows"), QKeySequence(Qt::ALT | Qt::Key_Delete),
                  [this] { page_->remove_selected_rows(); });
}

void MainWindow::build_view_and_help() {
    QMenu* work = menuBar()->addMenu(tr("&Work"));
    add(
        work, tr("&Hold a value…"), QKeySequence(Qt::CTRL | Qt::Key_H), [this] { ledge_->begin_holding(); }, "hold");
    add(work, tr("&Draw again"), QKeySequence(Qt::CTRL | Qt::Key_D),
        [this] { document_.perform(tr("drawing again"), draw_again(document_.study())); });
    add(work, tr("&Stop working out"), QKeySequence(Qt::CTRL | Qt::Key_Period), [this] { document_.stop_computing(); });
    QMenu* view = menuBar()->addMenu(tr("&View"));
    add(view, tr("&Larger"), QKeySequence::ZoomIn, [this] { zoom(1.15); });
    add(view, tr("&Smaller"), QKeySequence::ZoomOut, [this] { zoom(1 / 1.15); });
    add(view, tr("&As it was"), QKeySequence(Qt::CTRL | Qt::Key_0), [this] { zoom(0); });
    view->addSeparator();
    const auto toggle = [&](const QString& text, const QKeySequence& keys, QWidget* panel) {
        QAction* action = view->addAction(text);
        action->setCheckable(true);
        action->setChecked(true);
        action->setShortcut(keys);
        connect(action, &QAction::toggled, panel, &QWidget::setVisible);
    };
    toggle(tr("&Contents"), QKeySequence(Qt::Key_F9), contents_);
    toggle(tr("Com&panion"), QKeySequence(Qt::Key_F10), companion_);
    QMenu* help = menuBar()->addMenu(tr("&Help"));
    add(help, tr("&About Ledgefall"), {}, [this] { about(); });
}

void MainWindow::fill_recent() {
    recent_->clear();
    const QStringList paths = QSettings().value(QStringLiteral("recent")).toStringList();
    for (const QString& path : paths) {
        recent_
            ->addAction(QFileInfo(path).fileName(), this,
                        [this, path] {
                            if (may_leave()) {
                                open_path(path);
                            }
                        })
            ->setToolTip(path);
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

bool MainWindow::may_leave() {
    if (!document_.modified()) {
        return true;
    }
    const auto answer =
        QMessageBox::question(this, tr("Unsaved changes"), tr("Save the changes to %1?").arg(document_.title()),
                              QMessageBox::Save | QMessageBox::Discard | QMessageBox::Cancel, QMessageBox::Save);
    return answer == QMessageBox::Discard || (answer == QMessageBox::Save && save());
}

bool MainWindow::save() {
    return document_.path().isEmpty() ? save_as() : save_to(document_.path());
}

bool MainWindow::save_as() {
    const QString begun =
        document_.path().isEmpty() ? document_.title() + QStringLiteral(".ledgefall") : document_.path();
    QString path =
        QFileDialog::getSaveFileName(this, tr("Save the study"), begun, tr("Ledgefall studies (*.ledgefall)"));
    if (path.isEmpty()) {
        return false;
    }
    if (QFileInfo(path).suffix().isEmpty()) {
        path += QStringLiteral(".ledgefall");
    }
    return save_to(path);
}

void MainWindow::open() {
    if (!may_leave()) {
        return;
    }
    const QString path = QFileDialog::getOpenFileName(this, tr("Open a study"), {},
                                                      tr("Ledgefall studies (*.ledgefall);;All files (*)"));
    if (!path.isEmpty()) {
        open_path(path);
    }
}

void MainWindow::choose_import() {
    const QString path = QFileDialog::getOpenFileName(this, tr("Import delimited text"), {},
                                                      tr("Delimited text (*.csv *.tsv *.txt);;All files (*)"));
    if (path.isEmpty()) {
        return;
    }
    const Result<std::string> bytes = read_file(path.toStdString());
    if (!bytes) {
        return document_.refuse(bytes.refusal());
    }
    ImportDialog dialog(*bytes, QFileInfo(path).completeBaseName(), this);
    if (dialog.exec() == QDialog::Accepted && dialog.text()) {
        const Dialect& dialect = dialog.text()->dialect;
        import_text(path, {dialect.delimiter, dialect.decimal, dialect.header}, dialog.table_label());
    }
}

void MainWindow::choose_export() {
    const QString begun = QString::fromStdString(page_->model().table()->name) + QStringLiteral(".csv");
    const QString path = QFileDialog::getSaveFileName(
        this, tr("Export this table"), begun, tr("Comma-separated text (*.csv);;Tab-separated text (*.tsv *.txt)"));
    if (!path.isEmpty()) {
        export_text(path);
    }
}

void MainWindow::about() {
    QMessageBox::about(
        this, tr("About Ledgefall"),
        tr("<b>Ledgefall</b> %1<p>Computation tables in which one sees what stays put and what follows the row.</p>"
           "<p>Free software under the GNU General Public License, version 3 or later. The letters are Lato, under the "
           "SIL Open Font License.</p>")
            .arg(QApplication::applicationVersion()));
}

} // namespace ledgefall
