#include "app/commands/edit_commands.h"

#include "core/study/edits/edits.h"

#include <QClipboard>
#include <QGuiApplication>

namespace ledgefall {

QList<Command> EditCommands::list() {
    const auto cut = [this] {
        page()->clipboard().copy();
        page()->view().clear_selected();
    };
    const auto undo_text = [this] {
        return document_.can_undo() ? tr("&Undo %1").arg(document_.undo_name()) : tr("&Undo");
    };
    const auto redo_text = [this] {
        return document_.can_redo() ? tr("&Redo %1").arg(document_.redo_name()) : tr("&Redo");
    };
    return {
        Command{"undo", "edit", tr("&Undo"), QKeySequence::Undo, [this] { document_.undo(); }, Needs::undo, no_words,
                "undo"}
            .now_named(undo_text),
        Command{"redo", "edit", tr("&Redo"), QKeySequence::Redo, [this] { document_.redo(); }, Needs::redo, no_words,
                "redo"}
            .now_named(redo_text),
        Command{"cut", "edit", tr("Cu&t"), QKeySequence::Cut, cut, Needs::table}.after_a_rule(),
        {"copy", "edit", tr("&Copy"), QKeySequence::Copy, [this] { copy(); }, Needs::table},
        {"paste", "edit", tr("&Paste"), QKeySequence::Paste, [this] { paste(); }},
        {"select-all", "edit", tr("Select &all"), QKeySequence::SelectAll, [this] { page()->view().selectAll(); },
         Needs::table},
        {"select-columns", "edit", tr("Select whole col&umns"), "Ctrl+Shift+A",
         [this] { page()->view().choose_whole_columns(); }, Needs::table},
        {"empty-cells", "edit", tr("C&lear cells"), no_keys, [this] { page()->view().clear_selected(); }, Needs::table},
        Command{"find", "edit", tr("&Find and replace…"), QKeySequence::Find, [this] { find_bar_.open(); },
                Needs::table}
            .after_a_rule(),
        {"find-next", "edit", tr("Find &next"), "F3", [this] { find_bar_.find(false); }, Needs::table},
        {"find-previous", "edit", tr("Find pre&vious"), "Shift+F3", [this] { find_bar_.find(true); }, Needs::table},
    };
}

void EditCommands::copy() {
    ChartPage* chart = pages_.chart_page();
    if (chart != nullptr && chart->plot().hasFocus()) {
        return chart->copy();
    }
    page()->clipboard().copy();
}

/// Into a new table if none is shown.
void EditCommands::paste() {
    if (page() == nullptr && !QGuiApplication::clipboard()->text().isEmpty()) {
        Id added;
        if (perform(tr("new table"), add_table(document_.study(), tr("Table").toStdString(), &added))) {
            pages_.show_table(added);
        }
    }
    if (page() != nullptr) {
        page()->clipboard().paste();
    }
}

} // namespace ledgefall
