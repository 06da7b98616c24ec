#pragma once

#include "core/basics/stopping.h"
#include "core/engine/planning/plan.h"
#include "core/engine/running/results.h"
#include "core/engine/running/runner.h"

namespace ledgefall {

/// Computes single expressions over results that are there already: for workings, which ask for every part of a
/// formula.
class Evaluator : public Environment {
  public:
    /// `own` and the row (from 1; 0 where there is none) say where the expressions stand; `itself` is what they are of.
    Evaluator(const Study& study, const Results& results, const Table* own, std::size_t row,
              const ColumnDefinition* each, const DefinitionId& itself, StopToken stop);

    /// The same for another row.
    Evaluator at(std::size_t row) const {
        return {study_, results_, scope_.own, row, scope_.each, scope_.itself, stop_};
    }

    /// The expression's value; a fault where it has no meaning.
    Value value(const Node& expression) const;

    View column(Id id) const override;
    Value single(const DefinitionId& id) const override { return results_.single(id); }
    std::size_t rows(Id table) const override { return results_.rows(table); }
    std::optional<Fault> fault_of_rows(Id table) const override { return results_.fault_of_rows(table); }
    bool stopped() const override { return stop_.stop_requested(); }
    std::vector<Value> answers(const WhatIfCall& call, const std::vector<Trial>& trials) const override;

  private:
    const Study& study_;
    const Results& results_;
    BindingScope scope_;
    std::size_t row_;
    StopToken stop_;
    Column none_;
    mutable std::shared_ptr<Plan> plan_; ///< made when a what-if needs it, and then for all of them
};

} // namespace ledgefall
