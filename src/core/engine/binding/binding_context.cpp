#include "core/engine/binding/binding_context.h"

namespace ledgefall {

TermPtr ContextUser::fail(Cause cause, Span span, Sentence what) {
    if (!context_.fault) {
        context_.fault = StaticFault{cause, std::move(what), here(span)};
    }
    return nullptr;
}

TermPtr ContextUser::fail(Cause cause, Span span, Sentence what, std::string replacement) {
    const bool first = !context_.fault;
    fail(cause, span, std::move(what));
    if (first && !context_.call_span) { // what is wrong inside a held function is not corrected where it is called
        context_.fault->correction = SuggestedCorrection{span, std::move(replacement)};
    }
    return nullptr;
}

Binding ContextUser::bound(const Node& name) const {
    return parameter(name) != nullptr ? Binding()
                                      : look_up(*context_.scope.study, context_.frame.own, name.owner, name.text);
}

const TermPtr* ContextUser::parameter(const Node& node) const {
    const auto& parameters = context_.frame.parameters;
    const auto place = node.owner.empty() ? parameters.find(node.text) : parameters.end();
    return place == parameters.end() ? nullptr : &place->second;
}

TermPtr ContextUser::constant(const Node& node, Value value) const {
    auto term = std::make_shared<Term>();
    term->value = value;
    term->kind = value.kind();
    term->span = here(node.span);
    return term;
}

void ContextUser::link(LinkType type, const Binding& binding, std::uint64_t row) {
    const BindingContext::Frame& frame = context_.frame;
    const bool own = frame.has_rows && frame.own != nullptr && binding.table->id == frame.own->id;
    context_.links.push_back({own ? type : LinkType::whole, binding.column->id, row});
}

} // namespace ledgefall
