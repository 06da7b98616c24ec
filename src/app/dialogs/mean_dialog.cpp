#include "app/dialogs/mean_dialog.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QPushButton>

namespace ledgefall {

MeanDialog::MeanDialog(const Study& study, const Results& results, const Table& table, Id current, QWidget* parent)
    : QDialog(parent)
    , column_(new QComboBox(this))
    , by_(new QComboBox(this))
    , spread_(new QComboBox(this))
    , values_are_(new ValuesBox(this)) {
    setWindowTitle(tr("Mean with ± as text"));
    by_->addItem(tr("All rows, as a card on the ledge"), QString());
    for (const auto& column : table.columns) {
        const Results::Entry* entry = results.find(column->id);
        const QString label = QString::fromStdString(column->shown_label());
        const QString id = QString::fromStdString(column->id.str());
        if (entry != nullptr && entry->kind == Kind::number) {
            column_->addItem(label, id);
            if (column->id == current) {
                column_->setCurrentIndex(column_->count() - 1);
            }
        } else if (entry != nullptr && (entry->kind == Kind::text || entry->kind == Kind::yes_no)) {
            by_->addItem(tr("A row for each value of %1").arg(label), id);
        }
    }
    spread_->addItems({tr("Standard deviation (SD)"), tr("Standard error of the mean (SE)"),
                       tr("95 % confidence interval of the mean (Student's t)")});
    spread_->setCurrentIndex(static_cast<int>(MeanSpread::standard_error));
    values_are_->begin_with(study.settings.values);
    auto* form = new QFormLayout(this);
    form->addRow(tr("&Column"), column_);
    form->addRow(tr("&Rows"), by_);
    form->addRow(tr("&Behind the ±"), spread_);
    form->addRow(tr("The &values are"), values_are_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel, this);
    buttons->addButton(tr("Make"), QDialogButtonBox::AcceptRole);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    form->addRow(buttons);
}

MeanTextRequest MeanDialog::request() const {
    const auto chosen = [](const QComboBox* box) { return Id(box->currentData().toString().toStdString()); };
    return {chosen(column_), chosen(by_), static_cast<MeanSpread>(spread_->currentIndex()),
            values_are_->values() == Settings::Values::population};
}

} // namespace ledgefall
