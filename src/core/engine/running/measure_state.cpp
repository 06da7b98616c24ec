#include "core/engine/running/measure_state.h"

#include "core/engine/running/accumulated_measure.h"
#include "core/engine/running/grid_measure.h"
#include "core/engine/running/grouped_measure.h"
#include "core/engine/running/limit_count_measure.h"
#include "core/engine/running/ordered_range_measure.h"
#include "core/engine/running/search_measure.h"
#include "core/engine/running/window_measure.h"

namespace ledgefall {

bool MeasureState::fill(const Runner&, std::size_t, std::size_t, double*, State*, bool&) {
    return false;
}

namespace {

/// Of a table whose number of rows is in error.
class FaultyMeasure : public MeasureState {
  public:
    explicit FaultyMeasure(Fault fault)
        : fault_(fault) {}
    Value at(const Runner&, std::size_t, const Faults&) override { return Value::fault(fault_); }

  private:
    Fault fault_;
};

} // namespace

std::unique_ptr<MeasureState> make_measure_state(const MeasureCall& call, const Environment& environment) {
    if (call.over == MeasureTerm::Over::table) {
        if (const auto fault = environment.fault_of_rows(call.table)) {
            return std::make_unique<FaultyMeasure>(*fault);
        }
    }
    if (call.grid) {
        return std::make_unique<GridMeasure>(call, environment);
    }
    if (call.search != SearchGoal::none) {
        return std::make_unique<SearchMeasure>(call, environment);
    }
    if (!call.limits.empty()) {
        return std::make_unique<LimitCountMeasure>(call, environment);
    }
    if (call.grouped) {
        return std::make_unique<GroupedMeasure>(call, environment);
    }
    if (call.window && call.rolling != RollingForm::none && call.parameters.empty()) {
        return std::make_unique<WindowMeasure>(call, environment);
    }
    if (call.of_order != nullptr) {
        return std::make_unique<OrderedRangeMeasure>(call, environment);
    }
    return std::make_unique<AccumulatedMeasure>(call, environment);
}

} // namespace ledgefall
