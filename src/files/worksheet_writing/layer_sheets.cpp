// The sheets of a two-way table's layers: the values of its axes at the left and above, its foot under, beside and in
// the corner.

#include "core/study/model/grid_cells.h"
#include "files/worksheet_recovery/sheet_blocks.h"
#include "files/worksheet_writing/sheet_cells.h"
#include "files/worksheet_writing/workbook_making.h"

#include <algorithm>
#include <set>

namespace ledgefall {
namespace {

class LayerSheet {
  public:
    LayerSheet(WorkbookMaking& making, const Table& table, const ColumnDefinition& layer)
        : making_(making)
        , table_(table)
        , layer_(layer)
        , of_(making.places.of(table)) {}

    void add() {
        sheet_.name = of_.layer_sheet.at(layer_.id);
        sheet_.frozen_rows = 1;
        sheet_.frozen_columns = 1;
        write_axes();
        write_cells();
        for (const auto& line : table_.foot) {
            if (line->takes(layer_.id)) {
                write_foot(*line);
            }
        }
        put_in_order(sheet_);
        set_widths(sheet_);
        making_.out.sheets.push_back(std::move(sheet_));
    }

  private:
    void write_axes() {
        const ColumnDefinition& down = **table_.axis.column;
        const ColumnDefinition& across = **table_.across->column;
        sheet_.cells.push_back(text_cell({0, 0}, down.name + " \\ " + across.name, true));
        for (std::uint32_t column = 0; column < of_.columns; ++column) {
            SheetCell cell =
                value_cell({0, of_.first_column + column}, making_.results.cell(across.id, column), across.format);
            cell.heading = true;
            sheet_.cells.push_back(std::move(cell));
        }
        for (std::uint32_t row = 0; row < of_.rows; ++row) {
            sheet_.cells.push_back(
                value_cell({of_.first_row + row, 0}, making_.results.cell(down.id, row), down.format));
        }
    }

    /// The formula of all cells; without a tree where there is none that can be said.
    MadeFormula formula() {
        if (!layer_.computed() || !layer_.pieces.front().formula.tree()) {
            return {};
        }
        const auto made = making_.made(*layer_.pieces.front().formula.tree(),
                                       {&table_, FormulaPosition::In::layer, layer_.id}, making_.shown_by(layer_.id));
        if (!made) {
            making_.not_said(table_.name + "." + layer_.name, made.refusal(), sheet_, {0, 0});
            return {};
        }
        return *made;
    }

    /// By how many rows and columns a formula looks at other cells of the layers.
    struct Shifts {
        std::set<std::int64_t> rows, columns;
    };
    Shifts shifts_of(const SheetNode& tree) const {
        Shifts out;
        each_reference(tree, [&](const SheetNode& node) {
            const bool layers =
                node.sheet.empty() || std::any_of(of_.layer_sheet.begin(), of_.layer_sheet.end(),
                                                  [&](const auto& one) { return one.second == node.sheet; });
            const auto add = [](const Coordinate& one, std::set<std::int64_t>& to) {
                if (!one.fixed) {
                    to.insert(one.value);
                }
            };
            for (const CellReference* end : {&node.from, &node.to}) {
                if (layers && (end == &node.from || node.type == SheetNode::Type::range)) {
                    add(end->row, out.rows);
                    add(end->column, out.columns);
                }
            }
        });
        return out;
    }
    static bool reaches(const std::set<std::int64_t>& shifts, std::uint32_t at, std::uint32_t count) {
        return shifts.empty() || (at + *shifts.begin() >= 0 && at + *shifts.rbegin() < count);
    }

    /// Which of the cells that a formula reaches have an operand that is missing, and whether they are then all missing
    /// too: an empty cell counts as 0 in a worksheet.
    enum class Missing : std::uint8_t { nowhere, with_the_cell, otherwise };
    Missing missing_operands(const MadeFormula& made, const Shifts& shifts) const {
        Missing out = Missing::nowhere;
        const auto operands = making_.perhaps_missing(made.operands, sheet_.name, {of_.first_row, of_.first_column});
        for (std::uint32_t row = 0; !operands.empty() && row < of_.rows; ++row) {
            for (std::uint32_t column = 0; column < of_.columns; ++column) {
                if (!reaches(shifts.rows, row, of_.rows) || !reaches(shifts.columns, column, of_.columns) ||
                    std::none_of(operands.begin(), operands.end(), [&](const SheetNodePtr& operand) {
                        const SheetPlace own{of_.first_row + row, of_.first_column + column};
                        return making_.value_at(*operand, sheet_.name, own).is_missing();
                    })) {
                    continue;
                }
                if (making_.results.cell(layer_.id, std::size_t(row) * of_.columns + column).plain()) {
                    return Missing::otherwise;
                }
                out = Missing::with_the_cell;
            }
        }
        return out;
    }

    /// The cells that are typed over, from 0, row by row.
    std::set<std::size_t> typed_over() const {
        std::set<std::size_t> out;
        const Column* down = making_.results.column((*table_.axis.column)->id);
        const Column* across = making_.results.column((*table_.across->column)->id);
        if (layer_.overrides->empty() || down == nullptr || across == nullptr) {
            return out;
        }
        const GridCells cells(table_, *down, *across);
        for (const auto& [id, value] : *layer_.overrides) {
            if (const auto at = cells.place_of(id)) {
                out.insert(*at);
            }
        }
        return out;
    }

    void write_cells() {
        MadeFormula made = formula();
        const Shifts shifts = made.tree ? shifts_of(*made.tree) : Shifts();
        const Missing missing = made.tree ? missing_operands(made, shifts) : Missing::nowhere;
        if (missing == Missing::otherwise) {
            making_.not_said(table_.name + "." + layer_.name, missing_otherwise, sheet_, {0, 0});
            made = {};
        }
        const bool guarded = missing == Missing::with_the_cell;
        const std::shared_ptr<const SheetFormula> all =
            made.tree ? shared_formula(guarded ? guarded_formula(made.tree, made.operands) : made.tree) : nullptr;
        const std::set<std::size_t> typed = typed_over();
        for (std::uint32_t row = 0; row < of_.rows; ++row) {
            for (std::uint32_t column = 0; column < of_.columns; ++column) {
                const std::size_t at = std::size_t(row) * of_.columns + column;
                SheetCell cell = value_cell({of_.first_row + row, of_.first_column + column},
                                            making_.results.cell(layer_.id, at), layer_.format);
                const bool holds = !typed.contains(at) && reaches(shifts.rows, row, of_.rows) &&
                                   reaches(shifts.columns, column, of_.columns);
                cell.formula = holds ? all : nullptr;
                if (cell.has_value || cell.formula != nullptr) {
                    sheet_.cells.push_back(std::move(cell));
                }
            }
        }
    }

    void write_foot(const FootLine& line) {
        const std::string label = line.label.empty() ? line.formula.text() : line.label;
        const auto under = of_.foot_row.find(line.id);
        const auto beside = of_.side_column.find(line.id);
        if (under != of_.foot_row.end()) {
            sheet_.cells.push_back(text_cell({under->second, 0}, label, true));
            const auto formula = formula_of(line, FormulaPosition::In::foot, {under->second, 0});
            for (std::uint32_t column = 0; column < of_.columns; ++column) {
                add_value(line, {under->second, of_.first_column + column},
                          making_.results.cell(foot_row_of(line.id, layer_.id, true), column), formula);
            }
        }
        if (beside != of_.side_column.end()) {
            sheet_.cells.push_back(text_cell({0, beside->second}, label, true));
            const auto formula = formula_of(line, FormulaPosition::In::side, {0, beside->second});
            for (std::uint32_t row = 0; row < of_.rows; ++row) {
                add_value(line, {of_.first_row + row, beside->second},
                          making_.results.cell(foot_row_of(line.id, layer_.id, false), row), formula);
            }
        }
        if (under != of_.foot_row.end() && beside != of_.side_column.end()) {
            const SheetPlace corner{under->second, beside->second};
            add_value(line, corner, making_.results.foot(line.id, layer_.id),
                      formula_of(line, FormulaPosition::In::corner, corner));
        }
    }

    std::shared_ptr<const SheetFormula> formula_of(const FootLine& line, FormulaPosition::In in, SheetPlace at) {
        if (!line.formula.tree()) {
            return nullptr;
        }
        const auto made = making_.maker.make(*line.formula.tree(), {&table_, in, layer_.id});
        if (!made) {
            making_.not_said(line.label + " of " + table_.name + "." + layer_.name, made.refusal(), sheet_, at);
            return nullptr;
        }
        return shared_formula(made->tree);
    }

    void add_value(const FootLine& line, SheetPlace place, const Value& value,
                   const std::shared_ptr<const SheetFormula>& formula) {
        SheetCell cell = value_cell(place, value, line.format.or_else(layer_.format));
        cell.formula = formula;
        if (cell.has_value || cell.formula != nullptr) {
            sheet_.cells.push_back(std::move(cell));
        }
    }

    WorkbookMaking& making_;
    const Table& table_;
    const ColumnDefinition& layer_;
    const SheetPlaces::OfTable& of_;
    Sheet sheet_;
};

} // namespace

void WorkbookMaking::add_layers(const Table& table) {
    for (const auto& layer : table.columns) {
        LayerSheet(*this, table, *layer).add();
    }
}

} // namespace ledgefall
