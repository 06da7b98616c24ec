// The sheet of a table with one axis.

#include "core/basics/stopping.h"
#include "core/value/interval.h"
#include "files/worksheet_writing/sheet_cells.h"
#include "files/worksheet_writing/workbook_making.h"

#include <algorithm>

namespace ledgefall {
namespace {

class TableSheet {
  public:
    TableSheet(WorkbookMaking& making)
        : making_(making) {}

    void write_table(const Table& table) {
        const auto& of = making_.places.of(table);
        sheet_.name = of.sheet;
        sheet_.frozen_rows = 1;
        std::vector<std::vector<SheetCell>> columns; // each from the top to the end of its foot
        if (of.label_column) {
            columns.emplace_back();
        }
        if (table.axis.column) {
            columns.push_back(given_cells(table, **table.axis.column));
            if (of.lower_column) {
                columns.push_back(limit_cells(table, false));
                columns.push_back(limit_cells(table, true));
            }
        }
        for (const auto& column : table.columns) {
            columns.push_back(column->computed() ? computed_cells(table, *column) : given_cells(table, *column));
        }
        for (const auto& column : table.columns) {
            if (!column->note.empty()) {
                add_note({0, of.column_of.at(column->id)}, column->note);
            }
        }
        write_foot(table, columns);
        const std::uint32_t end = of.first_row + of.rows + static_cast<std::uint32_t>(table.foot.size());
        std::vector<std::size_t> next(columns.size(), 0);
        for (std::uint32_t row = 0; row < end; ++row) {
            for (std::size_t column = 0; column < columns.size(); ++column) {
                std::vector<SheetCell>& cells = columns[column];
                if (next[column] < cells.size() && cells[next[column]].place.row == row) {
                    sheet_.cells.push_back(std::move(cells[next[column]++]));
                }
            }
        }
        set_widths(sheet_);
        making_.out.sheets.push_back(std::move(sheet_));
    }

    SheetCell heading_cell(const Table& table, const ColumnDefinition& column) const {
        return text_cell({0, making_.places.of(table).column_of.at(column.id)}, heading_of(column), true);
    }

    std::vector<SheetCell> given_cells(const Table& table, const ColumnDefinition& column) const {
        const auto& of = making_.places.of(table);
        making_.stop.throw_if_stopped();
        std::vector<SheetCell> out{heading_cell(table, column)};
        const std::uint32_t at = of.column_of.at(column.id);
        for (std::uint32_t row = 0; row < of.rows; ++row) {
            SheetCell cell = value_cell({of.first_row + row, at}, making_.results.cell(column.id, row), column.format);
            if (cell.has_value) {
                out.push_back(std::move(cell));
            }
        }
        return out;
    }

    std::vector<SheetCell> limit_cells(const Table& table, bool upper) const {
        const auto& of = making_.places.of(table);
        const std::uint32_t at = *of.lower_column + (upper ? 1 : 0);
        const char* const label =
            upper ? (of.with_upper ? N_("up to") : N_("below")) : (of.with_lower ? N_("from") : N_("above"));
        std::vector<SheetCell> out{text_cell({0, at}, worded({label, {}}), true)};
        for (std::uint32_t row = 0; row < of.rows; ++row) {
            const Interval& limits = interval_of(making_.results.cell((*table.axis.column)->id, row));
            out.push_back(value_cell({of.first_row + row, at}, Value::number(upper ? limits.upper : limits.lower), {}));
        }
        return out;
    }

    /// The formula that each row of a column has; null where it has none that can be said.
    struct RowFormulas {
        std::vector<SheetNodePtr> first; ///< of the rows with which a recurrence begins
        MadeFormula then;
        std::size_t from = 0, to = 0; ///< rows, both included
        std::size_t then_from = 0;
    };

    std::optional<RowFormulas> formulas_of(const Table& table, const ColumnDefinition& column, const Piece& piece) {
        const auto& of = making_.places.of(table);
        RowFormulas out;
        out.from = piece.from ? table.axis.row_of(*piece.from).value_or(0) : 0;
        out.to = piece.to ? table.axis.row_of(*piece.to).value_or(0) : of.rows - 1;
        out.then_from = out.from;
        const auto& tree = piece.formula.tree();
        if (!tree || of.rows == 0) {
            not_said(table, column, {N_("its formula cannot be read"), {}});
            return std::nullopt;
        }
        const FormulaPosition seat{&table, FormulaPosition::In::column, column.id};
        const Node* then = tree.get();
        if (tree->type == NodeType::recurrence) {
            then = tree->kids.back().get();
            for (std::size_t kid = 0; kid + 1 < tree->kids.size(); ++kid) {
                const Result<MadeFormula> first = making_.maker.make(tree->kid(kid), seat);
                out.first.push_back(first ? first->tree : nullptr);
            }
            out.then_from = out.from + out.first.size();
        }
        const Result<MadeFormula> made = making_.made(*then, seat, making_.shown_by(column.id));
        if (!made) {
            not_said(table, column, made.refusal());
            return std::nullopt;
        }
        out.then = *made;
        return out;
    }

    static bool is_number(const SheetNodePtr& node) { return node != nullptr && node->type == SheetNode::Type::number; }

    std::vector<SheetCell> computed_cells(const Table& table, const ColumnDefinition& column) {
        const auto& of = making_.places.of(table);
        std::vector<SheetCell> out = given_cells(table, column);
        std::vector<std::shared_ptr<const SheetFormula>> formulas(of.rows);
        for (const Piece& piece : column.pieces) {
            const std::optional<RowFormulas> made = formulas_of(table, column, piece);
            if (!made) {
                continue;
            }
            std::vector<std::shared_ptr<const SheetFormula>> first;
            for (const SheetNodePtr& tree : made->first) {
                first.push_back(tree == nullptr || is_number(tree) ? nullptr : shared_formula(tree));
            }
            const SheetNodePtr tree = guarded(table, column, *made);
            if (tree == nullptr) {
                not_said(table, column, missing_otherwise);
                continue;
            }
            const auto then = shared_formula(tree);
            for (std::size_t row = made->from; row <= made->to && row < of.rows; ++row) {
                const bool begins = row < made->then_from;
                formulas[row] = begins ? first[row - made->from] : reaches(made->then, row, of.rows) ? then : nullptr;
            }
        }
        for (const auto& [id, value] : *column.overrides) {
            if (const auto row = table.axis.row_of(id); row && *row < formulas.size()) {
                formulas[*row] = nullptr;
            }
        }
        return with_formulas(table, column, std::move(out), formulas);
    }

    /// Whether all other rows that a formula looks at are there.
    static bool reaches(const MadeFormula& made, std::size_t row, std::size_t rows) {
        return std::all_of(made.earlier_rows.begin(), made.earlier_rows.end(), [&](std::int64_t shift) {
            const auto at = static_cast<std::int64_t>(row) + shift;
            return at >= 0 && at < static_cast<std::int64_t>(rows);
        });
    }

    /// A formula that is missing where one of its operands is: an empty cell counts as 0 in a worksheet. Null where
    /// that does not say when it is missing, as where an operand stands in a branch that is not taken.
    SheetNodePtr guarded(const Table& table, const ColumnDefinition& column, const RowFormulas& made) const {
        const auto& of = making_.places.of(table);
        const auto operands =
            making_.perhaps_missing(made.then.operands, of.sheet, {of.first_row, of.column_of.at(column.id)});
        bool any_missing = false;
        for (std::size_t row = made.then_from; !operands.empty() && row <= made.to && row < of.rows; ++row) {
            if (!reaches(made.then, row, of.rows)) {
                continue;
            }
            const Value value = making_.results.cell(column.id, row);
            const bool operand_missing =
                std::any_of(operands.begin(), operands.end(), [&](const SheetNodePtr& operand) {
                    const SheetPlace own{of.first_row + static_cast<std::uint32_t>(row), of.column_of.at(column.id)};
                    return making_.value_at(*operand, of.sheet, own).is_missing();
                });
            if (operand_missing && !value.is_missing() && !value.is_fault()) {
                return nullptr;
            }
            any_missing = any_missing || operand_missing;
        }
        return any_missing ? guarded_formula(made.then.tree, made.then.operands) : made.then.tree;
    }

    std::vector<SheetCell> with_formulas(const Table& table, const ColumnDefinition& column,
                                         std::vector<SheetCell> cells,
                                         const std::vector<std::shared_ptr<const SheetFormula>>& formulas) const {
        const auto& of = making_.places.of(table);
        const std::uint32_t at = of.column_of.at(column.id);
        std::vector<SheetCell> out{std::move(cells.front())};
        std::size_t next = 1;
        for (std::uint32_t row = 0; row < of.rows; ++row) {
            SheetCell cell;
            cell.place = {of.first_row + row, at};
            cell.has_value = false;
            cell.format = column.format;
            if (next < cells.size() && cells[next].place.row == of.first_row + row) {
                cell = std::move(cells[next++]);
            }
            cell.formula = formulas[row];
            if (cell.has_value || cell.formula != nullptr) {
                out.push_back(std::move(cell));
            }
        }
        return out;
    }

    void write_foot(const Table& table, std::vector<std::vector<SheetCell>>& columns) {
        const auto& of = making_.places.of(table);
        for (const auto& shared : table.foot) {
            const FootLine& line = *shared;
            const std::uint32_t row = of.foot_row.at(line.id);
            columns.front().push_back(text_cell({row, 0}, line.label.empty() ? line.formula.text() : line.label));
            for (const Id id : line.columns) {
                const ColumnDefinition* column = table.column(id);
                if (column == nullptr) {
                    continue;
                }
                const std::uint32_t at = of.column_of.at(id);
                SheetCell cell =
                    value_cell({row, at}, making_.results.foot(line.id, id), line.format.or_else(column->format));
                if (line.formula.tree()) {
                    cell.formula = making_.formula_of_one(*line.formula.tree(), {&table, FormulaPosition::In::foot, id},
                                                          making_.results.foot(line.id, id),
                                                          line.label + " of " + table.name + "." + column->name, sheet_,
                                                          cell.place);
                }
                columns[at].push_back(std::move(cell));
            }
        }
    }

    void not_said(const Table& table, const ColumnDefinition& column, const Sentence& why) {
        making_.not_said(table.name + "." + column.name, why, sheet_,
                         {0, making_.places.of(table).column_of.at(column.id)});
    }

    void add_note(SheetPlace place, const std::string& text) {
        std::string& note = sheet_.notes[place];
        note = note.empty() ? text : text + "\n" + note;
    }

    WorkbookMaking& making_;
    Sheet sheet_;
};

} // namespace

void WorkbookMaking::add_table(const Table& table) {
    TableSheet(*this).write_table(table);
}

} // namespace ledgefall
