// Functions and measures, by the table that reading uses.

#include "core/engine/functions/catalogue.h"
#include "core/formula/parser.h"
#include "core/formula/substitute.h"
#include "core/value/date.h"
#include "files/worksheet_recovery/openformula_patterns.h"
#include "files/worksheet_writing/formula_making.h"
#include "files/worksheet_writing/sheet_nodes.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace ledgefall {
namespace {

using Type = SheetNode::Type;

} // namespace

bool SheetFormulaMaking::runs(const Node& node) const {
    return contains(node, [this](const Node& one) {
        if (one.type == NodeType::name) {
            const Binding binding = look_up(study_, seat_.table, one.owner, one.text);
            return binding.column != nullptr || binding.group != nullptr;
        }
        return one.type == NodeType::word && (one.text == "each" || one.text == "row");
    });
}

bool SheetFormulaMaking::varies(const Node& node) const {
    if (node.type == NodeType::name) {
        const Binding binding = look_up(study_, seat_.table, node.owner, node.text);
        return binding.group != nullptr || (binding.column != nullptr && (!is_own(*binding.table) || !names_others_));
    }
    if (node.type == NodeType::word) {
        return node.text == "each" || node.text == "row";
    }
    const Function* function = node.type == NodeType::call && node.owner.empty() ? find_function(node.text) : nullptr;
    if (function != nullptr && function->is_measure()) {
        return false;
    }
    const std::size_t first = node.type == NodeType::index ? 1 : 0; // a column held at a row is one value
    return std::any_of(node.kids.begin() + static_cast<std::ptrdiff_t>(std::min(first, node.kids.size())),
                       node.kids.end(), [this](const NodePtr& kid) { return kid && varies(*kid); });
}

/// A call of a held function: its formula with the arguments put in, where every other name of it means the same in
/// both places.
SheetNodePtr SheetFormulaMaking::inlined(const HeldValue& function, const Node& node, bool in_measure) {
    constexpr int deepest = 30;
    const auto& tree = function.formula.tree();
    if (!tree || node.kids.size() != function.parameters.size() || depth_ > deepest) {
        refuse(N_("it calls a held function that cannot be expanded"));
    }
    std::map<std::string, Filling> fillings;
    for (std::size_t at = 0; at < function.parameters.size(); ++at) {
        fillings[function.parameters[at]] = {&node.kid(at), nullptr};
    }
    const bool means_otherwise = contains(*tree, [&](const Node& one) {
        if (one.type != NodeType::name || !one.owner.empty() || fillings.contains(one.text)) {
            return false;
        }
        const Binding here = look_up(study_, seat_.table, "", one.text);
        return here.column != nullptr || here.group != nullptr ||
               here.held != look_up(study_, nullptr, "", one.text).held;
    });
    if (means_otherwise) {
        refuse(N_("it calls a held function whose names mean something else in the table"));
    }
    const NodePtr put_in = filled(*tree, fillings, node.span, [](const Node&) { return false; });
    ++depth_;
    SheetNodePtr out = value(*put_in, in_measure);
    --depth_;
    return out;
}

SheetNodePtr SheetFormulaMaking::call(const Node& node, bool in_measure) {
    if (const HeldValue* function = called_function(study_, seat_.table, node.owner, node.text)) {
        return inlined(*function, node, in_measure);
    }
    if (!node.owner.empty()) {
        refuse(N_("worksheet functions cannot express it"));
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
    if (node.text == "is_missing" && node.kids.size() == 1) {
        // Empty cells, and what formulas leave empty; asking for it makes nothing missing.
        if (node.kid(0).type != NodeType::name && node.kid(0).type != NodeType::index) {
            refuse(N_("it tests whether a computed value is missing"));
        }
        const std::size_t operands = out_.operands.size();
        SheetNodePtr asked = operation_of(SheetOperator::equal, {value(node.kid(0), in_measure), text_of("")});
        out_.operands.resize(operands);
        return asked;
    }
    if (SheetNodePtr limit = limit_of_class(node)) {
        return limit;
    }
    if (node.text == "quantile" || node.text == "q1" || node.text == "q3") {
        check_quantiles();
    }
    if (SheetNodePtr said = by_parts(node, in_measure)) {
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
        throw NotTranslatable{{N_("worksheets have no function for %1"), {node.text}}};
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
    if (match.name == openformula::sum_of_products) {
        return sum_of_products(std::move(arguments));
    }
    return call_of(match.name, std::move(arguments));
}

/// Worksheets take ranges of one size in a sum of products: single values stand before it.
SheetNodePtr SheetFormulaMaking::sum_of_products(std::vector<SheetNodePtr> arguments) {
    const auto single = std::stable_partition(arguments.begin(), arguments.end(),
                                              [](const SheetNodePtr& one) { return one->type == Type::range; });
    const std::vector<SheetNodePtr> factors(single, arguments.end());
    arguments.erase(single, arguments.end());
    if (arguments.empty()) {
        refuse(N_("it uses the sum of a single value"));
    }
    const bool one = arguments.size() == 1;
    SheetNodePtr out = call_of(one ? openformula::sum : openformula::sum_of_products, std::move(arguments));
    for (const SheetNodePtr& factor : factors) {
        out = operation_of(SheetOperator::multiply, {factor, out});
    }
    return out;
}

void SheetFormulaMaking::check_quantiles() const {
    if (study_.settings.quantile_type != 7) {
        refuse(N_("it uses a different quantile method from worksheets"));
    }
}

SheetNodePtr SheetFormulaMaking::day_of(double day) {
    const std::string written = write_date(std::floor(day)); // 2026-05-03
    return call_of(openformula::date,
                   {number_of(std::stod(written.substr(0, 4))), number_of(std::stod(written.substr(5, 2))),
                    number_of(std::stod(written.substr(8, 2)))});
}

bool SheetFormulaMaking::counts_other_kinds(const Node& node) const {
    bool other = false;
    for (const NodePtr& kid : node.kids) {
        const Node& name = kid->type == NodeType::index ? kid->kid(0) : *kid;
        Id column = name.type == NodeType::word && name.text == "each" ? seat_.column : Id();
        bool computed = !column.empty() && seat_.table->column(column)->computed();
        if (name.type == NodeType::name) {
            const Binding binding = look_up(study_, seat_.table, name.owner, name.text);
            column = binding.column == nullptr ? Id() : binding.column->id;
            computed = binding.column != nullptr && binding.column->computed();
        }
        const Column* cells = column.empty() ? nullptr : results_.column(column);
        if (cells != nullptr && (cells->kind() == Kind::text || cells->kind() == Kind::yes_no)) {
            other = true;
            if (computed && cells->filled() < cells->size()) {
                refuse(N_("it counts text that a formula leaves out in some rows"));
            }
        }
    }
    return other;
}

const SheetPlaces::OfTable* SheetFormulaMaking::own_classes(const Node& node) const {
    if (node.type != NodeType::name || seat_.in != FormulaPosition::In::column) {
        return nullptr;
    }
    const Binding binding = look_up(study_, seat_.table, node.owner, node.text);
    const bool classes = binding.column != nullptr && is_own(*binding.table) &&
                         binding.table->axis_of(binding.column->id) != nullptr && own().lower_column.has_value();
    return classes ? &own() : nullptr;
}

SheetNodePtr SheetFormulaMaking::limit(const SheetPlaces::OfTable& of, bool upper) const {
    auto out = node_of(Type::cell);
    out->from.column = {static_cast<std::int32_t>(*of.lower_column + (upper ? 1 : 0)) -
                            static_cast<std::int32_t>(of.column_of.at(seat_.column)),
                        false};
    return out;
}

SheetNodePtr SheetFormulaMaking::limit_of_class(const Node& node) const {
    const auto* of = node.kids.size() == 1 ? own_classes(node.kid(0)) : nullptr;
    if (of == nullptr) {
        return nullptr;
    }
    if (node.text == "lower" || node.text == "upper") {
        return limit(*of, node.text == "upper");
    }
    if (node.text == "mid") {
        return operation_of(SheetOperator::divide,
                            {operation_of(SheetOperator::add, {limit(*of, false), limit(*of, true)}), number_of(2)});
    }
    if (node.text == "width") {
        return operation_of(SheetOperator::subtract, {limit(*of, true), limit(*of, false)});
    }
    return nullptr;
}

NodePtr SheetFormulaMaking::with_distributions(const Node& node) const {
    std::map<std::string, Filling> fillings;
    static_cast<void>(contains(node, [&](const Node& one) {
        const Binding binding =
            one.type == NodeType::name && one.owner.empty() ? look_up(study_, seat_.table, "", one.text) : Binding();
        if (binding.held != nullptr && binding.held->computed() && binding.held->formula.tree() &&
            results_.single(binding.held->id).kind() == Kind::distribution) {
            fillings[one.text] = {binding.held->formula.tree().get(), nullptr};
        }
        return false;
    }));
    return fillings.empty() ? nullptr : filled(node, fillings, node.span, [](const Node&) { return false; });
}

SheetNodePtr SheetFormulaMaking::by_parts(const Node& node, bool in_measure) {
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

void SheetFormulaMaking::sample(const Node& node, std::vector<SheetNodePtr>& out) {
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
        refuse(N_("a measure in it uses values computed in each row: put these in a separate column"));
    }
    out.push_back(value(node, plain));
}

} // namespace ledgefall
