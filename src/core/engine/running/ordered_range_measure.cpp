#include "core/engine/running/ordered_range_measure.h"

#include <algorithm>

namespace ledgefall {

std::optional<double> OrderedRangeMeasure::value_of(std::size_t row) {
    const MeasureCall::Taken& taken = call_.samples.front();
    const Value value = remembered_[taken.values.front()].at(row);
    const Value condition = taken.condition ? remembered_[*taken.condition].at(row) : Value::yes_no(true);
    sound_ = sound_ && !value.is_fault() && !condition.is_fault() && value.state() != State::unparsed;
    return value.plain() && condition.plain() && condition.yes() ? std::optional(value.number()) : std::nullopt;
}

Value OrderedRangeMeasure::growing(const Range& range, const Faults& faults) {
    if (!sound_) {
        return AccumulatedMeasure::growing(range, faults);
    }
    if (range.to > remembered_.front().size()) {
        remember(range.to);
    }
    const std::size_t to = std::min(range.to, remembered_.front().size());
    const std::size_t from = std::min(range.from, to);
    if (from < from_ || to < to_ || from > to_) { // not on from the last one
        tree_.clear();
        from_ = to_ = from;
    }
    for (; to_ < to; ++to_) {
        if (const auto value = value_of(to_)) {
            tree_.insert({*value, to_});
        }
    }
    for (; from_ < from; ++from_) {
        if (const auto value = value_of(from_)) {
            tree_.erase({*value, from_});
        }
    }
    if (!sound_) {
        return AccumulatedMeasure::growing(range, faults);
    }
    const auto kth = [this](double k) { return tree_.find_by_order(static_cast<std::size_t>(k) - 1)->first; };
    return call_.of_order(plain_, static_cast<double>(tree_.size()), kth, faults);
}

} // namespace ledgefall
