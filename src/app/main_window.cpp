#include "app/main_window.h"

#include "app/look.h"
#include "core/study/edits.h"
#include "files/atomic_file.h"
#include "files/delimited.h"

#include <QApplication>
#include <QCloseEvent>
#include <QFile>
#include <QFileInfo>
#include <QMessageBox>
#include <QPushButton>
#include <QSettings>
#include <QSplitter>
#include <QStatusBar>
#include <QVBoxLayout>

namespace ledgefall {

MainWindow::MainWindow(QWidget* parent)
    : QMainWindow(parent)
    , splitter_(new QSplitter(this))
    , contents_(new ContentsPanel(document_, this))
    , ledge_(new LedgeView(document_, this))
    , pages_(new QStackedWidget(this))
    , companion_(new CompanionPanel(document_, this))
    , notice_(new QLabel(this))
    , working_(new QLabel(this)) {
    setWindowIcon(drawn_icon(QStringLiteral("ledgefall")));
    resize(1280, 800);
    auto* middle = new QWidget(this);
    auto* column = new QVBoxLayout(middle);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(ledge_);
    column->addWidget(pages_, 1);
    pages_->addWidget(make_welcome());
    splitter_->addWidget(contents_);
    splitter_->addWidget(middle);
    splitter_->addWidget(companion_);
    splitter_->setStretchFactor(1, 1);
    splitter_->setSizes({185, 865, 230});
    splitter_->setHandleWidth(1);
    setCentralWidget(splitter_);

    notice_->setAccessibleName(tr("Message"));
    notice_->setTextFormat(Qt::PlainText);
    statusBar()->addWidget(notice_, 1);
    statusBar()->addPermanentWidget(working_);
    statusBar()->setSizeGripEnabled(false);

    build_study_menu();
    build_edit_menu();
    build_table_menu();
    build_view_and_help();

    connect(contents_, &ContentsPanel::table_chosen, this, &MainWindow::show_table);
    connect(ledge_, &LedgeView::chosen, this, [this](Id held) {
        if (page_ != nullptr) {
            page_->insert_name(held);
        }
    });
    connect(&document_, &Document::study_changed, this, &MainWindow::refresh);
    connect(&document_, &Document::state_changed, this, &MainWindow::refresh);
    connect(&document_, &Document::refused, this, &MainWindow::tell);
    connect(&document_, &Document::computing_changed, this,
            [this](bool busy) { working_->setText(busy ? tr("working out…") : QString()); });
    connect(&document_, &Document::computing_progressed, this,
            [this](qint64 cells) { working_->setText(tr("working out… %L1 cells").arg(cells)); });
    refresh();
}

/// The widgets ask the document while they close, so they go before it does.
MainWindow::~MainWindow() {
    hide();
    delete takeCentralWidget();
}

QWidget* MainWindow::make_welcome() {
    auto* welcome = new QWidget(this);
    auto* layout = new QVBoxLayout(welcome);
    layout->addStretch(2);
    auto* title = new QLabel(tr("A computation table begins with a few columns."), welcome);
    title->setFont(look().text(15, true));
    title->setAlignment(Qt::AlignHCenter);
    layout->addWidget(title);
    auto* how = new QLabel(
        tr("Type or paste the observations, hold on the ledge what must not move, and write one formula for all rows."),
        welcome);
    how->setAlignment(Qt::AlignHCenter);
    layout->addWidget(how);
    layout->addSpacing(16);
    const auto offer = [&](const QString& text, const char* symbol, auto done) {
        auto* button = new QPushButton(drawn_icon(QLatin1String(symbol)), text, welcome);
        button->setFixedWidth(look().px(280));
        connect(button, &QPushButton::clicked, this, done);
        layout->addWidget(button, 0, Qt::AlignHCenter);
    };
    offer(tr("New table"), "table", [this] { new_table(tr("Table")); });
    offer(tr("Import delimited text…"), "import", [this] { choose_import(); });
    offer(tr("Open the demo study"), "open", [this] {
        if (may_leave()) {
            open_demo();
        }
    });
    layout->addStretch(3);
    return welcome;
}

void MainWindow::tell(const QString& sentence) {
    QPalette colours = notice_->palette();
    colours.setColor(QPalette::WindowText, look().fault);
    notice_->setPalette(colours);
    notice_->setText(sentence);
}

void MainWindow::refresh() {
    notice_->clear();
    setWindowTitle(tr("%1[*] — Ledgefall").arg(document_.title()));
    setWindowModified(document_.modified());
    undo_->setEnabled(document_.can_undo());
    undo_->setText(document_.can_undo() ? tr("&Undo %1").arg(document_.undo_name()) : tr("&Undo"));
    redo_->setEnabled(document_.can_redo());
    redo_->setText(document_.can_redo() ? tr("&Redo %1").arg(document_.redo_name()) : tr("&Redo"));
    const Study& study = document_.study();
    if (study.table(shown_) == nullptr) {
        show_table(study.tables.empty() ? Id() : study.tables.front()->id);
    }
    for (QAction* action : needs_table_) {
        action->setEnabled(page_ != nullptr);
    }
}

void MainWindow::show_table(Id table) {
    if (page_ != nullptr && page_->table_id() == table && document_.study().table(table) != nullptr) {
        return;
    }
    if (page_ != nullptr) {
        companion_->show_page(nullptr);
        pages_->removeWidget(page_);
        page_->deleteLater();
        page_ = nullptr;
    }
    shown_ = table;
    if (document_.study().table(table) != nullptr) {
        page_ = new TablePage(document_, table, this);
        pages_->addWidget(page_);
        pages_->setCurrentWidget(page_);
        companion_->show_page(page_);
        page_->view().setFocus();
    }
    contents_->show_current(table);
    ledge_->show_table(table);
    foot_menu_->set_table(table);
    for (QAction* action : needs_table_) {
        action->setEnabled(page_ != nullptr);
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

bool MainWindow::open_path(const QString& path) {
    if (!document_.open(path)) {
        return false;
    }
    remember_recent(document_.path());
    return true;
}

bool MainWindow::save_to(const QString& path) {
    if (!document_.save(path)) {
        return false;
    }
    remember_recent(document_.path());
    return true;
}

bool MainWindow::import_text(const QString& path, const DialectChoice& choice, const QString& label) {
    const Result<std::string> bytes = read_file(path.toStdString());
    const Result<Delimited> text = bytes ? read_delimited(*bytes, choice) : Result<Delimited>(bytes.refusal());
    if (!text) {
        document_.refuse(text.refusal());
        return false;
    }
    Id table;
    const Result<Study> with = add_table(document_.study(), label.toStdString(), &table);
    if (!document_.perform(tr("import"), add_columns(*with, table, columns_of(*text)))) {
        return false;
    }
    show_table(table);
    if (const Sentence report = text->report(); !report.empty()) {
        tell(Document::translated(report));
    }
    return true;
}

bool MainWindow::export_text(const QString& path) {
    if (page_ == nullptr) {
        return false;
    }
    Dialect dialect;
    dialect.delimiter = path.endsWith(QStringLiteral(".tsv")) || path.endsWith(QStringLiteral(".txt")) ? '\t' : ',';
    const auto saved = write_file(path.toStdString(),
                                  write_delimited(document_.study(), document_.results(), page_->table_id(), dialect));
    if (!saved) {
        document_.refuse(saved.refusal());
        return false;
    }
    std::size_t faults = 0;
    for (const auto& column : page_->model().table()->columns) {
        const Results::Entry* entry = document_.results().find(column->id);
        faults += entry == nullptr ? 0 : entry->faults;
    }
    if (faults > 0) {
        tell(tr("Cells at fault were written empty: %1.").arg(faults));
    }
    return true;
}

void MainWindow::zoom(double factor) {
    set_zoom(factor == 0 ? 1.0 : look().zoom * factor);
    if (page_ != nullptr) {
        page_->restyle();
    }
    ledge_->show_table(shown_);
    companion_->refresh();
    contents_->show_current(shown_);
}

void MainWindow::closeEvent(QCloseEvent* event) {
    may_leave() ? event->accept() : event->ignore();
}

} // namespace ledgefall
