#include "app/continue_dialog.h"

#include "app/number_text.h"

#include <QDialogButtonBox>
#include <QFormLayout>

namespace ledgefall {

ContinueDialog::ContinueDialog(std::vector<Value> started, std::size_t last_row, std::size_t rows, QWidget* parent)
    : QDialog(parent)
    , started_(std::move(started))
    , way_(new QComboBox(this))
    , step_(new QLineEdit(this))
    , to_(new QSpinBox(this))
    , preview_(new QLabel(this)) {
    setWindowTitle(tr("Continue the chosen values"));
    using Way = Pattern::Way;
    const std::pair<Way, QString> ways[] = {{Way::steps, tr("by equal steps, each more by")},
                                            {Way::growth, tr("by growth, each times")},
                                            {Way::days, tr("by days, each later by")},
                                            {Way::weekdays, tr("by days from Monday to Friday, each later by")},
                                            {Way::months, tr("by months, each later by")},
                                            {Way::labels, tr("by the number at its end, each more by")},
                                            {Way::repeat, tr("the chosen ones again and again")}};
    const Pattern guessed = pattern_of(started_);
    for (const auto& [way, text] : ways) {
        if (fits(started_, way)) {
            way_->addItem(text, static_cast<int>(way));
            if (way == guessed.way) {
                way_->setCurrentIndex(way_->count() - 1);
            }
        }
    }
    step_->setText(QString::fromStdString(shortest(guessed.step)));
    to_->setRange(static_cast<int>(last_row) + 1, 20'000'000);
    to_->setValue(static_cast<int>(std::max(rows, last_row + 1)));
    preview_->setWordWrap(true);
    auto* form = new QFormLayout(this);
    form->addRow(tr("&How"), way_);
    form->addRow(tr("&Step"), step_);
    form->addRow(tr("Down to &row"), to_);
    form->addRow(tr("Next"), preview_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    form->addRow(buttons);
    connect(way_, &QComboBox::currentIndexChanged, this, &ContinueDialog::show_preview);
    connect(step_, &QLineEdit::textChanged, this, &ContinueDialog::show_preview);
    show_preview();
}

Pattern ContinueDialog::pattern() const {
    const auto step = read_number(step_->text().toStdString());
    return {static_cast<Pattern::Way>(way_->currentData().toInt()), step.value_or(1)};
}

void ContinueDialog::show_preview() {
    const Pattern way = pattern();
    step_->setEnabled(way.way != Pattern::Way::repeat);
    QStringList next;
    for (std::size_t further = 1; further <= 4; ++further) {
        next << value_text(continued(started_, way, further), {});
    }
    preview_->setText(next.join(QStringLiteral(" · ")) + QStringLiteral(" …"));
}

} // namespace ledgefall
