#include "app/report/report_dialog.h"

#include "app/dialogs/prompts.h"
#include "app/document/document.h"
#include "app/theme/accessibility.h"
#include "app/theme/theme.h"

#include <QDate>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLocale>
#include <QPrintDialog>
#include <QPushButton>
#include <QVBoxLayout>

namespace ledgefall {
namespace {

constexpr std::size_t most_cells = 60'000;

} // namespace

ReportDialog::ReportDialog(const Study& study, const ResultsPtr& results, QWidget* parent)
    : QDialog(parent)
    , study_(study)
    , results_(results)
    , preview_(new QPrintPreviewWidget(&printer_, this))
    , author_(new QLineEdit(this))
    , workings_(new QLineEdit(this))
    , rows_(new QComboBox(this))
    , formulas_(new QComboBox(this))
    , paper_(new QComboBox(this))
    , lies_(new QComboBox(this))
    , row_count_(new QSpinBox(this))
    , message_(new QLabel(this)) {
    setWindowTitle(tr("Report"));
    printer_.setResolution(96);
    auto* form = new QFormLayout;
    form->addRow(tr("&Author"), author_);
    auto* parts = new QVBoxLayout;
    for (QCheckBox* one : {add_part("note", tr("&Note of the study")), add_part("held", tr("&Held values")),
                           add_part("tables", tr("&Tables")), add_part("charts", tr("&Charts")),
                           add_part("checks", tr("Ch&ecks and their state")), add_part("runs", tr("R&uns")),
                           add_part("sources", tr("&Sources of the methods"))}) {
        parts->addWidget(one);
    }
    form->addRow(tr("Parts"), parts);
    rows_->addItems({tr("All rows"), tr("The first and the last"), tr("None")});
    row_count_->setRange(1, 1000);
    row_count_->setValue(10);
    name_field(*row_count_, tr("How many rows from either end"));
    auto* some = new QHBoxLayout;
    some->addWidget(rows_, 1);
    some->addWidget(row_count_);
    auto* rows_label = new QLabel(tr("&Rows"), this);
    rows_label->setBuddy(rows_);
    form->addRow(rows_label, some);
    auto* full = add_part("full", tr("N&umbers in full"));
    full->setChecked(false);
    form->addRow(QString(), full);
    auto* blank = add_part("blank", tr("&Blank columns for what the handout asks"));
    blank->setChecked(false);
    blank->setVisible(study.handout && study.handout->is_key);
    form->addRow(QString(), blank);
    formulas_->addItems({tr("As mathematics"), tr("As typed"), tr("Left out")});
    form->addRow(tr("&Formulas"), formulas_);
    workings_->setPlaceholderText(tr("such as Pebbles.dev[3], ledge.q"));
    form->addRow(tr("&Working of"), workings_);
    paper_->addItem(QStringLiteral("A4"), static_cast<int>(QPageSize::A4));
    paper_->addItem(tr("Letter"), static_cast<int>(QPageSize::Letter));
    paper_->setCurrentIndex(usual_paper() == QPageSize::Letter ? 1 : 0);
    form->addRow(tr("&Paper"), paper_);
    lies_->addItems({tr("Portrait"), tr("Landscape")});
    form->addRow(tr("&Orientation"), lies_);
    message_->setWordWrap(true);
    form->addRow(message_);
    constexpr std::size_t many_rows = 200; // a page is looked at first
    for (const auto& table : study.tables) {
        if (results->rows(table->id) > many_rows) {
            rows_->setCurrentIndex(1);
        }
    }
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
    left->addLayout(form);
    left->addStretch(1);
    left->addWidget(buttons);
    auto* layout = new QHBoxLayout(this);
    layout->addLayout(left);
    layout->addWidget(preview_, 1);
    resize(theme().px(1040), theme().px(700));
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
    for (QCheckBox* box : findChildren<QCheckBox*>()) {
        connect(box, &QCheckBox::toggled, this, &ReportDialog::look_over);
    }
    connect(row_count_, &QSpinBox::valueChanged, this, &ReportDialog::look_over);
    look_over();
}

QCheckBox* ReportDialog::add_part(const char* name, const QString& text) {
    auto* box = new QCheckBox(text, this);
    box->setObjectName(QLatin1String(name));
    box->setChecked(true);
    return box;
}

ReportRequest ReportDialog::request() const {
    const auto asked = [this](const char* name) { return findChild<QCheckBox*>(QLatin1String(name))->isChecked(); };
    ReportRequest request;
    request.note = asked("note");
    request.held = asked("held");
    request.tables = asked("tables");
    request.charts = asked("charts");
    request.checks = asked("checks");
    request.runs = asked("runs");
    request.sources = asked("sources");
    request.full_numbers = asked("full");
    request.blank = asked("blank");
    request.rows = static_cast<ReportRequest::Rows>(rows_->currentIndex());
    request.row_count = static_cast<std::size_t>(row_count_->value());
    request.formulas = static_cast<ReportRequest::Formulas>(formulas_->currentIndex());
    request.author = author_->text().trimmed().toStdString();
    request.date = QLocale().toString(QDate::currentDate(), QLocale::LongFormat).toStdString();
    for (const QString& one : workings_->text().split(QLatin1Char(','), Qt::SkipEmptyParts)) {
        request.workings.push_back(one.trimmed().toStdString());
    }
    return request;
}

QPageLayout ReportDialog::page() const {
    return report_page(static_cast<QPageSize::PageSizeId>(paper_->currentData().toInt()), lies_->currentIndex() == 1);
}

void ReportDialog::look_over() {
    row_count_->setEnabled(rows_->currentIndex() == static_cast<int>(ReportRequest::Rows::first_and_last));
    Result<DrawnReport> drawn =
        too_long()
            ? Result<DrawnReport>(Sentence{N_("With all rows the tables have more than %1 cells. Choose the first "
                                              "and the last rows."),
                                           {std::to_string(most_cells)}})
            : drawn_report(study_, results_, request());
    message_->setStyleSheet(QStringLiteral("color: %1;").arg((drawn ? theme().faint_ink : theme().fault).name()));
    save_->setEnabled(static_cast<bool>(drawn));
    print_->setEnabled(static_cast<bool>(drawn));
    if (!drawn) { // what was there before is not what is asked for
        drawn_.reset();
        pages_.reset();
        preview_->updatePreview();
        return message_->setText(Document::translated(drawn.refusal()));
    }
    drawn_ = std::move(*drawn);
    pages_ = std::make_unique<ReportPages>(drawn_->report, drawn_->charts, page());
    message_->setText(tr("Pages: %1").arg(pages_->count()));
    printer_.setPageLayout(page());
    preview_->updatePreview();
}

/// Whether laying it out would keep the window waiting.
bool ReportDialog::too_long() const {
    std::size_t cells = 0;
    for (const auto& table : study_.tables) {
        cells += results_->rows(table->id) * (table->columns.size() + 1);
    }
    return rows_->currentIndex() == static_cast<int>(ReportRequest::Rows::all) && cells > most_cells;
}

Result<bool> ReportDialog::write_to(const QString& path) const {
    return drawn_ ? write_report(*drawn_, page(), path) : Result<bool>(Sentence{N_("There is no report yet."), {}});
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
    message_->setStyleSheet(QStringLiteral("color: %1;").arg((written ? theme().faint_ink : theme().fault).name()));
    message_->setText(written ? tr("Written: %1").arg(path) : Document::translated(written.refusal()));
}

void ReportDialog::print() {
    printer_.setResolution(96); // the units of the pages
    QPrintDialog dialog(&printer_, this);
    if (dialog.exec() == QDialog::Accepted && pages_ && !pages_->print(printer_)) {
        message_->setText(tr("The printer could not be reached. Choose another one, or save the report as PDF."));
    }
}

} // namespace ledgefall
