// Binding operators: which operation an operator is between operands of their kinds.

#include "core/engine/binding/binder.h"
#include "core/engine/binding/terms_size.h"
#include "core/engine/functions/catalogue_parts.h"
#include "core/formula/print.h"

#include <algorithm>
#include <utility>

namespace ledgefall {
namespace {

std::string_view domain_of(Operator op, Kind result) {
    if (result == Kind::date) {
        return N_("dates run from the year 1 to the year 9999");
    }
    switch (op) {
    case Operator::root:
        return N_("√ needs a number of 0 or more");
    case Operator::factorial:
        return N_("! needs a whole number of 0 or more");
    case Operator::power:
        return N_("a negative number cannot have this power");
    default:
        return "";
    }
}

bool is_exponent(const Node& node) {
    return node.type == NodeType::binary && node.op == Operator::power && node.kid(1).type == NodeType::number;
}

} // namespace

TermPtr Binder::operate_on(const Node& node, Operator op, const std::vector<const Node*>& kids) {
    std::vector<TermPtr> terms;
    for (const Node* kid : kids) {
        terms.push_back(term(*kid));
        if (!terms.back()) {
            return nullptr;
        }
    }
    return operate(node, op, std::move(terms));
}

TermPtr Binder::operate(const Node& node, Operator op, std::vector<TermPtr> kids) {
    std::vector<Kind> kinds;
    const auto entry = std::find_if(kids.begin(), kids.end(), [](const TermPtr& kid) { return !kid->open_kind; });
    const bool logical = op == Operator::logical_and || op == Operator::logical_or || op == Operator::logical_not;
    const bool to_date = (op == Operator::add || op == Operator::subtract) && entry != kids.end() &&
                         (*entry)->kind == Kind::date; // what is added to a date is a number
    for (const TermPtr& kid : kids) {
        const Kind open = logical ? Kind::yes_no : entry == kids.end() || to_date ? Kind::number : (*entry)->kind;
        kinds.push_back(kid->open_kind ? open : kid->kind);
    }
    std::optional<double> exponent;
    if (is_exponent(node)) {
        exponent = node.kid(1).number;
    }
    const std::optional<Operation> found = operation_of(op, kinds, exponent);
    if (!found) {
        const std::string sign(sign_of(op));
        return kinds.size() == 1 ? fail(Cause::wrong_kind, node.span,
                                        {N_("%1 cannot be used on %2."), {sign, kind_in_words(kinds[0])}})
                                 : fail(Cause::wrong_kind, node.span,
                                        {N_("%1 cannot be used between %2 and %3."),
                                         {sign, kind_in_words(kinds[0]), kind_in_words(kinds[1])}});
    }
    OperationTerm made{.operation = *found, .op = op, .domain = domain_of(op, found->result)};
    const bool short_power = exponent && (*exponent == 2 || *exponent == 3) && kinds[0] == Kind::number;
    made.kids = short_power ? std::vector<TermPtr>{kids[0]} : std::move(kids);
    if (op == Operator::approximately) {
        made.kids.push_back(constant(node, Value::number(context_.scope.study->settings.tolerance)));
    }
    return operation(node, std::move(made));
}

TermPtr Binder::chain(const Node& node) {
    std::vector<TermPtr> pairs;
    TermPtr left = term(node.kid(0));
    for (std::size_t at = 0; left && at < node.ops.size(); ++at) {
        const Node& right_node = node.kid(at + 1);
        if (node.ops[at] == Operator::in) {
            pairs.push_back(membership(node, left, right_node));
            left = node.ops.size() == at + 1 ? left : nullptr;
        } else {
            TermPtr right = term(right_node);
            if (!right) {
                return nullptr;
            }
            pairs.push_back(node.ops[at] == Operator::approximately
                                ? approximately(node, node.kid(at), right_node, left, right)
                                : operate(node, node.ops[at], {left, right}));
            left = right;
        }
        if (!pairs.back()) {
            return nullptr;
        }
    }
    if (!left) {
        return fail(Cause::wrong_arguments, node.span,
                    {N_("No comparison can follow in (…). Put the comparison before it."), {}});
    }
    TermPtr all = pairs.front();
    for (std::size_t at = 1; at < pairs.size() && all; ++at) {
        all = operate(node, Operator::logical_and, {all, pairs[at]});
    }
    return all;
}

/// `left ≈ right`, with the sizes of the terms that either is made of.
TermPtr Binder::approximately(const Node& node, const Node& left_node, const Node& right_node, const TermPtr& left,
                              const TermPtr& right) {
    const TermPtr compared = operate(node, Operator::approximately, {left, right});
    if (!compared) {
        return nullptr;
    }
    OperationTerm with_sizes = *compared->as<OperationTerm>();
    for (const Node* side : {&left_node, &right_node}) {
        // Within a size there are none: a formula that names itself would have sizes without end.
        const NodePtr size = context_.in_size || !context_.calling.empty()
                                 ? nullptr
                                 : terms_size(*side, *context_.scope.study, context_.frame.own, context_.frame.each);
        const TermPtr term = size ? size_term(*size) : nullptr;
        if (term) {
            with_sizes.kids.push_back(term);
        }
    }
    return operation(node, std::move(with_sizes));
}

/// Null where the size cannot be bound: then the formula stands without it.
TermPtr Binder::size_term(const Node& size) {
    const std::uint64_t draws = context_.draws;
    const std::size_t links = context_.links.size();
    const bool sound = !context_.fault;
    const bool within = std::exchange(context_.in_size, true);
    TermPtr term = this->term(size);
    context_.in_size = within;
    context_.draws = draws;
    if (sound && context_.fault) {
        context_.fault.reset();
        context_.links.resize(links);
        return nullptr;
    }
    return term && term->kind == Kind::number ? term : nullptr;
}

TermPtr Binder::membership(const Node& node, const TermPtr& left, const Node& list) {
    std::vector<const Node*> members;
    const bool one = list.type != NodeType::list;
    if (const TermPtr interval = one ? term(list) : nullptr; interval && interval->kind == Kind::interval) {
        return in_interval(node, left, interval);
    } else if (one && !interval) {
        return nullptr;
    }
    if (list.type == NodeType::list) {
        for (const NodePtr& kid : list.kids) {
            members.push_back(kid.get());
        }
    } else {
        members.push_back(&list);
    }
    TermPtr any;
    for (const Node* member : members) {
        TermPtr right = term(*member);
        TermPtr same = right ? operate(node, Operator::equal, {left, right}) : nullptr;
        if (!same) {
            return nullptr;
        }
        any = any ? operate(node, Operator::logical_or, {any, same}) : same;
    }
    return any;
}

/// A number is in a class where it lies between the least and the greatest that are.
TermPtr Binder::in_interval(const Node& node, const TermPtr& left, const TermPtr& interval) {
    const auto limit = [&](const Operation& taken) {
        return operation(node,
                         {.operation = taken, .kids = {interval}, .domain = N_("an open class has no such limit")});
    };
    const TermPtr above = operate(node, Operator::less_equal, {limit(catalogue_parts::first_in_interval()), left});
    const TermPtr below =
        above ? operate(node, Operator::less_equal, {left, limit(catalogue_parts::last_in_interval())}) : nullptr;
    return below ? operate(node, Operator::logical_and, {above, below}) : nullptr;
}

TermPtr Binder::choice(const Node& node) {
    std::vector<TermPtr> kids;
    for (const NodePtr& kid : node.kids) {
        kids.push_back(term(*kid));
        if (!kids.back()) {
            return nullptr;
        }
    }
    if (kids[0]->kind != Kind::yes_no && !kids[0]->open_kind) {
        return fail(
            Cause::wrong_kind, node.kid(0).span,
            {N_("After if, a condition such as x > 0 is needed, but this is %1."), {kind_in_words(kids[0]->kind)}});
    }
    if (!unify(node, kids, 1)) {
        return nullptr;
    }
    return chosen(node, kids[0], kids[1], kids[2]);
}

TermPtr Binder::chosen(const Node& node, const TermPtr& condition, const TermPtr& yes, const TermPtr& no) const {
    const std::vector<TermPtr> kids = {condition, yes, no};
    const auto term =
        made(node, OperationTerm{.operation = choice_of(yes->kind), .kids = kids}, yes->kind, levels_of(kids));
    term->open_kind = yes->open_kind;
    return term;
}

/// Gives all kids from `from` on one kind; a missing that was written out takes the kind of the others.
bool Binder::unify(const Node& node, std::vector<TermPtr>& kids, std::size_t from) {
    const auto closed = std::find_if(kids.begin() + static_cast<std::ptrdiff_t>(from), kids.end(),
                                     [](const TermPtr& kid) { return !kid->open_kind; });
    if (closed == kids.end()) {
        return true;
    }
    const Kind kind = (*closed)->kind;
    for (std::size_t at = from; at < kids.size(); ++at) {
        if (kids[at]->open_kind) {
            auto term = std::make_shared<Term>(*kids[at]);
            term->kind = kind;
            if (term->as<ConstantTerm>() != nullptr) {
                term->what = ConstantTerm{Value::missing(kind)};
            }
            kids[at] = term;
        } else if (kids[at]->kind != kind) {
            fail(Cause::wrong_kind, node.span,
                 {N_("This gives %1 in one case and %2 in another. Make them the same kind."),
                  {kind_in_words(kind), kind_in_words(kids[at]->kind)}});
            return false;
        }
    }
    return true;
}

} // namespace ledgefall
