#pragma once

#include "core/engine/planning/plan.h"
#include "core/engine/running/memory_budget.h"
#include "core/engine/running/results.h"
#include "core/engine/running/runner.h"
#include "core/engine/running/trials.h"
#include "core/value/date.h"

#include <atomic>
#include <set>

namespace ledgefall {

/// One computing of a study, from its plan to its results.
class Computation : public Environment {
  public:
    Computation(const Study& study, ResultsPtr before, std::stop_token stop, Progress* progress);
    ResultsPtr run();

    /// A trial within another computing: the groups `between` are computed anew with `values` in the place of what
    /// `what_if` replaces, all else is taken from `outer`.
    Computation(const Study& study, std::shared_ptr<const Plan> plan, const Environment& outer, MemoryBudget& memory,
                const WhatIfTerm& what_if, const std::vector<Value>& values, const TrialWorld& world,
                TrialAnswers& answers);
    ~Computation() override;
    void run_groups(const std::vector<std::size_t>& groups);

    View column(Id id) const override;
    Value single(const DefinitionId& id) const override;
    std::size_t rows(Id table) const override;
    std::optional<Fault> fault_of_rows(Id table) const override;
    const TrialWorld* world() const override { return outer_ == nullptr ? nullptr : &world_; }
    TrialAnswers* trial_answers() const override { return trial_answers_; }
    bool stopped() const override { return outer_ != nullptr ? outer_->stopped() : stop_.stop_requested(); }
    std::vector<Value> answers(const WhatIfCall& call, const std::vector<Trial>& trials) const override;
    void report_progress(std::size_t rows) const override;

  private:
    void make_places();
    void compute_together(const std::vector<const Plan::Group*>& groups);
    void compute_group(const Plan::Group& group);
    std::vector<Results::Input> inputs_of(const Plan::Group& group) const;
    void add_own_inputs(const PlannedDefinition& definition, std::vector<Results::Input>& inputs,
                        std::set<const PlannedDefinition*>& added) const;
    bool take_memory(double bytes);
    bool reuse(const Plan::Group& group, const std::vector<Results::Input>& inputs);
    void keep(const PlannedDefinition& definition, Results::Entry entry, const InternedObjectsPtr& made);
    /// How definitions of a kind are computed, and how they set the rows of their table where they are taken over.
    struct Worker {
        void (Computation::*work_out)(const PlannedDefinition& definition, Results::Entry& entry);
        void (Computation::*take_rows)(const PlannedDefinition& definition, Results::Entry& entry);
    };
    static const Worker& worker(const PlannedDefinition& definition);
    void compute_single(const PlannedDefinition& definition, Results::Entry& entry);
    void compute_row_count(const PlannedDefinition& definition, Results::Entry& entry);
    void compute_grid_size(const PlannedDefinition& definition, Results::Entry& entry);
    void never_stopped(const PlannedDefinition& definition, Results::Entry& entry);
    void set_stopped_rows(const PlannedDefinition& definition, Results::Entry& entry);
    void set_rows(const PlannedDefinition& definition, Results::Entry& entry);
    void compute_series(const PlannedDefinition& definition, Results::Entry& entry);
    void compute_foot_row(const PlannedDefinition& definition, Results::Entry& entry);
    void set_axis_rows(const PlannedDefinition& definition, Results::Entry& entry);
    void compute_axis(const PlannedDefinition& definition, Results::Entry& entry);
    void compute_column(const PlannedDefinition& definition, Results::Entry& entry);
    void compute_sequence(const Plan::Group& group, const std::vector<Results::Input>& inputs,
                          const InternedObjectsPtr& made);
    void run_rows(const Program& program, std::size_t from, std::size_t to, Column& cells);

    const Study& study_;
    InternedObjectsPtr planned_; ///< what planning interned
    std::shared_ptr<const Plan> plan_;
    const Environment* outer_ = nullptr; ///< of a trial
    TrialWorld world_;                   ///< of a trial
    ResultsPtr before_;
    std::stop_token stop_;
    Progress* progress_ = nullptr;
    double today_ = day_of_today();
    std::atomic<std::size_t> computed_count_ = 0;
    std::shared_ptr<Results> results_ = std::make_shared<Results>();
    std::unique_ptr<TrialAnswers> own_answers_; ///< none of a trial
    TrialAnswers* trial_answers_ = nullptr;
    std::unique_ptr<MemoryBudget> own_memory_; ///< none of a trial
    MemoryBudget& memory_;
    std::atomic<double> taken_ = 0; ///< of the memory, by a trial
    Column none_;
};

} // namespace ledgefall
