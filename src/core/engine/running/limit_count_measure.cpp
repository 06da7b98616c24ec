// Counts within limits that follow the row: in one pass, or by searching what has been put in order.

#include "core/engine/running/limit_count_measure.h"

#include "core/engine/running/limit_counts.h"

#include <algorithm>

namespace ledgefall {

/// Counts for a block of rows in one pass over the values, where there are many more of these than of rows: each value
/// is put between the limits of all the rows, which are in order, and the counts add up.
bool LimitCountMeasure::fill(const Runner& outer, std::size_t, std::size_t rows, double* slots, State*, bool& plain) {
    plain = true;
    const std::size_t counted = environment_.rows(call_.table);
    if (started_ || rows == Runner::block_rows || counted / 8 < rows) {
        return false;
    }
    std::vector<double> limits;
    for (const MeasureCall::Limit& limit : call_.limits) {
        for (std::size_t row = 0; row < rows; ++row) {
            const Value value = outer.value(limit.value, Kind::number, row);
            if (!value.plain()) {
                return false;
            }
            limits.push_back(value.number());
        }
    }
    LimitCounts counts(limits);
    start(outer, 0);
    bool sound = true;
    for_blocks(0, counted, [&](std::size_t first, std::size_t count) {
        inner_.run(first, count);
        const Lane lane = inner_.output(0);
        if (lane.states == nullptr && !lane.single) {
            counts.add(lane.slots, count);
        } else {
            for (std::size_t row = 0; row < count; ++row) {
                const double value = lane.slot(row);
                sound = sound && lane.state(row) != State::fault;
                counts.add(&value, lane.state(row) == State::plain ? 1 : 0);
            }
        }
        return sound && !environment_.stopped();
    });
    if (!sound) {
        return false;
    }
    counts.finish();
    for (std::size_t row = 0; row < rows; ++row) {
        double from = 0;
        double to = counts.all();
        for (std::size_t at = 0; at < call_.limits.size(); ++at) {
            const MeasureCall::Limit& limit = call_.limits[at];
            const double value = limits[at * rows + row];
            const double before = limit.above == limit.or_equal ? counts.below(value) : counts.up_to(value);
            (limit.above ? from : to) = limit.above ? std::max(from, before) : std::min(to, before);
        }
        slots[row] = std::max(to - from, 0.0);
    }
    return true;
}

/// What is counted may have parts that no row changes, as 2 * k has in count(x + 2 * k < x[i]): they are computed
/// outside, and are the same for every row.
void LimitCountMeasure::start(const Runner& outer, std::size_t in_block) {
    std::vector<Value> parameters;
    parameters.reserve(call_.parameters.size());
    for (const Operand operand : call_.parameters) {
        parameters.push_back(outer.value(operand, Kind::number, in_block));
    }
    inner_.start(parameters);
}

void LimitCountMeasure::sort_counted(const Runner& outer, std::size_t in_block) {
    start(outer, in_block);
    started_ = true;
    for_blocks(0, environment_.rows(call_.table), [this](std::size_t first, std::size_t count) {
        inner_.run(first, count);
        const Lane lane = inner_.output(0);
        for (std::size_t row = 0; row < count; ++row) {
            const State state = lane.state(row);
            if (state == State::plain) {
                sorted_.push_back(lane.slot(row));
            } else if (state == State::fault && !sorted_fault_) {
                sorted_fault_ = Value::of(lane.slot(row), Kind::number, state);
            } else {
                ++missing_;
            }
        }
        return !environment_.stopped();
    });
    std::sort(sorted_.begin(), sorted_.end());
}

/// Counts by searching the sorted values for each limit. Where a limit is missing no row is known to lie within; where
/// it is in error, so is every row that gets as far as being compared with it.
Value LimitCountMeasure::at(const Runner& outer, std::size_t in_block, const Faults&) {
    if (!started_) {
        sort_counted(outer, in_block);
    }
    if (sorted_fault_) {
        return *sorted_fault_;
    }
    auto from = sorted_.begin();
    auto to = sorted_.end();
    bool any = true;
    for (const MeasureCall::Limit& limit : call_.limits) {
        const Value value = outer.value(limit.value, Kind::number, in_block);
        if (value.is_fault() && (from < to || missing_ > 0)) {
            return value;
        }
        if (!value.plain()) {
            any = any && value.is_fault();
            continue;
        }
        const bool at_first = limit.above == limit.or_equal; // the first of equal values, or what comes after them
        const auto place = at_first ? std::lower_bound(sorted_.begin(), sorted_.end(), value.number())
                                    : std::upper_bound(sorted_.begin(), sorted_.end(), value.number());
        (limit.above ? from : to) = limit.above ? std::max(from, place) : std::min(to, place);
    }
    return Value::number(any && from < to ? static_cast<double>(to - from) : 0);
}

} // namespace ledgefall
