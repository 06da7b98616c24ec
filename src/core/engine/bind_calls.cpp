// Binding calls that need more than their arguments: held functions, units, today, and the limits of a class.

#include "core/engine/binder.h"
#include "core/engine/catalogue_parts.h"
#include "core/units/units.h"
#include "core/value/date.h"

#include <algorithm>

namespace ledgefall {
namespace {

constexpr std::size_t most_calls = 5000; ///< of held functions in one formula, those within them counted

} // namespace

/// The formula of a held function in place of its call, with what it is called with for its parameters. Names in it are
/// read where it stands, on the ledge, not where it is called.
TermPtr Binder::held_function(const Node& node, const HeldValue& function) {
    if (node.kids.size() != function.parameters.size()) {
        return fail(Cause::wrong_arguments, node.span,
                    {"%1 is written %2, and the number of arguments here is %3.",
                     {function.name, function.left_side(), std::to_string(node.kids.size())}});
    }
    if (std::find(calling_.begin(), calling_.end(), &function) != calling_.end()) {
        return fail(Cause::ring, node.span, {"%1 calls itself: a held function must not.", {function.name}});
    }
    if (++calls_ > most_calls) {
        return fail(Cause::too_large, node.span,
                    {"This formula calls held functions more than %1 times.", {std::to_string(most_calls)}});
    }
    links_.push_back({LinkType::value, function.id, 0});
    if (function.formula.mistake()) {
        return fail(Cause::syntax, node.span,
                    {"The formula of %1 has a mistake: %2", {function.name, function.formula.mistake()->what.text()}});
    }
    Frame inner;
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
    for (const auto& table : scope_.study->tables) {
        inner.own = of_table(&*table) ? &*table : inner.own;
    }
    inner.levels = levels_.size();
    const bool outermost = !call_span_.has_value();
    call_span_ = here(node.span);
    calling_.push_back(&function);
    std::swap(frame_, inner);
    TermPtr made = term(*function.formula.tree());
    std::swap(frame_, inner);
    calling_.pop_back();
    call_span_ = outermost ? std::nullopt : call_span_;
    return made;
}

TermPtr Binder::today(const Node& node) {
    const double day = scope_.study->settings.as_of.value_or(day_of_today());
    return node.kids.empty() ? constant(node, Value::of(day, Kind::date, State::plain))
                             : fail(Cause::wrong_arguments, node.span, {"%1 is written %2.", {"today", "today()"}});
}

/// Units that are written out are looked up at once, so that a mistake in them is told before anything is worked out.
TermPtr Binder::conversion(const Node& node, const Function& function) {
    const bool written =
        node.kids.size() == 3 && node.kid(1).type == NodeType::text && node.kid(2).type == NodeType::text;
    if (written) {
        const auto known = Conversion::between(node.kid(1).text, node.kid(2).text);
        if (!known) {
            return fail(Cause::wrong_arguments, {node.kid(1).span.from, node.kid(2).span.to}, known.refusal());
        }
    }
    return plain_call(node, function);
}

TermPtr Binder::interval_part(const Node& node, const TermPtr& interval, std::string_view part) {
    auto made = std::make_shared<Term>();
    made->type = TermType::operate;
    made->span = here(node.span);
    made->on = interval->on;
    made->operation = catalogue_parts::interval_part(part);
    made->operation_name = part;
    made->domain = "an open class has no such limit";
    made->kids = {interval};
    return made;
}

} // namespace ledgefall
