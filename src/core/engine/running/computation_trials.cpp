// A trial within another computing: it looks up what it has computed anew, and all else in the one around it.

#include "core/engine/running/computation.h"
#include "core/engine/running/measure_state.h"
#include "core/engine/running/trials.h"

#include <algorithm>

namespace ledgefall {

Computation::Computation(const Study& study, std::shared_ptr<const Plan> plan, const Environment& outer,
                         MemoryBudget& memory, const WhatIfTerm& what_if, const std::vector<Value>& values,
                         const TrialWorld& world, TrialAnswers& answers)
    : study_(study)
    , plan_(std::move(plan))
    , outer_(&outer)
    , world_(world)
    , trial_answers_(&answers)
    , memory_(memory) {
    for (std::size_t at = 0; at < what_if.replaced.size(); ++at) {
        Results::Entry& entry = results_->entries_[what_if.replaced[at]];
        entry.single = values[at];
        entry.kind = values[at].kind();
    }
}

Computation::~Computation() {
    if (outer_ != nullptr) {
        memory_.give_back(taken_);
    }
}

Value Computation::single(const DefinitionId& id) const {
    const Results::Entry* entry = results_->find(id);
    return entry == nullptr && outer_ != nullptr ? outer_->single(id) : results_->single(id);
}

std::size_t Computation::rows(Id table) const {
    return outer_ != nullptr && !results_->rows_.contains(table) ? outer_->rows(table) : results_->rows(table);
}

std::optional<Fault> Computation::fault_of_rows(Id table) const {
    const bool own = outer_ == nullptr || results_->find(table) != nullptr ||
                     results_->find(DefinitionId::stop(table)) != nullptr || results_->axis_faults_.contains(table);
    return own ? results_->fault_of_rows(table) : outer_->fault_of_rows(table);
}

/// Computes the groups of a trial, in their order; but for what a trial around it has replaced.
void Computation::run_groups(const std::vector<std::size_t>& all_groups) {
    std::vector<std::size_t> groups = all_groups;
    std::erase_if(groups, [this](std::size_t at) {
        const auto& members = plan_->groups[at].members;
        return std::any_of(members.begin(), members.end(),
                           [this](std::size_t member) { return world_.replaces(plan_->definitions[member].id); });
    });
    for (const std::size_t at : groups) {
        for (const std::size_t member : plan_->groups[at].members) {
            const PlannedDefinition& definition = plan_->definitions[member];
            if (definition.computed()) {
                results_->entries_.try_emplace(definition.id);
            }
            if (definition.stops()) { // it may stop later than it does around the trial
                const Value count = outer_->single(definition.table->id);
                results_->rows_[definition.table->id] = count.plain() ? static_cast<std::size_t>(count.number()) : 0;
            } else if (definition.table != nullptr) {
                results_->rows_.try_emplace(definition.table->id, outer_->rows(definition.table->id));
                for (const Axis* axis : definition.table->axes()) {
                    if (definition.table->two_way()) {
                        results_->rows_.try_emplace((*axis->column)->id, outer_->rows((*axis->column)->id));
                    }
                }
            }
        }
    }
    for (const std::size_t at : groups) {
        if (stopped()) {
            return;
        }
        start_allowance();
        compute_group(plan_->groups[at]);
    }
}

std::vector<Value> Computation::answers(const WhatIfCall& call, const std::vector<Trial>& trials) const {
    return answer_trials(study_, plan_, *this, call, trials);
}

Environment::View Computation::column(Id id) const {
    const Column* cells = results_->column(id);
    if (cells == nullptr && outer_ != nullptr) {
        return outer_->column(id);
    }
    return {cells == nullptr ? &none_ : cells, nullptr, 0};
}

} // namespace ledgefall
