#include "files/worksheet_recovery/worksheet_study.h"

#include "core/basics/stopping.h"
#include "core/engine/running/results.h"
#include "core/formula/names.h"
#include "core/study/edits/edit_grid.h"
#include "core/study/model/parts.h"
#include "files/worksheet_recovery/column_recovery.h"
#include "files/worksheet_recovery/layout_names.h"
#include "files/worksheet_recovery/limits_beside.h"
#include "files/worksheet_recovery/value_comparison.h"

#include <algorithm>
#include <utility>

namespace ledgefall {
namespace {

using Is = WorksheetReport::Line::Is;

class StudyRecovery {
  public:
    /// `others`: the cells that keep their values over the formula of their column, and why.
    StudyRecovery(const Workbook& workbook, const std::map<WorkbookPlace, Sentence>& others, const StopToken& stop)
        : workbook_(workbook)
        , others_(others)
        , stop_(stop)
        , layout_(find_layout(workbook)) {
        name_layout(workbook, layout_);
    }

    WorksheetStudy recover() {
        const InternScope scope;
        for (std::size_t table = 0; table < layout_.tables.size(); ++table) {
            add_table(table);
        }
        for (const SheetHeldValue& held : layout_.held) {
            add_held(held);
        }
        for (std::size_t table = 0; table < layout_.tables.size(); ++table) {
            add_foot(table);
        }
        for (std::size_t grid = 0; grid < layout_.grids.size(); ++grid) {
            add_grid(grid);
        }
        compare();
        WorksheetReport whole;
        for (auto& [place, lines] : column_reports_) {
            std::move(lines.lines.begin(), lines.lines.end(), std::back_inserter(whole.lines));
        }
        std::move(out_.report.lines.begin(), out_.report.lines.end(), std::back_inserter(whole.lines));
        out_.report = std::move(whole);
        for (const Sentence& note : workbook_.reports) {
            out_.report.add(Is::note, "", note);
        }
        for (const Sentence& left_out : layout_.left_out) {
            out_.report.add(Is::left_out, "", left_out);
        }
        for (const std::string& note : layout_.notes) {
            out_.report.add(Is::note, "", {N_("The text “%1” is not in any table."), {note}});
        }
        out_.study.note = out_.report.text();
        out_.study.interned.add(scope.objects());
        return std::move(out_);
    }

  private:
    void add_table(std::size_t number) {
        const SheetTable& found = layout_.tables[number];
        Table table;
        table.id = out_.study.fresh_id("t");
        table.name = found.name;
        table.label = found.title.empty() ? workbook_.sheets[found.sheet].name : found.title;
        table.axis.source = std::make_shared<TypedRows>(RowIds(found.rows()));
        table.laid_across = found.across;
        WorksheetReport lines; // of one column after the other
        ColumnRecovery recovery(workbook_, layout_, number, lines);
        for (std::size_t field = 0; field < found.fields.size(); ++field) {
            if (found.fields[field].left_out) {
                continue;
            }
            stop_.throw_if_stopped();
            RecoveredColumn column = recovery.recover(field);
            keep_others(found, field, column.definition, lines);
            column_reports_[{number, field}] = std::exchange(lines, {});
            for (ColumnDefinition& constants : column.constants) {
                constants.id = out_.study.fresh_id("c");
                table.columns.emplace_back(std::move(constants));
            }
            column.definition.id = out_.study.fresh_id("c");
            ids_[{number, field}] = column.definition.id;
            table.columns.emplace_back(std::move(column.definition));
        }
        tables_.push_back(table.id);
        out_.study.tables.emplace_back(std::move(table));
    }

    void keep_others(const SheetTable& table, std::size_t field, ColumnDefinition& column,
                     WorksheetReport& lines) const {
        for (std::size_t row = 0; row < table.rows() && !others_.empty() && column.computed(); ++row) {
            const WorkbookPlace place{table.sheet, table.cell(row, field)};
            if (const auto other = others_.find(place); other != others_.end()) {
                const Value value = value_of(*workbook_.sheets[place.sheet].at(place.place));
                column.overrides.edit([&](Overrides& kept) { kept[row + 1] = value; });
                lines.add(Is::slip, told_place(workbook_, place), other->second);
            }
        }
    }

    void add_held(const SheetHeldValue& found) {
        const SheetCell& cell = *workbook_.sheets[found.place.sheet].at(found.place.place);
        HeldValue held;
        held.id = out_.study.fresh_id("h");
        held.name = found.name;
        held.unit = found.unit;
        held.note = found.label == found.name ? "" : found.label;
        held.value = value_of(cell);
        held.format = cell.format;
        const std::string place = told_place(workbook_, found.place);
        if (cell.formula != nullptr) {
            const Result<TranslatedFormula> said =
                cell.formula->tree ? FormulaTranslator(workbook_, layout_)
                                         .translate(*cell.formula->tree, {found.place, {}, false, 0, 0, 1})
                                   : Result<TranslatedFormula>(cell.formula->mistake);
            if (said) {
                held.formula = Formula(said->text);
                out_.report.add(Is::recovered, place, {"%1 = %2", {held.name, said->text}});
                report_slips(*said, place);
            } else {
                out_.report.add(Is::not_said, place,
                                {N_("%1 keeps its value: %2."), {found.label, said.refusal().text()}});
            }
        }
        held_[held.id] = found.place;
        out_.study.ledge.emplace_back(std::move(held));
    }

    void report_slips(const TranslatedFormula& said, const std::string& place) {
        for (const SuspectReference& slip : said.slips) {
            if (slip.is == SuspectReference::Is::leaves_out) {
                out_.report.add(Is::slip, place,
                                {N_("The range %1 leaves out the last rows of the column (%2) and is kept. To use all "
                                    "rows, write only the column's name."),
                                 {slip.from, std::to_string(slip.rows_left)}});
            }
        }
    }

    /// The lines under a table. Columns under which the same is said share a line.
    void add_foot(std::size_t number) {
        const SheetTable& found = layout_.tables[number];
        const Sheet& sheet = workbook_.sheets[found.sheet];
        std::vector<FootLine> lines;
        for (const SheetTable::FootRow& row : found.foot) {
            const std::size_t first_of_row = lines.size();
            for (std::size_t field = 0; field < found.fields.size(); ++field) {
                const SheetCell* cell =
                    sheet.at(found.place(row.line, found.first_field + static_cast<std::uint32_t>(field)));
                if (cell == nullptr || (cell->is_text() && cell->formula == nullptr)) {
                    continue;
                }
                const WorkbookPlace at{found.sheet, cell->place};
                const std::string place = told_place(workbook_, at);
                if (cell->formula == nullptr || found.fields[field].left_out) {
                    out_.report.add(Is::not_said, place,
                                    {N_("%1 under %2 is not a formula and is left out."),
                                     {write_cell(value_of(*cell)), found.fields[field].label}});
                    continue;
                }
                const Result<TranslatedFormula> said =
                    cell->formula->tree ? FormulaTranslator(workbook_, layout_)
                                              .translate(*cell->formula->tree, {at, number, true, field, 0, 1})
                                        : Result<TranslatedFormula>(cell->formula->mistake);
                if (!said) {
                    out_.report.add(
                        Is::not_said, place,
                        {N_("The cell under %1 is left out: %2."), {found.fields[field].label, said.refusal().text()}});
                    continue;
                }
                report_slips(*said, place);
                out_.report.add(Is::recovered, place,
                                {N_("%1 under %2: %3"),
                                 {row.label.empty() ? said->text : row.label, found.fields[field].label, said->text}});
                take_foot(lines, first_of_row, row.label, said->text, ids_[{number, field}], cell->format);
                const FootLine& line = *std::find_if(lines.begin(), lines.end(), [&](const FootLine& one) {
                    return one.formula.text() == said->text && one.takes(ids_[{number, field}]);
                });
                foot_.push_back({line.id, ids_[{number, field}], at});
            }
        }
        if (!lines.empty()) {
            part_with(out_.study.tables, tables_[number])->edit([&lines](Table& table) {
                for (FootLine& line : lines) {
                    table.foot.emplace_back(std::move(line));
                }
            });
        }
    }

    void take_foot(std::vector<FootLine>& lines, std::size_t first_of_row, const std::string& label,
                   const std::string& formula, Id column, const Format& format) {
        for (std::size_t at = first_of_row; at < lines.size(); ++at) {
            if (lines[at].formula.text() == formula) {
                lines[at].columns.push_back(column);
                return;
            }
        }
        FootLine line;
        line.id = out_.study.fresh_id("f");
        line.label = label.empty() ? formula : label;
        line.formula = Formula(formula);
        line.columns = {column};
        line.format = format;
        lines.push_back(std::move(line));
    }

    /// The values along one side of a two-way table, as an axis is written.
    std::string axis_values(const SheetGrid& grid, bool across) const {
        std::string out;
        for (std::uint32_t by = 1; by <= (across ? grid.columns : grid.rows); ++by) {
            const SheetPlace place = across ? SheetPlace{grid.corner.row, grid.corner.column + by}
                                            : SheetPlace{grid.corner.row + by, grid.corner.column};
            const SheetCell& cell = *workbook_.sheets[grid.sheet].at(place);
            out += (out.empty() ? "" : ", ") + write_cell(value_of(cell));
        }
        return out;
    }

    void add_grid(std::size_t number) {
        const SheetGrid& grid = layout_.grids[number];
        const Sheet& sheet = workbook_.sheets[grid.sheet];
        const WorkbookPlace first{grid.sheet, grid.cell(0, 0)};
        const std::string place = told_place(workbook_, first);
        const std::string title = grid.title.empty() ? sheet.name : grid.title;
        const auto refused = [&](const Sentence& why) {
            out_.report.add(Is::left_out, place, {N_("The grid %1 is left out: %2."), {title, why.text()}});
        };
        SheetFormulaPlace at{first, {}, false, 0, 0, 1, number};
        const auto said = FormulaTranslator(workbook_, layout_).translate(*grid.formula->tree, at);
        if (!said) {
            return refused(said.refusal());
        }
        Id table;
        Result<Study> made = add_two_way_table(out_.study, title, {grid.down, grid.down, "", axis_values(grid, false)},
                                               {grid.across, grid.across, "", axis_values(grid, true)}, &table);
        Id layer;
        made = made ? write_column(*made, table, grid.layer + " = " + said->text, &layer) : made;
        if (!made) {
            return refused(made.refusal());
        }
        out_.study = *std::move(made);
        out_.report.add(Is::recovered, place, {"%1 = %2", {grid.layer, said->text}});
        take_grid_exceptions(grid, layer, said->text);
        grids_.push_back({number, layer});
    }

    /// Cells of a grid that say otherwise than its formula keep their values.
    void take_grid_exceptions(const SheetGrid& grid, Id layer, const std::string& formula) {
        const Sheet& sheet = workbook_.sheets[grid.sheet];
        const ResultsPtr results = compute_in_task(out_.study, nullptr, stop_);
        const Table& table = *table_with(out_.study, &Table::columns, layer);
        const Column down = *results->column((*table.axis.column)->id);
        const Column across = *results->column((*table.across->column)->id);
        for (std::uint32_t row = 0; row < grid.rows; ++row) {
            for (std::uint32_t column = 0; column < grid.columns; ++column) {
                const SheetCell* cell = sheet.at(grid.cell(row, column));
                if (cell == nullptr || cell->formula == grid.formula || !cell->has_value || cell->at_fault) {
                    continue;
                }
                const Value value = value_of(*cell);
                if (const Result<Study> typed =
                        type_cells(out_.study, layer, {row, column}, down, across, {{write_cell(value)}})) {
                    out_.study = *typed;
                }
                out_.report.add(Is::slip, told_place(workbook_, {grid.sheet, cell->place}),
                                {N_("This cell has %1, but the cells around it have the formula %2. It is kept. To "
                                    "correct it, restore the formula."),
                                 {write_cell(value), formula}});
            }
        }
    }

    void compare_grids(const Results& results, WorksheetReport& differences) const {
        for (const auto& [number, layer] : grids_) {
            const SheetGrid& grid = layout_.grids[number];
            constexpr std::size_t most_told = 10;
            std::size_t different = 0;
            for (std::uint32_t row = 0; row < grid.rows; ++row) {
                for (std::uint32_t column = 0; column < grid.columns; ++column) {
                    const SheetCell* cell = workbook_.sheets[grid.sheet].at(grid.cell(row, column));
                    const Value computed = results.cell(layer, std::size_t(row) * grid.columns + column);
                    if (cell != nullptr && !agrees(*cell, computed, 0) && ++different <= most_told) {
                        report_difference(differences, told_place(workbook_, {grid.sheet, cell->place}), *cell,
                                          computed);
                    }
                }
            }
            if (different > most_told) {
                differences.add(Is::difference, told_place(workbook_, {grid.sheet, grid.cell(0, 0)}),
                                {N_("More such cells: %1."), {std::to_string(different - most_told)}});
            }
        }
    }

    /// Works the study out and sets its numbers beside those of the file. A column whose formula gives nothing but
    /// faults where the file has numbers takes the file's.
    void compare() {
        if (!has_values()) {
            out_.report.add(
                Is::note, "",
                {N_("The file has formulas without their values, so their results cannot be compared."), {}});
            return;
        }
        constexpr int most_rounds = 4;
        for (int round = 0; round < most_rounds; ++round) {
            const ResultsPtr results = compute_in_task(out_.study, nullptr, stop_);
            WorksheetReport differences;
            bool changed = false;
            for (const auto& [place, id] : ids_) {
                const auto& [table, field] = place;
                const ColumnDefinition* column = out_.study.table(tables_[table])->column(id);
                if (!column->computed()) {
                    continue;
                }
                const ValueComparison comparison(workbook_, layout_.tables[table], field, *column, *results);
                if (comparison.only_faults()) {
                    keep_values(table, field, id, comparison.why(out_.study));
                    changed = true;
                } else {
                    comparison.report(differences);
                }
            }
            if (!changed || round + 1 == most_rounds) {
                compare_single(*results, differences);
                compare_grids(*results, differences);
                std::move(differences.lines.begin(), differences.lines.end(), std::back_inserter(out_.report.lines));
                return;
            }
        }
    }

    /// Whether any formula of the file has its value beside it; those of some writers have none.
    bool has_values() const {
        bool formulas = false;
        for (const Sheet& sheet : workbook_.sheets) {
            for (const SheetCell& cell : sheet.cells) {
                if (cell.formula != nullptr && (cell.has_value || cell.at_fault)) {
                    return true;
                }
                formulas = formulas || cell.formula != nullptr;
            }
        }
        return !formulas;
    }

    void keep_values(std::size_t table, std::size_t field, Id id, const Sentence& why) {
        WorksheetReport ignored;
        ColumnDefinition given = ColumnRecovery(workbook_, layout_, table, ignored).given(field);
        given.id = id;
        const std::string place =
            told_place(workbook_, {layout_.tables[table].sheet, layout_.tables[table].cell(0, field)});
        column_reports_[{table, field}] = {}; // what was said of its formula no longer holds
        column_reports_[{table, field}].add(Is::not_said, place,
                                            {N_("%1 keeps its values: %2"), {given.shown_label(), why.text()}});
        part_with(out_.study.tables, tables_[table])->edit([&](Table& copy) {
            part_with(copy.columns, id)->edit([&](ColumnDefinition& column) { column = given; });
        });
    }

    void compare_single(const Results& results, WorksheetReport& differences) {
        for (const auto& shared : out_.study.ledge) {
            const SheetCell& cell = *workbook_.sheets[held_[shared->id].sheet].at(held_[shared->id].place);
            if (shared->computed() && !agrees(cell, results.single(shared->id), 0)) {
                report_difference(differences, told_place(workbook_, held_[shared->id]), cell,
                                  results.single(shared->id));
            }
        }
        for (const FootCell& foot : foot_) {
            const SheetCell& cell = *workbook_.sheets[foot.place.sheet].at(foot.place.place);
            const Value value = results.foot(foot.line, foot.column);
            if (!results.only_rounding(DefinitionId::foot_value(foot.line, foot.column)) && !agrees(cell, value, 0)) {
                report_difference(differences, told_place(workbook_, foot.place), cell, value);
            }
        }
    }

    struct FootCell {
        Id line, column;
        WorkbookPlace place;
    };

    const Workbook& workbook_;
    const std::map<WorkbookPlace, Sentence>& others_;
    const StopToken& stop_;
    SheetLayout layout_;
    WorksheetStudy out_;
    std::vector<Id> tables_;
    std::map<std::pair<std::size_t, std::size_t>, Id> ids_; ///< of columns, by table and field
    std::unordered_map<Id, WorkbookPlace> held_;
    std::map<std::pair<std::size_t, std::size_t>, WorksheetReport> column_reports_; ///< by table and field
    std::vector<FootCell> foot_;
    std::vector<std::pair<std::size_t, Id>> grids_; ///< those that were taken, and their layers
};

} // namespace

WorksheetStudy worksheet_study(const Workbook& workbook, const StopToken& stop) {
    const LimitsBeside limits = say_limits_beside(workbook);
    return StudyRecovery(limits.workbook ? *limits.workbook : workbook, limits.others, stop).recover();
}

} // namespace ledgefall
