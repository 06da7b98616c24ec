#include "app/dialogs/two_way_dialog.h"

#include "app/document/document.h"
#include "app/numbers/locale_text.h"
#include "app/numbers/number_text.h"
#include "app/theme/theme.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHeaderView>
#include <QPushButton>

namespace ledgefall {
namespace {

constexpr int most_rows_shown = 6;
constexpr int most_columns_shown = 7;

} // namespace

TwoWayDialog::TwoWayDialog(const Study& study, const ResultsPtr& results, const Begun& begun, QWidget* parent)
    : QDialog(parent)
    , study_(study)
    , down_(new QLineEdit(begun.down, this))
    , across_(new QLineEdit(begun.across, this))
    , formula_(new QLineEdit(begun.formula, this))
    , preview_(new QTableWidget(this))
    , told_(new QLabel(this)) {
    setWindowTitle(tr("Two-way table"));
    trial_.begin_from(results);
    down_->setPlaceholderText(tr("a = 1..12"));
    across_->setPlaceholderText(tr("b = 2, 4, 8"));
    formula_->setPlaceholderText(tr("product = a * b"));
    for (QLineEdit* line : {down_, across_, formula_}) {
        line->setMinimumWidth(theme().px(420));
        line->setFont(theme().text(10.5));
    }
    auto* ways =
        new QLabel(tr("An axis is a name and its values: a range (1..12), a series continued from two numbers (3, 3.5 "
                      ".. 6), a list (riffle, pool, weir), or a column of another table (Readings.site)."),
                   this);
    ways->setWordWrap(true);
    QPalette quiet = ways->palette();
    quiet.setColor(QPalette::WindowText, theme().faint_ink);
    ways->setPalette(quiet);
    preview_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    preview_->setFocusPolicy(Qt::NoFocus);
    preview_->setSelectionMode(QAbstractItemView::NoSelection);
    preview_->setAccessibleName(tr("First cells"));
    preview_->verticalHeader()->setSectionResizeMode(QHeaderView::Fixed);
    preview_->verticalHeader()->setDefaultSectionSize(theme().px(24));
    preview_->setFixedHeight(theme().px(24) * (most_rows_shown + 1) + theme().px(8));
    told_->setWordWrap(true);
    told_->setTextFormat(Qt::PlainText);
    told_->setMinimumHeight(QFontMetrics(font()).height() * 2);
    auto* form = new QFormLayout(this);
    form->addRow(tr("&Down"), down_);
    form->addRow(tr("&Across"), across_);
    form->addRow(tr("&Formula"), formula_);
    form->addRow(ways);
    form->addRow(preview_);
    form->addRow(told_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    make_ = buttons->button(QDialogButtonBox::Ok);
    make_->setText(tr("Make table"));
    form->addRow(buttons);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    for (QLineEdit* line : {down_, across_, formula_}) {
        connect(line, &QLineEdit::textChanged, this, &TwoWayDialog::look_over);
    }
    connect(&trial_, &Computer::finished, this, &TwoWayDialog::show_cells);
    look_over();
}

QString TwoWayDialog::label() const {
    const QString formula = formula_->text().section(u'=', 0, 0).trimmed();
    const auto name = [](const QLineEdit& line) { return line.text().section(u'=', 0, 0).trimmed(); };
    return formula_->text().contains(u'=') && !formula.isEmpty()
               ? tr("%1 by %2 and %3").arg(formula, name(*down_), name(*across_))
               : tr("%1 by %2").arg(name(*down_), name(*across_));
}

Result<Study> TwoWayDialog::made(Id* table) const {
    const Result<WrittenAxis> down = written_axis(down_->text().toStdString());
    if (!down) {
        return Sentence{N_("Down: %1"), {down.refusal().text()}};
    }
    const Result<WrittenAxis> across = written_axis(across_->text().toStdString());
    if (!across) {
        return Sentence{N_("Across: %1"), {across.refusal().text()}};
    }
    Id id;
    const Result<Study> grid = add_two_way_table(study_, label().toStdString(), *down, *across, &id, own_spelling());
    if (table != nullptr) {
        *table = id;
    }
    const std::string formula = formula_->text().trimmed().toStdString();
    return !grid || formula.empty() ? grid : write_column(*grid, id, formula);
}

void TwoWayDialog::look_over() {
    const Result<Study> next = made(&tried_table_);
    make_->setEnabled(bool(next));
    if (!next) {
        trial_.stop();
        const bool begun = !down_->text().isEmpty() && !across_->text().isEmpty();
        told_->setText(begun ? Document::translated(next.refusal()) : QString());
        preview_->setRowCount(0);
        preview_->setColumnCount(0);
        return;
    }
    tried_ = *next;
    trial_.ask(tried_);
}

void TwoWayDialog::show_cells(const ResultsPtr& results) {
    const Table* table = results == nullptr ? nullptr : tried_.table(tried_table_);
    if (table == nullptr || !table->two_way()) {
        return;
    }
    const Column* down = results->column((*table->axis.column)->id);
    const Column* across = results->column((*table->across->column)->id);
    if (down == nullptr || across == nullptr) {
        return;
    }
    const ColumnDefinition* layer = table->columns.empty() ? nullptr : &*table->columns.front();
    const Column* cells = layer == nullptr ? nullptr : results->column(layer->id);
    const Format format = cells == nullptr ? Format() : settled_format(layer->format, *cells);
    const int rows = std::min(most_rows_shown, static_cast<int>(down->size()));
    const int columns = std::min(most_columns_shown, static_cast<int>(across->size()));
    preview_->setRowCount(rows);
    preview_->setColumnCount(columns);
    QStringList headings;
    QStringList names;
    for (int column = 0; column < columns; ++column) {
        headings << value_text(across->at(static_cast<std::size_t>(column)), (*table->across->column)->format);
    }
    for (int row = 0; row < rows; ++row) {
        names << value_text(down->at(static_cast<std::size_t>(row)), (*table->axis.column)->format);
        for (int column = 0; column < columns; ++column) {
            const std::size_t at = static_cast<std::size_t>(row) * across->size() + static_cast<std::size_t>(column);
            const Value value = cells == nullptr ? Value::missing() : cells->at(at);
            auto* item = new QTableWidgetItem(value.plain() ? value_text(value, format) : QString());
            item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
            preview_->setItem(row, column, item);
        }
    }
    preview_->setHorizontalHeaderLabels(headings);
    preview_->setVerticalHeaderLabels(names);
    preview_->resizeColumnsToContents();
    const auto no_rows = results->fault_of_rows(table->id);
    const Results::Entry* entry = layer == nullptr ? nullptr : results->find(layer->id);
    const auto told = [&](const Fault& fault) { return Document::translated(explain(tried_, *results, fault)); };
    const std::string waits = entry == nullptr || entry->faults == 0 ? "" : entry->first_fault.at().waits_for;
    if (!waits.empty()) {
        return told_->setText(tr("The formula waits for %1. You can hold it on the ledge when the table is made.")
                                  .arg(QString::fromStdString(waits)));
    }
    told_->setText(no_rows ? told(*no_rows)
                   : entry != nullptr && entry->faults > 0
                       ? told(entry->first_fault)
                       : tr("Rows: %1. Columns: %2.").arg(down->size()).arg(across->size()));
}

} // namespace ledgefall
