#include "app/dialogs/distribution_dialog.h"

#include "app/document/document.h"
#include "app/numbers/locale_text.h"
#include "app/theme/theme.h"
#include "core/engine/functions/catalogue.h"

#include <QDialogButtonBox>
#include <QFormLayout>

namespace ledgefall {

DistributionDialog::DistributionDialog(const Study& study, QWidget* parent)
    : QDialog(parent)
    , study_(study)
    , makes_(new QComboBox(this))
    , distribution_(new QComboBox(this))
    , side_(new QComboBox(this))
    , level_(new QLineEdit(field_text(0.05), this))
    , message_(new QLabel(this)) {
    setWindowTitle(tr("From a distribution"));
    makes_->addItems({tr("Critical region: its ends and its actual size"), tr("Table of its probabilities"),
                      tr("Normal approximation beside the exact probabilities")});
    distribution_->setEditable(true);
    distribution_->setMinimumWidth(theme().px(320));
    for (const auto& held : study.ledge) {
        const Node* tree = held->formula.tree().get();
        const Node* called = tree != nullptr && tree->type == NodeType::call ? tree : nullptr;
        const Function* function = called == nullptr ? nullptr : find_function(called->text);
        if (function != nullptr && function->distribution) {
            distribution_->addItem(QString::fromStdString(held->name));
        }
    }
    for (const char* example : {"binomial(12, 0.35)", "poisson(3)", "repeated_sum(discrete_uniform(1, 6), 2)"}) {
        distribution_->addItem(QString::fromLatin1(example));
    }
    side_->addItems({tr("Small values"), tr("Large values"), tr("Both ends, half the level each")});
    side_->setCurrentIndex(static_cast<int>(CriticalSide::large));
    message_->setWordWrap(true);
    auto* form = new QFormLayout(this);
    form->addRow(tr("&Make"), makes_);
    form->addRow(tr("&Distribution"), distribution_);
    form->addRow(tr("&Significance level"), level_);
    form->addRow(tr("Critical &values"), side_);
    form->addRow(message_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel, this);
    make_ = buttons->addButton(tr("Make"), QDialogButtonBox::AcceptRole);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    form->addRow(buttons);
    connect(makes_, &QComboBox::currentIndexChanged, this, &DistributionDialog::look_over);
    connect(distribution_, &QComboBox::currentTextChanged, this, &DistributionDialog::look_over);
    connect(level_, &QLineEdit::textChanged, this, &DistributionDialog::look_over);
    connect(side_, &QComboBox::currentIndexChanged, this, &DistributionDialog::look_over);
    look_over();
}

void DistributionDialog::look_over() {
    const bool region = makes() == Makes::critical_region;
    level_->setEnabled(region);
    side_->setEnabled(region);
    const Result<Study> tried = made();
    make_->setEnabled(static_cast<bool>(tried));
    message_->setStyleSheet(QStringLiteral("color: %1;").arg((tried ? theme().faint_ink : theme().fault).name()));
    message_->setText(
        tried ? tr("A name on the ledge, or a formula such as binomial(12, 0.35) or discrete(Data.x, Data.p).")
              : Document::translated(tried.refusal()));
}

Result<Study> DistributionDialog::made(Id* made) const {
    const std::string distribution = distribution_->currentText().trimmed().toStdString();
    Id ignored;
    Id* const added = made == nullptr ? &ignored : made;
    switch (makes()) {
    case Makes::critical_region: {
        const auto level = typed_number(level_->text());
        return critical_region(study_, distribution, level.value_or(0),
                               static_cast<CriticalSide>(side_->currentIndex()), added);
    }
    case Makes::probabilities:
        return probability_table(study_, distribution, added);
    case Makes::approximation:
        break;
    }
    return approximation_table(study_, distribution, added);
}

} // namespace ledgefall
