// The sheets of held values and of checks.

#include "core/value/text_order.h"
#include "files/worksheet_writing/place_study.h"
#include "files/worksheet_writing/sheet_cells.h"
#include "files/worksheet_writing/workbook_making.h"

#include <algorithm>

namespace ledgefall {
namespace {

/// A name that reads like a place (`x1`), or that a worksheet keeps for itself, is not defined.
void add_name(const SheetPlaces& places, const std::string& name, std::uint32_t row, Workbook& out) {
    const bool plain = std::all_of(name.begin(), name.end(), [](char c) {
        return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || (c >= '0' && c <= '9') || c == '_';
    });
    const SheetFormula read = read_sheet_formula(name, FormulaNotation::plain, {0, 0});
    const bool known = std::any_of(out.names.begin(), out.names.end(), [&](const DefinedName& one) {
        return in_small_letters(one.name) == in_small_letters(name);
    });
    const bool row_and_column = name.find_first_not_of("rRcC0123456789") == std::string::npos;
    if (!plain || known || row_and_column || name.size() < 2 || !read.tree ||
        read.tree->type != SheetNode::Type::name) {
        return;
    }
    auto place = std::make_shared<SheetNode>();
    place->type = SheetNode::Type::cell;
    place->sheet = places.held_sheet;
    place->from.row = {static_cast<std::int32_t>(row), true};
    place->from.column = {1, true};
    out.names.push_back({name, "", shared_formula(place)});
}

} // namespace

void WorkbookMaking::add_held() {
    if (places.held_row.empty()) {
        return;
    }
    Sheet sheet;
    sheet.name = places.held_sheet;
    each_held(study, [&](const Table* table, const HeldValue& held) {
        const auto found = places.held_row.find(held.id);
        if (found == places.held_row.end()) {
            return;
        }
        const std::uint32_t row = found->second;
        sheet.cells.push_back(text_cell({row, 0}, held.name, true));
        SheetCell cell = value_cell({row, 1}, results.single(held.id), held.format);
        if (!held.note.empty()) {
            sheet.notes[cell.place] = held.note;
        }
        if (held.computed() && held.formula.tree()) {
            cell.formula = formula_of_one(*held.formula.tree(), {table, FormulaPosition::In::ledge, {}},
                                          results.single(held.id), held.name, sheet, cell.place);
        }
        sheet.cells.push_back(std::move(cell));
        if (!held.unit.empty()) {
            sheet.cells.push_back(text_cell({row, 2}, held.unit));
        }
        add_name(places, held.name, row, out);
    });
    set_widths(sheet);
    out.sheets.push_back(std::move(sheet));
}

/// Every check with its condition as it is written in the study, and as a formula that tells whether it holds.
void WorkbookMaking::add_checks() {
    if (study.checks.empty()) {
        return;
    }
    Sheet sheet;
    sheet.name = places.check_sheet;
    sheet.frozen_rows = 1;
    const char* const headings[] = {"Check", "Condition", "Holds", "Otherwise"};
    for (std::uint32_t column = 0; column < std::size(headings); ++column) {
        sheet.cells.push_back(text_cell({0, column}, worded({headings[column], {}}), true));
    }
    std::uint32_t row = 1;
    for (const auto& check : study.checks) {
        sheet.cells.push_back(text_cell({row, 0}, check->label));
        sheet.cells.push_back(text_cell({row, 1}, check->condition.text()));
        SheetCell state = value_cell({row, 2}, results.single(check->id), {});
        if (check->condition.tree()) {
            const auto made =
                maker.make(*check->condition.tree(), {study.table(check->table), FormulaPosition::In::check, {}});
            if (made) {
                state.formula = shared_formula(made->tree);
            } else {
                not_said(check->label, made.refusal(), sheet, state.place);
            }
        }
        if (state.has_value || state.formula != nullptr) {
            sheet.cells.push_back(std::move(state));
        }
        if (!check->message.empty()) {
            sheet.cells.push_back(text_cell({row, 3}, check->message));
        }
        ++row;
    }
    set_widths(sheet);
    out.sheets.push_back(std::move(sheet));
}

} // namespace ledgefall
