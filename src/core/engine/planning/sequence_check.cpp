#include "core/engine/planning/sequence_check.h"

#include "core/engine/planning/graph.h"

#include <algorithm>

namespace ledgefall {
namespace {

std::string name_of(const PlannedDefinition& definition) {
    if (definition.held != nullptr) {
        return definition.held->name;
    }
    if (definition.stops()) {
        return "until";
    }
    return definition.column != nullptr ? definition.column->name : definition.table->name;
}

class SequenceCheck {
  public:
    SequenceCheck(Plan& plan, std::vector<std::size_t> members)
        : plan_(plan)
        , members_(std::move(members)) {
        for (std::size_t at = 0; at < members_.size(); ++at) {
            positions_.emplace(plan_.definitions[members_[at]].id, at);
        }
    }

    Plan::Group run() { return result(refused()); }

    /// Of a table that stops early: the rings among its columns have been checked before.
    Plan::Group run_stopping() {
        for (const std::size_t member : members_) {
            const PlannedDefinition& definition = plan_.definitions[member];
            for (const Dependency& link : definition.links) {
                const bool rows = link.target == definition.table->id && link.type == DependencyKind::whole;
                const bool whole = position(link.target) &&
                                   (link.type == DependencyKind::whole || link.type == DependencyKind::later_row);
                if (rows || whole) {
                    const Sentence what{N_("%1 decides where the table stops, so it cannot use later rows, whole "
                                           "columns, rows or last"),
                                        {name_of(definition)}};
                    return result(StaticFault{Cause::cycle, what, {}});
                }
            }
        }
        return result(ordered());
    }

  private:
    Plan::Group result(const std::optional<StaticFault>& fault) {
        Plan::Group group{members_, true, 0};
        if (fault) {
            for (const std::size_t member : members_) {
                PlannedDefinition& definition = plan_.definitions[member];
                if (!definition.fault) {
                    definition.fault = fault_site({fault->cause, definition.id, fault->what, 0, 0});
                }
            }
            group.by_rows = false;
            return group;
        }
        group.members = order_;
        return group;
    }

    std::vector<const Dependency*> links_to_members(std::size_t from) const {
        std::vector<const Dependency*> links;
        for (const Dependency& link : plan_.definitions[from].links) {
            if (position(link.target) && link.type != DependencyKind::same_stop) {
                links.push_back(&link);
            }
        }
        return links;
    }

    std::optional<std::size_t> position(const DefinitionId& id) const {
        const auto found = positions_.find(id);
        return found == positions_.end() ? std::nullopt : std::optional(found->second);
    }

    /// The names of a cycle, from one to the next and back; of a long one the first and the last few.
    std::string cycle_of(const std::vector<std::size_t>& definitions) const {
        constexpr std::size_t most_named = 12;
        std::string names;
        for (std::size_t at = 0; at < definitions.size(); ++at) {
            const bool left_out =
                definitions.size() > most_named && at >= most_named / 2 && at < definitions.size() - most_named / 2;
            if (left_out && at > most_named / 2) {
                continue;
            }
            names += (at == 0 ? "" : " → ") + (left_out ? "…" : name_of(plan_.definitions[definitions[at]]));
        }
        return names;
    }

    /// The ring through a link that cannot be: from its owner to its target and back.
    Sentence ring_through(std::size_t from, const Dependency& link, const std::string& pattern) const {
        std::vector<std::vector<std::size_t>> needs(members_.size());
        for (std::size_t at = 0; at < members_.size(); ++at) {
            for (const Dependency* one : links_to_members(members_[at])) {
                needs[at].push_back(*position(one->target));
            }
        }
        const auto own = static_cast<std::size_t>(std::find(members_.begin(), members_.end(), from) - members_.begin());
        const std::size_t target = *position(link.target);
        std::vector<std::size_t> cycle = {from};
        if (target == own) {
            cycle.push_back(from);
        } else {
            for (const std::size_t at : shortest_path(needs, target, own)) {
                cycle.push_back(members_[at]);
            }
        }
        return {pattern, {cycle_of(cycle)}};
    }

    static bool is_same_row(DependencyKind type) {
        return type == DependencyKind::same_row || type == DependencyKind::rows_to_here;
    }

    std::optional<StaticFault> refused() {
        bool has_first = false;
        const Dependency* earlier = nullptr;
        std::size_t earlier_from = 0;
        for (const std::size_t member : members_) {
            const PlannedDefinition& definition = plan_.definitions[member];
            const bool recurs = std::any_of(definition.bound.begin(), definition.bound.end(),
                                            [](const BoundFormula& bound) { return !bound.first.empty(); });
            has_first = has_first || recurs;
            for (const Dependency* link : links_to_members(member)) {
                const bool possible = definition.has_cells() && link->type != DependencyKind::whole &&
                                      link->type != DependencyKind::value && link->type != DependencyKind::later_row;
                if (!possible) {
                    return StaticFault{
                        Cause::cycle,
                        ring_through(member, *link,
                                     N_("these formulas depend on each other in a cycle, %1: change one of them")),
                        {}};
                }
                if (link->type == DependencyKind::earlier_row && link->target == definition.id && !recurs &&
                    !definition.table->two_way()) { // past its edges a two-way table is missing
                    return StaticFault{
                        Cause::no_first,
                        {N_("%1 uses its own earlier row but has no first value: write %1 = first … then …"),
                         {name_of(definition)}},
                        {}};
                }
                if (link->type == DependencyKind::earlier_row) {
                    earlier = link;
                    earlier_from = member;
                }
            }
        }
        const bool in_grid = plan_.definitions[members_.front()].table != nullptr &&
                             plan_.definitions[members_.front()].table->two_way();
        if (earlier != nullptr && !has_first && !in_grid) {
            return StaticFault{Cause::no_first,
                               ring_through(earlier_from, *earlier,
                                            N_("these columns depend on each other in a cycle with no start, %1: write "
                                               "one of them as first … then …")),
                               {}};
        }
        return ordered();
    }

    /// Puts the members into an order in which each finds what it needs of its own row. What is held at a row is put
    /// first as well where it can be; whether that row has been passed is seen when it is run.
    std::optional<StaticFault> ordered() {
        std::vector<std::size_t> left = members_;
        while (!left.empty()) {
            const auto ready = [&](std::size_t member, bool held_rows_too) {
                for (const Dependency* link : links_to_members(member)) {
                    const bool needed =
                        is_same_row(link->type) ||
                        (held_rows_too && !(link->target == plan_.definitions[member].id) &&
                         (link->type == DependencyKind::fixed_row || link->type == DependencyKind::computed_row));
                    const std::size_t target = members_[*position(link->target)];
                    if (needed && std::find(left.begin(), left.end(), target) != left.end()) {
                        return false;
                    }
                }
                return true;
            };
            auto next = std::find_if(left.begin(), left.end(), [&](std::size_t member) { return ready(member, true); });
            if (next == left.end()) {
                next = std::find_if(left.begin(), left.end(), [&](std::size_t member) { return ready(member, false); });
            }
            if (next == left.end()) {
                return same_row_ring(left);
            }
            order_.push_back(*next);
            left.erase(next);
        }
        return std::nullopt;
    }

    StaticFault same_row_ring(const std::vector<std::size_t>& left) const {
        std::vector<std::vector<std::size_t>> needs(plan_.definitions.size());
        for (const std::size_t member : left) {
            for (const Dependency* link : links_to_members(member)) {
                if (is_same_row(link->type)) {
                    needs[member].push_back(members_[*position(link->target)]);
                }
            }
        }
        for (const std::size_t member : left) {
            if (const auto cycle = shortest_path(needs, member, member); !cycle.empty()) {
                return {Cause::cycle,
                        {N_("these depend on each other in the same row, %1: use an earlier row, such as [i-1], in one "
                            "of them"),
                         {cycle_of(cycle)}},
                        {}};
            }
        }
        return {Cause::cycle, {N_("these columns depend on each other in the same row"), {}}, {}};
    }

    Plan& plan_;
    std::vector<std::size_t> members_;
    std::unordered_map<DefinitionId, std::size_t> positions_; ///< of the members, by their ids
    std::vector<std::size_t> order_;
};

} // namespace

Plan::Group checked_group(Plan& plan, const std::vector<std::vector<std::size_t>>& needs,
                          std::vector<std::size_t> members) {
    const std::size_t only = members.front();
    const bool needs_itself = std::find(needs[only].begin(), needs[only].end(), only) != needs[only].end();
    if (members.size() == 1 && !needs_itself) {
        return {std::move(members), false, 0};
    }
    std::sort(members.begin(), members.end()); // as they stand in the study
    return SequenceCheck(plan, std::move(members)).run();
}

Plan::Group checked_stopping_group(Plan& plan, std::vector<std::size_t> members) {
    std::sort(members.begin(), members.end());
    std::vector<std::vector<std::size_t>> needs(plan.definitions.size());
    for (const std::size_t member : members) {
        for (const Dependency& link : plan.definitions[member].links) {
            const auto target = plan.by_id.find(link.target);
            const bool inside = target != plan.by_id.end() &&
                                std::find(members.begin(), members.end(), target->second) != members.end();
            if (inside && link.type != DependencyKind::same_stop) {
                needs[member].push_back(target->second);
            }
        }
    }
    for (auto& ring : strongly_connected_components(needs)) {
        const bool inside = std::find(members.begin(), members.end(), ring.front()) != members.end();
        if (inside) {
            checked_group(plan, needs, std::move(ring));
        }
    }
    const bool held_too = std::any_of(members.begin(), members.end(), [&plan](std::size_t member) {
        const PlannedDefinition& one = plan.definitions[member];
        return !one.has_cells() && !one.stops();
    });
    if (held_too) { // a ring through the ledge, which has its faults by now
        return {std::move(members), false, 0};
    }
    return SequenceCheck(plan, std::move(members)).run_stopping();
}

} // namespace ledgefall
