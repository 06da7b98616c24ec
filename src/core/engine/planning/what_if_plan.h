#pragma once

#include "core/engine/planning/plan.h"

#include <set>
#include <unordered_set>

namespace ledgefall {

/// Finds, for each what-if of a plan, what lies between the held values that it replaces and what it asks for. That is
/// computed anew for each trial; all else that it needs is taken as it is, and linked, so that it is there before.
class WhatIfPlanner {
  public:
    explicit WhatIfPlanner(Plan& plan)
        : plan_(plan) {}

    /// To be done when all definitions are bound, and before their groups are found. Gives a fault to a definition
    /// whose what-if needs the definition itself, or replaces a value that nothing of it uses.
    void link();
    /// To be done when the groups are found.
    void find_groups();
    /// In place of both, for a what-if that no definition of the plan has: one that is asked by itself.
    void add(const WhatIfTerm& what_if);

  private:
    using Numbers = std::vector<std::size_t>;

    /// What lies between, and which of the replaced values it uses.
    struct Between {
        std::set<std::size_t> definitions;
        std::unordered_set<DefinitionId> used;
    };

    void find_needs();
    Between between(const WhatIfTerm& what_if, const Numbers& needed) const;
    void link(PlannedDefinition& definition, const WhatIfTerm& what_if);
    void add_needs(const PlannedDefinition& definition, Numbers& needs) const;
    void add_targets(const WhatIfTerm& what_if, Numbers& needs) const;
    void add_own_targets(const WhatIfTerm& what_if, Numbers& needs) const; ///< without those of the what-ifs in it
    /// All that `what_if` needs, by whatever way, but for what it replaces and what only that needs.
    Numbers needed_by(const WhatIfTerm& what_if) const;
    bool replaces(const WhatIfTerm& what_if, std::size_t definition) const;

    Plan& plan_;
    std::vector<Numbers> needs_; ///< of each definition, those of its what-ifs included
    std::unordered_map<const WhatIfTerm*, Numbers> between_;
};

} // namespace ledgefall
