#include "app/commands/row_commands.h"

#include "app/dialogs/continue_dialog.h"
#include "core/study/edits/edits.h"
#include "core/study/edits/series.h"

namespace ledgefall {

QList<Command> RowCommands::list() {
    constexpr const char* insert = "Alt+Ins";
    return {
        {"rows", "table", tr("Ro&ws")},
        Command{"insert-rows", "rows", tr("&Insert rows above"), insert, [this] { page()->insert_rows_above(); },
                Needs::table}
            .lying_across(tr("&Insert rows to the left"), insert),
        {"remove-rows", "rows", tr("&Remove rows"), "Alt+Del", [this] { page()->remove_selected_rows(); },
         Needs::table},
        Command{"move-rows-up", "rows", tr("Move rows &up"), "Alt+Shift+Up", [this] { move_rows(-1); }, Needs::table}
            .lying_across(tr("Move rows &left"), "Alt+Shift+Left"),
        Command{"move-rows-down", "rows", tr("Move rows &down"), "Alt+Shift+Down", [this] { move_rows(1); },
                Needs::table}
            .lying_across(tr("Move rows ri&ght"), "Alt+Shift+Right"),
        Command{"sort-rising", "rows", tr("&Sort by this column, ascending"), no_keys, [this] { sort(false); },
                Needs::column, tr("order")}
            .after_a_rule(),
        {"sort-falling", "rows", tr("Sort by this column, d&escending"), no_keys, [this] { sort(true); }, Needs::column,
         tr("order")},
        Command{"continue", "rows", tr("&Continue selected values…"), "Ctrl+J", [this] { continue_pattern(); },
                Needs::given_column, tr("series fill down sequence repeat")}
            .after_a_rule(),
    };
}

void RowCommands::move_rows(int by) {
    const TableView::Block block = page()->view().chosen();
    const int to = block.top + by;
    if (block.empty() || to < 0 || block.bottom + by >= page()->model().table_rows()) {
        return;
    }
    if (document_.perform(tr("moving rows"),
                          ledgefall::move_rows(document_.study(), page()->table_id(),
                                               static_cast<std::size_t>(block.top),
                                               static_cast<std::size_t>(block.rows()), static_cast<std::size_t>(to)))) {
        page()->view().choose_block({to, block.bottom + by, block.left, block.right});
    }
}

void RowCommands::sort(bool falling) {
    const Id table = page()->table_id();
    const Id sorted_by = column()->id;
    if (!column()->computed()) {
        return document_.perform_aside(
            this, tr("sorting"), [table, sorted_by, falling](const Study& study, const StopToken& stop) {
                const ColumnDefinition* key =
                    study.table(table) == nullptr ? nullptr : study.table(table)->column(sorted_by);
                return key == nullptr ? Result<Study>(study) : sort_rows(study, table, *key->cells, falling, stop);
            });
    }
    document_.perform_by_results(
        this, tr("sorting"),
        [table, sorted_by, falling](const Study& study, const Results& results, const StopToken& stop) {
            const Column* keys = study.table(table) == nullptr ? nullptr : results.column(sorted_by);
            return keys == nullptr ? Result<Study>(study) : sort_rows(study, table, *keys, falling, stop);
        });
}

void RowCommands::continue_pattern() {
    const TableView::Block block = page()->view().chosen();
    if (block.empty()) {
        return document_.refuse({N_("Select the values to continue, in a given column."), {}});
    }
    std::vector<Value> started;
    for (int row = block.top; row <= block.bottom; ++row) {
        started.push_back(page()->model().value(row, block.left));
    }
    ContinueDialog dialog(started, static_cast<std::size_t>(block.bottom) + 1,
                          static_cast<std::size_t>(page()->model().table_rows()), window_);
    if (dialog.exec() == QDialog::Accepted) {
        continue_to(dialog.to_row(), dialog.pattern());
    }
}

void RowCommands::continue_to(std::size_t row, const std::optional<Pattern>& pattern) {
    const TableView::Block block = page()->view().chosen();
    if (block.empty() || row == 0) {
        return;
    }
    const auto change = [table = page()->table_id(), block, row, pattern](const Study& study, const StopToken&) {
        return continue_cells(study, table, static_cast<std::size_t>(block.left), static_cast<std::size_t>(block.right),
                              static_cast<std::size_t>(block.top), static_cast<std::size_t>(block.rows()), row - 1,
                              pattern);
    };
    constexpr std::size_t done_at_once = 50'000; // rows
    if (row < done_at_once) {
        perform(tr("continuing"), change(document_.study(), {}));
    } else {
        document_.perform_aside(this, tr("continuing"), change);
    }
}

} // namespace ledgefall
