#include "core/engine/running/measure_state.h"

#include "core/engine/running/accumulated_measure.h"
#include "core/engine/running/limit_count_measure.h"
#include "core/engine/running/window_measure.h"

namespace ledgefall {

bool MeasureState::fill(const Runner&, std::size_t, std::size_t, double*, State*, bool&) {
    return false;
}

std::unique_ptr<MeasureState> make_measure_state(const MeasureCall& call, const Environment& environment) {
    if (!call.limits.empty()) {
        return std::make_unique<LimitCountMeasure>(call, environment);
    }
    if (call.window && call.rolling != RollingForm::none && call.parameters.empty()) {
        return std::make_unique<WindowMeasure>(call, environment);
    }
    return std::make_unique<AccumulatedMeasure>(call, environment);
}

} // namespace ledgefall
