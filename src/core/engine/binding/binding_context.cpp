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

std::shared_ptr<Term> ContextUser::made(const Node& node, Term::What what, Kind kind, std::uint32_t on) const {
    return std::make_shared<Term>(Term{std::move(what), kind, on, here(node.span)});
}

TermPtr ContextUser::operation(const Node& node, OperationTerm operation) const {
    const Kind kind = operation.operation.result;
    const std::uint32_t on = levels_of(operation.kids);
    return made(node, std::move(operation), kind, on);
}

TermPtr ContextUser::constant(const Node& node, Value value) const {
    return made(node, ConstantTerm{value}, value.kind());
}

void ContextUser::link(DependencyKind type, const Binding& binding, std::uint64_t row) {
    const BindingContext::Frame& frame = context_.frame;
    const bool own = frame.has_rows && frame.own != nullptr && binding.table->id == frame.own->id;
    context_.links.push_back({own ? type : DependencyKind::whole, binding.column->id, row});
}

} // namespace ledgefall
