#include "app/commands/column_commands.h"

#include "app/dialogs/prompts.h"
#include "app/ledge/held_card.h"
#include "app/numbers/format_choices.h"
#include "core/study/edits/edits.h"

#include <QApplication>

#include <utility>

namespace ledgefall {

QList<Command> ColumnCommands::list() {
    constexpr const char* left = "Alt+Shift+Left";
    constexpr const char* right = "Alt+Shift+Right";
    constexpr const char* up = "Alt+Shift+Up";
    constexpr const char* down = "Alt+Shift+Down";
    return {
        Command{"columns", "table", tr("C&olumns")}.after_a_rule(),
        {"column-menu", "columns", tr("&Column menu…"), "Ctrl+M", [this] { open_menu(); }, Needs::table},
        {"label-column", "columns", tr("&Label, unit and note…"), "Ctrl+Shift+M", [this] { menu_of_column()->head(); },
         Needs::column, tr("heading title comment")},
        {"rename-column", "columns", tr("&Rename in formulas…"), no_keys, [this] { menu_of_column()->rename(); },
         Needs::column},
        Command{"insert-column", "columns", tr("&Insert a column before"), "Alt+Shift+Ins", [this] { insert_column(); },
                Needs::table}
            .after_a_rule(),
        {"duplicate-column", "columns", tr("&Duplicate column"), no_keys,
         [this] { perform(tr("duplicating a column"), duplicate_column(document_.study(), column()->id)); },
         Needs::column, tr("copy")},
        Command{"move-column-left", "columns", tr("Move column le&ft"), left, [this] { move_column(-1); }, Needs::table}
            .lying_across(tr("Move column u&p"), up),
        Command{"move-column-right", "columns", tr("Move column ri&ght"), right, [this] { move_column(1); },
                Needs::table}
            .lying_across(tr("Move column d&own"), down),
        {"hide-columns", "columns", tr("&Hide selected columns"), no_keys, [this] { hide_columns(); }, Needs::column},
        {"show-columns", "columns", tr("&Show hidden columns"), no_keys, [this] { show_hidden(); },
         Needs::hidden_column},
        {"remove-column", "columns", tr("Remove column"), no_keys, [this] { menu_of_column()->remove(); },
         Needs::column, tr("delete")},
        Command{"group-columns", "columns", tr("Add a group h&eading…"), no_keys, [this] { group(); }, Needs::column,
                tr("group merge")}
            .after_a_rule(),
        {"rename-group", "columns", tr("Rename group heading in formulas…"), no_keys, [this] { rename_group(); },
         Needs::grouped_column},
        {"ungroup-columns", "columns", tr("Remove group heading"), no_keys,
         [this] { perform(tr("removing a group heading"), ungroup(document_.study(), heading()->id)); },
         Needs::grouped_column},
        Command{"wider-column", "columns", tr("&Widen column"), "Ctrl+Alt+Right", [this] { page()->view().widen(12); },
                Needs::table}
            .after_a_rule(),
        {"narrower-column", "columns", tr("&Narrow column"), "Ctrl+Alt+Left", [this] { page()->view().widen(-12); },
         Needs::table},
        {"fit-column", "columns", tr("Fi&t column width"), "Ctrl+Alt+Down", [this] { page()->view().widen(0); },
         Needs::table},
    };
}

QList<Command> ColumnCommands::formats() {
    QList<Command> all = {
        {"formats", "table", tr("N&umber format")},
        {"more-decimals", "formats", tr("&More decimals"), "Ctrl+]", [this] { change_decimals(1); }, Needs::table},
        {"fewer-decimals", "formats", tr("&Fewer decimals"), "Ctrl+[", [this] { change_decimals(-1); }, Needs::table},
    };
    bool first = true;
    for (const FormatChoice& one : format_choices()) {
        all.append(Command{"format", "formats", one.text, no_keys,
                           [this, format = one.format] {
                               if (const auto complete = completed(window_, format)) {
                                   format_chosen(*complete);
                               }
                           },
                           Needs::table}
                       .after_a_rule(std::exchange(first, false)));
    }
    return all;
}

void ColumnCommands::open_menu() {
    const QModelIndex at = page()->view().current();
    if (const auto menu = page()->column_menu(at.column(), at.row())) {
        menu->exec(page()->view().viewport()->mapToGlobal(page()->view().rect_of(at).bottomLeft()));
    }
}

std::unique_ptr<ColumnMenu> ColumnCommands::menu_of_column() const {
    return page()->column_menu(page()->view().current().column(), -1);
}

void ColumnCommands::insert_column() {
    const int at = page()->view().current().column();
    perform(tr("inserting a column"),
            ledgefall::insert_column(document_.study(), page()->table_id(), static_cast<std::size_t>(std::max(0, at))));
}

void ColumnCommands::move_column(int by) {
    const QModelIndex at = page()->view().current();
    const int to = at.column() + by;
    if (column() == nullptr || page()->model().column(to) == nullptr) {
        return;
    }
    if (document_.perform(tr("moving a column"),
                          ledgefall::move_column(document_.study(), column()->id, static_cast<std::size_t>(to)))) {
        page()->view().set_current(page()->model().index(at.row(), to));
    }
}

void ColumnCommands::hide_columns() {
    Result<Study> next = document_.study();
    for (const Id id : page()->view().chosen_columns()) {
        next = next ? hide_column(*next, id, true) : next;
    }
    perform(tr("hiding columns"), next);
}

void ColumnCommands::show_hidden() {
    Result<Study> next = document_.study();
    for (const auto& one : table()->columns) {
        next = next && one->hidden ? hide_column(*next, one->id, false) : next;
    }
    perform(tr("showing columns"), next);
}

void ColumnCommands::group() {
    const auto label = ask_text(window_, tr("Group heading"), tr("Heading for these columns:"), {});
    if (label && !label->isEmpty()) {
        perform(tr("new group heading"), group_columns(document_.study(), page()->table_id(), label->toStdString(),
                                                       page()->view().chosen_columns()));
    }
}

const Group* ColumnCommands::heading() const {
    for (const auto& group : table()->groups) {
        if (std::find(group->columns.begin(), group->columns.end(), column()->id) != group->columns.end()) {
            return &*group;
        }
    }
    return nullptr;
}

void ColumnCommands::rename_group() {
    const Id group = heading()->id; // the study may be another one when the question has been answered
    const auto name = ask_text(window_, tr("Rename"),
                               tr("Name of the group of columns in formulas (formulas that use it are updated):"),
                               QString::fromStdString(heading()->name));
    if (name) {
        perform(tr("renaming"), ledgefall::rename_group(document_.study(), group, name->toStdString()));
    }
}

/// The held value or foot line that has the focus, if one has; formats are then for it.
bool ColumnCommands::format_focused(const std::function<Format(const Format& now)>& change) {
    QWidget* focus = QApplication::focusWidget();
    if (const auto* card = qobject_cast<HeldCard*>(focus); card != nullptr && card->value() != nullptr) {
        perform(tr("number format"), format_held(document_.study(), card->held(), change(card->value()->format)));
        return true;
    }
    const auto* foot = qobject_cast<FootView*>(focus);
    const FootLine* line = foot == nullptr ? nullptr : foot->foot().line(foot->current_line());
    if (line != nullptr) {
        perform(tr("number format"), format_foot_line(document_.study(), line->id, change(line->format)));
    }
    return line != nullptr;
}

void ColumnCommands::format_chosen(const Format& format) {
    if (format_focused([&format](const Format&) { return format; })) {
        return;
    }
    Result<Study> next = document_.study();
    for (const Id id : page()->view().chosen_columns()) {
        next = next ? format_column(*next, id, format) : next;
    }
    perform(tr("number format"), next);
}

void ColumnCommands::change_decimals(int by) {
    if (format_focused([by](const Format& now) { return now.with_more(by); })) {
        return;
    }
    Result<Study> next = document_.study();
    for (const int section : page()->view().chosen_sections()) {
        const ColumnDefinition& one = *page()->model().column(section);
        const Format format = page()->model().shown_format(section).with_more(by);
        next = next ? format_column(*next, one.id, format) : next;
    }
    perform(tr("number format"), next);
}

} // namespace ledgefall
