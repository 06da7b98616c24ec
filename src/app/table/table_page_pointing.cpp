// What is pointed at while a formula is written, and the cells that it means.

#include "app/table/table_page.h"
#include "core/authoring/two_axes.h"
#include "core/study/edits/edits.h"

#include <algorithm>

namespace ledgefall {

void TablePage::point_at(Id id) {
    FormulaEditor* editor = active_editor_.editor();
    if (editor != nullptr) {
        editor->point_at(QString::fromStdString(shortest_name(document_.study(), editor->draft().table(), id)));
    }
}

/// A cell of the formula's own row follows it, the one above is the row before; any other is held at its row.
void TablePage::point_at_cell(int row, int section, FormulaEditor::Pointing how) {
    FormulaEditor* editor = active_editor_.editor();
    const ColumnDefinition* column = model_->column(section);
    if (editor == nullptr || column == nullptr || row >= model_->table_rows()) {
        return;
    }
    if (model_->two_way()) {
        return point_at_part(QRect(section, row, 1, 1), how);
    }
    const QString name = QString::fromStdString(shortest_name(document_.study(), editor->draft().table(), column->id));
    const bool own = editor->draft().table_id() == table_;
    const auto at = static_cast<std::size_t>(row) + 1;
    const bool itself = column->id == editor->draft().column();
    if (own && at == editor->row() && !itself) {
        editor->point_at(name, how);
    } else if (own && (at + 1 == editor->row() || (itself && at == editor->row()))) {
        editor->point_at(name + QStringLiteral("[i-1]"), how);
    } else {
        editor->point_at(name + QStringLiteral("[%1]").arg(at), how);
    }
}

void TablePage::point_at_cells(const QRect& cells, bool adds) {
    FormulaEditor* editor = active_editor_.editor();
    const auto how = adds ? FormulaEditor::Pointing::adds : FormulaEditor::Pointing::replaces;
    if (cells.width() == 1 && cells.height() == 1) {
        return point_at_cell(cells.top(), cells.left(), how);
    }
    if (editor == nullptr || model_->column(cells.right()) == nullptr) {
        return;
    }
    if (model_->two_way()) {
        return point_at_part(cells, how);
    }
    const bool own = editor->draft().table_id() == table_;
    const auto name = [&](int section) {
        return QString::fromStdString(
            shortest_name(document_.study(), editor->draft().table(), model_->column(section)->id));
    };
    const int first = cells.top() + 1;
    const int last = cells.bottom() + 1;
    const bool all = first == 1 && last == model_->table_rows();
    if (cells.height() == 1) { // along a row: the formula's own follows it, any other is held
        const bool here = own && first == static_cast<int>(editor->row());
        const QString place = here ? QStringLiteral("[i]") : QStringLiteral("[%1]").arg(first);
        return editor->point_at(name(cells.left()) + place + QStringLiteral(" .. ") + name(cells.right()) + place, how);
    }
    if (all && cells.width() > 1) {
        return editor->point_at(name(cells.left()) + QStringLiteral(" .. ") + name(cells.right()), how);
    }
    const bool to_here = own && first == 1 && last == static_cast<int>(editor->row());
    const QString place = all       ? QString()
                          : to_here ? QStringLiteral("[1..i]")
                                    : QStringLiteral("[%1..%2]").arg(first).arg(last);
    QStringList references;
    for (int section = cells.left(); section <= cells.right(); ++section) {
        references << name(section) + place;
    }
    editor->point_at(references.join(QStringLiteral(", ")), how);
}

/// A part of a two-way table: this cell, its neighbours, all of its row or column, its row or column up to here; else
/// the cells by their numbers.
void TablePage::point_at_part(const QRect& cells, FormulaEditor::Pointing how) {
    FormulaEditor* editor = active_editor_.editor();
    const ColumnDefinition& layer = *model_->column(cells.left());
    const QString name = QString::fromStdString(shortest_name(document_.study(), editor->draft().table(), layer.id));
    const bool own = editor->draft().table_id() == table_;
    const int columns = static_cast<int>(columns_of_grid(document_.study(), document_.results(), table_));
    const int row = own ? static_cast<int>(editor->row() - 1) / columns : -9;
    const int column = own ? static_cast<int>(editor->row() - 1) % columns : -9;
    const bool itself = own && layer.id == editor->draft().column();
    const auto place = [&](int from, int to, int here, int length, const QString& word) {
        constexpr int near = 1;
        if (from == 0 && to == length - 1 && from != to) {
            return QStringLiteral("..");
        }
        if (from == to && here >= 0 && std::abs(from - here) <= near) {
            const int steps = from - here;
            return steps == 0 ? word : word + (steps < 0 ? QStringLiteral("-1") : QStringLiteral("+1"));
        }
        if (from == to) {
            return QString::number(from + 1);
        }
        return here >= 0 && from == 0 && to == here ? QStringLiteral("1..") + word
                                                    : QStringLiteral("%1..%2").arg(from + 1).arg(to + 1);
    };
    const QString rows = place(cells.top(), cells.bottom(), row, model_->table_rows(), QStringLiteral("i"));
    const QString across = place(cells.left(), cells.right(), column, columns, QStringLiteral("j"));
    const bool all = rows == QStringLiteral("..") && across == rows;
    const bool here = rows == QStringLiteral("i") && across == QStringLiteral("j") && !itself;
    editor->point_at(all || here ? name : QStringLiteral("%1[%2, %3]").arg(name, rows, across), how);
}

void TablePage::point_at_headings(int from, int to, bool adds) {
    FormulaEditor* editor = active_editor_.editor();
    const ColumnDefinition* first = model_->column(std::min(from, to));
    const ColumnDefinition* last = model_->column(std::max(from, to));
    if (editor == nullptr || first == nullptr || last == nullptr) {
        return;
    }
    if (model_->two_way()) { // the axis itself
        return point_at((*model_->table()->across->column)->id);
    }
    const auto name = [&](const ColumnDefinition& column) {
        return QString::fromStdString(shortest_name(document_.study(), editor->draft().table(), column.id));
    };
    editor->point_at(from == to ? name(*first) : name(*first) + QStringLiteral(" .. ") + name(*last),
                     adds ? FormulaEditor::Pointing::adds : FormulaEditor::Pointing::replaces);
}

/// A foot line under a column is its measure of that column: `mean(x)`.
void TablePage::point_at_foot(int line, int section) {
    FormulaEditor* editor = active_editor_.editor();
    const FootLine* foot = foot_->foot().line(line);
    const ColumnDefinition* column = model_->column(section);
    if (editor == nullptr || foot == nullptr || column == nullptr || !foot->takes(column->id)) {
        return;
    }
    const std::string name = shortest_name(document_.study(), editor->draft().table(), column->id);
    editor->point_at(QString::fromStdString(for_column(foot->formula, name)));
}

/// The cells of a two-way table that a formula means, column by column; of an axis none, since it has headings.
std::vector<ReferencedCells> TablePage::cells_referred_to(const FormulaEditor& editor) const {
    std::vector<ReferencedCells> cells;
    const auto columns = columns_of_grid(document_.study(), document_.results(), table_);
    const ColumnDefinition* shown = model_->column(0);
    if (columns == 0 || shown == nullptr) {
        return cells;
    }
    const GridSpot spot{(editor.row() - 1) / columns + 1, (editor.row() - 1) % columns + 1,
                        static_cast<std::size_t>(model_->table_rows()), columns};
    for (const Mark& mark : editor.draft().marks()) {
        const auto meant =
            mark.id == shown->id ? cells_meant(*editor.draft().tree(), mark, *model_->table(), spot) : std::nullopt;
        for (std::size_t column = meant ? meant->columns.from : 1; meant && column <= meant->columns.to; ++column) {
            cells.push_back({static_cast<int>(column) - 1, static_cast<int>(meant->rows.from) - 1,
                             static_cast<int>(meant->rows.to) - 1, mark.manner});
        }
    }
    return cells;
}

void TablePage::show_references(const FormulaEditor* editor) {
    std::vector<ReferencedCells> cells;
    if (editor != nullptr && editor->draft().tree() && model_->two_way()) {
        return view_->show_references(cells_referred_to(*editor));
    }
    if (editor != nullptr && editor->draft().tree()) {
        const auto rows = static_cast<std::size_t>(model_->table_rows());
        const auto& columns = model_->table()->columns;
        for (const Mark& mark : editor->draft().marks()) {
            const auto match = rows_meant(*editor->draft().tree(), mark, editor->row(), rows);
            for (std::size_t section = 0; match && section < columns.size(); ++section) {
                if (columns[section]->id == mark.id) {
                    cells.push_back({static_cast<int>(section), static_cast<int>(match->from) - 1,
                                     static_cast<int>(match->to) - 1, mark.manner});
                }
            }
        }
    }
    view_->show_references(std::move(cells));
}

} // namespace ledgefall
