#pragma once

#include "core/engine/plan.h"
#include "core/engine/results.h"
#include "core/engine/runner.h"

namespace ledgefall {

/// One working out of a study, from its plan to its results.
class Computation : public Environment {
  public:
    Computation(const Study& study, ResultsPtr before, std::stop_token stop);
    ResultsPtr run();

    View column(Id id) const override;
    Value single(Id id) const override { return results_->single(id); }
    std::size_t rows(Id table) const override { return results_->rows(table); }
    bool stopped() const override { return stop_.stop_requested(); }

  private:
    struct Growing {
        std::shared_ptr<Column> cells;
        std::size_t computed = 0;
    };
    /// A column's formulas, ready to run.
    struct Prepared;

    void compute_group(const Plan::Group& group);
    std::vector<Results::Input> inputs_of(const Plan::Group& group) const;
    bool reuse(const Plan::Group& group, const std::vector<Results::Input>& inputs);
    void keep(const PlannedDefinition& definition, Results::Entry entry);
    void compute_single(const PlannedDefinition& definition, Results::Entry& entry);
    void set_rows(const PlannedDefinition& definition, Results::Entry& entry);
    void compute_column(const PlannedDefinition& definition, Results::Entry& entry);
    void compute_sequence(const Plan::Group& group, const std::vector<Results::Input>& inputs);
    void run_rows(const Program& program, std::size_t from, std::size_t to, Column& cells);

    const Study& study_;
    Plan plan_;
    ResultsPtr before_;
    std::stop_token stop_;
    std::shared_ptr<Results> results_ = std::make_shared<Results>();
    std::unordered_map<Id, Growing> growing_; ///< columns that are being computed row by row
    Column none_;
};

} // namespace ledgefall
