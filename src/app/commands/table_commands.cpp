#include "app/commands/table_commands.h"

#include "app/commands/made_table.h"
#include "app/dialogs/frequency_dialog.h"
#include "app/dialogs/prompts.h"
#include "app/dialogs/two_way_dialog.h"
#include "app/numbers/locale_text.h"
#include "core/study/builders/contingency.h"
#include "core/study/edits/edits.h"
#include "core/study/row_sources/class_rows.h"

namespace ledgefall {

namespace {

/// A column's name for an axis of its values, and the column as a formula of another table names it.
QString axis_line(const Table& table, const ColumnDefinition& column) {
    return QStringLiteral("%1 = %2.%1").arg(QString::fromStdString(column.name), QString::fromStdString(table.name));
}

} // namespace

QList<Command> TableCommands::list() {
    return {
        {"new-table", "table", tr("&New table"), "Ctrl+T", [this] { new_table(); }, Needs::nothing, no_words, "table"},
        {"two-way-table", "table", tr("Two-way &table…"), "Ctrl+Shift+T", [this] { two_way_table(); }, Needs::nothing,
         no_words, "two_way"},
        {"title-table", "table", tr("T&itle and note…"), no_keys, [this] { title_table(); }, Needs::table},
        {"rename-table", "table", tr("&Rename table…"), no_keys, [this] { rename_table(); }, Needs::table},
        {"count-rows", "table", tr("Number o&f rows…"), no_keys, [this] { count_rows(); }, Needs::table},
        {"stop-rows", "table", tr("&Stop rows early…"), no_keys, [this] { stop_rows(); }, Needs::counted_rows},
        {"change-classes", "table", tr("Change c&lasses…"), no_keys, [this] { change_classes(); }, Needs::classes,
         tr("bins intervals limits width")},
        {"axis-down", "table", tr("Change axis &down…"), no_keys, [this] { change_axis(false); }, Needs::two_axes,
         tr("rows values")},
        {"axis-across", "table", tr("Change axis &across…"), no_keys, [this] { change_axis(true); }, Needs::two_axes,
         tr("columns values")},
        {"swap-axes", "table", tr("Swap a&xes"), no_keys,
         [this] { perform(tr("swapping the axes"), transpose(document_.study(), table()->id)); }, Needs::two_axes,
         tr("transpose turn")},
        Command{"lay-across", "table", tr("Show rows a&cross"), no_keys,
                [this] {
                    perform(tr("showing rows across"),
                            lay_across(document_.study(), page()->table_id(), !page()->laid_across()));
                },
                Needs::one_axis, tr("transpose turn rows to the right months horizontal")}
            .with_state([this] { return page() != nullptr && page()->laid_across(); }),
        {"add-layer", "table", tr("Add a layer of t&yped values…"), no_keys, [this] { add_layer(); }, Needs::two_axes,
         tr("enter data")},
        {"move-table-up", "table", tr("Move table up"), no_keys, [this] { move_table(-1); }, Needs::table},
        {"move-table-down", "table", tr("Move table down"), no_keys, [this] { move_table(1); }, Needs::table},
        {"remove-table", "table", tr("Remove table"), no_keys, [this] { remove_table(); }, Needs::table},
    };
}

void TableCommands::new_table() {
    Id added;
    if (document_.perform(tr("new table"), add_table(document_.study(), tr("Table").toStdString(), &added))) {
        pages_.show_table(added);
        page()->view().set_current(page()->model().index(0, 0));
        page()->view().setFocus();
    }
}

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
            const ColumnDefinition& third = *table()->column(columns[2]);
            const QString measured = QString::fromStdString(third.name);
            const bool counts = third.unit.empty() && proposed_recording_unit(*cells_of(document_, third)) >= 1;
            begun.formula =
                (counts ? QStringLiteral("%1 = sum(%2.%1 where %3)") : QStringLiteral("mean_%1 = mean(%2.%1 where %3)"))
                    .arg(measured, owner, meeting);
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
        if (!table.columns.empty() && pages_.page_of(made) != nullptr) {
            pages_.page_of(made)->suggestions().offer_waited(made, table.columns.front()->id);
        }
    };
    MadeTable(document_, pages_)
        .make(
            tr("new two-way table"), [&dialog](const Study&, Id* made) { return dialog.made(made); }, {}, offer_waited);
}

void TableCommands::title_table() {
    const auto label =
        ask_text(window_, tr("Title"), tr("Title of the table:"), QString::fromStdString(table()->shown_label()));
    const auto note =
        label ? ask_text(window_, tr("Note"), tr("Note beside the title:"), QString::fromStdString(table()->note))
              : std::nullopt;
    if (note) {
        perform(tr("title"), label_table(document_.study(), table()->id, label->toStdString(), note->toStdString()));
    }
}

void TableCommands::rename_table() {
    const auto name =
        ask_text(window_, tr("Rename"), tr("Name of the table in formulas (formulas that use it are updated):"),
                 QString::fromStdString(table()->name));
    if (name) {
        perform(tr("renaming"), ledgefall::rename_table(document_.study(), table()->id, name->toStdString()));
    }
}

void TableCommands::count_rows() {
    const Formula* formula = table()->axis.source->count();
    const auto count = ask_text(window_, tr("Number of rows"), tr("Number of rows, or a formula of held values:"),
                                formula == nullptr ? QStringLiteral("100") : QString::fromStdString(formula->text()));
    if (count) {
        perform(tr("number of rows"), ledgefall::count_rows(document_.study(), table()->id, count->toStdString()));
    }
}

void TableCommands::stop_rows() {
    const Formula* formula = table()->axis.source->until();
    const auto until =
        ask_text(window_, tr("Stop rows early"),
                 tr("Stop at the first row for which this holds, such as r < 1 (leave it empty to run to the end):"),
                 formula == nullptr ? QString() : QString::fromStdString(formula->text()));
    if (until) {
        perform(tr("stopping rows early"), ledgefall::stop_rows(document_.study(), table()->id, until->toStdString()));
    }
}

void TableCommands::change_classes() {
    const Id counted = counted_column(document_.study(), *table());
    const Table* source = nullptr;
    for (const auto& one : document_.study().tables) {
        source = one->column(counted) != nullptr ? &*one : source;
    }
    const auto* rows = table()->axis.rows_as<ClassRows>();
    if (rows == nullptr || source == nullptr) {
        return document_.refuse({N_("This table has no classes of another column to change."), {}});
    }
    const ColumnDefinition& column = *source->column(counted);
    const auto cells = cells_of(document_, column);
    if (const auto possible = propose_classes(*cells, ClassRule::about_eight); !possible) {
        return document_.refuse(possible.refusal());
    }
    FrequencyDialog dialog(cells, QString::fromStdString(column.shown_label()), window_);
    dialog.begin_with(rows->classes());
    if (dialog.exec() == QDialog::Accepted && dialog.is_valid()) {
        perform(tr("class changes"), reclass(document_.study(), table()->id, dialog.classes()));
    }
}

void TableCommands::change_axis(bool across) {
    const Axis& axis = across ? *table()->across : table()->axis;
    const ColumnDefinition& column = **axis.column;
    const std::string unit = column.unit.empty() ? "" : " [" + column.unit + "]";
    const std::string now = column.name + unit + " = " + axis_in_words(document_.study(), axis);
    const auto typed = ask_text(window_, across ? tr("Axis across") : tr("Axis down"),
                                tr("Name and values, such as 1..12, or 3, 3.5 .. 6, or riffle, pool, weir. Typed cells "
                                   "are kept for values that remain:"),
                                QString::fromStdString(now));
    if (!typed) {
        return;
    }
    const Result<WrittenAxis> axis_written = written_axis(typed->toStdString());
    perform(tr("axis changes"),
            axis_written ? rewrite_axis(document_.study(), table()->id, across, *axis_written, own_spelling())
                         : Result<Study>(axis_written.refusal()));
}

void TableCommands::add_layer() {
    const auto label = ask_text(window_, tr("Layer of typed values"), tr("Name of the layer:"), tr("Counts"));
    if (!label || label->trimmed().isEmpty()) {
        return;
    }
    Id added;
    const Id id = table()->id;
    if (document_.perform(tr("new layer"), add_typed_layer(document_.study(), id, label->trimmed().toStdString(),
                                                           Kind::number, &added))) {
        page()->go_to(added, 1);
    }
}

void TableCommands::move_table(int by) {
    const auto& tables = document_.study().tables;
    for (std::size_t at = 0; at < tables.size(); ++at) {
        const auto to = static_cast<std::ptrdiff_t>(at) + by;
        if (tables[at]->id == page()->table_id() && to >= 0) {
            perform(tr("moving a table"),
                    ledgefall::move_table(document_.study(), tables[at]->id, static_cast<std::size_t>(to)));
            return;
        }
    }
}

void TableCommands::remove_table() {
    const Id id = page()->table_id();
    if (may_remove(window_, document_.study(), id)) {
        perform(tr("removing a table"), ledgefall::remove_table(document_.study(), id, IfUsed::remove_anyway));
    }
}

} // namespace ledgefall
