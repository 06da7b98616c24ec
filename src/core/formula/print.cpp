#include "core/formula/print.h"

#include "core/formula/text_literal.h"

#include <algorithm>

namespace ledgefall {
namespace {

/// How tightly a form binds, loosest first; an operand that binds less than its place asks for stands in brackets.
enum Level : int {
    any,
    either,
    both,
    negated,
    compared,
    added,
    multiplied,
    signed_,
    raised,
    marked,
    alone,
};

Level level_of(Operator op) {
    switch (op) {
    case Operator::logical_or:
        return either;
    case Operator::logical_and:
        return both;
    case Operator::logical_not:
        return negated;
    case Operator::add:
    case Operator::subtract:
        return added;
    case Operator::multiply:
    case Operator::divide:
    case Operator::modulo:
        return multiplied;
    case Operator::negate:
        return signed_;
    case Operator::power:
    case Operator::root:
        return raised;
    case Operator::percent:
    case Operator::factorial:
    case Operator::degree:
        return marked;
    default:
        return compared;
    }
}

class Printer {
  public:
    Printer(Signs signs, const Instead& instead)
        : signs_(signs)
        , instead_(instead) {}

    std::string at(const Node& node, Level place) const {
        InPlace in_place;
        if (instead_ && instead_(node, in_place)) {
            return in_place.single || place <= added ? in_place.text : "(" + in_place.text + ")";
        }
        const std::string text = form(node);
        return level_of_node(node) < place ? "(" + text + ")" : text;
    }

  private:
    static Level level_of_node(const Node& node) {
        switch (node.type) {
        case NodeType::unary:
        case NodeType::binary:
            return level_of(node.op);
        case NodeType::chain:
            return compared;
        case NodeType::choice:
        case NodeType::recurrence:
        case NodeType::where:
        case NodeType::bound:
        case NodeType::what_if:
        case NodeType::given:
        case NodeType::range:
            return any;
        default:
            return alone;
        }
    }

    std::string list(const Node& node, std::size_t from, const char* between) const {
        std::string out;
        for (std::size_t kid = from; kid < node.kids.size(); ++kid) {
            out += (kid == from ? "" : between) + at(node.kid(kid), any);
        }
        return out;
    }

    /// Rows in square brackets are written without blanks, as `x[i-1]` is.
    std::string places(const Node& node) const {
        std::string out;
        for (const char c : list(node, 1, ", ")) {
            out += c == ' ' && !has_words(node) ? "" : std::string(1, c);
        }
        return out;
    }

    /// Whether blanks mean something in it: between words, in texts, and before the = of `x! = 2`.
    static bool has_words(const Node& node) {
        const bool word =
            node.type == NodeType::text || node.type == NodeType::chain || node.type == NodeType::choice ||
            node.type == NodeType::where || node.type == NodeType::bound || node.type == NodeType::what_if ||
            node.type == NodeType::recurrence || (node.type == NodeType::unary && node.op == Operator::logical_not) ||
            (node.type == NodeType::binary &&
             (node.op == Operator::modulo || node.op == Operator::logical_and || node.op == Operator::logical_or)) ||
            std::find(node.ops.begin(), node.ops.end(), Operator::in) != node.ops.end();
        return word || std::any_of(node.kids.begin(), node.kids.end(),
                                   [](const NodePtr& kid) { return kid && has_words(*kid); });
    }

    std::string sign(Operator op) const { return std::string(sign_of(op, signs_)); }

    std::string form(const Node& node) const {
        switch (node.type) {
        case NodeType::number:
        case NodeType::word:
            return node.text;
        case NodeType::text:
            return text_literal(node.text);
        case NodeType::name:
            return owned(node);
        case NodeType::index:
            return at(node.kid(0), marked) + "[" + places(node) + "]";
        case NodeType::range: {
            const bool rows = !node.kids[0] || !node.kids[1] || node.kid(0).type == NodeType::number;
            return (node.kids[0] ? at(*node.kids[0], either) : "") + (rows ? ".." : " .. ") +
                   (node.kids[1] ? at(*node.kids[1], either) : "");
        }
        case NodeType::call:
            return owned(node) + "(" + list(node, 0, ", ") + ")";
        case NodeType::where:
            return at(node.kid(0), any) + " where " + at(node.kid(1), any);
        case NodeType::bound:
            return at(node.kid(0), any) + " for " + node.text + " in " + at(node.kid(1), any);
        case NodeType::what_if:
            return what_if(node);
        case NodeType::given:
            return at(node.kid(0), any) + " | " + at(node.kid(1), any);
        case NodeType::unary:
            return unary(node);
        case NodeType::binary:
            return binary(node);
        case NodeType::chain: {
            std::string out = at(node.kid(0), added);
            for (std::size_t pair = 0; pair < node.ops.size(); ++pair) {
                out += " " + sign(node.ops[pair]) + " " + at(node.kid(pair + 1), added);
            }
            return out;
        }
        case NodeType::choice:
            return "if " + at(node.kid(0), any) + " then " + at(node.kid(1), any) + " else " + at(node.kid(2), any);
        case NodeType::recurrence: {
            std::string out = "first ";
            for (std::size_t kid = 0; kid + 1 < node.kids.size(); ++kid) {
                out += (kid == 0 ? "" : "; ") + at(node.kid(kid), any);
            }
            return out + " then " + at(*node.kids.back(), any);
        }
        case NodeType::absolute:
            return "|" + at(node.kid(0), any) + "|";
        case NodeType::list:
            return "(" + list(node, 0, ", ") + ")";
        }
        return {};
    }

    static std::string owned(const Node& node) { return node.owner.empty() ? node.text : node.owner + "." + node.text; }

    std::string what_if(const Node& node) const {
        const bool several = node.kids.size() > 3;
        std::string tried;
        for (std::size_t kid = 1; kid + 1 < node.kids.size();
             kid += 2) { // the name stays one, whatever stands for others
            tried += (kid > 1 ? ", " : "") + form(node.kid(kid)) + " = " + at(node.kid(kid + 1), added);
        }
        return at(node.kid(0), any) + " with " + (several ? "(" + tried + ")" : tried);
    }

    std::string unary(const Node& node) const {
        switch (node.op) {
        case Operator::logical_not:
            return "not " + at(node.kid(0), negated);
        case Operator::negate:
            return sign(node.op) + at(node.kid(0), signed_);
        case Operator::root:
            return sign(node.op) + at(node.kid(0), raised);
        default:
            return at(node.kid(0), marked) + sign(node.op);
        }
    }

    std::string binary(const Node& node) const {
        if (node.op == Operator::power) {
            const Node& exponent = node.kid(1);
            const bool is_signed = exponent.type == NodeType::unary && exponent.op == Operator::negate;
            return at(node.kid(0), marked) + "^" + at(exponent, is_signed ? signed_ : raised);
        }
        const Level level = level_of(node.op);
        return at(node.kid(0), level) + " " + sign(node.op) + " " + at(node.kid(1), static_cast<Level>(level + 1));
    }

    Signs signs_;
    const Instead& instead_;
};

} // namespace

std::string_view sign_of(Operator op, Signs signs) {
    const bool typed = signs == Signs::typed;
    switch (op) {
    case Operator::logical_or:
        return "or";
    case Operator::logical_and:
        return "and";
    case Operator::logical_not:
        return "not";
    case Operator::equal:
        return "=";
    case Operator::not_equal:
        return typed ? "!=" : "≠";
    case Operator::less:
        return "<";
    case Operator::less_equal:
        return typed ? "<=" : "≤";
    case Operator::greater:
        return ">";
    case Operator::greater_equal:
        return typed ? ">=" : "≥";
    case Operator::approximately:
        return typed ? "~=" : "≈";
    case Operator::in:
        return "in";
    case Operator::add:
        return "+";
    case Operator::subtract:
    case Operator::negate:
        return typed ? "-" : "−";
    case Operator::multiply:
        return typed ? "*" : "×";
    case Operator::divide:
        return "/";
    case Operator::modulo:
        return "mod";
    case Operator::power:
        return "^";
    case Operator::percent:
        return "%";
    case Operator::factorial:
        return "!";
    case Operator::degree:
        return "°";
    case Operator::root:
        return "√";
    }
    return "?";
}

std::string print(const Node& tree, Signs signs, const Instead& instead) {
    return Printer(signs, instead).at(tree, any);
}

} // namespace ledgefall
