// Measures of the rows for which a condition holds.

#include "files/worksheet_recovery/openformula_patterns.h"
#include "files/worksheet_writing/formula_making.h"
#include "files/worksheet_writing/sheet_nodes.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <map>

namespace ledgefall {
namespace {

using Type = SheetNode::Type;

} // namespace

SheetNodePtr SheetFormulaMaking::by_condition(const std::string& measure, const Node* taken, const Node& condition) {
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
        throw NotTranslatable{{N_("worksheets have no %1 with a condition"), {measure}}};
    }
    if (!counts) {
        if (taken->type != NodeType::name) {
            refuse(N_("a measure in it uses values computed in each row: put these in a separate column"));
        }
        arguments.push_back(value(*taken, true));
    }
    add_conditions(condition, arguments);
    return call_of(counts             ? openformula::count_if
                   : measure == "sum" ? openformula::sum_if
                                      : openformula::mean_if,
                   std::move(arguments));
}

void SheetFormulaMaking::add_conditions(const Node& condition, std::vector<SheetNodePtr>& out) {
    if (condition.type == NodeType::binary && condition.op == Operator::logical_and) {
        add_conditions(condition.kid(0), out);
        add_conditions(condition.kid(1), out);
        return;
    }
    if (condition.type != NodeType::chain) {
        refuse(N_("its condition is not a comparison"));
    }
    for (std::size_t at = 0; at < condition.ops.size(); ++at) {
        const Node& left = condition.kid(at);
        const Node& right = condition.kid(at + 1);
        if (condition.ops[at] == Operator::in) {
            const auto* of = own_classes(right);
            if (of == nullptr || !is_sample(left)) {
                refuse(N_("its condition tests for a list, or for open classes"));
            }
            out.push_back(value(left, true));
            out.push_back(operation_of(SheetOperator::join, {text_of(of->with_lower ? ">=" : ">"), limit(*of, false)}));
            out.push_back(value(left, true));
            out.push_back(operation_of(SheetOperator::join, {text_of(of->with_upper ? "<=" : "<"), limit(*of, true)}));
            continue;
        }
        if (is_sample(left) && !varies(right)) {
            add_condition(left, comparison(condition.ops[at]), right, out);
        } else if (is_sample(right) && !varies(left)) {
            add_condition(right, turned(comparison(condition.ops[at])), left, out);
        } else {
            refuse(N_("its condition compares two columns, or none"));
        }
    }
}

bool SheetFormulaMaking::is_sample(const Node& node) const {
    if (node.type != NodeType::name) {
        return false;
    }
    const Binding binding = look_up(study_, seat_.table, node.owner, node.text);
    return binding.column != nullptr && (!is_own(*binding.table) || !names_others_);
}

SheetOperator SheetFormulaMaking::turned(SheetOperator op) {
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

void SheetFormulaMaking::add_condition(const Node& column, SheetOperator op, const Node& with,
                                       std::vector<SheetNodePtr>& out) {
    check_texts(column, with);
    constexpr const char* signs[] = {"=", "<>", "<", "<=", ">", ">="};
    out.push_back(value(column, true));
    const std::string sign = signs[static_cast<std::size_t>(op)];
    if (with.type == NodeType::number) {
        out.push_back(text_of(sign + shortest(with.number)));
    } else if (with.type == NodeType::text) {
        if (with.text.empty() || with.text.find_first_of("*?~") != std::string::npos) {
            refuse(N_("its condition has text with a special meaning in worksheets"));
        }
        out.push_back(text_of(sign + with.text));
    } else {
        out.push_back(operation_of(SheetOperator::join, {text_of(sign), of_own_row(with)}));
    }
    if (op == SheetOperator::not_equal) {
        leave_out_missing(column, out);
    }
}

void SheetFormulaMaking::leave_out_missing(const Node& column, std::vector<SheetNodePtr>& out) {
    const Binding binding = look_up(study_, seat_.table, column.owner, column.text);
    const Column* cells = results_.column(binding.column->id);
    if (cells == nullptr || cells->filled() == cells->size()) {
        return;
    }
    if (cells->kind() == Kind::number || cells->kind() == Kind::date) {
        out.push_back(value(column, true));
        out.push_back(text_of("<=" + shortest(std::numeric_limits<double>::max())));
    } else if (cells->kind() == Kind::text && !binding.column->computed()) {
        out.push_back(value(column, true));
        out.push_back(text_of("<>"));
    } else {
        refuse(N_("its condition leaves out one value, and some rows have none"));
    }
}

SheetNodePtr SheetFormulaMaking::of_own_row(const Node& node) {
    if (node.type == NodeType::name) {
        const Binding binding = look_up(study_, seat_.table, node.owner, node.text);
        if (binding.column != nullptr && binding.table != nullptr && is_own(*binding.table) &&
            seat_.in == FormulaPosition::In::column) {
            out_.operands.push_back(cell_of(*binding.table, binding.column->id, {0, false}));
            return out_.operands.back();
        }
    }
    return value(node, false);
}

SheetNodePtr SheetFormulaMaking::picked(const Node& taken, const Node& condition) {
    if (taken.type != NodeType::name || condition.type != NodeType::chain || condition.ops.size() != 1 ||
        condition.ops.front() != Operator::equal || !is_sample(condition.kid(0))) {
        refuse(N_("it picks a row by more than one equality"));
    }
    const SheetNodePtr place =
        call_of(openformula::place, {of_own_row(condition.kid(1)), value(condition.kid(0), true), number_of(0)});
    return call_of(openformula::lookup, {value(taken, true), place});
}

} // namespace ledgefall
