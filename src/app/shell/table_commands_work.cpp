// Commands on rows, formulas and numbers as shown.

#include "app/dialogs/continue_dialog.h"
#include "app/ledge/held_card.h"
#include "app/shell/table_commands.h"
#include "core/study/edits/edits.h"
#include "core/study/edits/series.h"

#include <QApplication>

namespace ledgefall {

// --- rows ------------------------------------------------------------------------------------------------------------

void TableCommands::move_rows(int by) {
    const TableView::Block block = page()->view().chosen();
    const int to = block.top + by;
    if (block.empty() || to < 0 || block.bottom + by >= page()->model().table_rows()) {
        return;
    }
    if (document_.perform(tr("moving rows"),
                          ledgefall::move_rows(document_.study(), page()->table_id(),
                                               static_cast<std::size_t>(block.top),
                                               static_cast<std::size_t>(block.rows()), static_cast<std::size_t>(to)))) {
        choose(to, block.bottom + by, block.left, block.right);
    }
}

void TableCommands::sort(bool falling) {
    if (column() == nullptr) {
        return;
    }
    const Id table = page()->table_id();
    const Id sorted_by = column()->id;
    if (!column()->worked()) {
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

void TableCommands::continue_pattern() {
    const TableView::Block block = page()->view().chosen();
    if (block.empty() || column() == nullptr || column()->worked()) {
        return document_.refuse({N_("Choose the values that have been started, in a column that is given."), {}});
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

void TableCommands::continue_to(std::size_t row, const std::optional<Pattern>& pattern) {
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

// --- formulas --------------------------------------------------------------------------------------------------------

void TableCommands::narrow_reach() {
    const TableView::Block block = page()->view().chosen();
    if (column() != nullptr && !block.empty()) {
        perform(tr("the reach of %1").arg(QString::fromStdString(column()->name)),
                ledgefall::narrow_reach(
                    document_.study(), column()->id,
                    std::pair(static_cast<std::size_t>(block.top), static_cast<std::size_t>(block.bottom))));
    }
}

void TableCommands::cover_all_rows() {
    if (column() != nullptr) {
        perform(tr("the reach of %1").arg(QString::fromStdString(column()->name)),
                ledgefall::narrow_reach(document_.study(), column()->id, std::nullopt));
    }
}

void TableCommands::measure_across(const std::string& measure) {
    const std::vector<Id> columns = page()->view().chosen_columns();
    if (columns.size() < 2) {
        return document_.refuse({N_("Choose two or more columns: a measure across them is taken of each row."), {}});
    }
    const std::vector<int> sections = page()->view().chosen_sections();
    const auto name_at = [this](int section) { return table()->columns[static_cast<std::size_t>(section)]->name; };
    const bool neighbours = sections.back() - sections.front() + 1 == static_cast<int>(sections.size());
    std::string across;
    for (const int section : sections) {
        across += (across.empty() ? "" : ", ") + name_at(section) + "[i]";
    }
    across = neighbours ? name_at(sections.front()) + "[i] .. " + name_at(sections.back()) + "[i]" : across;
    std::string name = measure;
    for (int number = 2; name_refused(document_.study(), table(), name).has_value(); ++number) {
        name = measure + "_" + std::to_string(number);
    }
    page()->write_formula(page()->model().columnCount() - 1,
                          QString::fromStdString(name + " = " + measure + "(" + across + ")"));
}

void TableCommands::spread() {
    const std::vector<Id> columns = page()->view().chosen_columns();
    if (columns.empty()) {
        return document_.refuse({N_("Choose the columns first; in the formula each stands for one of them."), {}});
    }
    page()->spread(columns, QStringLiteral("share = each / sum(each)"));
    QTextCursor cursor = page()->editor().line().textCursor();
    cursor.select(QTextCursor::Document);
    page()->editor().line().setTextCursor(cursor);
}

// --- numbers as shown ------------------------------------------------------------------------------------------------

bool TableCommands::format_focused(const std::function<Format(const Format& now)>& change) {
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

void TableCommands::format_chosen(const Format& format) {
    if (format_focused([&format](const Format&) { return format; })) {
        return;
    }
    Result<Study> next = document_.study();
    for (const Id id : page()->view().chosen_columns()) {
        next = next ? format_column(*next, id, format) : next;
    }
    perform(tr("number format"), next);
}

void TableCommands::change_decimals(int by) {
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
