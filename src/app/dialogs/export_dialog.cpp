#include "app/dialogs/export_dialog.h"

#include "app/look/look.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QPushButton>
#include <QVBoxLayout>

namespace ledgefall {

ExportDialog::ExportDialog(const WritingChoice& begun, const Asked& asked,
                           std::function<QString(const WritingChoice&)> first, QWidget* parent)
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
    for (const auto& [words, sign] : {std::pair(tr("comma ,"), ','), std::pair(tr("semicolon ;"), ';'),
                                      std::pair(tr("tab"), '\t'), std::pair(tr("bar |"), '|')}) {
        delimiter_->addItem(words, sign);
    }
    delimiter_->setCurrentIndex(std::max(0, delimiter_->findData(begun.delimiter)));
    decimal_->addItem(tr("point 1.5"), '.');
    decimal_->addItem(tr("comma 1,5"), ',');
    headings_->addItem(tr("names, as formulas call them"), static_cast<int>(HeadingForm::names));
    headings_->addItem(tr("labels, with their units"), static_cast<int>(HeadingForm::labels));
    headings_->addItem(tr("names with their formulas"), static_cast<int>(HeadingForm::definitions));
    headings_->addItem(tr("none"), static_cast<int>(HeadingForm::none));
    numbers_->addItem(tr("in full"), false);
    numbers_->addItem(tr("rounded as they are shown"), true);
    form_->addItem(tr("a grid, as it is seen"), true);
    form_->addItem(tr("a line for each cell"), false);
    auto* form = new QFormLayout;
    const auto add = [form](bool wanted, const QString& words, QComboBox* box) {
        wanted ? form->addRow(words, box) : box->hide();
    };
    add(asked.grid, tr("&The table as"), form_);
    add(asked.fields, tr("&Fields are divided by"), delimiter_);
    add(asked.fields, tr("&Decimal sign"), decimal_);
    add(asked.fields, tr("&Headings"), headings_);
    add(asked.numbers, tr("&Numbers"), numbers_);
    preview_->setReadOnly(true);
    preview_->setLineWrapMode(QPlainTextEdit::NoWrap);
    preview_->setAccessibleName(tr("The first lines"));
    preview_->setTabChangesFocus(true);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel, this);
    buttons->addButton(tr("Write it"), QDialogButtonBox::AcceptRole);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(form);
    layout->addWidget(preview_, 1);
    layout->addWidget(buttons);
    for (QComboBox* box : {form_, delimiter_, decimal_, headings_, numbers_}) {
        connect(box, &QComboBox::currentIndexChanged, this, &ExportDialog::show_first);
    }
    resize(look().px(560), look().px(400));
    show_first();
}

WritingChoice ExportDialog::choice() const {
    WritingChoice out = begun_;
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
