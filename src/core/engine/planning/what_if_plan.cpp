#include "core/engine/planning/what_if_plan.h"

#include <algorithm>

namespace ledgefall {
namespace {

void give_fault(PlannedDefinition& definition, Cause cause, Span span, const Sentence& what) {
    if (!definition.fault) {
        definition.fault = fault_site({cause, definition.id, what, span.from, span.to});
        definition.bound.clear();
    }
}

} // namespace

bool WhatIfPlanner::replaces(const WhatIfTerm& what_if, std::size_t definition) const {
    const auto& replaced = what_if.replaced;
    return std::find(replaced.begin(), replaced.end(), plan_.definitions[definition].id) != replaced.end();
}

void WhatIfPlanner::add_targets(const WhatIfTerm& what_if, Numbers& needs) const {
    add_own_targets(what_if, needs);
    for (const auto& inner : what_if.inner) { // all of them, however deep
        add_own_targets(*inner, needs);
    }
}

void WhatIfPlanner::add_own_targets(const WhatIfTerm& what_if, Numbers& needs) const {
    for (const Dependency& link : what_if.links) {
        if (const auto it = plan_.by_id.find(link.target); it != plan_.by_id.end()) {
            needs.push_back(it->second);
            // A column of counted rows brings their number with it, or the row on which they stop.
            const Table* table = plan_.definitions[it->second].table;
            for (const DefinitionId& id : table == nullptr
                                              ? std::vector<DefinitionId>()
                                              : std::vector<DefinitionId>{table->id, DefinitionId::stop(table->id)}) {
                if (const auto rows = plan_.by_id.find(id); rows != plan_.by_id.end()) {
                    needs.push_back(rows->second);
                }
            }
        }
    }
}

void WhatIfPlanner::add_needs(const PlannedDefinition& definition, Numbers& needs) const {
    for (const Dependency& link : definition.links) {
        if (const auto it = plan_.by_id.find(link.target); it != plan_.by_id.end()) {
            needs.push_back(it->second);
        }
    }
    for (const auto& what_if : definition.what_ifs) {
        add_targets(*what_if, needs);
    }
}

WhatIfPlanner::Numbers WhatIfPlanner::needed_by(const WhatIfTerm& what_if) const {
    std::vector<bool> seen(plan_.definitions.size(), false);
    Numbers reached;
    Numbers next;
    add_targets(what_if, next);
    while (!next.empty()) {
        const std::size_t at = next.back();
        next.pop_back();
        if (seen[at] || replaces(what_if, at)) {
            continue;
        }
        seen[at] = true;
        reached.push_back(at);
        next.insert(next.end(), needs_[at].begin(), needs_[at].end());
    }
    return reached;
}

WhatIfPlanner::Between WhatIfPlanner::between(const WhatIfTerm& what_if, const Numbers& needed) const {
    Between out;
    // Found from what needs a replaced value itself, on to what needs that.
    std::unordered_map<std::size_t, Numbers> users;
    Numbers next;
    for (const std::size_t at : needed) {
        for (const std::size_t need : needs_[at]) {
            if (replaces(what_if, need)) {
                next.push_back(at);
                out.used.insert(plan_.definitions[need].id);
            } else {
                users[need].push_back(at);
            }
        }
    }
    Numbers direct;
    add_targets(what_if, direct);
    for (const std::size_t at : direct) {
        if (replaces(what_if, at)) {
            out.used.insert(plan_.definitions[at].id);
        }
    }
    while (!next.empty()) {
        const std::size_t at = next.back();
        next.pop_back();
        if (out.definitions.insert(at).second) {
            next.insert(next.end(), users[at].begin(), users[at].end());
        }
    }
    return out;
}

void WhatIfPlanner::link(PlannedDefinition& definition, const WhatIfTerm& what_if) {
    const Numbers needed = needed_by(what_if);
    const Between found = between(what_if, needed);
    if (found.definitions.contains(plan_.by_id.at(definition.id))) {
        return give_fault(definition, Cause::cycle, what_if.span,
                          {N_("the expression before with needs this same value: use another expression"), {}});
    }
    // What is in error may have lost its links with that, and passes its fault on.
    const bool sound = std::none_of(needed.begin(), needed.end(),
                                    [this](std::size_t one) { return plan_.definitions[one].fault.has_value(); });
    for (std::size_t at = 0; at < what_if.replaced.size() && sound; ++at) {
        if (!found.used.contains(what_if.replaced[at])) {
            return give_fault(
                definition, Cause::wrong_arguments, what_if.span,
                {N_("nothing before with uses %1, so another value of it changes nothing"), {what_if.names[at]}});
        }
    }
    for (const std::size_t at : needed) {
        if (!found.definitions.contains(at)) {
            definition.links.push_back({DependencyKind::whole, plan_.definitions[at].id, 0});
        }
    }
    between_[&what_if] = Numbers(found.definitions.begin(), found.definitions.end());
}

void WhatIfPlanner::find_needs() {
    needs_.resize(plan_.definitions.size());
    for (std::size_t at = 0; at < needs_.size(); ++at) {
        needs_[at].clear();
        add_needs(plan_.definitions[at], needs_[at]);
    }
}

void WhatIfPlanner::add(const WhatIfTerm& what_if) {
    find_needs();
    const auto add_one = [this](const WhatIfTerm& one) {
        const auto found = between(one, needed_by(one)).definitions;
        between_[&one] = Numbers(found.begin(), found.end());
    };
    between_.clear();
    add_one(what_if);
    for (const auto& inner : what_if.inner) {
        add_one(*inner);
    }
    find_groups();
}

void WhatIfPlanner::link() {
    const bool any = std::any_of(plan_.definitions.begin(), plan_.definitions.end(),
                                 [](const PlannedDefinition& one) { return !one.what_ifs.empty(); });
    if (!any) {
        return;
    }
    find_needs();
    for (PlannedDefinition& definition : plan_.definitions) {
        const auto what_ifs = definition.fault ? std::vector<std::shared_ptr<const WhatIfTerm>>() : definition.what_ifs;
        for (const auto& what_if : what_ifs) {
            link(definition, *what_if);
        }
    }
}

void WhatIfPlanner::find_groups() {
    for (const auto& [what_if, between] : between_) {
        const std::set<std::size_t> members(between.begin(), between.end());
        std::vector<std::size_t>& groups = plan_.trials[what_if];
        groups.clear(); // of one that had its place in memory before
        for (std::size_t at = 0; at < plan_.groups.size(); ++at) {
            const auto& group = plan_.groups[at].members;
            if (std::any_of(group.begin(), group.end(),
                            [&members](std::size_t one) { return members.contains(one); })) {
                groups.push_back(at);
            }
        }
    }
}

} // namespace ledgefall
