#include "app/dialogs/try_values_dialog.h"

#include "app/numbers/locale_text.h"
#include "app/theme/accessibility.h"
#include "app/theme/theme.h"
#include "core/value/decimals.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QPushButton>
#include <QRegularExpression>

#include <cmath>

namespace ledgefall {

TryValuesDialog::TryValuesDialog(const Study& study, const HeldValue& held, QWidget* parent)
    : QDialog(parent)
    , held_(held.id)
    , name_(QString::fromStdString(held.name))
    , now_(held.value.plain() && held.value.kind() == Kind::number ? held.value.number() : 1)
    , offered_(outcomes_of(study, held.id))
    , way_(new QComboBox(this))
    , values_(new QLineEdit(this))
    , outcomes_(new QListWidget(this))
    , own_(new QLineEdit(this))
    , draw_(new QCheckBox(tr("&Draw a chart"), this))
    , preview_(new QLabel(this)) {
    setWindowTitle(tr("Try values of %1").arg(name_));
    way_->addItems({tr("From, to and step"), tr("A list of values"), tr("Repeatedly halved")});
    name_field(*values_, tr("Values to try"));
    outcomes_->setAccessibleName(tr("Outcomes"));
    for (const Outcome& outcome : offered_) {
        auto* item = new QListWidgetItem(
            tr("%1:  %2").arg(QString::fromStdString(outcome.label), QString::fromStdString(outcome.formula)),
            outcomes_);
        item->setFlags(item->flags() | Qt::ItemIsUserCheckable);
        item->setCheckState(outcomes_->count() == 1 ? Qt::Checked : Qt::Unchecked);
    }
    outcomes_->setMinimumHeight(theme().px(120));
    own_->setPlaceholderText(tr("another formula, such as max(Path.r)"));
    draw_->setChecked(true);
    preview_->setWordWrap(true);
    preview_->setTextFormat(Qt::PlainText);
    auto* form = new QFormLayout(this);
    form->addRow(tr("&Values"), way_);
    form->addRow(QString(), values_);
    form->addRow(tr("&Outcomes"), outcomes_);
    form->addRow(tr("Or &another"), own_);
    form->addRow(QString(), draw_);
    form->addRow(preview_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    try_ = buttons->button(QDialogButtonBox::Ok);
    try_->setText(tr("Try values"));
    form->addRow(buttons);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(way_, &QComboBox::currentIndexChanged, this, &TryValuesDialog::way_changed);
    connect(values_, &QLineEdit::textChanged, this, &TryValuesDialog::show_preview);
    connect(own_, &QLineEdit::textChanged, this, &TryValuesDialog::show_preview);
    connect(outcomes_, &QListWidget::itemChanged, this, &TryValuesDialog::show_preview);
    way_changed();
    if (held.slider) {
        values_->setText(tr("%1 to %2 step %3")
                             .arg(field_text(held.slider->from), field_text(held.slider->to),
                                  field_text((held.slider->to - held.slider->from) / 10)));
    }
    resize(theme().px(520), sizeHint().height());
    values_->setFocus();
    values_->selectAll();
}

void TryValuesDialog::way_changed() {
    const double size = now_ == 0 ? 1 : std::fabs(now_);
    switch (static_cast<Way>(way_->currentIndex())) {
    case Way::range:
        values_->setText(tr("%1 to %2 step %3")
                             .arg(field_text(now_ - size / 2), field_text(now_ + size / 2), field_text(size / 10)));
        values_->setToolTip(tr("Three numbers: first value, last value and step"));
        break;
    case Way::list:
        values_->setText(QStringList{field_text(now_), field_text(2 * now_)}.join(QStringLiteral("; ")));
        values_->setToolTip(tr("Numbers separated by semicolons or spaces"));
        break;
    case Way::halves:
        values_->setText(tr("%1, %2 times").arg(field_text(now_)).arg(5));
        values_->setToolTip(tr("Two numbers: first value, and how often it is halved"));
        break;
    }
    show_preview();
}

/// The numbers among words, in their order.
std::vector<double> TryValuesDialog::numbers_in(const QString& text, bool* sound) const {
    std::vector<double> numbers;
    *sound = true;
    static const QRegularExpression between(QStringLiteral("[;\\s]+"));
    for (QString part : text.split(between, Qt::SkipEmptyParts)) {
        if (part.endsWith(QLatin1Char(',')) || part.endsWith(QLatin1Char(':'))) {
            part.chop(1);
        }
        const bool word = !part.isEmpty() && part.front().isLetter();
        const auto number = word ? std::nullopt : typed_number(part);
        if (number) {
            numbers.push_back(*number);
        } else if (!word && !part.isEmpty()) {
            *sound = false;
        }
    }
    return numbers;
}

std::optional<std::vector<double>> TryValuesDialog::values() const {
    constexpr double most = 100'000;
    bool sound = false;
    const std::vector<double> numbers = numbers_in(values_->text(), &sound);
    std::vector<double> out;
    switch (static_cast<Way>(way_->currentIndex())) {
    case Way::range: {
        const bool usable = sound && numbers.size() == 3 && numbers[2] != 0 &&
                            (numbers[1] - numbers[0]) / numbers[2] >= 0 &&
                            (numbers[1] - numbers[0]) / numbers[2] < most;
        const double steps = usable ? std::floor((numbers[1] - numbers[0]) / numbers[2] + 1e-9) : -1;
        for (double step = 0; step <= steps; ++step) {
            // Each from the first, and without what doubles leave at their ends: 0.30000000000000004 is 0.3.
            out.push_back(rounded_to_figures(numbers[0] + step * numbers[2], 14));
        }
        break;
    }
    case Way::list:
        out = sound ? numbers : out;
        break;
    case Way::halves:
        if (sound && numbers.size() == 2 && numbers[1] >= 1 && numbers[1] <= 40) {
            for (int turn = 0; turn <= static_cast<int>(numbers[1]); ++turn) {
                out.push_back(std::ldexp(numbers[0], -turn));
            }
        }
        break;
    }
    return out.empty() ? std::nullopt : std::optional(out);
}

TrialRequest TryValuesDialog::request() const {
    TrialRequest request;
    request.held = held_;
    request.values = values().value_or(std::vector<double>());
    for (int row = 0; row < outcomes_->count(); ++row) {
        if (outcomes_->item(row)->checkState() == Qt::Checked) {
            request.outcomes.push_back(offered_[static_cast<std::size_t>(row)]);
        }
    }
    const std::string own = own_->text().trimmed().toStdString();
    if (!own.empty()) {
        request.outcomes.push_back({own, own});
    }
    request.shows_order = static_cast<Way>(way_->currentIndex()) == Way::halves;
    return request;
}

void TryValuesDialog::show_preview() {
    const auto tried = values();
    const bool any = !request().outcomes.empty();
    try_->setEnabled(tried && any);
    if (!tried) {
        preview_->setText(tr("These values cannot be read yet: %1").arg(values_->toolTip()));
        return;
    }
    QStringList texts;
    for (std::size_t at = 0; at < std::min<std::size_t>(tried->size(), 4); ++at) {
        texts << field_text((*tried)[at]);
    }
    if (tried->size() > 4) {
        texts << QStringLiteral("…") << field_text(tried->back());
    }
    preview_->setText(any ? tr("Values of %2 (%1): %3").arg(tried->size()).arg(name_, texts.join(QStringLiteral("  ")))
                          : tr("Choose an outcome, or write one."));
}

} // namespace ledgefall
