#include "app/dialogs/continue_dialog.h"

#include "app/numbers/locale_text.h"
#include "app/numbers/number_text.h"
#include "app/theme/accessibility.h"

#include <QButtonGroup>
#include <QDialogButtonBox>
#include <QHBoxLayout>
#include <QPushButton>
#include <QToolButton>
#include <QVBoxLayout>

namespace ledgefall {

ContinueDialog::ContinueDialog(std::vector<Value> started, std::size_t last_row, std::size_t rows, QWidget* parent)
    : QDialog(parent)
    , started_(std::move(started))
    , last_row_(last_row)
    , rules_(new QButtonGroup(this))
    , amount_(new QLineEdit(this))
    , more_(new QSpinBox(this))
    , preview_(new QLabel(this)) {
    setWindowTitle(tr("Continue selected values"));
    const Pattern guess = pattern_of(started_);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(new QLabel(tr("From one row to the next:"), this));
    layout->addLayout(rule_buttons(guess.way));
    amount_->setText(field_text(guess.step));
    amount_->setAccessibleName(tr("Amount"));
    name_field(*more_, tr("Number of rows"));
    more_->setRange(1, 20'000'000);
    more_->setValue(static_cast<int>(rows > last_row ? rows - last_row : 1));
    more_->setPrefix(tr("fill ", "before a number of rows"));
    more_->setSuffix(tr(" more rows"));
    layout->addWidget(more_);
    preview_->setWordWrap(true);
    layout->addWidget(preview_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    continue_ = buttons->button(QDialogButtonBox::Ok);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    layout->addWidget(buttons);
    connect(rules_, &QButtonGroup::idToggled, this, &ContinueDialog::show_preview);
    connect(amount_, &QLineEdit::textChanged, this, &ContinueDialog::show_preview);
    show_preview();
    more_->setFocus();
    more_->selectAll();
}

/// A button for each rule that fits what has been started, the guessed one pressed, and the amount behind them.
QLayout* ContinueDialog::rule_buttons(Pattern::Way guess) {
    using Way = Pattern::Way;
    const std::pair<Way, QString> rules[] = {{Way::steps, tr("add")},
                                             {Way::growth, tr("times")},
                                             {Way::labels, tr("count up by")},
                                             {Way::days, tr("next day")},
                                             {Way::weekdays, tr("next working day")},
                                             {Way::months, tr("next month")},
                                             {Way::repeat, tr("repeat")}};
    auto* row = new QHBoxLayout;
    for (const auto& [way, text] : rules) {
        if (!fits(started_, way)) {
            continue;
        }
        auto* button = new QToolButton(this);
        button->setText(text);
        button->setCheckable(true);
        button->setChecked(way == guess);
        rules_->addButton(button, static_cast<int>(way));
        row->addWidget(button);
    }
    row->addWidget(amount_);
    return row;
}

Pattern ContinueDialog::pattern() const {
    return {static_cast<Pattern::Way>(rules_->checkedId()), typed_number(amount_->text()).value_or(1)};
}

void ContinueDialog::show_preview() {
    const Pattern pattern = this->pattern();
    const bool amount_counts = pattern.way != Pattern::Way::repeat;
    const bool readable = !amount_counts || typed_number(amount_->text()).has_value();
    amount_->setVisible(amount_counts);
    continue_->setEnabled(readable);
    if (!readable) {
        preview_->setText(
            tr("“%1” is not a number. Enter an amount, such as %2.").arg(amount_->text(), field_text(2.5)));
        return;
    }
    QStringList next;
    for (std::size_t further = 1; further <= 4; ++further) {
        next << value_text(continued(started_, pattern, further), {});
    }
    preview_->setText(next.join(QStringLiteral(" · ")) + QStringLiteral(" …"));
}

} // namespace ledgefall
