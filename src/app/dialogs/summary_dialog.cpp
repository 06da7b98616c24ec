#include "app/dialogs/summary_dialog.h"

#include "app/dialogs/ticked_list.h"
#include "app/document/document.h"
#include "app/theme/accessibility.h"
#include "core/stats/quantile.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace ledgefall {
namespace {

QStringList quantile_names() {
    QStringList types;
    for (std::size_t type = 1; type <= quantile_methods.size(); ++type) {
        types << SummaryDialog::tr("Type %1: %2").arg(type).arg(Document::translated(quantile_methods[type - 1]));
    }
    return types;
}

} // namespace

SummaryDialog::SummaryDialog(const std::vector<Offer>& numbers, const std::vector<Offer>& texts,
                             const Settings& settings, QWidget* parent)
    : QDialog(parent)
    , columns_(new QListWidget(this))
    , measures_(new QListWidget(this))
    , by_(new QComboBox(this))
    , quantiles_(new QComboBox(this))
    , together_(new QComboBox(this))
    , some_rows_(new QCheckBox(tr("Only the &first rows:"), this))
    , draw_(new QCheckBox(tr("Draw &box plots of the first column"), this))
    , rows_(new QSpinBox(this)) {
    setWindowTitle(tr("Summary"));
    for (const Offer& one : numbers) {
        add_ticked(columns_, one.label, QString::fromStdString(one.id.str()), one.chosen);
    }
    const bool whole = settings.values == Settings::Values::population;
    for (const SummaryMeasure& one : summary_measures()) {
        const bool usual = whole ? one.usual_of_whole : one.usual;
        add_ticked(measures_, Document::translated(one.label), QString::fromStdString(one.name), usual);
    }
    by_->addItem(tr("A row for each column"), QString());
    for (const Offer& one : texts) {
        by_->addItem(tr("A row for each value of %1").arg(one.label), QString::fromStdString(one.id.str()));
        if (one.chosen) {
            by_->setCurrentIndex(by_->count() - 1);
        }
    }
    name_field(*rows_, tr("Number of rows"));
    quantiles_->addItems(quantile_names());
    quantiles_->setCurrentIndex(settings.quantile_type - 1);
    some_rows_->setObjectName(QStringLiteral("first_rows"));
    together_->setObjectName(QStringLiteral("together"));
    together_->addItems({tr("Each separately"), tr("Each separately, and all pooled"),
                         tr("Pooled step by step: the first, the first two, …")});
    rows_->setRange(1, 1'000'000);
    rows_->setValue(10);
    rows_->setEnabled(false);
    connect(some_rows_, &QCheckBox::toggled, this, [this](bool some) {
        rows_->setEnabled(some);
        if (some) { // the number comes next
            rows_->setFocus();
            rows_->selectAll();
        }
    });
    const auto under = [this](const QString& name, QListWidget* list) {
        auto* column = new QVBoxLayout;
        auto* label = new QLabel(name, this);
        label->setBuddy(list);
        list->setAccessibleName(QString(name).remove(QLatin1Char('&')));
        column->addWidget(label);
        column->addWidget(list);
        return column;
    };
    auto* lists = new QHBoxLayout;
    lists->addLayout(under(tr("&Columns"), columns_));
    lists->addLayout(under(tr("&Measures"), measures_));
    auto* form = new QFormLayout;
    form->addRow(tr("&Groups"), by_);
    form->addRow(tr("Columns &together"), together_);
    form->addRow(tr("&Quantile type (Hyndman and Fan)"), quantiles_);
    form->addRow(some_rows_, rows_);
    form->addRow(QString(), draw_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel, this);
    buttons->addButton(tr("Make table"), QDialogButtonBox::AcceptRole);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(lists, 1);
    layout->addLayout(form);
    layout->addWidget(buttons);
}

SummaryRequest SummaryDialog::request() const {
    SummaryRequest request;
    for (const std::string& id : ticked(columns_)) {
        request.columns.emplace_back(id);
    }
    request.measures = ticked(measures_);
    request.by = Id(by_->currentData().toString().toStdString());
    request.quantile_type = quantiles_->currentIndex() + 1;
    request.together = static_cast<SummaryRequest::Together>(together_->currentIndex());
    if (some_rows_->isChecked()) {
        request.first_rows = rows_->value();
    }
    return request;
}

} // namespace ledgefall
