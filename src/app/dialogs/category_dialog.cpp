#include "app/dialogs/category_dialog.h"

#include "app/document/document.h"
#include "app/numbers/number_text.h"
#include "app/theme/theme.h"
#include "core/study/row_sources/category_rows.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QPushButton>
#include <QVBoxLayout>

namespace ledgefall {

CategoryDialog::CategoryDialog(std::shared_ptr<const Column> cells, Id column, const QString& name, QWidget* parent)
    : QDialog(parent)
    , cells_(std::move(cells))
    , column_(column)
    , by_(new QComboBox(this))
    , order_(new QComboBox(this))
    , first_(new QLineEdit(this))
    , message_(new QLabel(this)) {
    setWindowTitle(tr("Frequency table of %1").arg(name));
    by_->addItem(tr("Each different value"), static_cast<int>(Categories::By::value));
    if (cells_->kind() == Kind::date) {
        by_->addItem(tr("Each month"), static_cast<int>(Categories::By::month));
        by_->addItem(tr("Each year"), static_cast<int>(Categories::By::year));
        by_->addItem(tr("Each day of the week"), static_cast<int>(Categories::By::weekday));
    }
    order_->addItems({tr("In order of occurrence"), tr("Ascending or alphabetical"), tr("Most frequent first")});
    const auto box = [this](const QString& text, bool on) {
        auto* result = new QCheckBox(text, this);
        result->setChecked(on);
        return result;
    };
    relative_ = box(tr("Share"), true);
    percent_ = box(tr("Per cent"), false);
    cumulative_ = box(tr("Cumulative"), false);
    tally_ = box(tr("Tally"), false);
    draw_ = box(tr("Draw a &bar chart"), true);
    auto* with = new QHBoxLayout;
    for (QCheckBox* one : {relative_, percent_, cumulative_, tally_}) {
        with->addWidget(one);
    }
    auto* form = new QFormLayout;
    form->addRow(tr("One &row for"), by_);
    form->addRow(tr("&Order"), order_);
    first_->setPlaceholderText(tr("separated by commas; the others follow in that order"));
    form->addRow(tr("These values &first"), first_);
    form->addRow(tr("Include"), with);
    form->addRow(QString(), draw_);
    message_->setWordWrap(true);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel, this);
    buttons->addButton(tr("Make table"), QDialogButtonBox::AcceptRole);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(by_, &QComboBox::currentIndexChanged, this, &CategoryDialog::look_over);
    connect(order_, &QComboBox::currentIndexChanged, this, &CategoryDialog::look_over);
    connect(first_, &QLineEdit::textChanged, this, &CategoryDialog::look_over);
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(form);
    layout->addWidget(message_);
    layout->addWidget(buttons);
    look_over();
}

void CategoryDialog::look_over() {
    const Categories how = categories();
    order_->setEnabled(how.by == Categories::By::value);
    first_->setEnabled(how.by == Categories::By::value);
    const Result<Column> rows = rows_of_categories(*cells_, how);
    message_->setStyleSheet(QStringLiteral("color: %1;").arg((rows ? theme().faint_ink : theme().fault).name()));
    if (!rows) {
        return message_->setText(Document::translated(rows.refusal()));
    }
    constexpr std::size_t most_named = 8;
    QStringList names;
    const Format format{how.by == Categories::By::month ? Format::Style::month_year : Format::Style::automatic, 0};
    for (std::size_t row = 0; row < std::min(most_named, rows->size()); ++row) {
        names << value_text(rows->at(row), format);
    }
    message_->setText(tr("Rows: %1. %2%3")
                          .arg(rows->size())
                          .arg(names.join(QStringLiteral(", ")), rows->size() > most_named ? tr(", …") : QString()));
}

Categories CategoryDialog::categories() const {
    Categories how;
    how.of = column_;
    how.by = static_cast<Categories::By>(by_->currentData().toInt());
    how.order = static_cast<Categories::Order>(order_->currentIndex());
    for (const QString& one : first_->text().split(QLatin1Char(','), Qt::SkipEmptyParts)) {
        const Value value = read_cell(one.trimmed().toStdString(), cells_->kind());
        if (value.plain() && std::find(how.first.begin(), how.first.end(), value) == how.first.end()) {
            how.first.push_back(value);
        }
    }
    return how;
}

FrequencyParts CategoryDialog::parts() const {
    FrequencyParts parts;
    parts.relative = relative_->isChecked();
    parts.percent = percent_->isChecked();
    parts.cumulative = cumulative_->isChecked();
    parts.cumulative_share = cumulative_->isChecked();
    parts.tally = tally_->isChecked();
    return parts;
}

} // namespace ledgefall
