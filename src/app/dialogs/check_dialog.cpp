#include "app/dialogs/check_dialog.h"

#include "app/document/document.h"
#include "app/theme/theme.h"

#include <QDialogButtonBox>
#include <QFormLayout>

namespace ledgefall {
namespace {

// What is checked, in the order of the list.
constexpr int adds_up = 0;
constexpr int counts_to_n = 1;
constexpr int whole_column = 2;
constexpr int own = 3;

} // namespace

CheckDialog::CheckDialog(const Study& study, Id table, const CheckText& text, QWidget* parent)
    : QDialog(parent)
    , study_(study)
    , table_(table)
    , kind_(new QComboBox(this))
    , column_(new QComboBox(this))
    , value_(new QLineEdit(QStringLiteral("1"), this))
    , condition_(new QLineEdit(QString::fromStdString(text.condition), this))
    , label_(new QLineEdit(QString::fromStdString(text.label), this))
    , message_(new QLineEdit(QString::fromStdString(text.message), this))
    , refusal_(new QLabel(this)) {
    setWindowTitle(tr("Check"));
    kind_->addItem(tr("A column adds up to a value"));
    kind_->addItem(tr("Counts add up to the number of rows of another table"));
    kind_->addItem(tr("A condition holds in every row"));
    kind_->addItem(tr("Another condition"));
    const Table* own_table = study.table(table);
    if (own_table != nullptr) {
        for (const auto& column : own_table->columns) {
            column_->addItem(QString::fromStdString(column->name));
        }
    }
    kind_->setCurrentIndex(own_table == nullptr || !text.condition.empty() ? own : adds_up);
    refusal_->setWordWrap(true);
    refusal_->setStyleSheet(QStringLiteral("color: %1;").arg(theme().fault.name()));
    auto* form = new QFormLayout(this);
    form->addRow(tr("&What to check"), kind_);
    form->addRow(tr("Co&lumn"), column_);
    form->addRow(tr("&Value"), value_);
    form->addRow(tr("&Condition"), condition_);
    form->addRow(tr("Nam&e"), label_);
    form->addRow(tr("&Message when it fails"), message_);
    form->addRow(refusal_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    connect(buttons, &QDialogButtonBox::accepted, this, &CheckDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    form->addRow(buttons);
    connect(kind_, &QComboBox::currentIndexChanged, this, &CheckDialog::propose);
    connect(column_, &QComboBox::currentIndexChanged, this, &CheckDialog::propose);
    connect(value_, &QLineEdit::textChanged, this, &CheckDialog::propose);
    propose();
}

void CheckDialog::propose() {
    const int kind = kind_->currentIndex();
    column_->setEnabled(kind != own);
    value_->setEnabled(kind == adds_up || kind == whole_column);
    if (kind == own) {
        return;
    }
    const QString column = column_->currentText();
    const QString value = value_->text().trimmed();
    if (kind == adds_up) {
        condition_->setText(QStringLiteral("sum(%1) ≈ %2").arg(column, value));
        label_->setText(tr("%1 adds up to %2").arg(column, value));
        message_->setText(tr("%1 does not add up to %2.").arg(column, value));
    } else if (kind == counts_to_n) {
        QString other;
        for (const auto& table : study_.tables) {
            const bool another = !(table->id == table_) && !table->columns.empty();
            other = other.isEmpty() && another
                        ? QString::fromStdString(table->name + "." + table->columns.front()->name)
                        : other;
        }
        condition_->setText(QStringLiteral("sum(%1) = count(%2)").arg(column, other.isEmpty() ? column : other));
        label_->setText(tr("%1 counts every row").arg(column));
        message_->setText(
            tr("The counts in %1 do not add up to n. Some values are in no class, or in two.").arg(column));
    } else {
        condition_->setText(QStringLiteral("count(%1 > %2) = count(%1)").arg(column, value));
        label_->setText(tr("every %1 is above %2").arg(column, value));
        message_->setText(tr("Not every %1 is above %2.").arg(column, value));
    }
}

CheckText CheckDialog::text() const {
    return {label_->text().trimmed().toStdString(), condition_->text().trimmed().toStdString(),
            message_->text().trimmed().toStdString()};
}

void CheckDialog::accept() {
    const Result<Study> tried = add_check(study_, table_, text());
    if (!tried) {
        refusal_->setText(Document::translated(tried.refusal()));
        return condition_->setFocus();
    }
    QDialog::accept();
}

} // namespace ledgefall
