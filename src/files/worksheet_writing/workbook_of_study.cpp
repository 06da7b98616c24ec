#include "files/worksheet_writing/workbook_of_study.h"

#include "files/worksheet_writing/lay_sheets_across.h"
#include "files/worksheet_writing/place_study.h"
#include "files/worksheet_writing/sheet_cells.h"
#include "files/worksheet_writing/workbook_making.h"

#include <algorithm>

namespace ledgefall {

Result<MadeFormula> WorkbookMaking::made(const Node& tree, const FormulaPosition& seat, const Value& shown) const {
    if (!shown.is_fault()) {
        return maker.make(tree, seat);
    }
    std::string why = explain(study, results, shown.fault()).text();
    why.erase(why.find_last_not_of('.') + 1);
    return Sentence{N_("its formula has an error: %1"), {why}};
}

std::shared_ptr<const SheetFormula> WorkbookMaking::formula_of_one(const Node& tree, const FormulaPosition& seat,
                                                                   const Value& shown, const std::string& what,
                                                                   Sheet& sheet, SheetPlace at) const {
    Result<MadeFormula> formula = made(tree, seat, shown);
    const bool lacks =
        formula && std::any_of(formula->operands.begin(), formula->operands.end(), [&](const SheetNodePtr& operand) {
            return value_at(*operand, sheet.name, at).is_missing();
        });
    if (lacks && shown.plain()) {
        formula = missing_otherwise;
    }
    if (!formula) {
        not_said(what, formula.refusal(), sheet, at);
        return nullptr;
    }
    return shared_formula(lacks ? guarded_formula(formula->tree, formula->operands) : formula->tree);
}

Value WorkbookMaking::value_at(const SheetNode& reference, const std::string& sheet, SheetPlace own) const {
    const std::int64_t row = reference.from.row.from(own.row);
    const std::int64_t column = reference.from.column.from(own.column);
    const SheetPlaces::Standing found = places.standing(reference.sheet.empty() ? sheet : reference.sheet, column);
    if (found.of == nullptr) {
        return Value::number(0); // a held value, or an axis
    }
    const std::int64_t down = row - found.of->first_row;
    const bool layer = found.of->columns > 0;
    const std::int64_t across = layer ? column - found.of->first_column : 0;
    if (down < 0 || down >= found.of->rows || across < 0 || (layer && across >= found.of->columns)) {
        return Value::missing();
    }
    return results.cell(found.column, static_cast<std::size_t>(layer ? down * found.of->columns + across : down));
}

std::vector<SheetNodePtr> WorkbookMaking::perhaps_missing(const std::vector<SheetNodePtr>& operands,
                                                          const std::string& sheet, SheetPlace own) const {
    std::vector<SheetNodePtr> some;
    for (const SheetNodePtr& operand : operands) {
        const std::string& on = operand->sheet.empty() ? sheet : operand->sheet;
        const SheetPlaces::Standing found = places.standing(on, operand->from.column.from(own.column));
        const Column* cells = found.of == nullptr ? nullptr : results.column(found.column);
        const bool other_rows = found.of != nullptr && found.of->columns == 0 && on != sheet;
        if (cells != nullptr && (cells->filled() < cells->size() || other_rows)) {
            some.push_back(operand);
        }
    }
    return some;
}

Value WorkbookMaking::shown_by(Id column) const {
    const Results::Entry* entry = results.find(column);
    const bool all =
        entry != nullptr && entry->cells != nullptr && entry->faults > 0 && entry->faults == entry->cells->size();
    return all ? Value::fault(entry->first_fault) : Value::missing();
}

void WorkbookMaking::not_said(const std::string& what, const Sentence& why, Sheet& sheet, SheetPlace at) const {
    out.reports.push_back({N_("%1 is exported as values: %2."), {what, why.text()}});
    std::string& note = sheet.notes[at];
    note += (note.empty() ? "" : "\n") + worded({N_("Exported as values: %1."), {why.text()}});
}

namespace {

/// Pictures beside the tables that they are drawn of, under each other.
void add_pictures(const Study& study, const SheetPlaces& places, const std::vector<ChartPicture>& pictures,
                  Workbook& out) {
    constexpr int row_height = 20; // in 96ths of an inch
    for (const auto& chart : study.charts) {
        const auto picture = std::find_if(pictures.begin(), pictures.end(),
                                          [&](const ChartPicture& one) { return one.chart == chart->id; });
        const auto table = places.tables.find(chart->table);
        if (picture == pictures.end() || table == places.tables.end()) {
            out.reports.push_back({N_("The chart %1 is not exported."), {chart->label}});
            continue;
        }
        const auto& layers = table->second.layer_sheet;
        const std::string& name = layers.empty() ? table->second.sheet : layers.begin()->second;
        const auto sheet =
            std::find_if(out.sheets.begin(), out.sheets.end(), [&](const Sheet& one) { return one.name == name; });
        if (sheet == out.sheets.end()) {
            continue;
        }
        int row = 1;
        for (const SheetPicture& above : sheet->pictures) {
            row = static_cast<int>(above.at.row) + above.height / row_height + 2;
        }
        sheet->pictures.push_back(
            {chart->label,
             picture->png,
             picture->width,
             picture->height,
             {static_cast<std::uint32_t>(row), static_cast<std::uint32_t>(sheet->widths.size()) + 1}});
    }
}

} // namespace

Workbook workbook_of_study(const Study& study, const Results& results, const std::vector<ChartPicture>& pictures,
                           const StopToken& stop) {
    Workbook out;
    const SheetPlaces places = place_study(study, results, out.reports);
    const SheetFormulaMaker maker(study, results, places);
    WorkbookMaking making{study, results, places, maker, out, stop};
    for (const auto& table : study.tables) {
        table->two_way() ? making.add_layers(*table) : making.add_table(*table);
    }
    making.add_held();
    making.add_checks();
    lay_sheets_across(study, places, out);
    add_pictures(study, places, pictures, out);
    return out;
}

} // namespace ledgefall
