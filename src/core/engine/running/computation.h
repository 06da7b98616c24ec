#pragma once

#include "core/engine/planning/plan.h"
#include "core/engine/running/memory_budget.h"
#include "core/engine/running/results.h"
#include "core/engine/running/runner.h"
#include "core/value/date.h"

#include <atomic>

namespace ledgefall {

/// One working out of a study, from its plan to its results.
class Computation : public Environment {
  public:
    Computation(const Study& study, ResultsPtr before, std::stop_token stop, Progress* progress);
    ResultsPtr run();

    View column(Id id) const override;
    Value single(const DefinitionId& id) const override { return results_->single(id); }
    std::size_t rows(Id table) const override { return results_->rows(table); }
    std::optional<Fault> fault_of_rows(Id table) const override { return results_->fault_of_rows(table); }
    bool stopped() const override { return stop_.stop_requested(); }
    void worked(std::size_t rows) const override;

  private:
    void make_places();
    void compute_together(const std::vector<const Plan::Group*>& groups);
    void compute_group(const Plan::Group& group);
    std::vector<Results::Input> inputs_of(const Plan::Group& group) const;
    bool reuse(const Plan::Group& group, const std::vector<Results::Input>& inputs);
    void keep(const PlannedDefinition& definition, Results::Entry entry, const InternedObjectsPtr& made);
    void compute_single(const PlannedDefinition& definition, Results::Entry& entry);
    void never_stopped(const PlannedDefinition& definition, Results::Entry& entry);
    void set_rows(const PlannedDefinition& definition, Results::Entry& entry);
    void compute_axis(const PlannedDefinition& definition, Results::Entry& entry);
    void compute_column(const PlannedDefinition& definition, Results::Entry& entry);
    void compute_sequence(const Plan::Group& group, const std::vector<Results::Input>& inputs,
                          const InternedObjectsPtr& made);
    void run_rows(const Program& program, std::size_t from, std::size_t to, Column& cells);

    const Study& study_;
    InternedObjectsPtr planned_; ///< what planning interned
    Plan plan_;
    ResultsPtr before_;
    std::stop_token stop_;
    Progress* progress_ = nullptr;
    double today_ = day_of_today();
    std::atomic<std::size_t> worked_out_ = 0;
    std::shared_ptr<Results> results_ = std::make_shared<Results>();
    MemoryBudget memory_;
    Column none_;
};

} // namespace ledgefall
