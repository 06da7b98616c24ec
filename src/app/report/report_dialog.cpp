#include "app/report/report_dialog.h"

#include "app/dialogs/prompts.h"
#include "app/dialogs/ticked_list.h"
#include "app/document/document.h"
#include "app/theme/accessibility.h"
#include "app/theme/theme.h"

#include <QDate>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLocale>
#include <QPrintDialog>
#include <QThread>
#include <QVBoxLayout>

namespace ledgefall {

ReportDialog::ReportDialog(const Study& study, const ResultsPtr& results, QWidget* parent)
    : QDialog(parent)
    , study_(study)
    , results_(results)
    , preview_(new QPrintPreviewWidget(&printer_, this))
    , parts_(new QListWidget(this))
    , author_(new QLineEdit(this))
    , workings_(new QLineEdit(this))
    , rows_(new QComboBox(this))
    , formulas_(new QComboBox(this))
    , paper_(new QComboBox(this))
    , lies_(new QComboBox(this))
    , full_(new QCheckBox(tr("N&umbers in full"), this))
    , blank_(new QCheckBox(tr("&Blank columns for what the handout asks"), this))
    , row_count_(new QSpinBox(this))
    , message_(new QLabel(this)) {
    setWindowTitle(tr("Report"));
    printer_.setResolution(96);
    rows_->addItems({tr("All rows"), tr("The first and the last"), tr("None")});
    row_count_->setRange(1, 1000);
    name_field(*row_count_, tr("How many rows from either end"));
    auto* some = new QHBoxLayout;
    some->addWidget(rows_, 1);
    some->addWidget(row_count_);
    formulas_->addItems({tr("As mathematics"), tr("As typed"), tr("Left out")});
    workings_->setPlaceholderText(tr("such as Pebbles.dev[3], ledge.q"));
    paper_->addItem(QStringLiteral("A4"), static_cast<int>(QPageSize::A4));
    paper_->addItem(tr("Letter"), static_cast<int>(QPageSize::Letter));
    lies_->addItems({tr("Portrait"), tr("Landscape")});
    message_->setWordWrap(true);
    blank_->setVisible(study.handout && study.handout->is_key);
    list_parts();
    auto* form = new QFormLayout;
    const auto labelled = [&](const QString& text, QWidget* buddy, auto* field) {
        auto* label = new QLabel(text, this);
        label->setBuddy(buddy);
        form->addRow(label, field);
    };
    form->addRow(tr("&Author"), author_);
    labelled(tr("Pa&rts"), parts_, parts_);
    labelled(tr("&Rows"), rows_, some);
    form->addRow(QString(), full_);
    form->addRow(QString(), blank_);
    form->addRow(tr("&Formulas"), formulas_);
    form->addRow(tr("&Working of"), workings_);
    form->addRow(tr("&Paper"), paper_);
    form->addRow(tr("&Orientation"), lies_);
    form->addRow(message_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close, this);
    save_ = buttons->addButton(tr("Sa&ve as…"), QDialogButtonBox::ActionRole);
    print_ = buttons->addButton(tr("Pr&int…"), QDialogButtonBox::ActionRole);
    for (QPushButton* one : {save_, print_}) { // Enter in a line shows the pages anew
        one->setAutoDefault(false);
    }
    connect(save_, &QPushButton::clicked, this, &ReportDialog::save);
    connect(print_, &QPushButton::clicked, this, &ReportDialog::print);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    preview_->setAccessibleName(tr("Pages"));
    preview_->fitToWidth();
    auto* left = new QVBoxLayout;
    left->addLayout(form, 1);
    left->addWidget(buttons);
    auto* layout = new QHBoxLayout(this);
    layout->addLayout(left);
    layout->addWidget(preview_, 1);
    resize(theme().px(1040), theme().px(700));
    ReportChoices first = study.report.value_or(ReportChoices());
    constexpr std::size_t many_rows = 200; // a page is looked at first
    const bool is_long = std::any_of(study.tables.begin(), study.tables.end(),
                                     [&](const auto& table) { return results->rows(table->id) > many_rows; });
    if (!study.report && is_long) {
        first.rows = ReportChoices::Rows::first_and_last;
    }
    show_choices(first);
    connect(preview_, &QPrintPreviewWidget::paintRequested, this, [this](QPrinter* printer) {
        if (pages_) {
            pages_->print(*printer);
        }
    });
    for (QLineEdit* line : {author_, workings_}) {
        connect(line, &QLineEdit::editingFinished, this, &ReportDialog::look_over);
    }
    for (QComboBox* box : {rows_, formulas_, paper_, lies_}) {
        connect(box, &QComboBox::currentIndexChanged, this, &ReportDialog::look_over);
    }
    for (QCheckBox* box : {full_, blank_}) {
        connect(box, &QCheckBox::toggled, this, &ReportDialog::look_over);
    }
    connect(parts_, &QListWidget::itemChanged, this, &ReportDialog::look_over);
    connect(row_count_, &QSpinBox::valueChanged, this, &ReportDialog::look_over);
    look_over();
}

ReportDialog::~ReportDialog() {
    layout_.stop();
}

/// In the order of the document.
void ReportDialog::list_parts() {
    const auto add = [this](const QString& text, const char* id) { add_ticked(parts_, text, QLatin1String(id), true); };
    add(tr("Note of the study"), "note");
    add(tr("Held values"), "held");
    for (const auto& table : study_.tables) {
        add_ticked(parts_, tr("Table: %1").arg(QString::fromStdString(table->shown_label())),
                   QString::fromStdString(table->id.str()), true);
    }
    for (const auto& chart : study_.charts) {
        add_ticked(parts_, tr("Chart: %1").arg(QString::fromStdString(chart->label)),
                   QString::fromStdString(chart->id.str()), true);
    }
    add(tr("Checks and their state"), "checks");
    add(tr("Runs"), "runs");
    add(tr("Sources of the methods"), "sources");
    parts_->setMinimumHeight(theme().px(120));
}

void ReportDialog::tick(const QString& part, bool on) {
    for (int row = 0; row < parts_->count(); ++row) {
        if (parts_->item(row)->data(Qt::UserRole).toString() == part) {
            parts_->item(row)->setCheckState(on ? Qt::Checked : Qt::Unchecked);
        }
    }
}

bool ReportDialog::has(const char* part) const {
    const std::vector<std::string> all = ticked(parts_);
    return std::find(all.begin(), all.end(), part) != all.end();
}

void ReportDialog::show_choices(const ReportChoices& choices) {
    const std::pair<const char*, bool> parts[] = {{"note", choices.note},
                                                  {"held", choices.held},
                                                  {"checks", choices.checks},
                                                  {"runs", choices.runs},
                                                  {"sources", choices.sources}};
    for (const auto& [part, on] : parts) {
        tick(QLatin1String(part), on);
    }
    for (const Id part : choices.left_out) {
        tick(QString::fromStdString(part.str()), false);
    }
    author_->setText(QString::fromStdString(choices.author));
    rows_->setCurrentIndex(static_cast<int>(choices.rows));
    row_count_->setValue(static_cast<int>(choices.row_count));
    full_->setChecked(choices.full_numbers);
    blank_->setChecked(choices.blank && study_.handout && study_.handout->is_key);
    formulas_->setCurrentIndex(static_cast<int>(choices.formulas));
    QStringList places;
    for (const std::string& one : choices.workings) {
        places << QString::fromStdString(one);
    }
    workings_->setText(places.join(QStringLiteral(", ")));
    const bool letter = choices.paper == ReportChoices::Paper::letter ||
                        (choices.paper == ReportChoices::Paper::of_the_desktop && usual_paper() == QPageSize::Letter);
    paper_->setCurrentIndex(letter ? 1 : 0);
    lies_->setCurrentIndex(choices.landscape ? 1 : 0);
}

ReportChoices ReportDialog::choices() const {
    ReportChoices choices = study_.report.value_or(ReportChoices());
    choices.note = has("note");
    choices.held = has("held");
    choices.checks = has("checks");
    choices.runs = has("runs");
    choices.sources = has("sources");
    choices.left_out.clear();
    for (int row = 0; row < parts_->count(); ++row) {
        const Id part(parts_->item(row)->data(Qt::UserRole).toString().toStdString());
        const bool is_part = study_.table(part) != nullptr || study_.chart(part) != nullptr;
        if (is_part && parts_->item(row)->checkState() != Qt::Checked) {
            choices.left_out.push_back(part);
        }
    }
    choices.full_numbers = full_->isChecked();
    choices.blank = blank_->isChecked();
    choices.rows = static_cast<ReportChoices::Rows>(rows_->currentIndex());
    choices.row_count = static_cast<std::size_t>(row_count_->value());
    choices.formulas = static_cast<ReportChoices::Formulas>(formulas_->currentIndex());
    choices.author = author_->text().trimmed().toStdString();
    choices.workings.clear();
    for (const QString& one : workings_->text().split(QLatin1Char(','), Qt::SkipEmptyParts)) {
        choices.workings.push_back(one.trimmed().toStdString());
    }
    const bool letter = paper_->currentIndex() == 1;
    const bool usual = letter == (usual_paper() == QPageSize::Letter);
    choices.paper = usual    ? ReportChoices::Paper::of_the_desktop
                    : letter ? ReportChoices::Paper::letter
                             : ReportChoices::Paper::a4;
    choices.landscape = lies_->currentIndex() == 1;
    return choices;
}

QPageLayout ReportDialog::page() const {
    return report_page(static_cast<QPageSize::PageSizeId>(paper_->currentData().toInt()), lies_->currentIndex() == 1);
}

void ReportDialog::tell(const QString& text, bool wrong) {
    message_->setStyleSheet(QStringLiteral("color: %1;").arg((wrong ? theme().fault : theme().faint_ink).name()));
    message_->setText(text);
}

/// What was there before is not what is asked for; it goes until the new pages are there.
void ReportDialog::look_over() {
    layout_.stop();
    row_count_->setEnabled(rows_->currentIndex() == static_cast<int>(ReportChoices::Rows::first_and_last));
    save_->setEnabled(false);
    print_->setEnabled(false);
    drawn_.reset();
    pages_.reset();
    ReportRequest request{choices(), QLocale().toString(QDate::currentDate(), QLocale::LongFormat).toStdString()};
    Result<DrawnReport> drawn = drawn_report(study_, results_, request);
    if (!drawn) {
        preview_->updatePreview();
        return tell(Document::translated(drawn.refusal()), true);
    }
    drawn_ = std::move(*drawn);
    tell(tr("The pages are being laid out…"), false);
    layout_ = TaskRunner::of_process().start(
        this,
        [report = *drawn_, page = page(), here = thread()](const StopToken& stop) {
            auto pages =
                std::make_shared<ReportPages>(report.report, report.charts, page, ReportPages::Purpose::pages, stop);
            pages->move_to(here);
            return pages;
        },
        [this](const TaskOutcome<std::shared_ptr<ReportPages>>& pages) {
            if (pages) {
                take(*pages);
            } else if (pages.end() != TaskEnd::stopped) {
                tell(Document::translated(pages.why()), true);
            }
        });
}

void ReportDialog::take(std::shared_ptr<ReportPages> pages) {
    pages_ = std::move(pages);
    save_->setEnabled(true);
    print_->setEnabled(true);
    tell(tr("Pages: %1").arg(pages_->count()), false);
    printer_.setPageLayout(page());
    preview_->updatePreview();
}

Result<bool> ReportDialog::write_to(const QString& path) const {
    return drawn_ ? write_report(*drawn_, page(), path, pages_.get())
                  : Result<bool>(Sentence{N_("There is no report yet."), {}});
}

void ReportDialog::save() {
    QString name = QString::fromStdString(study_.title.empty() ? std::string("report") : study_.title);
    const QString path =
        ask_save_path(this, tr("Save report"), name.replace(u'/', u'-') + QStringLiteral(".pdf"),
                      tr("PDF (*.pdf);;Web page (*.html);;OpenDocument text (*.odt);;LaTeX (*.tex)"),
                      {QStringLiteral("pdf"), QStringLiteral("html"), QStringLiteral("odt"), QStringLiteral("tex")});
    if (path.isEmpty()) {
        return;
    }
    const Result<bool> written = write_to(path);
    tell(written ? tr("Written: %1").arg(path) : Document::translated(written.refusal()), !written);
}

void ReportDialog::print() {
    printer_.setResolution(96); // the units of the pages
    QPrintDialog dialog(&printer_, this);
    if (dialog.exec() == QDialog::Accepted && pages_ && !pages_->print(printer_)) {
        tell(tr("The printer could not be reached. Choose another one, or save the report as PDF."), true);
    }
}

} // namespace ledgefall
