#include "core/engine/running/grouped_measure.h"

#include <array>
#include <bit>

namespace ledgefall {
namespace {

/// Values that are equal have equal keys: texts are held once, and there is one zero.
std::uint64_t key_of(double slot, Kind kind) {
    return std::bit_cast<std::uint64_t>(kind != Kind::text && slot == 0 ? 0.0 : slot);
}

} // namespace

/// Missing values are left out as an accumulator would; a fault anywhere ends the grouping.
void GroupedMeasure::group_rows() {
    grouped_ = true;
    const MeasureCall& call = *call_.grouped;
    const MeasureCall::Taken& taken = call.samples.front();
    const std::size_t width = taken.values.size();
    none_.values.resize(width);
    Runner inner(call.inner, environment_);
    inner.start();
    for_blocks(0, environment_.rows(call_.table), [&](std::size_t first, std::size_t count) {
        inner.run(first, count);
        const Lane keys = inner.output(*call.key);
        const Lane condition = taken.condition ? inner.output(*taken.condition) : Lane();
        std::array<Lane, 4> lanes;
        for (std::size_t at = 0; at < width; ++at) {
            lanes[at] = inner.output(taken.values[at]);
        }
        for (std::size_t row = 0; row < count && sound_; ++row) {
            bool taken_row = keys.state(row) == State::plain;
            bool plain = true;
            sound_ = keys.state(row) != State::fault && keys.state(row) != State::odd;
            if (taken.condition) {
                sound_ = sound_ && condition.state(row) != State::fault;
                taken_row = taken_row && condition.state(row) == State::plain && condition.slot(row) != 0;
            }
            for (std::size_t at = 0; at < width; ++at) {
                sound_ = sound_ && lanes[at].state(row) != State::fault && lanes[at].state(row) != State::odd;
                plain = plain && lanes[at].state(row) == State::plain;
            }
            if (!taken_row || !sound_) {
                continue;
            }
            Group& group = group_of(key_of(keys.slot(row), call.key_kind));
            group.missing += plain ? 0 : 1;
            for (std::size_t at = 0; at < width && plain; ++at) {
                group.values[at].push_back(lanes[at].slot(row));
            }
        }
        return sound_ && !environment_.stopped();
    });
}

GroupedMeasure::Group& GroupedMeasure::group_of(std::uint64_t key) {
    const auto [place, is_new] = places_.try_emplace(key, groups_.size());
    if (is_new) {
        groups_.emplace_back().values.resize(none_.values.size());
    }
    return groups_[place->second];
}

Value GroupedMeasure::at(const Runner& outer, std::size_t in_block, const Faults& faults) {
    if (!grouped_) {
        group_rows();
    }
    const MeasureCall& call = *call_.grouped;
    const Value asked = outer.value(*call.asked, call.key_kind, in_block);
    if (!sound_ || asked.is_fault()) {
        return one_by_one_.at(outer, in_block, faults);
    }
    const auto place = asked.plain() ? places_.find(key_of(asked.slot(), call.key_kind)) : places_.end();
    Group& group = place == places_.end() ? none_ : groups_[place->second];
    if (group.result) {
        return *group.result;
    }
    std::vector<Value> plain;
    for (std::size_t at = 0; at < call.plain.size(); ++at) {
        plain.push_back(outer.value(call.plain[at], call.plain_kinds[at], in_block));
        if (!plain.back().plain()) {
            return one_by_one_.at(outer, in_block, faults);
        }
    }
    const std::unique_ptr<Accumulator> accumulator = call.make(plain);
    std::array<Lane, 4> lanes;
    for (std::size_t at = 0; at < group.values.size(); ++at) {
        lanes[at] = {group.values[at].data(), nullptr, false};
    }
    accumulator->add({lanes.data(), group.values.size()}, nullptr, group.values.front().size());
    const double none = 0;
    const State missing = State::missing;
    lanes.fill({&none, &missing, true});
    accumulator->add({lanes.data(), group.values.size()}, nullptr, group.missing);
    const Value result = accumulator->result(faults);
    if (result.is_fault()) { // which tells the row that asks
        return one_by_one_.at(outer, in_block, faults);
    }
    group.result = Value::of(result.slot(), call_.kind, result.state());
    return *group.result;
}

} // namespace ledgefall
