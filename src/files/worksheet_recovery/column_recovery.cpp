#include "files/worksheet_recovery/column_recovery.h"

#include "core/formula/names.h"
#include "core/study/edits/offers.h"

#include <algorithm>
#include <cmath>
#include <unordered_map>

namespace ledgefall {
namespace {

using Is = WorksheetReport::Line::Is;

std::string formula_text(const SheetCell& cell) {
    return "=" + (cell.formula->tree ? write_sheet_formula(*cell.formula->tree, cell.place) : cell.formula->text);
}

} // namespace

std::string told_place(const Workbook& workbook, const WorkbookPlace& place) {
    return (workbook.sheets.size() > 1 ? workbook.sheets[place.sheet].name + ", " : std::string()) +
           place_name(place.place);
}

Value value_of(const SheetCell& cell) {
    if (cell.at_fault || !cell.has_value) {
        return Value::missing();
    }
    return cell.kind == Kind::text     ? Value::text(Text(cell.text))
           : cell.kind == Kind::yes_no ? Value::yes_no(cell.number != 0)
                                       : Value::of(cell.number, cell.kind, State::plain);
}

ColumnRecovery::ColumnRecovery(const Workbook& workbook, const SheetLayout& layout, std::size_t table,
                               WorksheetReport& report)
    : workbook_(workbook)
    , layout_(layout)
    , number_(table)
    , table_(layout.tables[table])
    , translator_(workbook, layout)
    , report_(report) {
    for (const SheetTable::Field& field : table_.fields) {
        names_.push_back(field.name);
    }
}

std::string ColumnRecovery::place(std::size_t row, std::size_t field) const {
    return told_place(workbook_, {table_.sheet, table_.cell(row, field)});
}

ColumnRecovery::Cells ColumnRecovery::cells_of(std::size_t field) const {
    Cells out(table_.rows(), nullptr);
    const Sheet& sheet = workbook_.sheets[table_.sheet];
    for (std::size_t row = 0; row < out.size(); ++row) {
        out[row] = sheet.at(table_.cell(row, field));
    }
    return out;
}

ColumnDefinition ColumnRecovery::headed(std::size_t field) const {
    ColumnDefinition out;
    out.name = table_.fields[field].name;
    out.label = table_.fields[field].label;
    out.unit = table_.fields[field].unit;
    return out;
}

ColumnDefinition ColumnRecovery::given(std::size_t field) const {
    const Cells cells = cells_of(field);
    std::size_t counts[4] = {};
    std::map<std::pair<int, int>, std::size_t> formats;
    ColumnDefinition out = headed(field);
    for (const SheetCell* cell : cells) {
        if (cell != nullptr && cell->has_value && !cell->at_fault) {
            ++counts[static_cast<std::size_t>(cell->kind)];
            ++formats[{static_cast<int>(cell->format.style), cell->format.digits}];
        }
    }
    const std::size_t most = static_cast<std::size_t>(std::max_element(counts, counts + 4) - counts);
    const Kind kind = static_cast<Kind>(most);
    Column column(kind);
    for (const SheetCell* cell : cells) {
        const Value value = cell == nullptr ? Value::missing(kind) : value_of(*cell);
        if (value.is_missing() || value.kind() == kind) {
            column.append(value.is_missing() ? Value::missing(kind) : value);
        } else if (kind == Kind::text) {
            column.append(Value::text(Text(write_cell(value))));
        } else {
            column.append(Value::unparsed(Text(write_cell(value))));
        }
    }
    if (counts[most] == 0) {
        column = Column(Kind::number);
        column.resize(cells.size());
    }
    out.cells = column;
    for (const auto& [format, count] : formats) {
        if (2 * count > column.size()) {
            out.format = {static_cast<Format::Style>(format.first), format.second};
        }
    }
    return out;
}

/// Cells of a column with values that are not of its kind, and texts in all of it that read as numbers or dates.
void ColumnRecovery::report_kinds(std::size_t field, const ColumnDefinition& column) {
    if (std::optional<OddCells> odd = odd_cells_of(column.shown_label(), *column.cells)) {
        report_.add(Is::slip, place(odd->first_row, field), std::move(odd->told));
    } else if (const std::optional<OtherKind> other = other_kind_of(column, Spelling())) {
        const Sentence told = other->kind == Kind::number
                                  ? Sentence{N_("The numbers of %1 are stored as text, which sums leave out, and are "
                                                "kept. To correct this, set the column's kind of values to numbers."),
                                             {column.shown_label()}}
                                  : Sentence{N_("The dates of %1 are stored as text and are kept. To correct this, set "
                                                "the column's kind of values to dates."),
                                             {column.shown_label()}};
        report_.add(Is::slip, place(0, field), told);
    }
}

/// The formula that at least half of a column's formulas are, the later where two are equally many; null where there is
/// none, and where it stands in one row alone among others with values.
std::shared_ptr<const SheetFormula> ColumnRecovery::usual_formula(const Cells& cells) const {
    constexpr std::size_t few = 3;
    std::unordered_map<const SheetFormula*, std::size_t> counts;
    std::size_t all = 0;
    std::shared_ptr<const SheetFormula> out;
    for (const SheetCell* cell : cells) {
        if (cell != nullptr && cell->formula != nullptr) {
            ++all;
            const std::size_t count = ++counts[cell->formula.get()];
            if (out == nullptr || count >= counts[out.get()]) {
                out = cell->formula;
            }
        }
    }
    const auto filled = std::count_if(cells.begin(), cells.end(),
                                      [](const SheetCell* cell) { return cell != nullptr && cell->has_value; });
    if (out != nullptr && counts[out.get()] == 1 && filled > static_cast<std::ptrdiff_t>(few)) {
        return nullptr;
    }
    return out != nullptr && (2 * counts[out.get()] > all || (all < few && cells.size() <= few)) ? out : nullptr;
}

RecoveredColumn ColumnRecovery::recover(std::size_t field) {
    const Cells cells = cells_of(field);
    RecoveredColumn out;
    out.definition = given(field);
    if (std::none_of(cells.begin(), cells.end(),
                     [](const SheetCell* cell) { return cell != nullptr && cell->formula != nullptr; })) {
        report_kinds(field, out.definition);
        return out;
    }
    const std::shared_ptr<const SheetFormula> usual = usual_formula(cells);
    if (usual == nullptr) {
        if (!recover_varied(field, cells, out)) {
            report_.add(Is::not_said, place(0, field),
                        {N_("%1 keeps its values: its rows have different formulas."), {out.definition.shown_label()}});
            report_kinds(field, out.definition);
        }
        return out;
    }
    const auto is_usual = [&usual](const SheetCell* cell) { return cell != nullptr && cell->formula == usual; };
    const auto first = static_cast<std::size_t>(std::find_if(cells.begin(), cells.end(), is_usual) - cells.begin());
    const auto last = cells.size() - 1 -
                      static_cast<std::size_t>(std::find_if(cells.rbegin(), cells.rend(), is_usual) - cells.rbegin());
    const auto refused = [&](const Sentence& why) {
        report_.add(Is::not_said, place(first, field),
                    {N_("%1 keeps its values: in %2, %3."),
                     {out.definition.shown_label(), formula_text(*cells[first]), why.text()}});
    };
    if (!usual->tree) {
        refused(usual->mistake);
        return out;
    }
    SheetFormulaPlace at{{table_.sheet, table_.cell(first, field)}, number_, false, field, first, last - first + 1};
    const Result<TranslatedFormula> said = translator_.translate(*usual->tree, at);
    if (!said) {
        refused(said.refusal());
        return out;
    }
    std::string text = said->text;
    std::size_t begins = first;
    if (first > 0 && said->earlier_rows) {
        if (const std::optional<std::string> before = first_values(cells, field, first)) {
            text = "first " + *before + " then " + text;
            begins = 0;
        }
    }
    ColumnDefinition& column = out.definition;
    column.cells = Column(Kind::number);
    column.pieces = {{Formula(text), {}, {}}};
    if (const bool narrowed = begins > 0 || last + 1 < cells.size(); narrowed) {
        const auto filled = [](const SheetCell* cell) { return cell != nullptr; };
        const bool empty_before = std::none_of(cells.begin(), cells.begin() + std::ptrdiff_t(begins), filled);
        const bool empty_after = std::none_of(cells.begin() + std::ptrdiff_t(last) + 1, cells.end(), filled);
        const bool self =
            std::find(said->used.begin(), said->used.end(), std::pair(number_, field)) != said->used.end();
        const bool from_first = begins == 0 || !empty_before || (said->earlier_rows && !self);
        const bool to_last = last + 1 == cells.size() || !empty_after;
        if (!from_first || !to_last) {
            column.pieces.front().from = from_first ? 1 : begins + 1;
            column.pieces.front().to = to_last ? cells.size() : last + 1;
        }
    }
    report_.add(Is::recovered, place(first, field), {"%1 = %2", {column.name, text}});
    report_slips(*said, place(first, field), last - first + 1);
    report_written_numbers(*usual->tree, place(first, field));
    take_exceptions(cells, field, *usual, begins == 0 ? first : 0, cells.size() - 1, column);
    return out;
}

/// What stands in the rows before a column's formula begins, as the values that a recurrence begins with.
std::optional<std::string> ColumnRecovery::first_values(const Cells& cells, std::size_t field,
                                                        std::size_t count) const {
    constexpr std::size_t most = 12;
    std::string out;
    for (std::size_t row = 0; row < count; ++row) {
        const SheetCell* cell = cells[row];
        if (cell == nullptr || count > most) {
            return std::nullopt;
        }
        std::string text;
        if (cell->formula != nullptr && cell->formula->tree) {
            const auto said = translator_.translate(*cell->formula->tree,
                                                    {{table_.sheet, cell->place}, number_, false, field, row, 1});
            if (!said) {
                return std::nullopt;
            }
            text = said->text;
        } else if (cell->is_number()) {
            text = shortest(cell->number);
        } else {
            return std::nullopt;
        }
        out += (row > 0 ? "; " : "") + text;
    }
    return out;
}

/// Rows that say otherwise than the formula keep their values.
void ColumnRecovery::take_exceptions(const Cells& cells, std::size_t field, const SheetFormula& usual,
                                     std::size_t first, std::size_t last, ColumnDefinition& column) {
    constexpr std::size_t most_told = 10;
    std::size_t exceptions = 0;
    Overrides overrides;
    const auto& piece = column.pieces.front();
    for (std::size_t row = first; row <= last; ++row) {
        const SheetCell* cell = cells[row];
        const bool covered = !piece.from || (row + 1 >= *piece.from && row + 1 <= *piece.to);
        if (cell == nullptr || cell->formula.get() == &usual || !covered) {
            continue;
        }
        const Value value = value_of(*cell);
        if (!value.is_missing()) {
            overrides[row + 1] = value;
        }
        if (++exceptions > most_told) {
            continue;
        }
        const std::string usual_here = "=" + write_sheet_formula(*usual.tree, cell->place);
        if (cell->formula != nullptr) {
            const std::vector<std::string> words = {std::to_string(row + 1), column.shown_label(), formula_text(*cell),
                                                    usual_here};
            report_.add(Is::slip, place(row, field),
                        value.is_missing()
                            ? Sentence{N_("Row %1 of %2 has %3, but the rows around it have %4. It has no value to "
                                          "keep, so it gets the formula of the others."),
                                       words}
                            : Sentence{N_("Row %1 of %2 has %3, but the rows around it have %4. Its value is kept over "
                                          "the formula. To correct it, restore the formula."),
                                       words});
        } else {
            report_.add(
                Is::slip, place(row, field),
                {N_("Row %1 of %2 is %3, typed over the formula %4, and is kept. To correct it, restore the formula."),
                 {std::to_string(row + 1), column.shown_label(), write_cell(value), usual_here}});
        }
    }
    if (exceptions > most_told) {
        report_.add(Is::slip, place(last, field),
                    {N_("More such rows in %1: %2."), {column.shown_label(), std::to_string(exceptions - most_told)}});
    }
    column.overrides = overrides;
}

void ColumnRecovery::report_written_numbers(const SheetNode& tree, const std::string& at) {
    // Numbers that formulas have in any case: counts, scales, units of time.
    constexpr double usual[] = {0, 1, 2, 3, 4, 5, 10, 12, 24, 60, 100, 180, 360, 365, 1000, 3600};
    for (const SheetNode* constant : shape_of(tree).constants) {
        if (constant->type != SheetNode::Type::number ||
            std::find(std::begin(usual), std::end(usual), constant->number) != std::end(usual)) {
            continue;
        }
        for (const SheetHeldValue& held : layout_.held) {
            const SheetCell* cell = workbook_.sheets[held.place.sheet].at(held.place.place);
            if (cell != nullptr && cell->is_number() && cell->formula == nullptr && cell->number == constant->number) {
                report_.add(Is::slip, at,
                            {N_("The number %1 is written in the formula, and is also in %2, as %3. It is kept. If %3 "
                                "is meant, write %4 in its place."),
                             {shortest(constant->number), told_place(workbook_, held.place), held.label, held.name}});
                break;
            }
        }
    }
}

void ColumnRecovery::report_slips(const TranslatedFormula& said, const std::string& at, std::size_t row_count) {
    for (const SuspectReference& slip : said.slips) {
        if (slip.is == SuspectReference::Is::wanders) {
            report_.add(Is::slip, at,
                        {N_("The reference %1 is not fixed and has moved to %2 after %3 rows. Here it means %1 in "
                            "every row; in the worksheet, fix it with dollar signs."),
                         {slip.from, slip.to, std::to_string(row_count - 1)}});
        } else {
            report_.add(Is::slip, at,
                        {N_("The range %1 leaves out the last rows of the column (%2) and is kept. To use all rows, "
                            "write only the column's name."),
                         {slip.from, std::to_string(slip.rows_left)}});
        }
    }
}

} // namespace ledgefall
