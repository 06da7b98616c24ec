#pragma once

#include "core/engine/binding/term.h"

#include <map>
#include <string>

namespace ledgefall {

/// What is known and gathered while one formula is bound. The binders of its parts share it.
struct BindingContext {
    /// The rows that run at one level of measures.
    struct Level {
        Id table;            ///< empty for a bound number
        std::string counter; ///< the bound number's name
        DependencyKind link = DependencyKind::whole;
        const Node* range = nullptr; ///< the range that all of the measure's ranged names have
        /// Of a part of a two-way table, the place in brackets of its columns; `range` is then that of its rows.
        const Node* column_range = nullptr;
    };

    /// In what names are read: that of the formula itself, or of a held function that it calls.
    struct Frame {
        const Table* own = nullptr;
        bool has_rows = false;
        const ColumnDefinition* each = nullptr;
        GridPart along = GridPart::cell;
        std::map<std::string, TermPtr> parameters;
        std::size_t levels = 0; ///< of measures outside of it, whose rows its names do not run over
    };

    explicit BindingContext(const BindingScope& binding_scope)
        : scope(binding_scope)
        , frame{binding_scope.own, binding_scope.has_rows, binding_scope.each, binding_scope.along, {}, 0} {}

    const BindingScope& scope;
    Frame frame;
    std::vector<const HeldValue*> calling; ///< the held functions whose formulas are being read, outermost first
    std::size_t calls = 0;
    std::uint64_t draws = 0;
    bool in_size =
        false; ///< the size of a sum's terms is being bound: what is compared within it has no size of its own
    std::optional<Span> call_span;  ///< of the outermost of those calls, to which all in them belongs
    std::vector<Level> levels;      ///< of the measures that are open, outermost first
    const Axis* place_on = nullptr; ///< while a place in brackets is bound, the axis of a two-way table that it is on
    std::vector<Dependency> links;
    std::vector<std::shared_ptr<const WhatIfTerm>> what_ifs;
    std::optional<StaticFault> fault; ///< the first that was met
};

/// What every binder does with the context: says where it is, refuses, and looks names up.
class ContextUser {
  protected:
    explicit ContextUser(BindingContext& context)
        : context_(context) {}

    Span here(Span span) const { return context_.call_span.value_or(span); }
    std::shared_ptr<Term> made(const Node& node, Term::What what, Kind kind = Kind::number, std::uint32_t on = 0) const;
    TermPtr constant(const Node& node, Value value) const;
    TermPtr operation(const Node& node, OperationTerm operation) const; ///< whose kids are all there
    /// Records the first fault of the formula; always null.
    TermPtr fail(Cause cause, Span span, Sentence what);
    /// The same, where `replacement` in place of the characters at `span` would correct the formula.
    TermPtr fail(Cause cause, Span span, Sentence what, std::string replacement);
    Binding bound(const Node& name) const;
    /// What stands for a name that is a parameter of the held function whose formula is read; else null.
    const TermPtr* parameter(const Node& node) const;
    void link(DependencyKind type, const Binding& binding, std::uint64_t row = 0);

    BindingContext& context_;
};

} // namespace ledgefall
