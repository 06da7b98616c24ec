// Binding calls that need more than their arguments: held functions, units, and today.

#include "core/engine/binding/call_binder.h"

#include "core/units/units.h"
#include "core/value/date.h"

#include <algorithm>

namespace ledgefall {
namespace {

constexpr std::size_t most_calls = 5000; ///< of held functions in one formula, those within them counted

} // namespace

/// The formula of a held function in place of its call, with what it is called with for its parameters. Names in it are
/// read where it stands, on the ledge, not where it is called.
TermPtr CallBinder::held_function(const Node& node, const HeldValue& function) {
    if (node.kids.size() != function.parameters.size()) {
        return fail(Cause::wrong_arguments, node.span,
                    {N_("Write %1 as %2. The number of arguments here is %3."),
                     {function.name, function.left_side(), std::to_string(node.kids.size())}});
    }
    if (std::find(context_.calling.begin(), context_.calling.end(), &function) != context_.calling.end()) {
        return fail(Cause::cycle, node.span,
                    {N_("%1 calls itself, which a held function cannot do."), {function.name}});
    }
    if (++context_.calls > most_calls) {
        return fail(Cause::too_large, node.span,
                    {N_("This formula calls held functions more than %1 times."), {std::to_string(most_calls)}});
    }
    context_.links.push_back({DependencyKind::value, function.id, 0});
    if (function.formula.mistake()) {
        return fail(
            Cause::syntax, node.span,
            {N_("The formula of %1 has an error: %2"), {function.name, function.formula.mistake()->what.text()}});
    }
    BindingContext::Frame inner;
    for (std::size_t at = 0; at < node.kids.size(); ++at) {
        TermPtr argument = term(node.kid(at));
        if (!argument) {
            return nullptr;
        }
        inner.parameters.emplace(function.parameters[at], std::move(argument));
    }
    const auto of_table = [&function](const Table* table) {
        return table != nullptr && std::any_of(table->ledge.begin(), table->ledge.end(),
                                               [&function](const auto& held) { return &*held == &function; });
    };
    for (const auto& table : context_.scope.study->tables) {
        inner.own = of_table(&*table) ? &*table : inner.own;
    }
    inner.levels = context_.levels.size();
    const bool outermost = !context_.call_span.has_value();
    context_.call_span = here(node.span);
    context_.calling.push_back(&function);
    std::swap(context_.frame, inner);
    TermPtr result = term(*function.formula.tree());
    std::swap(context_.frame, inner);
    context_.calling.pop_back();
    context_.call_span = outermost ? std::nullopt : context_.call_span;
    return result;
}

TermPtr CallBinder::today(const Node& node, const Function& function) {
    const double day = context_.scope.study->settings.as_of.value_or(day_of_today());
    return node.kids.empty() ? constant(node, Value::of(day, Kind::date, State::plain))
                             : fail(Cause::wrong_arguments, node.span,
                                    {N_("Write %1 as %2."), {std::string(function.name), function.signature()}});
}

/// Units that are written out are looked up at once, so that an error in them is reported before anything is computed.
TermPtr CallBinder::conversion(const Node& node, const Function& function) {
    const bool written =
        node.kids.size() == 3 && node.kid(1).type == NodeType::text && node.kid(2).type == NodeType::text;
    if (written) {
        const auto entry = Conversion::between(node.kid(1).text, node.kid(2).text);
        if (!entry) {
            return fail(Cause::wrong_arguments, {node.kid(1).span.from, node.kid(2).span.to}, entry.refusal());
        }
    }
    return binder_.plain_call(node, function);
}

} // namespace ledgefall
