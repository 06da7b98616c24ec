// The parser's operators, loosest first.

#include "core/formula/expression_parser.h"

#include <array>

namespace ledgefall {
namespace {

constexpr std::array<std::pair<std::string_view, Operator>, 6> comparisons = {{{"=", Operator::equal},
                                                                               {"!=", Operator::not_equal},
                                                                               {"<", Operator::less},
                                                                               {"<=", Operator::less_equal},
                                                                               {">", Operator::greater},
                                                                               {">=", Operator::greater_equal}}};

} // namespace

ParsedFormula Expressions::read() {
    if (now().type == TokenType::end) {
        fail(now().span, {N_("Write a formula here, such as x - mean(x)."), {}});
        return {nullptr, std::move(mistake_)};
    }
    NodePtr tree = formula();
    if (tree && now().type != TokenType::end) {
        tree = unexpected();
    }
    if (!tree) {
        return {nullptr, std::move(mistake_)};
    }
    return {std::shared_ptr<const Node>(std::move(tree)), std::nullopt};
}

bool Expressions::need(std::string_view sign, Span opened) {
    if (take(sign)) {
        return true;
    }
    if (now().type == TokenType::end) {
        const Span end{now().span.from, now().span.from};
        fail(opened, {N_("This is not closed. Add %1 at the end."), {std::string(sign)}},
             SuggestedCorrection{end, std::string(sign)});
        mistake_->follows = {N_("An operator or %1 can follow."), {std::string(sign)}};
    } else if (at_sign(")") || at_sign("]")) { // of another bracket
        const Span here{now().span.from, now().span.from};
        fail(opened, {N_("This is not closed. Add %1 before the %2."), {std::string(sign), now().text}},
             SuggestedCorrection{here, std::string(sign)});
    } else {
        unexpected();
    }
    return false;
}

NodePtr Expressions::with_operator(NodeType type, Operator op, Span from, NodePtr left, NodePtr right) {
    if (!left || !right) {
        return nullptr;
    }
    MutableNode node = make(type, from);
    node->op = op;
    return build(std::move(node), std::move(left), std::move(right));
}

NodePtr Expressions::with_operator(Operator op, Span from, NodePtr kid) {
    if (!kid) {
        return nullptr;
    }
    MutableNode node = make(NodeType::unary, from);
    node->op = op;
    return build(std::move(node), std::move(kid));
}

NodePtr Expressions::formula() {
    if (!at_word("first")) {
        return expression();
    }
    MutableNode node = make(NodeType::recurrence, now().span);
    step();
    std::vector<NodePtr> kids;
    do {
        kids.push_back(expression());
        if (!kids.back()) {
            return nullptr;
        }
    } while (take(";"));
    if (!take_word("then")) {
        return fail(
            now().span,
            {N_("After first and its value, write then and the formula for later rows, as in first 1 then 2 * x[i-1]."),
             {}});
    }
    kids.push_back(expression());
    return kids.back() ? finish(std::move(node), std::move(kids)) : nullptr;
}

/// `with` binds loosest of all. It is a word only behind a whole expression: a column may be called so.
NodePtr Expressions::expression() {
    const Span from = now().span;
    NodePtr left = disjunction();
    while (left && at_word("with")) {
        left = what_if(from, std::move(left));
    }
    return left;
}

/// `with k = 8`, or `with (k = 8, m = 2)`.
NodePtr Expressions::what_if(Span from, NodePtr asked) {
    step();
    const Span opened = now().span;
    const bool several = take("(");
    std::vector<NodePtr> kids;
    kids.push_back(std::move(asked));
    do {
        const Span at = now().span;
        NodePtr name = now().type == TokenType::name ? primary() : nullptr;
        if (!name || name->type != NodeType::name || !take("=")) {
            return fail(at, {N_("After with, write a held value, = and the value to try, as in max(r) with k = 8, or "
                                "several in brackets, as in with (k = 8, m = 2)."),
                             {}});
        }
        kids.push_back(std::move(name));
        kids.push_back(sum());
        if (!kids.back()) {
            return nullptr;
        }
    } while (several && take(","));
    if (several && !need(")", opened)) {
        return nullptr;
    }
    return finish(make(NodeType::what_if, from), std::move(kids));
}

NodePtr Expressions::disjunction() {
    const Span from = now().span;
    NodePtr left = conjunction();
    while (left && take_word("or")) {
        left = with_operator(NodeType::binary, Operator::logical_or, from, std::move(left), conjunction());
    }
    return left;
}

NodePtr Expressions::conjunction() {
    const Span from = now().span;
    NodePtr left = negation();
    while (left && take_word("and")) {
        left = with_operator(NodeType::binary, Operator::logical_and, from, std::move(left), negation());
    }
    return left;
}

NodePtr Expressions::negation() {
    const Span from = now().span;
    if (!take_word("not")) {
        return comparison();
    }
    if (++nested_ > FormulaLimits::brackets) {
        return too_nested(from);
    }
    NodePtr kid = negation();
    --nested_;
    return with_operator(Operator::logical_not, from, std::move(kid));
}

bool Expressions::take_comparison(Operator& op) {
    if (take_word("in")) {
        op = Operator::in;
        return true;
    }
    if (take("~=")) {
        op = Operator::approximately;
        return true;
    }
    for (const auto& [sign, entry] : comparisons) {
        if (take(sign)) {
            op = entry;
            return true;
        }
    }
    return false;
}

NodePtr Expressions::comparison() {
    MutableNode node = make(NodeType::chain, now().span);
    std::vector<NodePtr> kids;
    kids.push_back(sum());
    Operator op{};
    while (kids.back() && take_comparison(op)) {
        node->ops.push_back(op);
        kids.push_back(sum());
    }
    if (!kids.back()) {
        return nullptr;
    }
    return node->ops.empty() ? std::move(kids.front()) : finish(std::move(node), std::move(kids));
}

NodePtr Expressions::sum() {
    const Span from = now().span;
    NodePtr left = product();
    while (left && (at_sign("+") || at_sign("-"))) {
        const Operator op = at_sign("+") ? Operator::add : Operator::subtract;
        step();
        left = with_operator(NodeType::binary, op, from, std::move(left), product());
    }
    return left;
}

NodePtr Expressions::product() {
    const Span from = now().span;
    NodePtr left = unary();
    while (left && (at_sign("*") || at_sign("/") || at_word("mod"))) {
        const Operator op = at_sign("*") ? Operator::multiply : at_sign("/") ? Operator::divide : Operator::modulo;
        step();
        left = with_operator(NodeType::binary, op, from, std::move(left), unary());
    }
    return left;
}

NodePtr Expressions::unary() {
    const Span from = now().span;
    if (!at_sign("-") && !at_sign("+")) {
        return power();
    }
    if (++nested_ > FormulaLimits::brackets) {
        return too_nested(from);
    }
    const bool minus = at_sign("-");
    step();
    NodePtr kid = unary();
    --nested_;
    return minus ? with_operator(Operator::negate, from, std::move(kid)) : std::move(kid);
}

NodePtr Expressions::power() {
    const Span from = now().span;
    if (++nested_ > FormulaLimits::brackets) {
        return too_nested(from);
    }
    NodePtr result = nullptr;
    if (take("√")) {
        result = with_operator(Operator::root, from, power());
    } else {
        result = postfix();
        if (result && take("^")) {
            NodePtr exponent = at_sign("-") || at_sign("+") ? unary() : power();
            result = with_operator(NodeType::binary, Operator::power, from, std::move(result), std::move(exponent));
        }
    }
    --nested_;
    return result;
}

ParsedFormula read_expressions(const std::vector<Token>& tokens) {
    return Expressions(tokens).read();
}

} // namespace ledgefall
