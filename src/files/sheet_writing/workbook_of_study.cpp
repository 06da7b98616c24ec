// The sheets of a study. Headings stand in the first row, the table's rows under them, and under these its foot. Where
// the first column is one of numbers, the labels of the foot stand in a column of their own before it.

#include "files/sheet_writing/workbook_of_study.h"

#include "core/study/model/scope.h"
#include "core/value/interval.h"
#include "core/value/text_order.h"
#include "files/sheet_writing/sheet_formula_maker.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

constexpr std::size_t longest_sheet_name = 31; // of ISO/IEC 29500

class StudySheets {
  public:
    StudySheets(const Study& study, const Results& results)
        : study_(study)
        , results_(results) {}

    Workbook run() {
        place_tables();
        place_held();
        const SheetFormulaMaker maker(study_, results_, places_);
        for (const auto& table : study_.tables) {
            if (table->two_way()) {
                write_grid(*table, maker);
            } else {
                write_table(*table, maker);
            }
        }
        write_held(maker);
        return std::move(out_);
    }

  private:
    // --- where everything stands ------------------------------------------------------------------------------------

    /// At most so many bytes, and not cut within a letter of several.
    static std::string shortened(const std::string& text, std::size_t most) {
        std::size_t end = std::min(text.size(), most);
        while (end < text.size() && end > 0 && (static_cast<unsigned char>(text[end]) & 0xC0U) == 0x80U) {
            --end;
        }
        return text.substr(0, end);
    }

    std::string sheet_name(const std::string& wanted) {
        std::string name;
        for (const char c : wanted) {
            name += std::string_view("[]:*?/\\'").find(c) == std::string_view::npos ? c : ' ';
        }
        name = shortened(name, longest_sheet_name - 3);
        name = name.empty() ? "Sheet" : name;
        std::string free = name;
        for (int number = 2; used_.contains(in_small_letters(free)); ++number) {
            free = name + " " + std::to_string(number);
        }
        used_.insert(in_small_letters(free));
        return free;
    }

    void place_tables() {
        for (const auto& shared : study_.tables) {
            const Table& table = *shared;
            SheetPlaces::OfTable of;
            if (table.two_way()) {
                of.columns = static_cast<std::uint32_t>(columns_of_grid(study_, results_, table.id));
                of.rows = of.columns == 0 ? 0 : static_cast<std::uint32_t>(results_.rows(table.id) / of.columns);
                for (const auto& layer : table.columns) {
                    const std::size_t left = longest_sheet_name - 4 - std::min<std::size_t>(layer->name.size(), 16);
                    of.layer_sheet[layer->id] = sheet_name(
                        table.columns.size() == 1 ? table.shown_label()
                                                  : shortened(table.shown_label(), left) + " " + layer->name);
                }
                places_.tables[table.id] = std::move(of);
                continue;
            }
            of.sheet = sheet_name(table.shown_label());
            of.rows =
                static_cast<std::uint32_t>(std::min<std::size_t>(results_.rows(table.id), WorksheetLimits::rows - 100));
            std::uint32_t at = has_label_column(table) ? 1 : 0;
            if (table.axis.column) {
                of.column_of[(*table.axis.column)->id] = at++;
                if (has_limits(table)) {
                    const Interval& first = interval_of(results_.cell((*table.axis.column)->id, 0));
                    of.with_lower = first.with_lower;
                    of.with_upper = first.with_upper;
                    of.lower_column = at;
                    at += 2;
                }
            }
            for (const auto& column : table.columns) {
                of.column_of[column->id] = at++;
            }
            std::uint32_t foot = of.first_row + of.rows;
            for (const auto& line : table.foot) {
                of.foot_row[line->id] = foot++;
            }
            places_.tables[table.id] = std::move(of);
        }
    }

    /// Whether a table's rows are classes that all end somewhere: then their limits have columns of their own, by which
    /// formulas count and take.
    bool has_limits(const Table& table) const {
        const Column* classes = results_.column((*table.axis.column)->id);
        if (classes == nullptr || classes->kind() != Kind::interval || classes->empty()) {
            return false;
        }
        for (std::size_t row = 0; row < classes->size(); ++row) {
            const Value value = classes->at(row);
            if (!value.plain() || std::isinf(interval_of(value).lower) || std::isinf(interval_of(value).upper) ||
                interval_of(value).with_lower != interval_of(classes->at(0)).with_lower ||
                interval_of(value).with_upper != interval_of(classes->at(0)).with_upper) {
                return false;
            }
        }
        return true;
    }

    std::vector<SheetCell> limit_cells(const Table& table, bool upper) const {
        const auto& of = places_.of(table);
        const std::uint32_t at = *of.lower_column + (upper ? 1 : 0);
        const char* const label = upper ? (of.with_upper ? "up to" : "below") : (of.with_lower ? "from" : "above");
        std::vector<SheetCell> out{text_cell({0, at}, worded({label, {}}), true)};
        for (std::uint32_t row = 0; row < of.rows; ++row) {
            const Interval& limits = interval_of(results_.cell((*table.axis.column)->id, row));
            out.push_back(value_cell({of.first_row + row, at}, Value::number(upper ? limits.upper : limits.lower), {}));
        }
        return out;
    }

    /// The labels of the foot need a column of their own where the first one is taken by the foot, or has numbers.
    bool has_label_column(const Table& table) const {
        if (table.foot.empty()) {
            return false;
        }
        if (table.axis.column) {
            return results_.column((*table.axis.column)->id)->kind() == Kind::number;
        }
        const Column* first = table.columns.empty() ? nullptr : results_.column(table.columns.front()->id);
        return first == nullptr || first->kind() != Kind::text ||
               std::any_of(table.foot.begin(), table.foot.end(),
                           [&](const auto& line) { return line->takes(table.columns.front()->id); });
    }

    template <class Visit>
    void each_held(Visit visit) const {
        for (const auto& held : study_.ledge) {
            visit(nullptr, *held);
        }
        for (const auto& table : study_.tables) {
            for (const auto& held : table->ledge) {
                visit(&*table, *held);
            }
        }
    }

    void place_held() {
        std::uint32_t row = 0;
        each_held([&](const Table*, const HeldValue& held) {
            if (held.is_function() || results_.single(held.id).kind() == Kind::distribution) {
                out_.reports.push_back({"%1 is a function or a distribution, and is not written.", {held.name}});
            } else {
                places_.held_row[held.id] = row++;
            }
        });
        places_.held_sheet = sheet_name(worded({"Held values", {}}));
    }

    // --- cells ------------------------------------------------------------------------------------------------------

    static SheetCell text_cell(SheetPlace place, const std::string& text, bool heading = false) {
        SheetCell cell;
        cell.place = place;
        cell.kind = Kind::text;
        cell.text = text;
        cell.has_value = !text.empty();
        cell.heading = heading;
        return cell;
    }

    static SheetCell value_cell(SheetPlace place, const Value& value, const Format& format) {
        SheetCell cell;
        cell.place = place;
        cell.format = format;
        if (value.state() == State::odd) {
            return text_cell(place, value.text().str());
        }
        if (!value.plain()) {
            cell.has_value = false;
            return cell;
        }
        cell.kind = value.kind();
        if (value.kind() == Kind::text) {
            return text_cell(place, value.text().str());
        }
        if (value.kind() == Kind::interval || value.kind() == Kind::distribution) {
            return text_cell(place, write_cell(value));
        }
        cell.number = value.number();
        return cell;
    }

    static std::string heading_of(const ColumnDefinition& column) {
        return column.shown_label() + (column.unit.empty() ? "" : " [" + column.unit + "]");
    }

    std::shared_ptr<const SheetFormula> shared_formula(const SheetNodePtr& tree) {
        SheetFormula formula;
        formula.tree = tree;
        return std::make_shared<const SheetFormula>(std::move(formula));
    }

    void not_said(const std::string& what, const Sentence& why) {
        out_.reports.push_back({"%1 is written as values: %2.", {what, why.text()}});
    }

    // --- tables -----------------------------------------------------------------------------------------------------

    void write_table(const Table& table, const SheetFormulaMaker& maker) {
        const auto& of = places_.of(table);
        Sheet sheet;
        sheet.name = of.sheet;
        sheet.frozen_rows = 1;
        std::vector<std::vector<SheetCell>> columns; // each from the top to the end of its foot
        if (has_label_column(table)) {
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
            columns.push_back(column->worked() ? worked_cells(table, *column, maker) : given_cells(table, *column));
        }
        for (const auto& column : table.columns) {
            if (!column->note.empty()) {
                sheet.notes[{0, of.column_of.at(column->id)}] = column->note;
            }
        }
        write_foot(table, maker, columns);
        const std::uint32_t end = of.first_row + of.rows + static_cast<std::uint32_t>(table.foot.size());
        std::vector<std::size_t> next(columns.size(), 0);
        for (std::uint32_t row = 0; row < end; ++row) {
            for (std::size_t column = 0; column < columns.size(); ++column) {
                std::vector<SheetCell>& cells = columns[column];
                if (next[column] < cells.size() && cells[next[column]].place.row == row) {
                    sheet.cells.push_back(std::move(cells[next[column]++]));
                }
            }
        }
        set_widths(sheet, columns.size());
        out_.sheets.push_back(std::move(sheet));
    }

    static void set_widths(Sheet& sheet, std::size_t columns) {
        constexpr std::size_t looked_at = 200;
        sheet.widths.assign(columns, 8);
        for (const SheetCell& cell : sheet.cells) {
            if (cell.place.row < looked_at && cell.place.column < columns) {
                const double text = static_cast<double>(cell.text.size());
                double& width = sheet.widths[cell.place.column];
                width = std::clamp(std::max(width, cell.kind == Kind::text ? text + 2 : 12.0), 8.0, 40.0);
            }
        }
    }

    SheetCell heading_cell(const Table& table, const ColumnDefinition& column) const {
        return text_cell({0, places_.of(table).column_of.at(column.id)}, heading_of(column), true);
    }

    std::vector<SheetCell> given_cells(const Table& table, const ColumnDefinition& column) const {
        const auto& of = places_.of(table);
        std::vector<SheetCell> out{heading_cell(table, column)};
        const std::uint32_t at = of.column_of.at(column.id);
        for (std::uint32_t row = 0; row < of.rows; ++row) {
            SheetCell cell = value_cell({of.first_row + row, at}, results_.cell(column.id, row), column.format);
            if (cell.has_value) {
                out.push_back(std::move(cell));
            }
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

    std::optional<RowFormulas> formulas_of(const Table& table, const ColumnDefinition& column, const Piece& piece,
                                           const SheetFormulaMaker& maker) {
        const auto& of = places_.of(table);
        RowFormulas out;
        out.from = piece.from ? table.axis.row_of(*piece.from).value_or(0) : 0;
        out.to = piece.to ? table.axis.row_of(*piece.to).value_or(0) : of.rows - 1;
        out.then_from = out.from;
        const auto& tree = piece.formula.tree();
        if (!tree || of.rows == 0) {
            not_said(table.name + "." + column.name, {"its formula cannot be read", {}});
            return std::nullopt;
        }
        const FormulaSeat seat{&table, FormulaSeat::In::column, column.id};
        const Node* then = tree.get();
        if (tree->type == NodeType::recurrence) {
            then = tree->kids.back().get();
            for (std::size_t kid = 0; kid + 1 < tree->kids.size(); ++kid) {
                const Result<MadeFormula> first = maker.make(tree->kid(kid), seat);
                out.first.push_back(first ? first->tree : nullptr);
            }
            out.then_from = out.from + out.first.size();
        }
        const Result<MadeFormula> made = maker.make(*then, seat);
        if (!made) {
            not_said(table.name + "." + column.name, made.refusal());
            return std::nullopt;
        }
        out.then = *made;
        return out;
    }

    static bool is_number(const SheetNodePtr& node) { return node != nullptr && node->type == SheetNode::Type::number; }

    std::vector<SheetCell> worked_cells(const Table& table, const ColumnDefinition& column,
                                        const SheetFormulaMaker& maker) {
        const auto& of = places_.of(table);
        std::vector<SheetCell> out = given_cells(table, column);
        std::vector<std::shared_ptr<const SheetFormula>> formulas(of.rows);
        for (const Piece& piece : column.pieces) {
            const std::optional<RowFormulas> made = formulas_of(table, column, piece, maker);
            if (!made) {
                continue;
            }
            std::vector<std::shared_ptr<const SheetFormula>> first;
            for (const SheetNodePtr& tree : made->first) {
                first.push_back(tree == nullptr || is_number(tree) ? nullptr : shared_formula(tree));
            }
            const SheetNodePtr tree = guarded(table, column, *made);
            if (tree == nullptr) {
                not_said(table.name + "." + column.name,
                         {"it uses cells that are missing in some rows, without being missing there itself", {}});
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

    /// The cell of a row that an operand of a formula stands for.
    Value operand_value(const Table& table, const ColumnDefinition& column, const SheetNode& operand,
                        std::size_t row) const {
        const auto& of = places_.of(table);
        const std::int64_t at = operand.from.column.from(of.column_of.at(column.id));
        const std::int64_t sheet_row = operand.from.row.from(static_cast<std::uint32_t>(of.first_row + row));
        for (const auto& [id, place] : of.column_of) {
            if (place == at && operand.sheet.empty()) {
                return results_.cell(id, static_cast<std::size_t>(std::max<std::int64_t>(sheet_row - of.first_row, 0)));
            }
        }
        return Value::number(0); // of another table: it is not asked about
    }

    /// A formula that is missing where one of its operands is: an empty cell counts as 0 in a worksheet. Null where
    /// that does not say when it is missing, as where an operand stands in a branch that is not taken.
    SheetNodePtr guarded(const Table& table, const ColumnDefinition& column, const RowFormulas& made) const {
        const std::size_t rows = places_.of(table).rows;
        bool any_missing = false;
        for (std::size_t row = made.then_from; row <= made.to && row < rows; ++row) {
            if (!reaches(made.then, row, rows)) {
                continue;
            }
            const Value value = results_.cell(column.id, row);
            const bool operand_missing =
                std::any_of(made.then.operands.begin(), made.then.operands.end(), [&](const SheetNodePtr& operand) {
                    return operand_value(table, column, *operand, row).is_missing();
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
        const auto& of = places_.of(table);
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

    void write_foot(const Table& table, const SheetFormulaMaker& maker, std::vector<std::vector<SheetCell>>& columns) {
        const auto& of = places_.of(table);
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
                const bool automatic = line.format.style == Format::Style::automatic;
                SheetCell cell =
                    value_cell({row, at}, results_.foot(line.id, id), automatic ? column->format : line.format);
                if (line.formula.tree()) {
                    const auto made = maker.make(*line.formula.tree(), {&table, FormulaSeat::In::foot, id});
                    if (made) {
                        cell.formula = shared_formula(made->tree);
                    } else {
                        not_said(line.label + " of " + table.name + "." + column->name, made.refusal());
                    }
                }
                columns[at].push_back(std::move(cell));
            }
        }
    }

    // --- two-way tables ---------------------------------------------------------------------------------------------

    void write_grid(const Table& table, const SheetFormulaMaker& maker) {
        const auto& of = places_.of(table);
        const ColumnDefinition& down = **table.axis.column;
        const ColumnDefinition& across = **table.across->column;
        for (const auto& layer : table.columns) {
            Sheet sheet;
            sheet.name = of.layer_sheet.at(layer->id);
            sheet.frozen_rows = 1;
            sheet.cells.push_back(text_cell({0, 0}, down.name + " \\ " + across.name, true));
            for (std::uint32_t column = 0; column < of.columns; ++column) {
                SheetCell cell = value_cell({0, 1 + column}, results_.cell(across.id, column), across.format);
                cell.heading = true;
                sheet.cells.push_back(std::move(cell));
            }
            std::shared_ptr<const SheetFormula> formula;
            if (layer->worked() && layer->pieces.front().formula.tree()) {
                const auto made =
                    maker.make(*layer->pieces.front().formula.tree(), {&table, FormulaSeat::In::layer, layer->id});
                if (made) {
                    formula = shared_formula(made->tree);
                } else {
                    not_said(table.name + "." + layer->name, made.refusal());
                }
            }
            for (std::uint32_t row = 0; row < of.rows; ++row) {
                sheet.cells.push_back(value_cell({1 + row, 0}, results_.cell(down.id, row), down.format));
                for (std::uint32_t column = 0; column < of.columns; ++column) {
                    SheetCell cell =
                        value_cell({1 + row, 1 + column},
                                   results_.cell(layer->id, std::size_t(row) * of.columns + column), layer->format);
                    cell.formula = layer->overrides->empty() ? formula : nullptr;
                    if (cell.has_value || cell.formula != nullptr) {
                        sheet.cells.push_back(std::move(cell));
                    }
                }
            }
            set_widths(sheet, of.columns + 1);
            out_.sheets.push_back(std::move(sheet));
        }
    }

    // --- held values ------------------------------------------------------------------------------------------------

    void write_held(const SheetFormulaMaker& maker) {
        if (places_.held_row.empty()) {
            return;
        }
        Sheet sheet;
        sheet.name = places_.held_sheet;
        each_held([&](const Table* table, const HeldValue& held) {
            const auto found = places_.held_row.find(held.id);
            if (found == places_.held_row.end()) {
                return;
            }
            const std::uint32_t row = found->second;
            sheet.cells.push_back(text_cell({row, 0}, held.name, true));
            SheetCell cell = value_cell({row, 1}, results_.single(held.id), held.format);
            if (held.worked() && held.formula.tree()) {
                const auto made = maker.make(*held.formula.tree(), {table, FormulaSeat::In::ledge, {}});
                if (made) {
                    cell.formula = shared_formula(made->tree);
                } else {
                    not_said(held.name, made.refusal());
                }
            }
            if (!held.note.empty()) {
                sheet.notes[cell.place] = held.note;
            }
            sheet.cells.push_back(std::move(cell));
            if (!held.unit.empty()) {
                sheet.cells.push_back(text_cell({row, 2}, held.unit));
            }
            add_name(held.name, row);
        });
        set_widths(sheet, 3);
        out_.sheets.push_back(std::move(sheet));
    }

    /// A name that reads like a place (`x1`), or that a worksheet keeps for itself, is not defined.
    void add_name(const std::string& name, std::uint32_t row) {
        const bool plain = std::all_of(name.begin(), name.end(), [](char c) {
            return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || (c >= '0' && c <= '9') || c == '_';
        });
        const SheetFormula read = read_sheet_formula(name, FormulaNotation::plain, {0, 0});
        const bool known = std::any_of(out_.names.begin(), out_.names.end(), [&](const DefinedName& one) {
            return in_small_letters(one.name) == in_small_letters(name);
        });
        if (!plain || known || name.size() < 2 || !read.tree || read.tree->type != SheetNode::Type::name) {
            return;
        }
        auto place = std::make_shared<SheetNode>();
        place->type = SheetNode::Type::cell;
        place->sheet = places_.held_sheet;
        place->from.row = {static_cast<std::int32_t>(row), true};
        place->from.column = {1, true};
        out_.names.push_back({name, "", shared_formula(place)});
    }

    const Study& study_;
    const Results& results_;
    SheetPlaces places_;
    std::set<std::string> used_;
    Workbook out_;
};

} // namespace

Workbook workbook_of_study(const Study& study, const Results& results) {
    return StudySheets(study, results).run();
}

} // namespace ledgefall
