// Binding distributions: what is asked of them, and the conditions in P( ).

#include "core/engine/binder.h"
#include "core/engine/catalogue_parts.h"
#include "core/engine/measure_forms.h"
#include "core/engine/program.h"
#include "core/stats/distributions.h"

#include <algorithm>

namespace ledgefall {

/// A condition on a distribution as it is gathered: see `probability` in stats/distributions.h.
struct Binder::Event {
    const Node* distribution = nullptr;
    std::string written;
    std::vector<TermPtr> limits;
};

namespace {

constexpr std::size_t most_limits = Instruction::most_arguments - 5;

char sign_of(Operator op) {
    switch (op) {
    case Operator::less:
        return '<';
    case Operator::less_equal:
        return 'l';
    case Operator::greater:
        return '>';
    case Operator::greater_equal:
        return 'g';
    case Operator::equal:
        return '=';
    case Operator::not_equal:
        return 'n';
    default:
        return ' ';
    }
}

/// The same comparison read from the other side.
char turned(char sign) {
    switch (sign) {
    case '<':
        return '>';
    case 'l':
        return 'g';
    case '>':
        return '<';
    case 'g':
        return 'l';
    default:
        return sign;
    }
}

} // namespace

/// Whether an expression is a distribution, as far as can be told before it is bound.
bool Binder::gives_distribution(const Node& node) const {
    switch (node.type) {
    case NodeType::call: {
        if (called_function(*scope_.study, frame_.own, node.owner, node.text) != nullptr) {
            return false;
        }
        const Function* function = find_function(node.text);
        return function != nullptr && function->distribution.has_value();
    }
    case NodeType::name: {
        if (const TermPtr* given = parameter(node)) {
            return (*given)->kind == Kind::distribution;
        }
        const Binding binding = bound(node);
        const bool function = binding.held != nullptr && binding.held->is_function();
        return binding.found() && binding.group == nullptr && !function &&
               scope_.kind_of(binding.id()) == Kind::distribution;
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
bool Binder::add_distribution(const Node& node, std::vector<TermPtr>& arguments) {
    const TermPtr made = term(node);
    if (!made) {
        return false;
    }
    if (made->kind != Kind::distribution) {
        fail(Cause::wrong_kind, node.span,
             {"Here stands a distribution, such as binomial(12, 0.5), and this is %1.", {kind_in_words(made->kind)}});
        return false;
    }
    const Function* family = find_function(made->operation_name);
    if (made->type == TermType::operate && family != nullptr && family->distribution) {
        arguments.push_back(constant(node, Value::number(static_cast<double>(*family->distribution))));
        arguments.insert(arguments.end(), made->kids.begin(), made->kids.end());
        arguments.resize(4, constant(node, Value::number(0)));
        return true;
    }
    for (std::size_t part = 0; part < 4; ++part) {
        auto taken = std::make_shared<Term>();
        taken->type = TermType::operate;
        taken->span = here(node.span);
        taken->on = made->on;
        taken->operation = catalogue_parts::distribution_part(part);
        taken->kids = {made};
        arguments.push_back(std::move(taken));
    }
    return true;
}

/// What tells one draw from another: the study's seed, the definition, which draw of its formula it is, and the rows
/// and numbers that run around it.
bool Binder::add_keys(const Node& node, std::vector<TermPtr>& arguments) {
    std::uint64_t key = mixed(scope_.study->settings.seed, draws_++);
    for (const char c : scope_.itself.str()) {
        key = mixed(key, static_cast<unsigned char>(c));
    }
    arguments.push_back(constant(node, Value::number(static_cast<double>(key >> 12U))));
    for (std::size_t level = 0; level <= levels_.size(); ++level) {
        const bool counted = level > 0 && !levels_[level - 1].counter.empty();
        if (level == 0 && !frame_.has_rows) {
            continue;
        }
        if (arguments.size() >= Instruction::most_arguments) {
            fail(Cause::wrong_arguments, node.span, {"This is drawn within too many measures.", {}});
            return false;
        }
        auto row = std::make_shared<Term>();
        row->type = counted ? TermType::counter : TermType::row_number;
        row->level = static_cast<std::uint32_t>(level);
        row->on = 1U << level;
        row->span = here(node.span);
        arguments.push_back(std::move(row));
    }
    return true;
}

/// A call of a function by its operation, its arguments still to come.
std::shared_ptr<Term> Binder::begin_operation(const Node& node, const Function& function) const {
    auto made = std::make_shared<Term>();
    made->type = TermType::operate;
    made->kind = function.operation.result;
    made->span = here(node.span);
    made->operation = function.operation;
    made->operation_name = function.name;
    made->domain = function.domain;
    return made;
}

TermPtr Binder::end_operation(std::shared_ptr<Term> operation) {
    for (const TermPtr& kid : operation->kids) {
        operation->on |= kid->on;
    }
    return operation;
}

TermPtr Binder::distribution_call(const Node& node, const Function& function) {
    auto made = begin_operation(node, function);
    if (!check_count(node, function) || !add_distribution(node.kid(0), made->kids)) {
        return nullptr;
    }
    for (std::size_t at = 1; at < node.kids.size(); ++at) {
        TermPtr kid = term(node.kid(at));
        if (kid && kid->kind != Kind::number) {
            kid = fail(Cause::wrong_kind, node.kid(at).span,
                       {"%1 takes %2 here, and this is %3.",
                        {std::string(function.name), "a number", kind_in_words(kid->kind)}});
        }
        if (!kid) {
            return nullptr;
        }
        made->kids.push_back(std::move(kid));
    }
    const bool drawn = function.name == "draw";
    return drawn && !add_keys(node, made->kids) ? nullptr : end_operation(std::move(made));
}

TermPtr Binder::probability(const Node& node) {
    const Function& function = *find_function("P");
    if (!check_count(node, function)) {
        return nullptr;
    }
    Event event;
    const Node& condition = node.kid(0);
    const bool given = condition.type == NodeType::given;
    if (!add_event(given ? condition.kid(0) : condition, event)) {
        return nullptr;
    }
    if (given) {
        event.written += ';';
        if (!add_event(condition.kid(1), event)) {
            return nullptr;
        }
    }
    auto made = begin_operation(node, function);
    made->no_division = "what is known here has the probability 0";
    if (!add_distribution(*event.distribution, made->kids)) {
        return nullptr;
    }
    made->kids.push_back(constant(node, Value::text(Text(event.written))));
    made->kids.insert(made->kids.end(), event.limits.begin(), event.limits.end());
    return end_operation(std::move(made));
}

bool Binder::add_event(const Node& node, Event& event) {
    if (node.type == NodeType::chain) {
        return add_comparisons(node, event);
    }
    if (node.type == NodeType::unary && node.op == Operator::logical_not) {
        const bool added = add_event(node.kid(0), event);
        event.written += '!';
        return added;
    }
    const bool joins =
        node.type == NodeType::binary && (node.op == Operator::logical_and || node.op == Operator::logical_or);
    if (joins) {
        const bool added = add_event(node.kid(0), event) && add_event(node.kid(1), event);
        event.written += node.op == Operator::logical_and ? '&' : '|';
        return added;
    }
    fail(Cause::wrong_arguments, node.span,
         {"In P( ) stands a condition on a distribution, such as binomial(12, 0.5) <= 3. For the part of the rows for "
          "which a condition holds, write share(…).",
          {}});
    return false;
}

bool Binder::add_comparisons(const Node& node, Event& event) {
    for (std::size_t at = 0; at < node.ops.size(); ++at) {
        const Node& left = node.kid(at);
        const Node& right = node.kid(at + 1);
        if (node.ops[at] == Operator::in && right.type == NodeType::list) {
            for (std::size_t member = 0; member < right.kids.size(); ++member) {
                if (!add_comparison(node, Operator::equal, left, right.kid(member), event)) {
                    return false;
                }
                event.written += member > 0 ? "|" : "";
            }
        } else if (!add_comparison(node, node.ops[at], left, right, event)) {
            return false;
        }
        event.written += at > 0 ? "&" : "";
    }
    return true;
}

bool Binder::add_comparison(const Node& node, Operator op, const Node& left, const Node& right, Event& event) {
    const bool on_left = gives_distribution(left);
    if (on_left == gives_distribution(right) || sign_of(op) == ' ') {
        fail(Cause::wrong_arguments, node.span,
             {"In P( ) a distribution is compared with a number by = ≠ < ≤ > or ≥.", {}});
        return false;
    }
    const Node& distribution = on_left ? left : right;
    if (event.distribution != nullptr && !same_tree(event.distribution, &distribution)) {
        fail(Cause::wrong_arguments, node.span, {"One P( ) is about one distribution, and this one names two.", {}});
        return false;
    }
    event.distribution = &distribution;
    const TermPtr limit = term(on_left ? right : left);
    if (!limit) {
        return false;
    }
    if (limit->kind != Kind::number) {
        fail(Cause::wrong_kind, limit->span,
             {"A distribution is compared with numbers, and this is %1.", {kind_in_words(limit->kind)}});
        return false;
    }
    if (event.limits.size() == most_limits) {
        fail(Cause::wrong_arguments, node.span,
             {"One P( ) can have up to %1 comparisons: add up several.", {std::to_string(most_limits)}});
        return false;
    }
    event.written += on_left ? sign_of(op) : turned(sign_of(op));
    event.written += static_cast<char>('0' + event.limits.size());
    event.limits.push_back(limit);
    return true;
}

} // namespace ledgefall
