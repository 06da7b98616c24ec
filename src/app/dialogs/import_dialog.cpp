#include "app/dialogs/import_dialog.h"

#include "app/document/document.h"
#include "app/look/look.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHeaderView>
#include <QPushButton>
#include <QVBoxLayout>

namespace ledgefall {
namespace {

constexpr int shown_records = 12;

} // namespace

ImportDialog::ImportDialog(std::string bytes, const QString& name, QWidget* parent)
    : QDialog(parent)
    , bytes_(std::move(bytes))
    , name_(new QLineEdit(name, this))
    , delimiter_(new QComboBox(this))
    , decimal_(new QComboBox(this))
    , header_(new QCheckBox(tr("The first line is a heading"), this))
    , report_(new QLabel(this))
    , preview_(new QTableWidget(this)) {
    setWindowTitle(tr("Import delimited text"));
    resize(look().px(720), look().px(480));
    delimiter_->addItem(tr("as found"), QVariant());
    delimiter_->addItem(tr("comma ,"), QStringLiteral(","));
    delimiter_->addItem(tr("semicolon ;"), QStringLiteral(";"));
    delimiter_->addItem(tr("tab"), QStringLiteral("\t"));
    decimal_->addItem(tr("as found"), QVariant());
    decimal_->addItem(tr("point 1.5"), QStringLiteral("."));
    decimal_->addItem(tr("comma 1,5"), QStringLiteral(","));
    auto* form = new QFormLayout;
    form->addRow(tr("&Table"), name_);
    form->addRow(tr("&Fields are divided by"), delimiter_);
    form->addRow(tr("&Decimal sign"), decimal_);
    form->addRow(QString(), header_);
    report_->setWordWrap(true);
    preview_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    preview_->verticalHeader()->hide();
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel, this);
    accept_ = buttons->addButton(tr("Import as a table"), QDialogButtonBox::AcceptRole);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(form);
    layout->addWidget(report_);
    layout->addWidget(preview_, 1);
    layout->addWidget(buttons);
    connect(delimiter_, &QComboBox::currentIndexChanged, this, &ImportDialog::read);
    connect(decimal_, &QComboBox::currentIndexChanged, this, &ImportDialog::read);
    connect(header_, &QCheckBox::clicked, this, [this] {
        header_chosen_ = true;
        read();
    });
    read();
}

void ImportDialog::read() {
    DialectChoice choice;
    const auto chosen = [](const QComboBox& box) {
        const QString text = box.currentData().toString();
        return text.isEmpty() ? std::nullopt : std::optional<char>(text.front().toLatin1());
    };
    choice.delimiter = chosen(*delimiter_);
    choice.decimal = chosen(*decimal_);
    choice.header = header_chosen_ ? std::optional(header_->isChecked()) : std::nullopt;
    Result<Delimited> read = read_delimited(bytes_, choice);
    if (!read) {
        text_.reset();
        report_->setText(Document::translated(read.refusal()));
        preview_->clear();
        accept_->setEnabled(false);
        return;
    }
    text_ = *std::move(read);
    accept_->setEnabled(true);
    show_text();
}

void ImportDialog::show_text() {
    header_->setChecked(text_->dialect.header);
    QStringList reports = Document::translated(text_->reports());
    reports.prepend(tr("Rows: %1.").arg(text_->records.size()));
    report_->setText(reports.join(u' '));
    int width = static_cast<int>(text_->header.size());
    const int rows = std::min<int>(shown_records, static_cast<int>(text_->records.size()));
    for (int row = 0; row < rows; ++row) {
        width = std::max(width, static_cast<int>(text_->records[static_cast<std::size_t>(row)].size()));
    }
    preview_->setColumnCount(width);
    preview_->setRowCount(rows);
    for (int column = 0; column < width; ++column) {
        const auto at = static_cast<std::size_t>(column);
        const bool named = at < text_->header.size();
        preview_->setHorizontalHeaderItem(
            column, new QTableWidgetItem(named ? QString::fromStdString(text_->header[at]) : tr("no heading")));
        for (int row = 0; row < rows; ++row) {
            const auto& record = text_->records[static_cast<std::size_t>(row)];
            preview_->setItem(
                row, column, new QTableWidgetItem(at < record.size() ? QString::fromStdString(record[at]) : QString()));
        }
    }
}

} // namespace ledgefall
