// A parser by recursive descent, one function for each step of precedence, loosest first, as in the language's table.
// Every function gives back a null node once a mistake has been found, and the first mistake is the one that is told.

#include "core/formula/expressions.h"

#include "core/formula/names.h"

#include <algorithm>
#include <array>
#include <utility>

namespace ledgefall {
namespace {

using MutableNode = std::unique_ptr<Node>;

constexpr std::array<std::string_view, 6> value_words = {"yes", "no", "missing", "row", "rows", "each"};
constexpr std::array<std::string_view, 3> place_words = {"i", "j", "last"};
constexpr std::array<std::pair<std::string_view, Operator>, 6> comparisons = {{{"=", Operator::equal},
                                                                               {"!=", Operator::not_equal},
                                                                               {"<", Operator::less},
                                                                               {"<=", Operator::less_equal},
                                                                               {">", Operator::greater},
                                                                               {">=", Operator::greater_equal}}};

template <class List>
bool holds(const List& list, std::string_view word) {
    return std::find(list.begin(), list.end(), word) != list.end();
}

class Expressions {
  public:
    explicit Expressions(const std::vector<Token>& tokens)
        : tokens_(tokens) {}

    ParsedFormula read() {
        if (now().type == TokenType::end) {
            fail(now().span, {"There is no formula here yet: write one, such as x - mean(x).", {}});
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

  private:
    const Token& now() const { return tokens_[at_]; }
    const Token& coming() const { return tokens_[std::min(at_ + 1, tokens_.size() - 1)]; }
    bool at_sign(std::string_view sign) const { return now().type == TokenType::sign && now().text == sign; }
    bool at_word(std::string_view word) const { return now().type == TokenType::name && now().text == word; }
    void step() { at_ += at_ + 1 < tokens_.size() ? 1 : 0; }
    bool take(std::string_view sign) {
        const bool there = at_sign(sign);
        there ? step() : void();
        return there;
    }
    bool take_word(std::string_view word) {
        const bool there = at_word(word);
        there ? step() : void();
        return there;
    }

    NodePtr fail(Span span, Sentence what) {
        if (!mistake_) {
            mistake_ = Mistake{std::move(what), span};
        }
        return nullptr;
    }

    NodePtr unexpected() {
        const Token& token = now();
        if (token.type == TokenType::end) {
            return fail(token.span, {"The formula stops too early: something is missing at its end.", {}});
        }
        const std::string shown = token.type == TokenType::text ? "\"" + token.text + "\"" : token.text;
        if (token.text == ")" || token.text == "]") {
            return fail(token.span, {"There is a %1 too many here: remove it, or open its partner before.", {shown}});
        }
        if (at_ > 0 && (begins_operand() || at_sign("("))) {
            return fail(token.span, {"Something is missing before %1: put *, + or another operator there.", {shown}});
        }
        if (at_sign("=")) {
            return fail(token.span, {"%1 does not belong here.", {shown}});
        }
        return fail(token.span, {"%1 cannot stand here: a number, a name or a bracket is expected.", {shown}});
    }

    bool begins_operand() const {
        const Token& token = now();
        if (token.type == TokenType::number || token.type == TokenType::text || at_sign("(") || at_sign("√")) {
            return true;
        }
        return token.type == TokenType::name &&
               (!is_reserved(token.text) || holds(value_words, token.text) || token.text == "ledge");
    }

    bool need(std::string_view sign, Span opened) {
        if (take(sign)) {
            return true;
        }
        if (now().type == TokenType::end) {
            fail(opened, {"This is not closed: put %1 at its end.", {std::string(sign)}});
        } else {
            unexpected();
        }
        return false;
    }

    static MutableNode make(NodeType type, Span span) {
        auto node = std::make_unique<Node>();
        node->type = type;
        node->span = span;
        return node;
    }

    /// Finishes a node: takes its kids in, closes its span, and refuses a tree that has grown too deep.
    NodePtr finish(MutableNode node, std::vector<NodePtr> kids) {
        std::uint32_t depth = 0;
        for (NodePtr& kid : kids) {
            depth = std::max(depth, kid ? kid->depth : 0);
            node->kids.push_back(std::move(kid));
        }
        node->depth = depth + 1;
        node->span.to = at_ > 0 ? std::max(node->span.to, tokens_[at_ - 1].span.to) : node->span.to;
        if (node->depth > FormulaLimits::depth) {
            return fail(node->span,
                        {"This formula has more than %1 steps one within the other: divide it between columns.",
                         {std::to_string(FormulaLimits::depth)}});
        }
        return node;
    }

    template <class... Kids>
    NodePtr build(MutableNode node, Kids... kids) {
        std::vector<NodePtr> all;
        (all.push_back(std::move(kids)), ...);
        return finish(std::move(node), std::move(all));
    }

    NodePtr with_operator(NodeType type, Operator op, Span from, NodePtr left, NodePtr right) {
        if (!left || !right) {
            return nullptr;
        }
        MutableNode node = make(type, from);
        node->op = op;
        return build(std::move(node), std::move(left), std::move(right));
    }

    NodePtr with_operator(Operator op, Span from, NodePtr kid) {
        if (!kid) {
            return nullptr;
        }
        MutableNode node = make(NodeType::unary, from);
        node->op = op;
        return build(std::move(node), std::move(kid));
    }

    NodePtr formula() {
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
            return fail(now().span, {"After first and its value comes then and the formula of the later rows, as in "
                                     "first 1 then 2 * x[i-1].",
                                     {}});
        }
        kids.push_back(expression());
        return kids.back() ? finish(std::move(node), std::move(kids)) : nullptr;
    }

    NodePtr expression() {
        const Span from = now().span;
        NodePtr left = conjunction();
        while (left && take_word("or")) {
            left = with_operator(NodeType::binary, Operator::logical_or, from, std::move(left), conjunction());
        }
        return left;
    }

    NodePtr conjunction() {
        const Span from = now().span;
        NodePtr left = negation();
        while (left && take_word("and")) {
            left = with_operator(NodeType::binary, Operator::logical_and, from, std::move(left), negation());
        }
        return left;
    }

    NodePtr negation() {
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

    bool take_comparison(Operator& op) {
        if (take_word("in")) {
            op = Operator::in;
            return true;
        }
        if (take("~=")) {
            op = Operator::approximately;
            return true;
        }
        for (const auto& [sign, known] : comparisons) {
            if (take(sign)) {
                op = known;
                return true;
            }
        }
        return false;
    }

    NodePtr comparison() {
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

    NodePtr sum() {
        const Span from = now().span;
        NodePtr left = product();
        while (left && (at_sign("+") || at_sign("-"))) {
            const Operator op = at_sign("+") ? Operator::add : Operator::subtract;
            step();
            left = with_operator(NodeType::binary, op, from, std::move(left), product());
        }
        return left;
    }

    NodePtr product() {
        const Span from = now().span;
        NodePtr left = unary();
        while (left && (at_sign("*") || at_sign("/") || at_word("mod"))) {
            const Operator op = at_sign("*") ? Operator::multiply : at_sign("/") ? Operator::divide : Operator::modulo;
            step();
            left = with_operator(NodeType::binary, op, from, std::move(left), unary());
        }
        return left;
    }

    NodePtr unary() {
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

    NodePtr power() {
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

    NodePtr postfix() {
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

    NodePtr percent(Span from, NodePtr kid) {
        const Span sign = now().span;
        step();
        if (begins_operand()) {
            return fail(sign, {"%1 means per cent: for the remainder of a division write mod.", {"%"}});
        }
        return with_operator(Operator::percent, from, std::move(kid));
    }

    NodePtr index(Span from, NodePtr base) {
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
    NodePtr place() {
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

    NodePtr primary() {
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

    NodePtr too_nested(Span at) {
        return fail(at, {"This formula has more than %1 brackets one within the other: divide it between columns.",
                         {std::to_string(FormulaLimits::brackets)}});
    }

    NodePtr bars() {
        const Span opened = now().span;
        step();
        NodePtr inside = expression();
        if (!inside || !need("|", opened)) {
            return nullptr;
        }
        return build(make(NodeType::absolute, opened), std::move(inside));
    }

    NodePtr bracketed() {
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
    NodePtr ranged() {
        const Span from = now().span;
        NodePtr first = expression();
        if (!first || !take("..")) {
            return first;
        }
        NodePtr last = expression();
        return last ? build(make(NodeType::range, from), std::move(first), std::move(last)) : nullptr;
    }

    NodePtr named() {
        const Token& token = now();
        if (token.text == "if") {
            return choice();
        }
        if (token.text == "first") {
            return fail(token.span, {"first can only begin a formula.", {}});
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
            step();
            return build(std::move(node));
        }
        if (token.text == "ledge") {
            return fail(token.span, {"ledge is followed by a point and the name of a held value, as in ledge.n.", {}});
        }
        if (at_sign("(")) {
            return call(token);
        }
        MutableNode node = make(NodeType::name, token.span);
        node->text = token.text;
        node->name_span = token.span;
        return build(std::move(node));
    }

    NodePtr choice() {
        MutableNode node = make(NodeType::choice, now().span);
        step();
        if (++nested_ > FormulaLimits::brackets) {
            return too_nested(node->span);
        }
        NodePtr condition = expression();
        if (!condition) {
            return nullptr;
        }
        const Sentence form{"if is written if … then … else …: %1 is missing here.", {"then"}};
        if (!take_word("then")) {
            return fail(now().span, form);
        }
        NodePtr yes = expression();
        if (!yes) {
            return nullptr;
        }
        if (!take_word("else")) {
            return fail(now().span, {form.pattern, {"else"}});
        }
        NodePtr no = expression();
        --nested_;
        return no ? build(std::move(node), std::move(condition), std::move(yes), std::move(no)) : nullptr;
    }

    NodePtr call(const Token& name) {
        MutableNode node = make(NodeType::call, name.span);
        node->text = name.text;
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
    NodePtr argument() {
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
            NodePtr known = expression();
            return known ? build(make(NodeType::given, from), std::move(first), std::move(known)) : nullptr;
        }
        return first;
    }

    NodePtr bound(Span from, NodePtr expression_of_name) {
        MutableNode node = make(NodeType::bound, from);
        node->text = now().text;
        node->name_span = now().span;
        if (now().type != TokenType::name || !is_name(now().text) || coming().text != "in") {
            return fail(now().span, {"for is followed by a name, in and a range, as in 1/k! for k in 0..10.", {}});
        }
        step();
        step();
        NodePtr range = ranged();
        if (range && range->type != NodeType::range) {
            return fail(range->span, {"A range is written with two points between its ends, as in 0..10.", {}});
        }
        return range ? build(std::move(node), std::move(expression_of_name), std::move(range)) : nullptr;
    }

    const std::vector<Token>& tokens_;
    std::size_t at_ = 0;
    std::uint32_t nested_ = 0;
    int in_index_ = 0;
    std::optional<Mistake> mistake_;
};

} // namespace

ParsedFormula read_expressions(const std::vector<Token>& tokens) {
    return Expressions(tokens).read();
}

} // namespace ledgefall
