#include "core/engine/binding/what_if_binder.h"

#include <algorithm>

namespace ledgefall {

TermPtr WhatIfBinder::what_if(const Node& node) {
    auto meant = std::make_shared<WhatIfTerm>();
    TriedTerm tried;
    meant->span = here(node.span);
    const std::size_t values = (node.kids.size() - 1) / 2;
    if (values + 1 > Operation::most_arguments) { // the row is one more
        return fail(
            Cause::wrong_arguments, node.span,
            {N_("with can replace at most %1 held values at once."), {std::to_string(Operation::most_arguments - 1)}});
    }
    for (std::size_t kid = 1; kid + 1 < node.kids.size(); kid += 2) {
        if (!replace(node.kid(kid), node.kid(kid + 1), *meant, tried)) {
            return nullptr;
        }
    }
    meant->asked = asked(node.kid(0), *meant);
    if (!meant->asked) {
        return nullptr;
    }
    const Kind kind = meant->asked->kind;
    const bool at_row = (meant->asked->on & 1U) != 0;
    if (at_row) {
        tried.row = made(node, RowNumberTerm(), Kind::number, 1U);
    }
    const std::uint32_t on = levels_of(tried.values) | (at_row ? 1U : 0U);
    context_.what_ifs.push_back(meant);
    tried.what_if = std::move(meant);
    return made(node, std::move(tried), kind, on);
}

bool WhatIfBinder::replace(const Node& name, const Node& value, WhatIfTerm& meant, TriedTerm& out) {
    const Binding binding = bound(name);
    if (!binding.exists()) {
        if (!binder_.unknown_name(name)) {
            return false;
        } // else it is a constant of the language, or a word of two axes
    }
    if (binding.held == nullptr || binding.held->is_function()) {
        fail(Cause::wrong_arguments, name.span,
             {N_("with tries another value for a held value, but %1 is not one. Put it on the ledge first."),
              {name.text}});
        return false;
    }
    const DefinitionId id(binding.held->id);
    if (std::find(meant.replaced.begin(), meant.replaced.end(), id) != meant.replaced.end()) {
        fail(Cause::wrong_arguments, name.span, {N_("%1 has two values here. Remove one of them."), {name.text}});
        return false;
    }
    const TermPtr tried = binder_.term(value);
    if (!tried) {
        return false;
    }
    const Kind kind = context_.scope.kind_of(id);
    if (tried->kind != kind && !tried->open_kind) {
        fail(Cause::wrong_kind, value.span,
             {N_("%1 holds %2, but this is %3."), {name.text, kind_in_words(kind), kind_in_words(tried->kind)}});
        return false;
    }
    meant.replaced.push_back(id);
    meant.names.push_back(name.text);
    out.values.push_back(tried);
    return true;
}

TermPtr WhatIfBinder::fail_for_number(const Node& node) {
    return fail(
        Cause::wrong_arguments, node.span,
        {N_("The expression before with cannot use the number of an outer for. Use it in the value to try."), {}});
}

/// What is asked is computed all over again for every trial, so that it has none of the rows of a measure around it,
/// and none of its bound numbers.
TermPtr WhatIfBinder::asked(const Node& node, WhatIfTerm& meant) {
    const bool over_rows = std::any_of(context_.levels.begin(), context_.levels.end(),
                                       [](const BindingContext::Level& level) { return !level.table.empty(); });
    if (over_rows) {
        return fail(Cause::wrong_arguments, node.span,
                    {N_("with cannot be used in a measure over rows. Put it in a separate column, and take the measure "
                        "of that."),
                     {}});
    }
    bool uses_number = false;
    for_each_name(node, [&](const Node& name) {
        uses_number =
            uses_number || std::any_of(context_.levels.begin(), context_.levels.end(), [&name](const auto& level) {
                return name.owner.empty() && !level.counter.empty() && level.counter == name.text;
            });
    });
    if (uses_number) {
        return fail_for_number(node);
    }
    BindingContext inner(context_.scope);
    inner.frame = context_.frame;
    inner.frame.levels = 0;
    inner.calling = context_.calling;
    inner.calls = context_.calls;
    inner.draws = context_.draws;
    inner.call_span = context_.call_span;
    TermPtr term = Binder(inner).term(node);
    context_.draws = inner.draws;
    if (inner.fault) {
        context_.fault = context_.fault ? context_.fault : inner.fault;
        return nullptr;
    }
    if ((term->on & ~1U) != 0) {
        return fail_for_number(node);
    }
    if (term->kind != Kind::number && term->kind != Kind::date && term->kind != Kind::yes_no) {
        return fail(
            Cause::wrong_kind, node.span,
            {N_("Before with, use a number, a date or a yes/no value. This is %1."), {kind_in_words(term->kind)}});
    }
    meant.links = std::move(inner.links);
    meant.inner = inner.what_ifs;
    context_.what_ifs.insert(context_.what_ifs.end(), inner.what_ifs.begin(), inner.what_ifs.end());
    return term;
}

} // namespace ledgefall
