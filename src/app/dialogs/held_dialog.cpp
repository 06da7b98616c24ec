#include "app/dialogs/held_dialog.h"

#include "app/numbers/locale_text.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>

namespace ledgefall {
namespace {

constexpr int by_nothing = 0;
constexpr int by_list = 1; // columns follow

} // namespace

HeldDialog::HeldDialog(const Study& study, const HeldValue& held, QWidget* parent)
    : QDialog(parent)
    , unit_(new QLineEdit(QString::fromStdString(held.unit), this))
    , note_(new QLineEdit(QString::fromStdString(held.note), this))
    , group_(new QLineEdit(QString::fromStdString(held.group), this))
    , from_(new QLineEdit(this))
    , to_(new QLineEdit(this))
    , step_(new QLineEdit(this))
    , listed_(new QLineEdit(this))
    , slides_(new QCheckBox(tr("Show a &slider"), this))
    , choices_(new QComboBox(this)) {
    setWindowTitle(tr("Properties of %1").arg(QString::fromStdString(held.left_side())));
    auto* form = new QFormLayout(this);
    form->addRow(tr("&Unit"), unit_);
    form->addRow(tr("&Note"), note_);
    form->addRow(tr("&Group"), group_);
    const bool given = held.formula.empty();
    const bool number = given && held.value.kind() == Kind::number;
    const double value = held.value.plain() && number ? held.value.number() : 1;
    const Slider slider = held.slider.value_or(
        Slider{std::min(0.0, 2 * value), std::max(1.0, 2 * value), std::max(0.01, std::abs(value) / 100)});
    slides_->setChecked(held.slider.has_value());
    auto* range = new QWidget(this);
    auto* ends_beside = new QHBoxLayout(range);
    ends_beside->setContentsMargins(0, 0, 0, 0);
    const std::pair<QString, QLineEdit*> ends[] = {{tr("from"), from_}, {tr("to"), to_}, {tr("in steps of"), step_}};
    for (const auto& [text, line] : ends) {
        ends_beside->addWidget(new QLabel(text, range));
        ends_beside->addWidget(line);
        line->setAccessibleName(text);
    }
    range->setVisible(given);
    from_->setText(field_text(slider.from));
    to_->setText(field_text(slider.to));
    step_->setText(field_text(slider.step));
    choices_->addItem(tr("Any typed value"));
    choices_->addItem(tr("The values listed here"));
    for (const auto& table : study.tables) {
        for (const auto& column : table->columns) {
            if (!column->computed()) {
                choices_->addItem(tr("The values of %1").arg(QString::fromStdString(display_name(study, column->id))),
                                  QString::fromStdString(column->id.str()));
                if (held.choices.column == column->id) {
                    choices_->setCurrentIndex(choices_->count() - 1);
                }
            }
        }
    }
    QStringList listed;
    for (const Value& one : held.choices.listed) {
        listed << QString::fromStdString(write_cell(one));
    }
    listed_->setText(listed.join(QStringLiteral("; ")));
    listed_->setPlaceholderText(tr("riffle; pool; weir"));
    if (!held.choices.listed.empty()) {
        choices_->setCurrentIndex(by_list);
    }
    if (given) {
        form->addRow(slides_);
        form->addRow(QString(), range);
        form->addRow(tr("&Choices"), choices_);
        form->addRow(QString(), listed_);
    }
    for (QWidget* part : {static_cast<QWidget*>(slides_), static_cast<QWidget*>(choices_), static_cast<QWidget*>(from_),
                          static_cast<QWidget*>(to_), static_cast<QWidget*>(step_), static_cast<QWidget*>(listed_)}) {
        part->setVisible(given); // a computed one is neither slid nor chosen
    }
    slides_->setEnabled(number);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    form->addRow(buttons);
    connect(slides_, &QCheckBox::toggled, this, &HeldDialog::enable);
    connect(choices_, &QComboBox::currentIndexChanged, this, &HeldDialog::enable);
    enable();
}

void HeldDialog::enable() {
    for (QLineEdit* line : {from_, to_, step_}) {
        line->setEnabled(slides_->isChecked() && slides_->isEnabled());
    }
    listed_->setEnabled(choices_->currentIndex() == by_list);
}

HeldDetails HeldDialog::details() const {
    HeldDetails details{unit_->text().trimmed().toStdString(),
                        note_->text().trimmed().toStdString(),
                        group_->text().trimmed().toStdString(),
                        {},
                        {}};
    const auto number = [](const QLineEdit* line) { return typed_number(line->text()).value_or(0); };
    if (slides_->isChecked() && slides_->isEnabled()) {
        details.slider = Slider{number(from_), number(to_), number(step_)};
    }
    if (choices_->currentIndex() == by_list) {
        for (const QString& one : listed_->text().split(u';', Qt::SkipEmptyParts)) {
            const Value as_number = read_cell(with_point(one.trimmed()), Kind::number);
            details.choices.listed.push_back(as_number.plain() ? as_number
                                                               : Value::text(Text(one.trimmed().toStdString())));
        }
    } else if (choices_->currentIndex() > by_nothing) {
        details.choices.column = Id(choices_->currentData().toString().toStdString());
    }
    return details;
}

} // namespace ledgefall
