#include "core/engine/binding/hints.h"

#include "core/engine/functions/catalogue.h"

namespace ledgefall {
namespace {

bool names_formula_row(const Node& node) {
    if (node.type == NodeType::word) {
        return node.text == "i";
    }
    for (const NodePtr& kid : node.kids) {
        if (kid && names_formula_row(*kid)) {
            return true;
        }
    }
    return false;
}

/// Whether `step` is another row of the column `x`, told by the formula's row: `x[i-1]`.
bool is_step_of(const Node& x, const Node& step) {
    return x.type == NodeType::name && step.type == NodeType::index && step.kid(0).type == NodeType::name &&
           step.kid(0).text == x.text && step.kid(0).owner == x.owner && step.kid(1).type == NodeType::binary &&
           names_formula_row(step.kid(1));
}

std::optional<Hint> find(const Node& node, const Study& study, const Table* own, bool in_measure) {
    const bool measure = node.type == NodeType::call && called_function(study, own, node.owner, node.text) == nullptr &&
                         find_function(node.text) != nullptr && find_function(node.text)->is_measure();
    const bool steps =
        in_measure && node.type == NodeType::binary && (node.op == Operator::subtract || node.op == Operator::divide);
    if (steps && (is_step_of(node.kid(0), node.kid(1)) || is_step_of(node.kid(1), node.kid(0)))) {
        const bool first = node.kid(0).type == NodeType::name;
        const Node& step = node.kid(first ? 1 : 0);
        const std::string& name = step.kid(0).text;
        return Hint{{N_("Here %1 runs over all rows, but [i] is the row of this formula. For the step from row to row, "
                        "first make a column of it, such as step = %1 - %1[i-1]."),
                     {name}},
                    step.span};
    }
    for (const NodePtr& kid : node.kids) {
        if (kid) {
            if (auto hint = find(*kid, study, own, in_measure || measure)) {
                return hint;
            }
        }
    }
    return std::nullopt;
}

} // namespace

std::optional<Hint> hint_for(const Node& tree, const Study& study, const Table* own) {
    return find(tree, study, own, false);
}

} // namespace ledgefall
