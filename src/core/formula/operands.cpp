// The parser's operands: what stands between operators.

#include "core/formula/expression_parser.h"
#include "core/formula/names.h"

#include <array>

namespace ledgefall {
namespace {

constexpr std::array<std::string_view, 6> value_words = {"yes", "no", "missing", "row", "rows", "each"};
constexpr std::array<std::string_view, 3> place_words = {"i", "j", "last"};

template <class List>
bool holds(const List& list, std::string_view word) {
    return std::find(list.begin(), list.end(), word) != list.end();
}

} // namespace

NodePtr Expressions::unexpected() {
    const Token& token = now();
    if (token.type == TokenType::end) {
        fail(token.span, {N_("The formula is incomplete: something is missing at the end."), {}});
        mistake_->follows = {N_("A number, a name, a function or an opening bracket can follow."), {}};
        return nullptr;
    }
    const std::string shown = token.type == TokenType::text ? "\"" + token.text + "\"" : token.text;
    const bool after_operand = at_ > 0 && ends_operand(tokens_[at_ - 1]);
    if (at_ > 0 && !after_operand && (token.text == ")" || token.text == "]")) {
        return fail(token.span, {N_("Something is missing between %1 and %2."), {tokens_[at_ - 1].text, shown}});
    }
    if (token.text == ")" || token.text == "]") {
        return fail(token.span,
                    {N_("There is an extra %1 here. Remove it, or add the opening bracket before it."), {shown}},
                    SuggestedCorrection{token.span, ""});
    }
    if (at_ > 0 && (begins_operand() || at_sign("("))) {
        return fail(token.span, {N_("An operator such as * or + is missing before %1."), {shown}},
                    SuggestedCorrection{{tokens_[at_ - 1].span.to, token.span.from}, "*"});
    }
    if (at_sign("=")) {
        return fail(token.span, {N_("%1 does not belong here."), {shown}});
    }
    if (after_operand) {
        return fail(token.span, {N_("%1 cannot follow here: an operator, a closing bracket or the end can."), {shown}});
    }
    return fail(token.span, {N_("%1 is not allowed here. A number, a name or a bracket is expected."), {shown}});
}

bool ends_operand(const Token& token) {
    constexpr std::array<std::string_view, 6> closing = {")", "]", "!", "%", "°", "|"};
    return token.type == TokenType::number || token.type == TokenType::text || holds(closing, token.text) ||
           (token.type == TokenType::name &&
            (!is_reserved(token.text) || holds(value_words, token.text) || holds(place_words, token.text)));
}

bool Expressions::begins_operand() const {
    const Token& token = now();
    if (token.type == TokenType::number || token.type == TokenType::text || at_sign("(") || at_sign("√")) {
        return true;
    }
    return token.type == TokenType::name &&
           (!is_reserved(token.text) || holds(value_words, token.text) || token.text == "ledge");
}

NodePtr Expressions::postfix() {
    const Span from = now().span;
    NodePtr kid = primary();
    while (kid) {
        if (at_sign("[")) {
            kid = index(from, std::move(kid));
        } else if (take("!")) {
            kid = with_operator(Operator::factorial, from, std::move(kid));
        } else if (take("°")) {
            kid = with_operator(Operator::degree, from, std::move(kid));
        } else if (at_sign("%")) {
            kid = percent(from, std::move(kid));
        } else {
            break;
        }
    }
    return kid;
}

NodePtr Expressions::percent(Span from, NodePtr kid) {
    const Span sign = now().span;
    step();
    if (begins_operand()) {
        return fail(sign, {N_("%1 means per cent. For the remainder of a division, write mod."), {"%"}},
                    SuggestedCorrection{sign, " mod "});
    }
    return with_operator(Operator::percent, from, std::move(kid));
}

NodePtr Expressions::index(Span from, NodePtr base) {
    const Span opened = now().span;
    step();
    ++in_index_;
    std::vector<NodePtr> kids;
    kids.push_back(std::move(base));
    do {
        kids.push_back(place());
        if (!kids.back()) {
            return nullptr;
        }
    } while (take(",") && kids.size() < 3);
    --in_index_;
    if (!need("]", opened)) {
        return nullptr;
    }
    return finish(make(NodeType::index, from), std::move(kids));
}

/// What stands in square brackets: a row, or a range that may be open at either end.
NodePtr Expressions::place() {
    const Span from = now().span;
    NodePtr first = at_sign("..") ? nullptr : expression();
    if (!first && mistake_) {
        return nullptr;
    }
    if (!take("..")) {
        return first;
    }
    NodePtr last = at_sign("]") || at_sign(",") ? nullptr : expression();
    if (!last && mistake_) {
        return nullptr;
    }
    return build(make(NodeType::range, from), std::move(first), std::move(last));
}

NodePtr Expressions::primary() {
    const Token& token = now();
    if (token.type == TokenType::number || token.type == TokenType::text) {
        const bool number = token.type == TokenType::number;
        MutableNode node = make(number ? NodeType::number : NodeType::text, token.span);
        node->text = token.text;
        node->number = token.number;
        step();
        return build(std::move(node));
    }
    if (token.type == TokenType::name) {
        return named();
    }
    if (at_sign("(") || at_sign("|")) {
        if (++nested_ > FormulaLimits::brackets) {
            return too_nested(token.span);
        }
        NodePtr inside = at_sign("(") ? bracketed() : bars();
        --nested_;
        return inside;
    }
    return unexpected();
}

NodePtr Expressions::too_nested(Span at) {
    return fail(at, {N_("This formula is nested more than %1 deep. Divide it between columns."),
                     {std::to_string(FormulaLimits::brackets)}});
}

NodePtr Expressions::bars() {
    const Span opened = now().span;
    step();
    NodePtr inside = expression();
    if (!inside || !need("|", opened)) {
        return nullptr;
    }
    return build(make(NodeType::absolute, opened), std::move(inside));
}

NodePtr Expressions::bracketed() {
    const Span opened = now().span;
    step();
    std::vector<NodePtr> kids;
    do {
        kids.push_back(ranged());
        if (!kids.back()) {
            return nullptr;
        }
    } while (take(","));
    if (!need(")", opened)) {
        return nullptr;
    }
    const bool list = kids.size() > 1 || kids.front()->type == NodeType::range;
    return list ? finish(make(NodeType::list, opened), std::move(kids)) : std::move(kids.front());
}

/// An expression, or two of them with `..` between: the columns from one to another.
NodePtr Expressions::ranged() {
    const Span from = now().span;
    NodePtr first = expression();
    if (!first || !take("..")) {
        return first;
    }
    NodePtr last = expression();
    return last ? build(make(NodeType::range, from), std::move(first), std::move(last)) : nullptr;
}

NodePtr Expressions::named() {
    const Token& token = now();
    if (token.text == "if") {
        return choice();
    }
    if (token.text == "first") {
        return fail(token.span, {N_("first can only start a formula."), {}});
    }
    const bool word = holds(value_words, token.text) || (in_index_ > 0 && holds(place_words, token.text));
    if (word) {
        MutableNode node = make(NodeType::word, token.span);
        node->text = token.text;
        step();
        return build(std::move(node));
    }
    if (is_reserved(token.text) && token.text != "ledge") {
        return unexpected();
    }
    step();
    if (at_sign(".") && coming().type == TokenType::name) {
        step();
        MutableNode node = make(NodeType::name, token.span);
        node->owner = token.text;
        node->text = now().text;
        node->name_span = now().span;
        if (coming().type == TokenType::sign && coming().text == "(") {
            const Token& name = now();
            step();
            return call(name, node->owner, node->span);
        }
        step();
        return build(std::move(node));
    }
    if (token.text == "ledge") {
        return fail(token.span, {N_("After ledge, write a dot and the name of a held value, as in ledge.n."), {}});
    }
    if (at_sign("(")) {
        return call(token, {}, token.span);
    }
    MutableNode node = make(NodeType::name, token.span);
    node->text = token.text;
    node->name_span = token.span;
    return build(std::move(node));
}

NodePtr Expressions::choice() {
    MutableNode node = make(NodeType::choice, now().span);
    step();
    if (++nested_ > FormulaLimits::brackets) {
        return too_nested(node->span);
    }
    NodePtr condition = disjunction();
    if (!condition) {
        return nullptr;
    }
    const Sentence form{N_("Write if … then … else …: %1 is missing here."), {"then"}};
    if (!take_word("then")) {
        return fail(now().span, form);
    }
    NodePtr yes = disjunction();
    if (!yes) {
        return nullptr;
    }
    if (!take_word("else")) {
        return fail(now().span, {form.pattern, {"else"}});
    }
    NodePtr no = disjunction();
    --nested_;
    return no ? build(std::move(node), std::move(condition), std::move(yes), std::move(no)) : nullptr;
}

NodePtr Expressions::call(const Token& name, const std::string& owner, Span from) {
    MutableNode node = make(NodeType::call, from);
    node->text = name.text;
    node->owner = owner;
    node->name_span = name.span;
    const Span opened = now().span;
    step();
    if (++nested_ > FormulaLimits::brackets) {
        return too_nested(name.span);
    }
    std::vector<NodePtr> kids;
    while (!at_sign(")") || !kids.empty()) {
        kids.push_back(argument());
        if (!kids.back()) {
            return nullptr;
        }
        if (!take(",")) {
            break;
        }
    }
    --nested_;
    return need(")", opened) ? finish(std::move(node), std::move(kids)) : nullptr;
}

/// An argument: an expression or a range of columns, then `where …`, `for k in …`, or a bar and what is known.
NodePtr Expressions::argument() {
    const Span from = now().span;
    NodePtr first = ranged();
    if (first && take_word("where")) {
        NodePtr condition = expression();
        return condition ? build(make(NodeType::where, from), std::move(first), std::move(condition)) : nullptr;
    }
    if (first && take_word("for")) {
        return bound(from, std::move(first));
    }
    if (first && take("|")) {
        NodePtr entry = expression();
        return entry ? build(make(NodeType::given, from), std::move(first), std::move(entry)) : nullptr;
    }
    return first;
}

NodePtr Expressions::bound(Span from, NodePtr expression_of_name) {
    MutableNode node = make(NodeType::bound, from);
    node->text = now().text;
    node->name_span = now().span;
    if (now().type != TokenType::name || !is_name(now().text) || coming().text != "in") {
        return fail(now().span, {N_("After for, write a name, in and a range, as in 1/k! for k in 0..10."), {}});
    }
    step();
    step();
    NodePtr range = ranged();
    if (range && range->type != NodeType::range) {
        return fail(range->span, {N_("Write a range with two dots between its ends, as in 0..10."), {}});
    }
    return range ? build(std::move(node), std::move(expression_of_name), std::move(range)) : nullptr;
}

} // namespace ledgefall
