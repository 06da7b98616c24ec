#include "app/dialogs/heading_dialog.h"

#include <QDialogButtonBox>
#include <QFormLayout>

namespace ledgefall {

HeadingDialog::HeadingDialog(const ColumnDefinition& column, QWidget* parent)
    : QDialog(parent)
    , label_(new QLineEdit(QString::fromStdString(column.shown_label()), this))
    , unit_(new QLineEdit(QString::fromStdString(column.unit), this))
    , note_(new QLineEdit(QString::fromStdString(column.note), this)) {
    setWindowTitle(tr("Heading of %1").arg(QString::fromStdString(column.name)));
    auto* form = new QFormLayout(this);
    form->addRow(tr("&Label"), label_);
    label_->selectAll();
    form->addRow(tr("&Unit"), unit_);
    form->addRow(tr("&Note"), note_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    form->addRow(buttons);
}

Heading HeadingDialog::heading() const {
    return {label_->text().trimmed().toStdString(), unit_->text().trimmed().toStdString(),
            note_->text().trimmed().toStdString()};
}

} // namespace ledgefall
