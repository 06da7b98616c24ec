// Commands of two-way tables: making one, its axes and layers.

#include "app/dialogs/prompts.h"
#include "app/dialogs/two_way_dialog.h"
#include "app/numbers/locale_text.h"
#include "app/shell/table_commands.h"
#include "core/study/builders/contingency.h"

namespace ledgefall {
namespace {

/// A column's name for an axis of its values, and the column as a formula of another table names it.
QString axis_line(const Table& table, const ColumnDefinition& column) {
    return QStringLiteral("%1 = %2.%1").arg(QString::fromStdString(column.name), QString::fromStdString(table.name));
}

} // namespace

/// Of two chosen columns the values of the first go down and those of the second across; a third one is measured.
void TableCommands::two_way_table() {
    TwoWayDialog::Begun begun;
    const std::vector<Id> columns = page() == nullptr || table() == nullptr || table()->two_way()
                                        ? std::vector<Id>()
                                        : page()->view().chosen_columns();
    if (columns.size() == 2 || columns.size() == 3) {
        const ColumnDefinition& first = *table()->column(columns[0]);
        const ColumnDefinition& second = *table()->column(columns[1]);
        const QString owner = QString::fromStdString(table()->name);
        begun.down = axis_line(*table(), first);
        begun.across = axis_line(*table(), second);
        const QString meeting =
            QStringLiteral("%1.%2 = %2 and %1.%3 = %3")
                .arg(owner, QString::fromStdString(first.name), QString::fromStdString(second.name));
        if (columns.size() == 3) {
            const QString measured = QString::fromStdString(table()->column(columns[2])->name);
            begun.formula = QStringLiteral("mean_%1 = mean(%2.%1 where %3)").arg(measured, owner, meeting);
        } else {
            begun.formula = QStringLiteral("n = count(%1)").arg(meeting);
        }
    }
    TwoWayDialog dialog(document_.study(), document_.snapshot(), begun, window_);
    if (dialog.exec() != QDialog::Accepted) {
        return;
    }
    const auto offer_waited = [this](Id made) {
        const Table& table = *document_.study().table(made);
        if (!table.columns.empty() && place_.page_of(made) != nullptr) {
            place_.page_of(made)->offers().offer_waited(made, table.columns.front()->id);
        }
    };
    make_table(
        tr("a two-way table"), [&dialog](const Study&, Id* made) { return dialog.made(made); }, {}, offer_waited);
}

void TableCommands::change_axis(bool across) {
    const Axis& axis = across ? *table()->across : table()->axis;
    const ColumnDefinition& column = **axis.column;
    const std::string unit = column.unit.empty() ? "" : " [" + column.unit + "]";
    const std::string now = column.name + unit + " = " + axis_in_words(document_.study(), axis);
    const auto typed = ask_text(
        window_, across ? tr("The axis across") : tr("The axis down"),
        tr("Its name and values, such as 1..12, or 3, 3.5 .. 6, or riffle, pool, weir; what is typed in the cells of "
           "values that stay is kept:"),
        QString::fromStdString(now));
    if (!typed) {
        return;
    }
    const Result<WrittenAxis> axis_written = written_axis(typed->toStdString());
    perform(tr("an axis"), axis_written
                               ? rewrite_axis(document_.study(), table()->id, across, *axis_written, own_spelling())
                               : Result<Study>(axis_written.refusal()));
}

void TableCommands::swap_axes() {
    perform(tr("swapping the axes"), transpose(document_.study(), table()->id));
}

void TableCommands::add_layer() {
    const auto label = ask_text(window_, tr("A layer of typed values"), tr("What it is called:"), tr("Counts"));
    if (!label || label->trimmed().isEmpty()) {
        return;
    }
    Id added;
    const Id id = table()->id;
    if (document_.perform(tr("a layer"), add_typed_layer(document_.study(), id, label->trimmed().toStdString(),
                                                         Kind::number, &added))) {
        page()->go_to(added, 1);
    }
}

/// The pairs of two chosen columns; the first goes down.
void TableCommands::count_pairs() {
    const std::vector<Id> columns = page()->view().chosen_columns();
    if (columns.size() != 2) {
        return document_.refuse(
            {N_("Choose two columns: the values of the first go down, those of the second across."), {}});
    }
    make_table(tr("a contingency table"), [columns](const Study& study, Id* made) {
        return contingency_table(study, columns[0], columns[1], made);
    });
}

} // namespace ledgefall
