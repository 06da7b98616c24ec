// Formulas of the formula language as worksheet formulas. A column of the own row is a place that follows the row; a
// whole column in a measure is a range with fixed rows; a held value is a fixed place.

#include "files/sheet_writing/sheet_formula_maker.h"

#include "core/engine/binding/place_binder.h"
#include "core/formula/parser.h"
#include "core/formula/substitute.h"
#include "core/study/model/scope.h"
#include "core/value/date.h"
#include "core/value/text_order.h"
#include "files/sheet_study/openformula_patterns.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

using Type = SheetNode::Type;

/// Why a formula cannot be said; thrown and caught within this file.
struct NotSaid {
    Sentence why;
};

std::shared_ptr<SheetNode> node_of(Type type) {
    auto out = std::make_shared<SheetNode>();
    out->type = type;
    return out;
}
SheetNodePtr number_of(double number) {
    auto out = node_of(Type::number);
    out->number = number;
    return out;
}
SheetNodePtr text_of(const std::string& text) {
    auto out = node_of(Type::text);
    out->text = text;
    return out;
}
SheetNodePtr yes_no_of(bool yes) {
    auto out = node_of(Type::yes_no);
    out->number = yes ? 1 : 0;
    return out;
}
SheetNodePtr call_of(const std::string& name, std::vector<SheetNodePtr> kids) {
    auto out = node_of(Type::call);
    out->text = name;
    out->kids = std::move(kids);
    return out;
}
SheetNodePtr operation_of(SheetOperator op, std::vector<SheetNodePtr> kids) {
    auto out = node_of(Type::operation);
    out->op = op;
    out->kids = std::move(kids);
    return out;
}

bool contains(const Node& node, const std::function<bool(const Node&)>& is) {
    return is(node) || std::any_of(node.kids.begin(), node.kids.end(),
                                   [&](const NodePtr& kid) { return kid && contains(*kid, is); });
}

class Making {
  public:
    Making(const Study& study, const Results& results, const SheetPlaces& places, const FormulaSeat& seat,
           bool texts_differ_by_capitals)
        : study_(study)
        , results_(results)
        , places_(places)
        , seat_(seat)
        , texts_differ_by_capitals_(texts_differ_by_capitals) {}

    MadeFormula run(const Node& tree) {
        out_.tree = value(tree, false);
        return std::move(out_);
    }

  private:
    [[noreturn]] static void refuse(const std::string& why) { throw NotSaid{{why, {}}}; }

    // --- places -----------------------------------------------------------------------------------------------------

    const SheetPlaces::OfTable& own() const { return places_.of(*seat_.table); }
    bool is_own(const Table& table) const { return seat_.table != nullptr && table.id == seat_.table->id; }

    std::string sheet_of(const Table& table) const {
        if (is_own(table) && seat_.in != FormulaSeat::In::ledge) {
            return {};
        }
        return places_.of(table).sheet;
    }

    /// A column's place, fixed, or seen from the formula's own column where it stands on the same sheet.
    Coordinate column_at(const Table& table, Id column) const {
        const auto& of = places_.of(table);
        const auto found = of.column_of.find(column);
        if (found == of.column_of.end()) {
            refuse("it uses a column that is not written");
        }
        const auto at = static_cast<std::int32_t>(found->second);
        if (!is_own(table) || seat_.in == FormulaSeat::In::ledge) {
            return {at, true};
        }
        return {at - static_cast<std::int32_t>(of.column_of.at(seat_.column)), false};
    }

    SheetNodePtr cell_of(const Table& table, Id column, Coordinate row) const {
        auto out = node_of(Type::cell);
        out->sheet = sheet_of(table);
        out->from.row = row;
        out->from.column = column_at(table, column);
        return out;
    }

    SheetNodePtr range_of(const Table& table, Id first, Id last, Coordinate from, Coordinate to) const {
        auto out = node_of(Type::range);
        out->sheet = sheet_of(table);
        out->from.row = from;
        out->to.row = to;
        out->from.column = column_at(table, first);
        out->to.column = column_at(table, last);
        return out;
    }

    Coordinate first_row(const Table& table) const {
        return {static_cast<std::int32_t>(places_.of(table).first_row), true};
    }
    Coordinate last_row(const Table& table) const {
        const auto& of = places_.of(table);
        if (of.rows == 0) {
            refuse("it takes a column without rows");
        }
        return {static_cast<std::int32_t>(of.first_row + of.rows - 1), true};
    }
    SheetNodePtr whole(const Table& table, Id first, Id last) const {
        return range_of(table, first, last, first_row(table), last_row(table));
    }

    SheetNodePtr held(const HeldValue& value) const {
        const auto found = places_.held_row.find(value.id);
        if (found == places_.held_row.end()) {
            refuse("it uses a held function");
        }
        auto out = node_of(Type::cell);
        out->sheet = seat_.in == FormulaSeat::In::ledge ? std::string() : places_.held_sheet;
        out->from.row = {static_cast<std::int32_t>(found->second), true};
        out->from.column = {1, true};
        return out;
    }

    /// Which row a place in brackets is: `i-1`, `3`, `last`.
    Coordinate row_at(const Table& table, const Node& place) {
        const auto& of = places_.of(table);
        if (place.type == NodeType::number) {
            return {static_cast<std::int32_t>(of.first_row + static_cast<std::uint32_t>(place.number) - 1), true};
        }
        if (place.type == NodeType::word && place.text == "last") {
            return last_row(table);
        }
        const std::optional<std::int64_t> shift = shift_of(place);
        if (!shift || seat_.in != FormulaSeat::In::column) {
            refuse("it uses a row whose number is worked out");
        }
        // Another table's rows begin elsewhere on their sheet, all by the same distance.
        const auto apart = std::int64_t(of.first_row) - own().first_row;
        if (*shift != 0) {
            out_.earlier_rows.insert(*shift);
        }
        if (!is_own(table) && *shift == 0) {
            out_.earlier_rows.insert(0);
        }
        return {static_cast<std::int32_t>(*shift + apart), false};
    }

    // --- names ------------------------------------------------------------------------------------------------------

    Binding meaning(const Node& name) const {
        const Binding out = look_up(study_, seat_.table, name.owner, name.text);
        if (!out.exists()) {
            refuse("it uses a name that is not there");
        }
        return out;
    }

    SheetNodePtr named(const Node& node, bool in_measure) {
        if (seat_.in == FormulaSeat::In::foot) {
            if (const FootLine* line = foot_line_meant(study_, seat_.table, node)) {
                return cell_of(*seat_.table, seat_.column,
                               {static_cast<std::int32_t>(own().foot_row.at(line->id)), true});
            }
        }
        if (node.owner.empty() && node.text == "pi" && !look_up(study_, seat_.table, "", "pi").exists()) {
            return call_of(openformula::pi, {});
        }
        const Binding binding = meaning(node);
        if (binding.held != nullptr) {
            return held(*binding.held);
        }
        if (binding.group != nullptr) {
            if (!in_measure) {
                refuse("it uses a group of columns as one value");
            }
            return whole(*binding.table, binding.group->columns.front(), binding.group->columns.back());
        }
        const Table& table = *binding.table;
        if (table.two_way()) {
            return in_grid(binding, in_measure);
        }
        if (in_measure) {
            return whole(table, binding.column->id, binding.column->id);
        }
        if (!is_own(table) || seat_.in != FormulaSeat::In::column) {
            refuse("it uses a whole column as one value");
        }
        if (const Column* cells = results_.column(binding.column->id);
            cells != nullptr && cells->kind() == Kind::interval) {
            refuse("it uses a class as a value");
        }
        SheetNodePtr out = cell_of(table, binding.column->id, {0, false});
        out_.operands.push_back(out);
        return out;
    }

    /// A layer or an axis of a two-way table, in a formula of one of its layers.
    SheetNodePtr in_grid(const Binding& binding, bool in_measure) const {
        const Table& table = *binding.table;
        const auto& of = places_.of(table);
        const bool own_layer = is_own(table) && seat_.in == FormulaSeat::In::layer;
        const bool axis = table.axis_of(binding.column->id) != nullptr;
        auto out = node_of(in_measure && !axis ? Type::range : Type::cell);
        if (axis) {
            if (!own_layer || in_measure) {
                refuse("it uses an axis of a two-way table");
            }
            const bool down = table.axis_of(binding.column->id) == &table.axis;
            out->from.row = down ? Coordinate{0, false} : Coordinate{static_cast<std::int32_t>(of.first_row) - 1, true};
            out->from.column =
                down ? Coordinate{static_cast<std::int32_t>(of.first_column) - 1, true} : Coordinate{0, false};
            return out;
        }
        const bool same_sheet = own_layer && binding.column->id == seat_.column;
        out->sheet = same_sheet ? std::string() : of.layer_sheet.at(binding.column->id);
        if (in_measure) {
            out->from = {{static_cast<std::int32_t>(of.first_row), true},
                         {static_cast<std::int32_t>(of.first_column), true}};
            out->to = {{static_cast<std::int32_t>(of.first_row + of.rows - 1), true},
                       {static_cast<std::int32_t>(of.first_column + of.columns - 1), true}};
            return out;
        }
        if (!own_layer) {
            refuse("it uses a cell of a two-way table");
        }
        return out;
    }

    SheetNodePtr indexed(const Node& node, bool in_measure) {
        if (node.kid(0).type != NodeType::name) {
            refuse("it takes a row of what is worked out");
        }
        const Binding binding = meaning(node.kid(0));
        if (binding.held != nullptr || binding.table == nullptr) {
            refuse("it takes a row of a held value");
        }
        const Table& table = *binding.table;
        if (table.two_way()) {
            return grid_part(node, binding, in_measure);
        }
        const Id first = binding.group != nullptr ? binding.group->columns.front() : binding.column->id;
        const Id last = binding.group != nullptr ? binding.group->columns.back() : binding.column->id;
        if (node.kids.size() != 2) {
            refuse("it has two places in brackets");
        }
        const Node& place = node.kid(1);
        if (place.type == NodeType::range) {
            if (!in_measure) {
                refuse("it uses several rows as one value");
            }
            const Coordinate from = place.kids[0] ? row_at(table, *place.kids[0]) : first_row(table);
            const Coordinate to = place.kids[1] ? row_at(table, *place.kids[1]) : last_row(table);
            return range_of(table, first, last, from, to);
        }
        const Coordinate row = row_at(table, place);
        if (binding.group != nullptr) {
            return range_of(table, first, last, row, row);
        }
        SheetNodePtr out = cell_of(table, first, row);
        if (!in_measure && seat_.in == FormulaSeat::In::column) {
            out_.operands.push_back(out);
        }
        return out;
    }

    /// `f[i-1, j]`, and in a measure `f[i, ..]`, `f[.., j]`.
    SheetNodePtr grid_part(const Node& node, const Binding& binding, bool in_measure) const {
        const Table& table = *binding.table;
        const auto& of = places_.of(table);
        if (!is_own(table) || seat_.in != FormulaSeat::In::layer || node.kids.size() != 3 ||
            table.axis_of(binding.column->id) != nullptr) {
            refuse("it uses a part of a two-way table");
        }
        const auto coordinate = [](const Node& place, const char* word, std::uint32_t first) {
            if (place.type == NodeType::number) {
                return Coordinate{static_cast<std::int32_t>(first + static_cast<std::uint32_t>(place.number) - 1),
                                  true};
            }
            const auto shift = shift_of(place, word);
            if (!shift) {
                refuse("it uses a row or column whose number is worked out");
            }
            return Coordinate{static_cast<std::int32_t>(*shift), false};
        };
        const auto ends = [&](const Node& place, const char* word, std::uint32_t first, std::uint32_t count) {
            if (place.type != NodeType::range) {
                const Coordinate one = coordinate(place, word, first);
                return std::pair(one, one);
            }
            return std::pair(place.kids[0] ? coordinate(*place.kids[0], word, first)
                                           : Coordinate{static_cast<std::int32_t>(first), true},
                             place.kids[1] ? coordinate(*place.kids[1], word, first)
                                           : Coordinate{static_cast<std::int32_t>(first + count - 1), true});
        };
        const auto [from_row, to_row] = ends(node.kid(1), "i", of.first_row, of.rows);
        const auto [from_column, to_column] = ends(node.kid(2), "j", of.first_column, of.columns);
        const bool single = from_row == to_row && from_column == to_column;
        if (!single && !in_measure) {
            refuse("it uses several cells as one value");
        }
        auto out = node_of(single ? Type::cell : Type::range);
        out->sheet = binding.column->id == seat_.column ? std::string() : of.layer_sheet.at(binding.column->id);
        out->from = {from_row, from_column};
        out->to = {to_row, to_column};
        return out;
    }

    // --- values -----------------------------------------------------------------------------------------------------

    SheetNodePtr value(const Node& node, bool in_measure) {
        switch (node.type) {
        case NodeType::number:
            return number_of(node.number);
        case NodeType::text:
            return text_of(node.text);
        case NodeType::word:
            return word(node, in_measure);
        case NodeType::name:
            return named(node, in_measure);
        case NodeType::index:
            return indexed(node, in_measure);
        case NodeType::range:
            return across(node, in_measure);
        case NodeType::call:
            return call(node, in_measure);
        case NodeType::unary:
            return unary(node, in_measure);
        case NodeType::binary:
            return binary(node, in_measure);
        case NodeType::chain:
            return chain(node, in_measure);
        case NodeType::choice:
            return call_of(openformula::when, {value(node.kid(0), in_measure), value(node.kid(1), in_measure),
                                               value(node.kid(2), in_measure)});
        case NodeType::absolute:
            return call_of(openformula::absolute, {value(node.kid(0), in_measure)});
        default:
            refuse("the worksheet functions cannot say it");
        }
    }

    SheetNodePtr word(const Node& node, bool in_measure) const {
        if (node.text == "each" && seat_.in == FormulaSeat::In::foot) {
            if (!in_measure) {
                refuse("it uses a whole column as one value");
            }
            return whole(*seat_.table, seat_.column, seat_.column);
        }
        if (node.text == "yes" || node.text == "no") {
            return yes_no_of(node.text == "yes");
        }
        if (node.text == "missing") {
            return text_of("");
        }
        if (node.text == "rows" && seat_.table != nullptr) {
            return number_of(own().rows);
        }
        if (node.text == "row" && seat_.in == FormulaSeat::In::column) {
            const SheetNodePtr here = call_of(openformula::row, {});
            return operation_of(SheetOperator::subtract, {here, number_of(own().first_row)});
        }
        refuse("the worksheet functions cannot say it");
    }

    /// `a[i] .. c[i]`, `a .. c`.
    SheetNodePtr across(const Node& node, bool in_measure) {
        if (!in_measure || !node.kids[0] || !node.kids[1]) {
            refuse("it uses several columns as one value");
        }
        const SheetNodePtr from = value(node.kid(0), true);
        const SheetNodePtr to = value(node.kid(1), true);
        auto out = std::make_shared<SheetNode>(*from);
        out->type = Type::range;
        out->to = to->type == Type::range ? to->to : to->from;
        return out;
    }

    SheetNodePtr unary(const Node& node, bool in_measure) {
        const SheetNodePtr kid = value(node.kid(0), in_measure);
        switch (node.op) {
        case Operator::negate:
            return operation_of(SheetOperator::negate, {kid});
        case Operator::percent:
            return operation_of(SheetOperator::percent, {kid});
        case Operator::logical_not:
            return call_of(openformula::negation, {kid});
        case Operator::factorial:
            return call_of(openformula::factorial, {kid});
        case Operator::root:
            return call_of(openformula::square_root, {kid});
        case Operator::degree:
            return operation_of(
                SheetOperator::divide,
                {operation_of(SheetOperator::multiply, {kid, call_of(openformula::pi, {})}), number_of(180)});
        default:
            refuse("the worksheet functions cannot say it");
        }
    }

    SheetNodePtr binary(const Node& node, bool in_measure) {
        const SheetNodePtr left = value(node.kid(0), in_measure);
        const SheetNodePtr right = value(node.kid(1), in_measure);
        switch (node.op) {
        case Operator::add:
            return operation_of(SheetOperator::add, {left, right});
        case Operator::subtract:
            return operation_of(SheetOperator::subtract, {left, right});
        case Operator::multiply:
            return operation_of(SheetOperator::multiply, {left, right});
        case Operator::divide:
            return operation_of(SheetOperator::divide, {left, right});
        case Operator::power:
            return operation_of(SheetOperator::power, {left, right});
        case Operator::modulo:
            return call_of(openformula::remainder, {left, right});
        case Operator::logical_and:
            return call_of(openformula::all_of, {left, right});
        case Operator::logical_or:
            return call_of(openformula::any_of, {left, right});
        default:
            refuse("the worksheet functions cannot say it");
        }
    }

    static SheetOperator comparison(Operator op) {
        switch (op) {
        case Operator::equal:
            return SheetOperator::equal;
        case Operator::not_equal:
            return SheetOperator::not_equal;
        case Operator::less:
            return SheetOperator::less;
        case Operator::less_equal:
            return SheetOperator::less_equal;
        case Operator::greater:
            return SheetOperator::greater;
        case Operator::greater_equal:
            return SheetOperator::greater_equal;
        default:
            refuse("it compares by ≈ or in");
        }
    }

    SheetNodePtr chain(const Node& node, bool in_measure) {
        std::vector<SheetNodePtr> pairs;
        for (std::size_t at = 0; at < node.ops.size(); ++at) {
            const Node& left = node.kid(at);
            const Node& right = node.kid(at + 1);
            check_texts(left, right);
            pairs.push_back(
                operation_of(comparison(node.ops[at]), {value(left, in_measure), value(right, in_measure)}));
        }
        return pairs.size() == 1 ? pairs.front() : call_of(openformula::all_of, pairs);
    }

    // --- measures and functions -------------------------------------------------------------------------------------

    /// Worksheets compare texts without regard to capitals: refused where the study has texts that differ in them
    /// alone.
    void check_texts(const Node& left, const Node& right) const {
        const auto is_text = [this](const Node& node) {
            if (node.type == NodeType::name || node.type == NodeType::index) {
                const Node& name = node.type == NodeType::index ? node.kid(0) : node;
                const Binding binding =
                    name.type == NodeType::name ? look_up(study_, seat_.table, name.owner, name.text) : Binding();
                const Column* cells = binding.column == nullptr ? nullptr : results_.column(binding.column->id);
                return cells != nullptr && cells->kind() == Kind::text;
            }
            return node.type == NodeType::text;
        };
        if (texts_differ_by_capitals_ && (is_text(left) || is_text(right))) {
            refuse("it compares texts, and worksheets do not tell capitals from small letters");
        }
    }

    /// Whether a node runs over the rows of a measure's table: it has a column that is not held at a row.
    bool runs(const Node& node) const {
        return contains(node, [this](const Node& one) {
            if (one.type == NodeType::name) {
                const Binding binding = look_up(study_, seat_.table, one.owner, one.text);
                return binding.column != nullptr || binding.group != nullptr;
            }
            return false;
        });
    }

    SheetNodePtr call(const Node& node, bool in_measure) {
        if (!node.owner.empty() || called_function(study_, seat_.table, node.owner, node.text) != nullptr) {
            refuse("it calls a held function");
        }
        if (node.kids.size() == 1 && node.kid(0).type == NodeType::where) {
            return by_condition(node.text, &node.kid(0).kid(0), node.kid(0).kid(1));
        }
        const auto is_condition = [](const Node& one) {
            return one.type == NodeType::chain || (one.type == NodeType::binary && one.op == Operator::logical_and);
        };
        if (node.text == "count" && node.kids.size() == 1 && is_condition(node.kid(0))) {
            return by_condition(node.text, nullptr, node.kid(0));
        }
        if (node.text == "today" && study_.settings.as_of) {
            return day_of(*study_.settings.as_of);
        }
        if (const SheetNodePtr limit = limit_of_class(node)) {
            return limit;
        }
        if (node.text == "quantile" || node.text == "q1" || node.text == "q3") {
            check_quantiles();
        }
        if (const SheetNodePtr said = by_parts(node, in_measure)) {
            return said;
        }
        if (const std::string unit = completed_unit(node.text); !unit.empty() && node.kids.size() == 2) {
            return call_of(openformula::completed,
                           {value(node.kid(0), in_measure), value(node.kid(1), in_measure), text_of(unit)});
        }
        if (const NodePtr spelled = with_distributions(node)) {
            return value(*spelled, in_measure);
        }
        OpenFormulaMatch match = openformula_match(node);
        if (match.name.empty()) {
            throw NotSaid{{"worksheets have no function for %1", {node.text}}};
        }
        if (node.text == "count" && counts_other_kinds(node)) {
            match.name = openformula::count_filled;
        }
        std::vector<SheetNodePtr> arguments;
        for (const OpenFormulaMatch::Argument& argument : match.arguments) {
            if (argument.sample) {
                sample(*argument.node, arguments);
            } else {
                arguments.push_back(value(*argument.node, in_measure || argument.in_measure));
            }
        }
        if (match.says_cumulative) {
            arguments.push_back(yes_no_of(match.cumulative));
        }
        return call_of(match.name, std::move(arguments));
    }

    void check_quantiles() const {
        if (study_.settings.quantile_type != 7) {
            refuse("it uses another quantile method than worksheets do");
        }
    }

    /// The study's as-of day, which its formulas take for today.
    static SheetNodePtr day_of(double day) {
        const std::string written = write_date(std::floor(day)); // 2026-05-03
        return call_of(openformula::date,
                       {number_of(std::stod(written.substr(0, 4))), number_of(std::stod(written.substr(5, 2))),
                        number_of(std::stod(written.substr(8, 2)))});
    }

    /// Whether a count is one of texts or of yes and no, which worksheets count by another function. That counts empty
    /// texts too, as which missing values of formulas are written.
    bool counts_other_kinds(const Node& node) const {
        bool other = false;
        for (const NodePtr& kid : node.kids) {
            const Node& name = kid->type == NodeType::index ? kid->kid(0) : *kid;
            Id column = name.type == NodeType::word && name.text == "each" ? seat_.column : Id();
            bool worked = !column.empty() && seat_.table->column(column)->worked();
            if (name.type == NodeType::name) {
                const Binding binding = look_up(study_, seat_.table, name.owner, name.text);
                column = binding.column == nullptr ? Id() : binding.column->id;
                worked = binding.column != nullptr && binding.column->worked();
            }
            const Column* cells = column.empty() ? nullptr : results_.column(column);
            if (cells != nullptr && (cells->kind() == Kind::text || cells->kind() == Kind::yes_no)) {
                other = true;
                if (worked && cells->filled() < cells->size()) {
                    refuse("it counts texts that a formula leaves out in some rows");
                }
            }
        }
        return other;
    }

    /// The column of a table's own classes that a node names; null where it names something else.
    const SheetPlaces::OfTable* own_classes(const Node& node) const {
        if (node.type != NodeType::name || seat_.in != FormulaSeat::In::column) {
            return nullptr;
        }
        const Binding binding = look_up(study_, seat_.table, node.owner, node.text);
        const bool classes = binding.column != nullptr && is_own(*binding.table) &&
                             binding.table->axis_of(binding.column->id) != nullptr && own().lower_column.has_value();
        return classes ? &own() : nullptr;
    }

    SheetNodePtr limit(const SheetPlaces::OfTable& of, bool upper) const {
        auto out = node_of(Type::cell);
        out->from.column = {static_cast<std::int32_t>(*of.lower_column + (upper ? 1 : 0)) -
                                static_cast<std::int32_t>(of.column_of.at(seat_.column)),
                            false};
        return out;
    }

    /// `lower(class)`, `upper(class)`, `mid(class)`; null where the call is another.
    SheetNodePtr limit_of_class(const Node& node) const {
        const auto* of = node.kids.size() == 1 ? own_classes(node.kid(0)) : nullptr;
        if (of == nullptr) {
            return nullptr;
        }
        if (node.text == "lower" || node.text == "upper") {
            return limit(*of, node.text == "upper");
        }
        if (node.text == "mid") {
            return operation_of(
                SheetOperator::divide,
                {operation_of(SheetOperator::add, {limit(*of, false), limit(*of, true)}), number_of(2)});
        }
        if (node.text == "width") {
            return operation_of(SheetOperator::subtract, {limit(*of, true), limit(*of, false)});
        }
        return nullptr;
    }

    /// A call with the distributions that are held put in its place, as P(D = k) is P(binomial(n, p) = k); null where
    /// it names none.
    NodePtr with_distributions(const Node& node) const {
        std::map<std::string, Filling> fillings;
        static_cast<void>(contains(node, [&](const Node& one) {
            const Binding binding = one.type == NodeType::name && one.owner.empty()
                                        ? look_up(study_, seat_.table, "", one.text)
                                        : Binding();
            if (binding.held != nullptr && binding.held->worked() && binding.held->formula.tree() &&
                results_.single(binding.held->id).kind() == Kind::distribution) {
                fillings[one.text] = {binding.held->formula.tree().get(), nullptr};
            }
            return false;
        }));
        return fillings.empty() ? nullptr : filled(node, fillings, node.span, [](const Node&) { return false; });
    }

    /// Functions that the standards have not, but say in two or three steps; null where the call is another.
    SheetNodePtr by_parts(const Node& node, bool in_measure) {
        const std::string said(openformula::form_by_parts(node.text, node.kids.size()));
        if (said.empty()) {
            return nullptr;
        }
        const ParsedFormula parsed = parse_formula(said);
        std::map<std::string, Filling> fillings;
        for (std::size_t kid = 0; kid < node.kids.size(); ++kid) {
            fillings[std::string(1, static_cast<char>('a' + kid)) + "_"] = {&node.kid(kid), nullptr};
        }
        const NodePtr tree = filled(*parsed.tree, fillings, node.span, [](const Node&) { return false; });
        return value(*tree, in_measure);
    }

    /// What a measure runs over: a column, several, single values; nothing that would have to be worked out for each
    /// row.
    void sample(const Node& node, std::vector<SheetNodePtr>& out) {
        if (node.type == NodeType::list) {
            for (const NodePtr& kid : node.kids) {
                sample(*kid, out);
            }
            return;
        }
        const bool each = node.type == NodeType::word && node.text == "each";
        const bool plain = each || node.type == NodeType::name || node.type == NodeType::index ||
                           node.type == NodeType::range || node.type == NodeType::number;
        if (!plain && runs(node)) {
            refuse("a measure in it takes what is worked out for each row: give that a column of its own");
        }
        out.push_back(value(node, plain));
    }

    /// A measure of the rows for which a condition holds.
    SheetNodePtr by_condition(const std::string& measure, const Node* taken, const Node& condition) {
        std::vector<SheetNodePtr> arguments;
        const auto is_others = [this](const Node& one) {
            const Binding binding =
                one.type == NodeType::name ? look_up(study_, seat_.table, one.owner, one.text) : Binding();
            return binding.column != nullptr && !is_own(*binding.table);
        };
        names_others_ = contains(condition, is_others) || (taken != nullptr && contains(*taken, is_others));
        const bool counts = measure == "count" && taken == nullptr;
        if (measure == "pick" && taken != nullptr) {
            return picked(*taken, condition);
        }
        if (!counts && measure != "sum" && measure != "mean") {
            throw NotSaid{{"worksheets have no %1 with a condition", {measure}}};
        }
        if (!counts) {
            if (taken->type != NodeType::name) {
                refuse("a measure in it takes what is worked out for each row: give that a column of its own");
            }
            arguments.push_back(value(*taken, true));
        }
        add_conditions(condition, arguments);
        return call_of(counts             ? openformula::count_if
                       : measure == "sum" ? openformula::sum_if
                                          : openformula::mean_if,
                       std::move(arguments));
    }

    void add_conditions(const Node& condition, std::vector<SheetNodePtr>& out) {
        if (condition.type == NodeType::binary && condition.op == Operator::logical_and) {
            add_conditions(condition.kid(0), out);
            add_conditions(condition.kid(1), out);
            return;
        }
        if (condition.type != NodeType::chain) {
            refuse("its condition is no comparison");
        }
        for (std::size_t at = 0; at < condition.ops.size(); ++at) {
            const Node& left = condition.kid(at);
            const Node& right = condition.kid(at + 1);
            if (condition.ops[at] == Operator::in) {
                const auto* of = own_classes(right);
                if (of == nullptr || !is_sample(left)) {
                    refuse("its condition asks what is in a list, or in classes without end");
                }
                out.push_back(value(left, true));
                out.push_back(
                    operation_of(SheetOperator::join, {text_of(of->with_lower ? ">=" : ">"), limit(*of, false)}));
                out.push_back(value(left, true));
                out.push_back(
                    operation_of(SheetOperator::join, {text_of(of->with_upper ? "<=" : "<"), limit(*of, true)}));
                continue;
            }
            if (is_sample(left) && !is_sample(right)) {
                add_condition(left, comparison(condition.ops[at]), right, out);
            } else if (is_sample(right) && !is_sample(left)) {
                add_condition(right, turned(comparison(condition.ops[at])), left, out);
            } else {
                refuse("its condition compares two columns, or none");
            }
        }
    }

    /// A bare column: it runs over the measure's rows. Of two tables' columns it is the other table's.
    bool is_sample(const Node& node) const {
        if (node.type != NodeType::name) {
            return false;
        }
        const Binding binding = look_up(study_, seat_.table, node.owner, node.text);
        return binding.column != nullptr && (!is_own(*binding.table) || !names_others_);
    }

    static SheetOperator turned(SheetOperator op) {
        switch (op) {
        case SheetOperator::less:
            return SheetOperator::greater;
        case SheetOperator::less_equal:
            return SheetOperator::greater_equal;
        case SheetOperator::greater:
            return SheetOperator::less;
        case SheetOperator::greater_equal:
            return SheetOperator::less_equal;
        default:
            return op;
        }
    }

    void add_condition(const Node& column, SheetOperator op, const Node& with, std::vector<SheetNodePtr>& out) {
        check_texts(column, with);
        constexpr const char* signs[] = {"=", "<>", "<", "<=", ">", ">="};
        out.push_back(value(column, true));
        const std::string sign = signs[static_cast<std::size_t>(op)];
        if (with.type == NodeType::number) {
            out.push_back(text_of(sign + shortest(with.number)));
        } else if (with.type == NodeType::text) {
            if (with.text.find_first_of("*?~") != std::string::npos) {
                refuse("its condition has a sign that stands for any text in worksheets");
            }
            out.push_back(text_of(sign + with.text));
        } else {
            out.push_back(operation_of(SheetOperator::join, {text_of(sign), of_own_row(with)}));
        }
    }

    /// A value beside a measure's column: `site[i]`, a held value, and in a measure over another table the bare column.
    SheetNodePtr of_own_row(const Node& node) {
        if (node.type == NodeType::name) {
            const Binding binding = look_up(study_, seat_.table, node.owner, node.text);
            if (binding.column != nullptr && binding.table != nullptr && is_own(*binding.table) &&
                seat_.in == FormulaSeat::In::column) {
                return cell_of(*binding.table, binding.column->id, {0, false});
            }
        }
        return value(node, false);
    }

    SheetNodePtr picked(const Node& taken, const Node& condition) {
        if (taken.type != NodeType::name || condition.type != NodeType::chain || condition.ops.size() != 1 ||
            condition.ops.front() != Operator::equal || !is_sample(condition.kid(0))) {
            refuse("it picks a row by more than one equality");
        }
        const SheetNodePtr place =
            call_of(openformula::place, {of_own_row(condition.kid(1)), value(condition.kid(0), true), number_of(0)});
        return call_of(openformula::lookup, {value(taken, true), place});
    }

    const Study& study_;
    const Results& results_;
    const SheetPlaces& places_;
    const FormulaSeat& seat_;
    bool texts_differ_by_capitals_;
    MadeFormula out_;
    bool names_others_ = false; ///< within a condition over another table's rows
};

} // namespace

SheetFormulaMaker::SheetFormulaMaker(const Study& study, const Results& results, const SheetPlaces& places)
    : study_(study)
    , results_(results)
    , places_(places) {
    std::map<std::string, std::string> by_small_letters;
    for (const auto& table : study.tables) {
        for (const auto& column : table->columns) {
            const Column* cells = results.column(column->id);
            for (std::size_t row = 0; cells != nullptr && cells->kind() == Kind::text && row < cells->size(); ++row) {
                const Value value = cells->at(row);
                if (value.plain()) {
                    const std::string& text = value.text().str();
                    const auto [known, added] = by_small_letters.emplace(in_small_letters(text), text);
                    texts_differ_by_capitals_ = texts_differ_by_capitals_ || (!added && known->second != text);
                }
            }
        }
    }
}

Result<MadeFormula> SheetFormulaMaker::make(const Node& tree, const FormulaSeat& seat) const {
    try {
        return Making(study_, results_, places_, seat, texts_differ_by_capitals_).run(tree);
    } catch (const NotSaid& refusal) {
        return refusal.why;
    }
}

SheetNodePtr guarded_formula(const SheetNodePtr& tree, const std::vector<SheetNodePtr>& operands) {
    std::vector<SheetNodePtr> asked;
    for (const SheetNodePtr& operand : operands) {
        const bool again = std::any_of(asked.begin(), asked.end(), [&](const SheetNodePtr& one) {
            return one->kid(0).from == operand->from && one->kid(0).sheet == operand->sheet;
        });
        if (!again) {
            asked.push_back(operation_of(SheetOperator::equal, {operand, text_of("")}));
        }
    }
    if (asked.empty()) {
        return tree;
    }
    return call_of(openformula::when,
                   {asked.size() == 1 ? asked.front() : call_of(openformula::any_of, asked), text_of(""), tree});
}

} // namespace ledgefall
