#include "files/sheet_study/formula_translator.h"

#include "core/formula/parser.h"
#include "core/formula/print.h"
#include "files/sheet_study/openformula_functions.h"

#include <algorithm>

namespace ledgefall {
namespace {

using Type = SheetNode::Type;
using Role = SheetLayout::Role;

/// Why a formula cannot be said; thrown and caught within this file.
struct NotSaid {
    Sentence why;
};

std::string bracketed(const std::string& text) {
    return "(" + text + ")";
}

/// A sample: what is written of it, and the table over whose rows it runs.
struct Sample {
    std::string text;
    std::optional<std::size_t> table;
};

class Translation {
  public:
    Translation(const Workbook& workbook, const SheetLayout& layout, const SheetFormulaPlace& place,
                const FormulaTranslator::Replaced& replaced)
        : workbook_(workbook)
        , layout_(layout)
        , place_(place)
        , replaced_(replaced)
        , seen_from_{place.at, place.table.has_value() && !place.foot} {}

    TranslatedFormula run(const SheetNode& tree) {
        out_.text = value(tree, false);
        if (out_.text.size() > FormulaLimits::characters) {
            throw NotSaid{{"it would be longer than %1 characters", {std::to_string(FormulaLimits::characters)}}};
        }
        const ParsedFormula parsed = parse_formula(out_.text);
        if (!parsed.tree) {
            throw NotSaid{{"it cannot be written in one formula", {}}};
        }
        out_.text = print(*parsed.tree);
        return out_;
    }

  private:
    /// The cell from which references are seen, and whether those that are not fixed follow the rows of a column.
    struct SeenFrom {
        WorkbookPlace at;
        bool follows = false;
    };

    // --- values -----------------------------------------------------------------------------------------------------

    /// What a node says as a single value. Within a measure a cell of the formula's own row is `x[i]`, and a range is a
    /// sample.
    std::string value(const SheetNode& node, bool in_measure) {
        if (++depth_ > 200) {
            throw NotSaid{{"it refers to itself by way of other cells", {}}};
        }
        const std::string out = value_of(node, in_measure);
        --depth_;
        return out;
    }

    std::string value_of(const SheetNode& node, bool in_measure) {
        switch (node.type) {
        case Type::number:
            return constant(node, node.number < 0 ? bracketed(shortest(node.number)) : shortest(node.number));
        case Type::text:
            return node.text.empty() ? "missing" : constant(node, in_quotes(node.text));
        case Type::yes_no:
            return node.number == 0 ? "no" : "yes";
        case Type::cell:
            return cell(node, in_measure);
        case Type::range:
            if (in_measure) {
                return range(node).text;
            }
            throw NotSaid{{"it uses the range %1 as one value", {write_sheet_formula(node, seen_from_.at.place)}}};
        case Type::name:
            return named(node.text, in_measure);
        case Type::call:
            return call(node, in_measure);
        case Type::operation:
            return operation(node, in_measure);
        case Type::fault:
            throw NotSaid{{"it refers to a place that was removed (%1)", {node.text}}};
        case Type::elsewhere:
            throw NotSaid{{"it refers to another file or to several sheets (%1), which are not opened", {node.text}}};
        case Type::list:
            throw NotSaid{{"it has a list of values in braces", {}}};
        case Type::nothing:
            return "0";
        }
        return {};
    }

    /// A number or text as written, or the column that stands for it.
    std::string constant(const SheetNode& node, const std::string& written) const {
        const auto found = replaced_.find(&node);
        return found == replaced_.end() ? written : found->second;
    }

    std::string operation(const SheetNode& node, bool in_measure) {
        constexpr std::string_view signs[] = {"=", "!=", "<", "<=", ">", ">=", "", "+", "-", "*", "/", "^"};
        if (node.kids.size() == 1) {
            const std::string of = value(node.kid(0), in_measure);
            return node.op == SheetOperator::percent ? bracketed(bracketed(of) + "%") : bracketed("-" + bracketed(of));
        }
        if (node.op == SheetOperator::join) {
            return "join(" + value(node.kid(0), in_measure) + ", " + value(node.kid(1), in_measure) + ")";
        }
        if ((node.op == SheetOperator::equal || node.op == SheetOperator::not_equal) &&
            (is_blank(node.kid(0)) || is_blank(node.kid(1)))) {
            const std::string asked =
                "is_missing(" + value(is_blank(node.kid(0)) ? node.kid(1) : node.kid(0), in_measure) + ")";
            return node.op == SheetOperator::equal ? asked : bracketed("not " + asked);
        }
        const std::string left = value(node.kid(0), in_measure);
        const std::string right = value(node.kid(1), in_measure);
        return bracketed(bracketed(left) + " " + std::string(signs[static_cast<std::size_t>(node.op)]) + " " +
                         bracketed(right));
    }

    // --- places -----------------------------------------------------------------------------------------------------

    bool own(std::size_t table) const { return place_.table == table; }

    std::string column_name(std::size_t table, std::size_t field) {
        const SheetTable& of = layout_.tables[table];
        if (of.fields[field].left_out) {
            throw NotSaid{{"it refers to a column without values", {}}};
        }
        if (place_.foot && own(table) && field == place_.field) {
            return "each";
        }
        if (own(table)) {
            out_.used.emplace_back(table, field);
            return of.fields[field].name;
        }
        return of.name + "." + of.fields[field].name;
    }

    WorkbookPlace resolved(const SheetNode& node, const CellReference& reference, std::size_t row = 0) const {
        std::uint32_t own_row = seen_from_.at.place.row;
        std::uint32_t own_column = seen_from_.at.place.column;
        if (row > 0 && place_.table) {
            (layout_.tables[*place_.table].across ? own_column : own_row) += static_cast<std::uint32_t>(row);
        }
        const std::int64_t to_row = reference.row.from(own_row);
        const std::int64_t to_column = reference.column.from(own_column);
        const std::size_t sheet = sheet_of(workbook_, node, seen_from_.at.sheet);
        if (sheet >= workbook_.sheets.size()) {
            throw NotSaid{{"it refers to the sheet %1, which is not there", {node.sheet}}};
        }
        if (to_row < 0 || to_column < 0) {
            throw NotSaid{{"it refers to a place outside the sheet", {}}};
        }
        return {sheet, {static_cast<std::uint32_t>(to_row), static_cast<std::uint32_t>(to_column)}};
    }

    /// Whether a coordinate along the formula's own table follows its rows.
    bool follows(const CellReference& reference) const {
        return seen_from_.follows && !layout_.tables[*place_.table].along(reference).fixed;
    }

    static std::string beside_row(std::int64_t by) {
        return by == 0 ? "i" : by > 0 ? "i+" + std::to_string(by) : "i-" + std::to_string(-by);
    }

    /// A cell as the formula of a two-way table sees it: a heading, or a neighbour in the grid; else empty.
    std::string in_grid(const SheetNode& node, const WorkbookPlace& at) const {
        const SheetGrid& grid = layout_.grids[*place_.grid];
        const Coordinate& row = node.from.row;
        const Coordinate& column = node.from.column;
        if (at.sheet != grid.sheet || seen_from_.at != place_.at) {
            return {};
        }
        if (row.fixed && at.place.row == grid.corner.row && !column.fixed && column.value == 0) {
            return grid.across;
        }
        if (column.fixed && at.place.column == grid.corner.column && !row.fixed && row.value == 0) {
            return grid.down;
        }
        if (!row.fixed && !column.fixed) {
            const std::string by = row.value == 0 ? "" : (row.value > 0 ? "+" : "") + std::to_string(row.value);
            const std::string sideways =
                column.value == 0 ? "" : (column.value > 0 ? "+" : "") + std::to_string(column.value);
            return grid.layer + "[i" + by + ", j" + sideways + "]";
        }
        return {};
    }

    std::string cell(const SheetNode& node, bool in_measure) {
        const WorkbookPlace at = resolved(node, node.from);
        if (place_.grid) {
            if (const std::string said = in_grid(node, at); !said.empty()) {
                return said;
            }
        }
        const Role role = layout_.role_of(at);
        const bool moves = follows(node.from);
        if (role.is == Role::Is::cell && moves &&
            layout_.tables[role.at].across == layout_.tables[*place_.table].across) {
            const std::int64_t by = std::int64_t(role.row) - std::int64_t(place_.first_row);
            out_.earlier_rows = out_.earlier_rows || (own(role.at) && by < 0);
            const std::string name = column_name(role.at, role.field);
            return by == 0 && own(role.at) && !in_measure ? name : name + "[" + beside_row(by) + "]";
        }
        if (moves && place_.row_count > 1) {
            note_wandering(node, at);
        }
        switch (role.is) {
        case Role::Is::cell:
            return column_name(role.at, role.field) + "[" + std::to_string(role.row + 1) + "]";
        case Role::Is::held:
            return layout_.held[role.at].name;
        case Role::Is::foot:
            return bracketed(foot_value(at, in_measure));
        case Role::Is::nothing:
            break;
        }
        const SheetCell* there = workbook_.sheets[at.sheet].at(at.place);
        if (there == nullptr) {
            throw NotSaid{{"it refers to %1, which is empty", {place_name(at.place)}}};
        }
        if (there->is_text() && there->formula == nullptr) {
            return in_quotes(there->text);
        }
        throw NotSaid{{"it refers to %1, which is in no table", {place_name(at.place)}}};
    }

    /// The formula under a column, said in place.
    std::string foot_value(const WorkbookPlace& at, bool in_measure) {
        const SheetCell* there = workbook_.sheets[at.sheet].at(at.place);
        if (there == nullptr || there->formula == nullptr || !there->formula->tree) {
            throw NotSaid{{"it refers to %1, under a table, which is no formula", {place_name(at.place)}}};
        }
        const SeenFrom before = seen_from_;
        seen_from_ = {at, false};
        const std::string out = value(*there->formula->tree, in_measure);
        seen_from_ = before;
        return out;
    }

    void note_wandering(const SheetNode& node, const WorkbookPlace& at) {
        const WorkbookPlace last = resolved(node, node.from, place_.row_count - 1);
        add_slip({SheetSlip::Is::wanders, place_name(at.place), place_name(last.place), 0});
    }
    void add_slip(SheetSlip slip) {
        if (std::find(out_.slips.begin(), out_.slips.end(), slip) == out_.slips.end()) {
            out_.slips.push_back(std::move(slip));
        }
    }

    std::string named(const std::string& name, bool in_measure) {
        const DefinedName* meaning = find_name(name);
        if (meaning == nullptr || !meaning->meaning->tree) {
            throw NotSaid{{"it uses the name %1, which is not defined", {name}}};
        }
        return seen_fixed(*meaning,
                          [&](const SheetNode& node) {
                              return node.type == Type::range ? Sample{value(node, in_measure), {}}
                                                              : Sample{value(node, in_measure), {}};
                          })
            .text;
    }

    const DefinedName* find_name(const std::string& name) const {
        const std::string& sheet = workbook_.sheets[seen_from_.at.sheet].name;
        const DefinedName* out = nullptr;
        for (const DefinedName& one : workbook_.names) {
            if (one.name == name && (one.sheet == sheet || (one.sheet.empty() && out == nullptr))) {
                out = &one;
            }
        }
        return out;
    }

    template <class See>
    Sample seen_fixed(const DefinedName& name, See see) {
        const SeenFrom before = seen_from_;
        seen_from_ = {{seen_from_.at.sheet, {0, 0}}, false};
        Sample out = see(*name.meaning->tree);
        seen_from_ = before;
        return out;
    }

    // --- ranges -----------------------------------------------------------------------------------------------------

    /// The table that a range runs over: the one of whose cells it has some.
    std::optional<std::size_t> table_of(const WorkbookPlace& from, const WorkbookPlace& to, bool whole_lines) const {
        std::optional<std::size_t> out;
        for (std::size_t at = 0; at < layout_.tables.size(); ++at) {
            const SheetTable& table = layout_.tables[at];
            const std::uint32_t fields_to = table.first_field + static_cast<std::uint32_t>(table.fields.size());
            const bool sideways =
                table.field_of(from.place) >= table.first_field && table.field_of(to.place) < fields_to;
            const bool along = whole_lines || (table.line_of(from.place) <= table.last_line &&
                                               table.line_of(to.place) >= table.first_line);
            if (table.sheet == from.sheet && sideways && along) {
                if (out) {
                    throw NotSaid{{"it uses a range over several tables", {}}};
                }
                out = at;
            }
        }
        return out;
    }

    Sample range(const SheetNode& node) {
        const bool whole_lines = node.from.whole_column || node.from.whole_row;
        const WorkbookPlace from = resolved(node, node.from);
        const WorkbookPlace to = resolved(node, node.to);
        const std::optional<std::size_t> found = table_of(from, to, whole_lines);
        if (!found) {
            return single_values(from, to);
        }
        const SheetTable& table = layout_.tables[*found];
        if (node.from.whole_column ? table.across : node.from.whole_row && !table.across) {
            throw NotSaid{{"it uses a whole row of the sheet", {}}};
        }
        const std::string rows = rows_of_range(node, *found, from, to, whole_lines);
        const std::size_t first = table.field_of(from.place) - table.first_field;
        const std::size_t last = table.field_of(to.place) - table.first_field;
        if (first == last) {
            return {column_name(*found, first) + rows, found};
        }
        if (own(*found) && !place_.foot && (rows.empty() || rows.find("..") == std::string::npos)) {
            for (std::size_t field = first; field <= last; ++field) {
                column_name(*found, field);
            }
            return {column_name(*found, first) + rows + " .. " + column_name(*found, last) + rows, found};
        }
        std::string out;
        for (std::size_t field = first; field <= last; ++field) {
            out += (out.empty() ? "" : ", ") + column_name(*found, field) + rows;
        }
        return {out, found};
    }

    /// `[1..i]`, `[i]`, or nothing where it is all rows.
    std::string rows_of_range(const SheetNode& node, std::size_t number, const WorkbookPlace& from,
                              const WorkbookPlace& to, bool whole_lines) {
        const SheetTable& table = layout_.tables[number];
        if (whole_lines) {
            if (!table.foot.empty()) {
                throw NotSaid{{"it takes a whole column of the sheet, with what stands under the table", {}}};
            }
            return {};
        }
        const auto rows = static_cast<std::int64_t>(table.rows());
        const std::int64_t begin = std::int64_t(table.line_of(from.place)) - table.first_line;
        const std::int64_t end = std::int64_t(table.line_of(to.place)) - table.first_line;
        const bool all = begin <= 0 && end >= rows - 1;
        if (std::any_of(table.foot.begin(), table.foot.end(), [&](const SheetTable::FootRow& foot) {
                return foot.line >= table.line_of(from.place) && foot.line <= table.line_of(to.place);
            })) {
            throw NotSaid{{"it takes a range with what stands under a table", {}}};
        }
        const bool along = seen_from_.follows && table.across == layout_.tables[*place_.table].across;
        const bool begin_moves = along && !table.along(node.from).fixed;
        const bool end_moves = along && !table.along(node.to).fixed;
        const auto own_row = static_cast<std::int64_t>(place_.first_row);
        if (begin_moves && end_moves) {
            if (all && rows > 2 && place_.row_count > 1) {
                const WorkbookPlace last = resolved(node, node.to, place_.row_count - 1);
                add_slip({SheetSlip::Is::wanders, place_name(from.place) + ":" + place_name(to.place),
                          place_name(last.place), 0});
                return {};
            }
            if (all && place_.row_count == 1 && rows > 1) {
                return {};
            }
            out_.earlier_rows = out_.earlier_rows || (own(number) && begin < own_row);
            const std::string first = beside_row(begin - own_row);
            return begin == end ? "[" + first + "]" : "[" + first + ".." + beside_row(end - own_row) + "]";
        }
        if (begin_moves) {
            return "[" + beside_row(begin - own_row) + ".." +
                   (end >= rows - 1 ? std::string("last") : std::to_string(end + 1)) + "]";
        }
        if (end_moves) {
            out_.earlier_rows = out_.earlier_rows || (own(number) && end < own_row);
            return "[" + std::to_string(std::max<std::int64_t>(begin, 0) + 1) + ".." + beside_row(end - own_row) + "]";
        }
        if (all) {
            return {};
        }
        if (begin <= 0 && end < rows - 1 && end + 1 >= rows / 2) {
            add_slip({SheetSlip::Is::leaves_out, place_name(from.place) + ":" + place_name(to.place), "",
                      static_cast<std::size_t>(rows - 1 - end)});
        }
        const std::int64_t first = std::max<std::int64_t>(begin, 0) + 1;
        const std::int64_t last = std::min(end, rows - 1) + 1;
        return first == last ? "[" + std::to_string(first) + "]"
                             : "[" + std::to_string(first) + ".." + std::to_string(last) + "]";
    }

    /// A range over feet or held values, one after the other.
    Sample single_values(const WorkbookPlace& from, const WorkbookPlace& to) {
        constexpr std::size_t most = 200;
        std::string out;
        std::size_t count = 0;
        for (std::uint32_t row = from.place.row; row <= to.place.row; ++row) {
            for (std::uint32_t column = from.place.column; column <= to.place.column; ++column) {
                const WorkbookPlace at{from.sheet, {row, column}};
                const Role role = layout_.role_of(at);
                if (++count > most) {
                    throw NotSaid{{"it uses a range that is in no table", {}}};
                }
                if (workbook_.sheets[at.sheet].at(at.place) == nullptr) {
                    continue;
                }
                if (role.is != Role::Is::foot && role.is != Role::Is::held) {
                    throw NotSaid{{"it uses %1, which is in no table", {place_name(at.place)}}};
                }
                out += (out.empty() ? "" : ", ") +
                       (role.is == Role::Is::held ? layout_.held[role.at].name : bracketed(foot_value(at, true)));
            }
        }
        if (out.empty()) {
            throw NotSaid{{"it uses a range that is empty", {}}};
        }
        return {out, {}};
    }

    /// What a measure runs over.
    Sample sample(const SheetNode& node) {
        if (node.type == Type::range) {
            return range(node);
        }
        if (node.type == Type::name) {
            const DefinedName* meaning = find_name(node.text);
            if (meaning != nullptr && meaning->meaning->tree && meaning->meaning->tree->type == Type::range) {
                return seen_fixed(*meaning, [this](const SheetNode& tree) { return range(tree); });
            }
        }
        return {value(node, true), {}};
    }

    // --- functions --------------------------------------------------------------------------------------------------

    std::string call(const SheetNode& node, bool in_measure) {
        if (is_drawn(node.text)) {
            throw NotSaid{{"%1 draws another number each time", {node.text}}};
        }
        switch (argument_form(node.text)) {
        case ArgumentForm::none:
            break;
        case ArgumentForm::when:
            return when(node, in_measure);
        case ArgumentForm::all_of:
            return joined(node, " and ", in_measure);
        case ArgumentForm::any_of:
            return joined(node, " or ", in_measure);
        case ArgumentForm::count_by:
            return "count(" + conditions(node, 0) + ")";
        case ArgumentForm::sum_by:
            return taken_by(node, "sum");
        case ArgumentForm::mean_by:
            return taken_by(node, "mean");
        case ArgumentForm::sum_by_several:
            return "sum(" + sample(argument(node, 0)).text + " where " + conditions(node, 1) + ")";
        case ArgumentForm::mean_by_several:
            return "mean(" + sample(argument(node, 0)).text + " where " + conditions(node, 1) + ")";
        case ArgumentForm::lookup_in_block:
            return lookup_in_block(node);
        case ArgumentForm::lookup_by_place:
            return lookup_by_place(node);
        case ArgumentForm::lookup_in_columns:
            return pick(sample(argument(node, 2)).text, sample(argument(node, 1)).text, argument(node, 0));
        case ArgumentForm::by_number: {
            const std::string_view measure = subtotal_measure(static_cast<int>(argument(node, 0).number));
            if (measure.empty() || node.kids.size() != 2) {
                throw no_like(node);
            }
            return std::string(measure) + "(" + sample(node.kid(1)).text + ")";
        }
        case ArgumentForm::completed: {
            const std::string_view function = completed_function(argument(node, 2).text);
            if (function.empty()) {
                throw no_like(node);
            }
            return std::string(function) + "(" + value(node.kid(0), in_measure) + ", " +
                   value(node.kid(1), in_measure) + ")";
        }
        case ArgumentForm::convert:
            return "convert(" + value(argument(node, 0), in_measure) + ", " + in_quotes(argument(node, 1).text) + ", " +
                   in_quotes(argument(node, 2).text) + ")";
        case ArgumentForm::distribution: {
            const SheetNode& last = *node.kids.back();
            const bool cumulative = last.number != 0;
            const DistributionForms forms = distribution_forms(node.text);
            if (last.type != Type::yes_no && last.type != Type::number) {
                throw no_like(node);
            }
            return filled(node, cumulative ? forms.cumulative : forms.at_value, in_measure);
        }
        }
        const OpenFormulaFunction* function = openformula_function(node.text, node.kids.size());
        if (function == nullptr) {
            throw no_like(node);
        }
        return filled(node, function->form, in_measure);
    }

    static NotSaid no_like(const SheetNode& node) {
        return {{"%1, as it is used here, has no like in the formula language", {node.text}}};
    }
    static const SheetNode& argument(const SheetNode& node, std::size_t at) {
        if (at >= node.kids.size()) {
            throw no_like(node);
        }
        return node.kid(at);
    }

    std::string filled(const SheetNode& node, std::string_view form, bool in_measure) {
        // Each argument is said once, however often the form has it.
        std::map<std::pair<char, std::size_t>, std::string> said;
        const auto say = [&](char as, std::size_t at) {
            auto& text = said[{as, at}];
            if (text.empty()) {
                if (as == '$') {
                    text = bracketed(value(argument(node, at), in_measure));
                } else if (as == '#') {
                    text = bracketed(value(argument(node, at), true));
                } else {
                    text = sample(argument(node, at)).text;
                    text = text.find(", ") == std::string::npos && text.find(" .. ") == std::string::npos
                               ? text
                               : bracketed(text);
                }
            }
            return text;
        };
        std::string out;
        for (std::size_t at = 0; at < form.size(); ++at) {
            const char c = form[at];
            if (c != '$' && c != '@' && c != '#') {
                out += c;
                continue;
            }
            ++at;
            if (form[at] != '*') {
                out += say(c, static_cast<std::size_t>(form[at] - '1'));
                continue;
            }
            for (std::size_t kid = 0; kid < node.kids.size(); ++kid) {
                out += kid > 0 ? ", " : "";
                out += c == '@' ? sample(node.kid(kid)).text : value(node.kid(kid), in_measure);
            }
        }
        return out;
    }

    static bool is_blank(const SheetNode& one) { return one.type == Type::text && one.text.empty(); }

    /// Whether a condition only asks whether cells are empty without which the other formula is missing anyway.
    static bool only_guards(const SheetNode& condition, const SheetNode& otherwise) {
        if (condition.type == Type::call && argument_form(condition.text) == ArgumentForm::any_of) {
            return !condition.kids.empty() &&
                   std::all_of(condition.kids.begin(), condition.kids.end(),
                               [&](const SheetNodePtr& kid) { return only_guards(*kid, otherwise); });
        }
        return condition.type == Type::operation && condition.op == SheetOperator::equal &&
               condition.kid(0).type == Type::cell && is_blank(condition.kid(1)) && needs(otherwise, condition.kid(0));
    }

    /// Whether a formula is missing where a cell is: it calculates with it, or takes a plain function of it.
    static bool needs(const SheetNode& node, const SheetNode& cell) {
        if (node.type == Type::cell) {
            return node.sheet == cell.sheet && node.from == cell.from;
        }
        const OpenFormulaFunction* function =
            node.type == Type::call ? openformula_function(node.text, node.kids.size()) : nullptr;
        const bool passes_on = (node.type == Type::call && argument_form(node.text) == ArgumentForm::completed) ||
                               (node.type == Type::operation && node.op != SheetOperator::join) ||
                               (function != nullptr && function->form.find_first_of("@#*") == std::string_view::npos &&
                                function->form.find("is_missing") == std::string_view::npos);
        return passes_on && std::any_of(node.kids.begin(), node.kids.end(),
                                        [&](const SheetNodePtr& kid) { return needs(*kid, cell); });
    }

    std::string when(const SheetNode& node, bool in_measure) {
        if (node.kids.size() < 2 || node.kids.size() > 3) {
            throw no_like(node);
        }
        if (node.kids.size() == 3 && is_blank(node.kid(1)) && only_guards(node.kid(0), node.kid(2))) {
            return value(node.kid(2), in_measure); // what is missing stays missing by itself
        }
        const std::string condition = value(node.kid(0), in_measure);
        const std::string then = value(node.kid(1), in_measure);
        const std::string otherwise = node.kids.size() == 3 ? value(node.kid(2), in_measure) : "no";
        return bracketed("if " + condition + " then " + then + " else " + otherwise);
    }

    std::string joined(const SheetNode& node, const std::string& word, bool in_measure) {
        std::string out;
        for (const auto& kid : node.kids) {
            out += (out.empty() ? "" : word) + bracketed(value(*kid, in_measure));
        }
        return bracketed(out);
    }

    /// Pairs of a range and a condition on it, from an argument on.
    std::string conditions(const SheetNode& node, std::size_t from) {
        if (node.kids.size() < from + 2 || (node.kids.size() - from) % 2 != 0) {
            throw no_like(node);
        }
        std::string out;
        for (std::size_t at = from; at < node.kids.size(); at += 2) {
            out += (out.empty() ? "" : " and ") + condition(sample(node.kid(at)).text, node.kid(at + 1));
        }
        return out;
    }

    std::string condition(const std::string& sample_text, const SheetNode& asked) {
        if (asked.type == Type::text) {
            const Criterion criterion = read_criterion(asked.text);
            if (!criterion.number && criterion.value.find_first_of("*?") != std::string::npos) {
                throw NotSaid{{"its condition has a sign that stands for any text", {}}};
            }
            const std::string with = constant(asked, criterion.number ? criterion.value : in_quotes(criterion.value));
            return sample_text + " " + criterion.sign + " " + with;
        }
        if (asked.type == Type::operation && asked.op == SheetOperator::join && asked.kid(0).type == Type::text) {
            const Criterion criterion = read_criterion(asked.kid(0).text);
            if (!criterion.value.empty()) {
                throw NotSaid{{"its condition is joined from texts", {}}};
            }
            return sample_text + " " + criterion.sign + " " + bracketed(value(asked.kid(1), true));
        }
        return sample_text + " = " + bracketed(value(asked, true));
    }

    std::string taken_by(const SheetNode& node, const std::string& measure) {
        const std::string asked = sample(argument(node, 0)).text;
        const std::string taken = node.kids.size() > 2 ? sample(node.kid(2)).text : asked;
        return measure + "(" + taken + " where " + condition(asked, argument(node, 1)) + ")";
    }

    std::string pick(const std::string& taken, const std::string& keys, const SheetNode& key) {
        return "pick(" + taken + " where " + keys + " = " + bracketed(value(key, true)) + ")";
    }

    std::string lookup_in_block(const SheetNode& node) {
        const SheetNode& block = argument(node, 1);
        const bool exact =
            node.kids.size() == 4 && node.kid(3).number == 0 &&
            (node.kid(3).type == Type::number || node.kid(3).type == Type::yes_no || node.kid(3).type == Type::nothing);
        if (!exact || block.type != Type::range || argument(node, 2).type != Type::number) {
            throw NotSaid{{"it looks for the nearest value in a block", {}}};
        }
        const auto field_of_block = [&](std::int32_t by) {
            SheetNode one = block;
            one.from.column.value += by;
            one.to.column = one.from.column;
            return range(one).text;
        };
        const auto by = static_cast<std::int32_t>(std::clamp(node.kid(2).number, 1.0, 10'000.0)) - 1;
        return pick(field_of_block(by), field_of_block(0), node.kid(0));
    }

    std::string lookup_by_place(const SheetNode& node) {
        const SheetNode& place = argument(node, 1);
        if (place.type != Type::call || !finds_place(place.text) || place.kids.size() != 3 ||
            place.kid(2).number != 0 || node.kids.size() != 2) {
            throw no_like(node);
        }
        return pick(sample(node.kid(0)).text, sample(place.kid(1)).text, place.kid(0));
    }

    const Workbook& workbook_;
    const SheetLayout& layout_;
    const SheetFormulaPlace& place_;
    const FormulaTranslator::Replaced& replaced_;
    SeenFrom seen_from_;
    TranslatedFormula out_;
    std::size_t depth_ = 0;
};

} // namespace

std::string in_quotes(const std::string& text) {
    std::string out = "\"";
    for (const char c : text) {
        out += c;
        if (c == '"') {
            out += c;
        }
    }
    return out + "\"";
}

Criterion read_criterion(const std::string& text) {
    Criterion out{"=", text, false};
    const std::pair<std::string_view, const char*> signs[] = {{"<>", "!="}, {"<=", "<="}, {">=", ">="},
                                                              {"<", "<"},   {">", ">"},   {"=", "="}};
    for (const auto& [written, sign] : signs) {
        if (text.starts_with(written)) {
            out.sign = sign;
            out.value = text.substr(written.size());
            break;
        }
    }
    if (const std::optional<double> number = read_number(out.value)) {
        out.value = *number < 0 ? bracketed(shortest(*number)) : shortest(*number);
        out.number = true;
    }
    return out;
}

Result<TranslatedFormula> FormulaTranslator::translate(const SheetNode& tree, const SheetFormulaPlace& place,
                                                       const Replaced& replaced) const {
    try {
        return Translation(workbook_, layout_, place, replaced).run(tree);
    } catch (const NotSaid& refusal) {
        return refusal.why;
    }
}

} // namespace ledgefall
