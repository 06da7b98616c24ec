#include "core/engine/running/evaluator.h"

#include "core/engine/planning/program.h"
#include "core/engine/planning/what_if_plan.h"
#include "core/engine/running/measure_state.h"
#include "core/engine/running/trials.h"

namespace ledgefall {

Evaluator::Evaluator(const Study& study, const Results& results, const Table* own, std::size_t row,
                     const ColumnDefinition* each, const DefinitionId& itself, StopToken stop)
    : study_(study)
    , results_(results)
    , row_(row)
    , stop_(std::move(stop)) {
    scope_.study = &study_;
    scope_.own = own;
    scope_.has_rows = row > 0;
    scope_.each = each;
    scope_.itself = itself;
    scope_.kind_of = [this](const DefinitionId& id) {
        const Results::Entry* entry = results_.find(id);
        return entry == nullptr ? Kind::number : entry->kind;
    };
}

Environment::View Evaluator::column(Id id) const {
    const Column* cells = results_.column(id);
    return {cells == nullptr ? &none_ : cells, nullptr, 0};
}

std::vector<Value> Evaluator::answers(const WhatIfCall& call, const std::vector<Trial>& trials) const {
    if (plan_ == nullptr) {
        plan_ = std::make_shared<Plan>(make_plan(study_));
    }
    WhatIfPlanner(*plan_).add(*call.meant);
    return answer_trials(study_, plan_, *this, call, trials);
}

Value Evaluator::value(const Node& expression) const {
    const BoundFormula bound = bind_formula(expression, scope_);
    if (bound.fault) {
        return Value::fault({fault_site({bound.fault->cause, scope_.itself, bound.fault->what, bound.fault->span.from,
                                         bound.fault->span.to}),
                             static_cast<std::uint32_t>(row_)});
    }
    start_allowance();
    const Program program = compile(bound.term, scope_.itself);
    Runner runner(program, *this);
    runner.start();
    if (row_ > 0) {
        runner.run(row_ - 1, 1);
    }
    return runner.output_value(0, 0);
}

} // namespace ledgefall
