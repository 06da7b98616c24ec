#include "core/formula/mathematics.h"

#include "core/formula/print.h"

#include <optional>

namespace ledgefall {
namespace {

using Form = Mathematics::Form;

Mathematics leaf(Form form, std::string text, Span span = {}) {
    return {form, std::move(text), {}, span};
}

Mathematics of(Form form, std::vector<Mathematics> parts, Span span, std::string text = {}) {
    return {form, std::move(text), std::move(parts), span};
}

/// Whether an operand has to stand in brackets beside an operator that binds like `around`. Fractions, roots and powers
/// need none, since their form shows what belongs to them.
bool loose(const Node& node) {
    switch (node.type) {
    case NodeType::binary:
        return node.op == Operator::add || node.op == Operator::subtract || node.op == Operator::logical_or ||
               node.op == Operator::logical_and;
    case NodeType::unary:
        return node.op == Operator::negate || node.op == Operator::logical_not;
    case NodeType::chain:
    case NodeType::choice:
        return true;
    default:
        return false;
    }
}

class Setter {
  public:
    explicit Setter(TypesettingOf typesetting_of)
        : typesetting_of_(typesetting_of) {}

    Mathematics set(const Node& node) const {
        switch (node.type) {
        case NodeType::number:
            return leaf(Form::number, node.text, node.span);
        case NodeType::text:
        case NodeType::word:
            return leaf(Form::word, node.text, node.span);
        case NodeType::name:
            return leaf(Form::name, node.owner.empty() ? node.text : node.owner + "." + node.text, node.span);
        case NodeType::index:
            return of(Form::lowered, {set(node.kid(0)), listed(node, 1)}, node.span);
        case NodeType::range:
            return range(node);
        case NodeType::call:
            return call(node);
        case NodeType::where:
            return joined(node, "where");
        case NodeType::what_if:
            return what_if(node);
        case NodeType::given:
            return of(Form::row, {set(node.kid(0)), leaf(Form::sign, "|"), set(node.kid(1))}, node.span);
        case NodeType::bound:
            return joined(node, "for " + node.text + " in");
        case NodeType::unary:
            return unary(node);
        case NodeType::binary:
            return binary(node);
        case NodeType::chain:
            return chain(node);
        case NodeType::choice:
            return cases(node);
        case NodeType::recurrence:
            return recurrence(node);
        case NodeType::absolute:
            return of(Form::bars, {set(node.kid(0))}, node.span);
        case NodeType::list:
            return of(Form::brackets, {listed(node, 0)}, node.span);
        }
        return {};
    }

  private:
    Mathematics bracketed(const Node& node, bool needed) const {
        Mathematics inside = set(node);
        return needed ? of(Form::brackets, {std::move(inside)}, node.span) : inside;
    }

    Mathematics listed(const Node& node, std::size_t from) const {
        Mathematics row = of(Form::row, {}, node.span);
        for (std::size_t kid = from; kid < node.kids.size(); ++kid) {
            if (kid > from) {
                row.parts.push_back(leaf(Form::mark, ","));
            }
            row.parts.push_back(set(node.kid(kid)));
        }
        return row.parts.size() == 1 ? std::move(row.parts.front()) : row;
    }

    Mathematics joined(const Node& node, const std::string& word) const {
        return of(Form::row, {set(node.kid(0)), leaf(Form::word, word), set(node.kid(1))}, node.span);
    }

    Mathematics what_if(const Node& node) const {
        Mathematics row = of(Form::row, {set(node.kid(0)), leaf(Form::word, "with")}, node.span);
        for (std::size_t kid = 1; kid + 1 < node.kids.size(); kid += 2) {
            if (kid > 1) {
                row.parts.push_back(leaf(Form::mark, ","));
            }
            row.parts.push_back(set(node.kid(kid)));
            row.parts.push_back(leaf(Form::sign, "="));
            row.parts.push_back(set(node.kid(kid + 1)));
        }
        return row;
    }

    Mathematics range(const Node& node) const {
        Mathematics row = of(Form::row, {}, node.span);
        if (node.kids[0]) {
            row.parts.push_back(set(*node.kids[0]));
        }
        row.parts.push_back(leaf(Form::mark, "…"));
        if (node.kids[1]) {
            row.parts.push_back(set(*node.kids[1]));
        }
        return row;
    }

    Mathematics unary(const Node& node) const {
        const Node& kid = node.kid(0);
        switch (node.op) {
        case Operator::root:
            return of(Form::root, {set(kid)}, node.span);
        case Operator::logical_not:
            return of(Form::row, {leaf(Form::word, "not"), bracketed(kid, loose(kid))}, node.span);
        case Operator::negate:
            return of(Form::row, {leaf(Form::mark, "−"), bracketed(kid, loose(kid))}, node.span);
        default: {
            const bool needed = kid.type == NodeType::binary || kid.type == NodeType::unary || loose(kid);
            return of(Form::row, {bracketed(kid, needed), leaf(Form::mark, std::string(sign_of(node.op)))}, node.span);
        }
        }
    }

    Mathematics binary(const Node& node) const {
        const Node& left = node.kid(0);
        const Node& right = node.kid(1);
        if (node.op == Operator::divide) {
            return of(Form::fraction, {set(left), set(right)}, node.span);
        }
        if (node.op == Operator::power) {
            const bool needed = left.type == NodeType::binary || left.type == NodeType::unary || loose(left);
            return of(Form::raised, {bracketed(left, needed), set(right)}, node.span);
        }
        const bool product = node.op == Operator::multiply || node.op == Operator::modulo;
        const bool joins = node.op == Operator::logical_and;
        const auto is_or = [](const Node& kid) {
            return kid.type == NodeType::binary && kid.op == Operator::logical_or;
        };
        const bool left_needs = (product && loose(left)) || (joins && is_or(left));
        const bool right_needs =
            ((product || node.op == Operator::subtract) && loose(right)) || (joins && is_or(right));
        const bool letters = node.op == Operator::logical_or || node.op == Operator::logical_and;
        return of(Form::row,
                  {bracketed(left, left_needs),
                   leaf(letters || node.op == Operator::modulo ? Form::word : Form::sign,
                        node.op == Operator::multiply ? "·" : std::string(sign_of(node.op))),
                   bracketed(right, right_needs)},
                  node.span);
    }

    Mathematics chain(const Node& node) const {
        Mathematics row = of(Form::row, {set(node.kid(0))}, node.span);
        for (std::size_t pair = 0; pair < node.ops.size(); ++pair) {
            row.parts.push_back(leaf(Form::sign, std::string(sign_of(node.ops[pair]))));
            row.parts.push_back(set(node.kid(pair + 1)));
        }
        return row;
    }

    Mathematics cases(const Node& node) const {
        Mathematics all = of(Form::cases, {}, node.span);
        const Node* rest = &node;
        while (rest->type == NodeType::choice) {
            all.parts.push_back(set(rest->kid(1)));
            all.parts.push_back(of(Form::row, {leaf(Form::word, "if"), set(rest->kid(0))}, rest->kid(0).span));
            rest = &rest->kid(2);
        }
        all.parts.push_back(set(*rest));
        all.parts.push_back(leaf(Form::word, "else"));
        return all;
    }

    Mathematics recurrence(const Node& node) const {
        Mathematics row = of(Form::row, {leaf(Form::word, "first")}, node.span);
        for (std::size_t kid = 0; kid + 1 < node.kids.size(); ++kid) {
            if (kid > 0) {
                row.parts.push_back(leaf(Form::mark, ";"));
            }
            row.parts.push_back(set(node.kid(kid)));
        }
        row.parts.push_back(leaf(Form::word, "then"));
        row.parts.push_back(set(*node.kids.back()));
        return row;
    }

    Mathematics call(const Node& node) const {
        if (node.owner.empty() && node.kids.size() == 1) {
            if (const std::optional<Mathematics> own = in_its_own_form(node, typesetting_of_(node.text))) {
                return *own;
            }
        }
        const std::string name = node.owner.empty() ? node.text : node.owner + "." + node.text;
        return of(Form::row, {leaf(Form::word, name, node.name_span), of(Form::brackets, {listed(node, 0)}, node.span)},
                  node.span);
    }

    /// A call of one argument that is not set as a call.
    std::optional<Mathematics> in_its_own_form(const Node& node, Typesetting typesetting) const {
        const Node& kid = node.kid(0);
        const bool name = kid.type == NodeType::name;
        switch (typesetting) {
        case Typesetting::large_sum:
            return large(node, "Σ");
        case Typesetting::large_product:
            return large(node, "Π");
        case Typesetting::overline:
            return name ? std::optional(of(Form::overline, {set(kid)}, node.span)) : std::nullopt;
        case Typesetting::bars:
            return of(Form::bars, {set(kid)}, node.span);
        case Typesetting::square_root:
            return of(Form::root, {set(kid)}, node.span);
        case Typesetting::cube_root:
            return of(Form::root, {set(kid), leaf(Form::number, "3")}, node.span);
        case Typesetting::power_of_e:
            return of(Form::raised, {leaf(Form::name, "e"), set(kid)}, node.span);
        case Typesetting::factorial:
            return name || kid.type == NodeType::number
                       ? std::optional(of(Form::row, {set(kid), leaf(Form::mark, "!")}, node.span))
                       : std::nullopt;
        case Typesetting::call:
            break;
        }
        return std::nullopt;
    }

    /// A sum or product: over a bound number with its ends below and above, or over a sample.
    Mathematics large(const Node& node, const std::string& sign) const {
        const Node& kid = node.kid(0);
        if (kid.type == NodeType::bound) {
            const Node& range = kid.kid(1);
            return of(
                Form::large,
                {bracketed(kid.kid(0), loose(kid.kid(0))),
                 of(Form::row, {leaf(Form::name, kid.text, kid.name_span), leaf(Form::sign, "="), set(*range.kids[0])},
                    range.span),
                 set(*range.kids[1])},
                node.span, sign);
        }
        if (kid.type == NodeType::where) {
            return of(Form::large, {bracketed(kid.kid(0), loose(kid.kid(0))), set(kid.kid(1))}, node.span, sign);
        }
        return of(Form::large, {bracketed(kid, loose(kid))}, node.span, sign);
    }

    TypesettingOf typesetting_of_;
};

const char* name_of(Form form) {
    switch (form) {
    case Form::fraction:
        return "frac";
    case Form::root:
        return "root";
    case Form::raised:
        return "raised";
    case Form::lowered:
        return "lowered";
    case Form::bars:
        return "bars";
    case Form::overline:
        return "over";
    case Form::cases:
        return "cases";
    default:
        return "";
    }
}

} // namespace

Mathematics mathematics_of(const Node& tree, TypesettingOf typesetting_of) {
    return Setter(typesetting_of).set(tree);
}

std::string in_one_line(const Mathematics& math) {
    std::string out;
    const bool row = math.form == Form::row;
    for (const Mathematics& part : math.parts) {
        const bool first = &part == &math.parts.front();
        out += (first ? "" : row ? " " : "; ") + in_one_line(part);
    }
    if (row || math.parts.empty()) {
        return math.text + out;
    }
    return (math.form == Form::large ? math.text : std::string(name_of(math.form))) + "(" + out + ")";
}

} // namespace ledgefall
