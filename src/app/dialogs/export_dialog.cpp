#include "app/dialogs/export_dialog.h"

#include "app/theme/theme.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QPushButton>
#include <QVBoxLayout>

namespace ledgefall {

ExportDialog::ExportDialog(const ExportOptions& begun, const Asked& asked,
                           std::function<QString(const ExportOptions&)> first, QWidget* parent)
    : QDialog(parent)
    , begun_(begun)
    , first_(std::move(first))
    , delimiter_(new QComboBox(this))
    , decimal_(new QComboBox(this))
    , headings_(new QComboBox(this))
    , numbers_(new QComboBox(this))
    , form_(new QComboBox(this))
    , preview_(new QPlainTextEdit(this)) {
    setWindowTitle(tr("Export this table"));
    for (const auto& [words, sign] : {std::pair(tr("Comma ,"), ','), std::pair(tr("Semicolon ;"), ';'),
                                      std::pair(tr("Tab"), '\t'), std::pair(tr("Bar |"), '|')}) {
        delimiter_->addItem(words, sign);
    }
    delimiter_->setCurrentIndex(std::max(0, delimiter_->findData(begun.delimiter)));
    decimal_->addItem(tr("Point 1.5"), '.');
    decimal_->addItem(tr("Comma 1,5"), ',');
    headings_->addItem(tr("Names used in formulas"), static_cast<int>(HeadingForm::names));
    headings_->addItem(tr("Labels with units"), static_cast<int>(HeadingForm::labels));
    headings_->addItem(tr("Names with formulas"), static_cast<int>(HeadingForm::definitions));
    headings_->addItem(tr("None"), static_cast<int>(HeadingForm::none));
    numbers_->addItem(tr("In full"), false);
    numbers_->addItem(tr("Rounded as shown"), true);
    form_->addItem(tr("A grid, as shown"), true);
    form_->addItem(tr("A line for each cell"), false);
    auto* form = new QFormLayout;
    const auto add = [form](bool wanted, const QString& words, QComboBox* box) {
        wanted ? form->addRow(words, box) : box->hide();
    };
    add(asked.grid, tr("&Table as"), form_);
    add(asked.fields, tr("&Fields separated by"), delimiter_);
    add(asked.fields, tr("&Decimal sign"), decimal_);
    add(asked.fields, tr("&Headings"), headings_);
    add(asked.numbers, tr("&Numbers"), numbers_);
    preview_->setReadOnly(true);
    preview_->setLineWrapMode(QPlainTextEdit::NoWrap);
    preview_->setAccessibleName(tr("First lines"));
    preview_->setTabChangesFocus(true);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel, this);
    buttons->addButton(tr("Export"), QDialogButtonBox::AcceptRole);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(form);
    layout->addWidget(preview_, 1);
    layout->addWidget(buttons);
    for (QComboBox* box : {form_, delimiter_, decimal_, headings_, numbers_}) {
        connect(box, &QComboBox::currentIndexChanged, this, &ExportDialog::show_first);
    }
    resize(theme().px(560), theme().px(400));
    show_first();
}

ExportOptions ExportDialog::choice() const {
    ExportOptions out = begun_;
    out.delimiter = static_cast<char>(delimiter_->currentData().toInt());
    out.decimal = static_cast<char>(decimal_->currentData().toInt());
    out.headings = static_cast<HeadingForm>(headings_->currentData().toInt());
    out.as_shown = numbers_->currentData().toBool();
    out.as_grid = form_->currentData().toBool();
    return out;
}

/// A grid is headed by the values of its axis.
void ExportDialog::show_first() {
    headings_->setEnabled(form_->isHidden() || !choice().as_grid);
    preview_->setPlainText(first_(choice()));
}

} // namespace ledgefall
