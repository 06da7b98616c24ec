#pragma once

#include "core/engine/binding/binding_context.h"

namespace ledgefall {

/// Binds one formula: its names, operators and calls. What stands in square brackets, measures, probabilities and
/// special calls have binders of their own, which come back to this one for the expressions inside them.
class Binder : public ContextUser {
  public:
    explicit Binder(BindingContext& context)
        : ContextUser(context) {}

    BoundFormula bind(const Node& tree);

    /// The term of an expression; null after a fault.
    TermPtr term(const Node& node);
    /// A column that runs over the rows of the measure around it, or is read at the formula's own row.
    TermPtr column(const Node& node, const Binding& binding);
    /// A name that means nothing: π, e, or a fault that offers the nearest name.
    TermPtr under_same_column(const Node& node);
    TermPtr unknown_name(const Node& node);
    TermPtr operate(const Node& node, Operator op, std::vector<TermPtr> kids);
    /// `if` of terms of one kind.
    TermPtr chosen(const Node& node, const TermPtr& condition, const TermPtr& yes, const TermPtr& no) const;
    /// A call of a function of plain arguments by its operation.
    TermPtr plain_call(const Node& node, const Function& function);
    /// False, with a fault, where the function is not written with as many arguments.
    bool check_count(const Node& node, const Function& function);

    /// A call of a function by its operation.
    static OperationTerm call_of(const Function& function, std::vector<TermPtr> kids = {});
    /// At which level of measures a table's rows run; nothing where they do not.
    std::optional<std::uint32_t> level_over(Id table) const;

  private:
    TermPtr word(const Node& node);
    TermPtr name(const Node& node);
    TermPtr operate_on(const Node& node, Operator op, const std::vector<const Node*>& kids);
    TermPtr absolute(const Node& node);
    TermPtr chain(const Node& node);
    TermPtr approximately(const Node& node, const Node& left_node, const Node& right_node, const TermPtr& left,
                          const TermPtr& right);
    TermPtr size_term(const Node& size);
    TermPtr membership(const Node& node, const TermPtr& left, const Node& list);
    TermPtr in_interval(const Node& node, const TermPtr& left, const TermPtr& interval);
    TermPtr choice(const Node& node);
    TermPtr call(const Node& node);
    bool unify(const Node& node, std::vector<TermPtr>& kids, std::size_t from);
};

/// A binder of one kind of expression, which binds what stands inside it by the formula's binder.
class PartBinder : protected ContextUser {
  protected:
    PartBinder(BindingContext& context, Binder& binder)
        : ContextUser(context)
        , binder_(binder) {}
    TermPtr term(const Node& node) { return binder_.term(node); }

    Binder& binder_;
};

/// The reserved words that mean a row within square brackets.
bool is_word(const Node& node, std::string_view word);

} // namespace ledgefall
