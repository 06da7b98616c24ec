#pragma once

#include "core/engine/binding/binder.h"

namespace ledgefall {

struct Event;

/// Binds distributions: what is asked of them, and the conditions in P( ).
class ProbabilityBinder : PartBinder {
  public:
    ProbabilityBinder(BindingContext& context, Binder& binder)
        : PartBinder(context, binder) {}

    /// Whether an expression is a distribution, as far as can be told before it is bound.
    bool gives_distribution(const Node& node) const;
    /// A call of a function whose first argument is a distribution.
    TermPtr distribution_call(const Node& node, const Function& function);
    /// `P(…)`.
    TermPtr probability(const Node& node, const Function& function);

  private:
    bool add_distribution(const Node& node, OperationTerm& operation);
    bool add_keys(const Node& node, std::vector<TermPtr>& arguments);
    std::optional<Event> event(const Node& node);
    std::optional<Event> comparisons(const Node& node);
    std::optional<Event> comparison(const Node& node, Operator op, const Node& left, const Node& right);

    const Node* distribution_ = nullptr; ///< that the conditions are about
    std::vector<TermPtr> limits_;        ///< with which it is compared
};

} // namespace ledgefall
