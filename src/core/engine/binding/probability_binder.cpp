// Binding distributions: what is asked of them, and the conditions in P( ).

#include "core/engine/binding/probability_binder.h"

#include "core/engine/functions/catalogue_parts.h"
#include "core/stats/distributions.h"
#include "core/stats/events.h"

#include <algorithm>

namespace ledgefall {

namespace {

constexpr std::size_t most_limits = Operation::most_arguments - 4; // the distribution takes four

/// The comparison of an operator; nothing of operators that compare no number with a limit.
std::optional<Event::Comparison> comparison_of(Operator op) {
    switch (op) {
    case Operator::less:
        return Event::Comparison::less;
    case Operator::less_equal:
        return Event::Comparison::less_equal;
    case Operator::greater:
        return Event::Comparison::greater;
    case Operator::greater_equal:
        return Event::Comparison::greater_equal;
    case Operator::equal:
        return Event::Comparison::equal;
    case Operator::not_equal:
        return Event::Comparison::not_equal;
    default:
        return std::nullopt;
    }
}

/// The same comparison read from the other side.
Event::Comparison turned(Event::Comparison comparison) {
    switch (comparison) {
    case Event::Comparison::less:
        return Event::Comparison::greater;
    case Event::Comparison::less_equal:
        return Event::Comparison::greater_equal;
    case Event::Comparison::greater:
        return Event::Comparison::less;
    case Event::Comparison::greater_equal:
        return Event::Comparison::less_equal;
    default:
        return comparison;
    }
}

std::optional<Event> joined(Event::Type type, std::optional<Event> first, std::optional<Event> second) {
    if (!first || !second) {
        return std::nullopt;
    }
    return Event{.type = type, .parts = {std::move(*first), std::move(*second)}};
}

} // namespace

/// Whether an expression is a distribution, as far as can be told before it is bound.
bool ProbabilityBinder::gives_distribution(const Node& node) const {
    switch (node.type) {
    case NodeType::call: {
        if (called_function(*context_.scope.study, context_.frame.own, node.owner, node.text) != nullptr) {
            return false;
        }
        const Function* function = find_function(node.text);
        return function != nullptr && (function->distribution || function->gives == Kind::distribution ||
                                       function->operation.result == Kind::distribution);
    }
    case NodeType::name: {
        if (const TermPtr* given = parameter(node)) {
            return (*given)->kind == Kind::distribution;
        }
        const Binding binding = bound(node);
        const bool function = binding.held != nullptr && binding.held->is_function();
        return binding.exists() && binding.group == nullptr && !function &&
               context_.scope.kind_of(binding.id()) == Kind::distribution;
    }
    case NodeType::index:
        return gives_distribution(node.kid(0));
    case NodeType::choice:
        return gives_distribution(node.kid(1));
    default:
        return false;
    }
}

/// A distribution as four arguments: the number of its family and its own numbers. One that is written where it is
/// used is not held first.
bool ProbabilityBinder::add_distribution(const Node& node, OperationTerm& operation) {
    std::vector<TermPtr>& arguments = operation.kids;
    const TermPtr result = term(node);
    if (!result) {
        return false;
    }
    if (result->kind != Kind::distribution) {
        fail(Cause::wrong_kind, node.span,
             {N_("A distribution such as binomial(12, 0.5) is needed here, but this is %1."),
              {kind_in_words(result->kind)}});
        return false;
    }
    const auto* written = result->as<OperationTerm>();
    const Function* family = written == nullptr ? nullptr : written->function;
    if (family != nullptr && family->distribution) {
        arguments.push_back(constant(node, Value::number(static_cast<double>(*family->distribution))));
        arguments.insert(arguments.end(), written->kids.begin(), written->kids.end());
        arguments.resize(4, constant(node, Value::number(0)));
        operation.distribution = family->domain;
        return true;
    }
    for (std::size_t part = 0; part < 4; ++part) {
        arguments.push_back(
            this->operation(node, {.operation = catalogue_parts::distribution_part(part), .kids = {result}}));
    }
    return true;
}

/// What tells one draw from another: the study's seed, the definition, which draw of its formula it is, and the rows
/// and numbers that run around it.
bool ProbabilityBinder::add_keys(const Node& node, std::vector<TermPtr>& arguments) {
    std::uint64_t key = mixed(context_.scope.study->settings.seed, context_.draws++);
    const auto mix_in = [&key](const std::string& text) {
        for (const char c : text) {
            key = mixed(key, static_cast<unsigned char>(c));
        }
    };
    mix_in(context_.scope.itself.object.str());
    if (!context_.scope.itself.column.empty()) {
        mix_in("/" + context_.scope.itself.column.str());
    }
    arguments.push_back(constant(node, Value::number(static_cast<double>(key >> 12U))));
    for (std::size_t level = 0; level <= context_.levels.size(); ++level) {
        const bool counted = level > 0 && !context_.levels[level - 1].counter.empty();
        if (level == 0 && !context_.frame.has_rows) {
            continue;
        }
        if (arguments.size() >= Operation::most_arguments) {
            fail(Cause::wrong_arguments, node.span, {N_("Random draws are nested in too many measures."), {}});
            return false;
        }
        const Term::What row =
            counted ? Term::What(CounterTerm()) : Term::What(RowNumberTerm{.level = static_cast<std::uint32_t>(level)});
        arguments.push_back(made(node, row, Kind::number, 1U << level));
    }
    return true;
}

TermPtr ProbabilityBinder::distribution_call(const Node& node, const Function& function) {
    OperationTerm called = Binder::call_of(function);
    if (!binder_.check_count(node, function) || !add_distribution(node.kid(0), called)) {
        return nullptr;
    }
    for (std::size_t at = 1; at < node.kids.size(); ++at) {
        TermPtr kid = term(node.kid(at));
        if (kid && kid->kind != Kind::number) {
            kid = fail(Cause::wrong_kind, node.kid(at).span,
                       {N_("%1 needs %2 here, but this is %3."),
                        {std::string(function.name), NC_("Kind", "a number"), kind_in_words(kid->kind)}});
        }
        if (!kid) {
            return nullptr;
        }
        called.kids.push_back(std::move(kid));
    }
    const bool complete = function.special != Special::draw || add_keys(node, called.kids);
    return complete ? operation(node, std::move(called)) : nullptr;
}

TermPtr ProbabilityBinder::probability(const Node& node, const Function& function) {
    if (!binder_.check_count(node, function)) {
        return nullptr;
    }
    const Node& condition = node.kid(0);
    const bool conditional = condition.type == NodeType::given;
    std::optional<Event> asked = event(conditional ? condition.kid(0) : condition);
    std::optional<Event> given = asked && conditional ? event(condition.kid(1)) : std::nullopt;
    if (!asked || (conditional && !given)) {
        return nullptr;
    }
    OperationTerm called = Binder::call_of(function);
    called.no_division = N_("the given condition has probability 0");
    called.operation.event =
        std::make_shared<const ConditionalEvent>(ConditionalEvent{std::move(*asked), std::move(given)});
    if (!add_distribution(*distribution_, called)) {
        return nullptr;
    }
    called.kids.insert(called.kids.end(), limits_.begin(), limits_.end());
    return operation(node, std::move(called));
}

std::optional<Event> ProbabilityBinder::event(const Node& node) {
    if (node.type == NodeType::chain) {
        return comparisons(node);
    }
    if (node.type == NodeType::unary && node.op == Operator::logical_not) {
        std::optional<Event> inner = event(node.kid(0));
        return inner ? std::optional(Event{.type = Event::Type::negation, .parts = {std::move(*inner)}}) : std::nullopt;
    }
    const bool all = node.type == NodeType::binary && node.op == Operator::logical_and;
    const bool any = node.type == NodeType::binary && node.op == Operator::logical_or;
    if (all || any) {
        std::optional<Event> first = event(node.kid(0));
        std::optional<Event> second = first ? event(node.kid(1)) : std::nullopt;
        return joined(all ? Event::Type::conjunction : Event::Type::disjunction, std::move(first), std::move(second));
    }
    fail(Cause::wrong_arguments, node.span,
         {N_("P( ) needs a condition on a distribution, such as binomial(12, 0.5) <= 3. For the share of rows where a "
             "condition holds, write share(…)."),
          {}});
    return std::nullopt;
}

std::optional<Event> ProbabilityBinder::comparisons(const Node& node) {
    std::optional<Event> all;
    for (std::size_t at = 0; at < node.ops.size(); ++at) {
        const Node& left = node.kid(at);
        const Node& right = node.kid(at + 1);
        std::optional<Event> one;
        if (node.ops[at] == Operator::in && right.type == NodeType::list) {
            for (std::size_t member = 0; member < right.kids.size(); ++member) {
                std::optional<Event> same = comparison(node, Operator::equal, left, right.kid(member));
                one = member == 0 ? std::move(same) : joined(Event::Type::disjunction, std::move(one), std::move(same));
            }
        } else {
            one = comparison(node, node.ops[at], left, right);
        }
        all = at == 0 ? std::move(one) : joined(Event::Type::conjunction, std::move(all), std::move(one));
        if (!all) {
            return std::nullopt;
        }
    }
    return all;
}

std::optional<Event> ProbabilityBinder::comparison(const Node& node, Operator op, const Node& left, const Node& right) {
    const bool on_left = gives_distribution(left);
    const auto compared = comparison_of(op);
    if (on_left == gives_distribution(right) || !compared) {
        fail(Cause::wrong_arguments, node.span,
             {N_("In P( ), compare a distribution with a number by = ≠ < ≤ > or ≥."), {}});
        return std::nullopt;
    }
    const Node& distribution = on_left ? left : right;
    if (distribution_ != nullptr && !same_tree(distribution_, &distribution)) {
        fail(Cause::wrong_arguments, node.span, {N_("P( ) is about one distribution, but this one names two."), {}});
        return std::nullopt;
    }
    distribution_ = &distribution;
    const TermPtr limit = term(on_left ? right : left);
    if (!limit) {
        return std::nullopt;
    }
    if (limit->kind != Kind::number) {
        fail(Cause::wrong_kind, limit->span,
             {N_("A distribution is compared with numbers, but this is %1."), {kind_in_words(limit->kind)}});
        return std::nullopt;
    }
    if (limits_.size() == most_limits) {
        fail(Cause::wrong_arguments, node.span,
             {N_("P( ) can have at most %1 comparisons. Add several P( ) together."), {std::to_string(most_limits)}});
        return std::nullopt;
    }
    limits_.push_back(limit);
    return Event{.comparison = on_left ? *compared : turned(*compared), .limit = limits_.size() - 1};
}

} // namespace ledgefall
