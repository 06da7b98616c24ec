#include "files/worksheet_writing/lay_sheets_across.h"

#include "files/worksheet_recovery/openformula_patterns.h"
#include "files/worksheet_writing/sheet_cells.h"

#include <set>
#include <utility>

namespace ledgefall {
namespace {

/// The formulas of one sheet, with the places on sheets that are laid across exchanged.
class FormulaTurner {
  public:
    FormulaTurner(const std::set<std::string>& across, const std::string& own)
        : across_(across)
        , own_(own) {}

    std::shared_ptr<const SheetFormula> turned(const std::shared_ptr<const SheetFormula>& formula, SheetPlace at) {
        const auto known = turned_.find(formula.get());
        if (known != turned_.end()) {
            return known->second;
        }
        at_ = at;
        counts_from_here_ = false;
        auto out = shared_formula(turned(formula->tree));
        if (!counts_from_here_) { // it holds for all cells that share the formula
            turned_[formula.get()] = out;
        }
        return out;
    }

  private:
    bool lies_across(const std::string& sheet) const { return across_.contains(sheet.empty() ? own_ : sheet); }

    SheetNodePtr turned(const SheetNodePtr& node) {
        auto out = std::make_shared<SheetNode>(*node);
        for (SheetNodePtr& kid : out->kids) {
            kid = turned(kid);
        }
        if (node->type == SheetNode::Type::cell || node->type == SheetNode::Type::range) {
            const bool there = lies_across(node->sheet);
            for (CellReference* end : {&out->from, &out->to}) {
                if (there != lies_across({})) { // what is counted from here would go another way there
                    hold(end->row, at_.row);
                    hold(end->column, at_.column);
                }
                if (there) {
                    std::swap(end->row, end->column);
                    std::swap(end->whole_row, end->whole_column);
                }
            }
        } else if (node->type == SheetNode::Type::call && node->text == openformula::row && node->kids.empty() &&
                   lies_across({})) {
            out->text = openformula::column;
        }
        return out;
    }

    void hold(Coordinate& coordinate, std::uint32_t own) {
        counts_from_here_ = counts_from_here_ || !coordinate.fixed;
        coordinate = {static_cast<std::int32_t>(coordinate.from(own)), true};
    }

    const std::set<std::string>& across_;
    const std::string& own_;
    SheetPlace at_;
    bool counts_from_here_ = false;
    std::unordered_map<const SheetFormula*, std::shared_ptr<const SheetFormula>> turned_;
};

} // namespace

void lay_sheets_across(const Study& study, const SheetPlaces& places, Workbook& workbook) {
    std::set<std::string> across;
    for (const auto& table : study.tables) {
        if (table->laid_across && places.of(*table).rows + 100 < WorksheetLimits::columns) {
            across.insert(places.of(*table).sheet);
        }
    }
    if (across.empty()) {
        return;
    }
    for (Sheet& sheet : workbook.sheets) {
        FormulaTurner turner(across, sheet.name);
        const bool turns = across.contains(sheet.name);
        for (SheetCell& cell : sheet.cells) {
            cell.formula = cell.formula == nullptr ? nullptr : turner.turned(cell.formula, cell.place);
            if (turns) {
                std::swap(cell.place.row, cell.place.column);
            }
        }
        if (turns) {
            std::map<SheetPlace, std::string> notes;
            for (auto& [place, note] : sheet.notes) {
                notes[{place.column, place.row}] = std::move(note);
            }
            sheet.notes = std::move(notes);
            std::swap(sheet.frozen_rows, sheet.frozen_columns);
            put_in_order(sheet);
            set_widths(sheet);
        }
    }
}

} // namespace ledgefall
