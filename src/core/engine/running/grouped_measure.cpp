#include "core/engine/running/grouped_measure.h"

#include <algorithm>
#include <array>
#include <bit>
#include <cmath>

namespace ledgefall {
namespace {

/// Values that are equal have equal keys: texts are held once, and there is one zero.
std::uint64_t key_of(double slot, Kind kind) {
    return std::bit_cast<std::uint64_t>(kind != Kind::text && slot == 0 ? 0.0 : slot);
}

bool is_plain(const Lane& lane) {
    return lane.states == nullptr;
}

} // namespace

/// The rows of a block in which nothing is missing or in error, key by key.
void GroupedMeasure::group_plain(const std::vector<Lane>& keys, std::span<const Lane> lanes, std::size_t count) {
    std::array<std::size_t, Runner::block_rows> places; // written before it is read
    for (std::size_t at = 0; at < keys.size(); ++at) {
        const Kind kind = call_.grouped->keys[at].kind;
        for (std::size_t row = 0; row < count; ++row) {
            const std::size_t number = keys_[at].number_of(key_of(keys[at].slot(row), kind));
            places[row] = at == 0 ? number : joins_[at].number_of(places[row], number);
        }
    }
    group_of(*std::max_element(places.begin(), places.begin() + static_cast<std::ptrdiff_t>(count)));
    for (std::size_t row = 0; row < count; ++row) {
        ++groups_[places[row]].rows;
    }
    for (std::size_t at = 0; at < lanes.size() && same_.empty(); ++at) {
        for (std::size_t row = 0; row < count; ++row) {
            groups_[places[row]].values[at].push_back(lanes[at].slot(row));
        }
    }
}

/// Missing values are left out as an accumulator would; a fault anywhere ends the grouping.
void GroupedMeasure::group_rows() {
    grouped_ = true;
    const MeasureCall& call = *call_.grouped;
    const MeasureCall::Taken& taken = call.samples.front();
    const std::size_t width = taken.values.size();
    none_.values.resize(width);
    keys_.resize(call.keys.size());
    joins_.resize(call.keys.size());
    Runner inner(call.inner, environment_);
    inner.start();
    for_blocks(0, environment_.rows(call_.table), [&](std::size_t first, std::size_t count) {
        inner.run(first, count);
        std::vector<Lane> keys;
        for (const MeasureCall::Key& key : call.keys) {
            keys.push_back(inner.output(key.output));
        }
        const Lane condition = taken.condition ? inner.output(*taken.condition) : Lane();
        std::array<Lane, 4> lanes;
        for (std::size_t at = 0; at < width; ++at) {
            lanes[at] = inner.output(taken.values[at]);
        }
        const bool same = std::all_of(lanes.begin(), lanes.begin() + static_cast<std::ptrdiff_t>(width),
                                      [](const Lane& lane) { return lane.single && lane.states == nullptr; });
        for (std::size_t at = 0; at < width && same && same_.size() < width; ++at) {
            same_.push_back(lanes[at].slots[0]);
        }
        const bool all_plain = !taken.condition && !keys.empty() && std::all_of(keys.begin(), keys.end(), is_plain) &&
                               std::all_of(lanes.begin(), lanes.begin() + static_cast<std::ptrdiff_t>(width), is_plain);
        if (all_plain) {
            group_plain(keys, {lanes.data(), width}, count);
            return !environment_.stopped();
        }
        for (std::size_t row = 0; row < count && sound_; ++row) {
            bool taken_row = true;
            bool plain = true;
            for (const Lane& key : keys) {
                taken_row = taken_row && key.state(row) == State::plain;
                sound_ = sound_ && key.state(row) != State::fault && key.state(row) != State::unparsed;
            }
            if (taken.condition) {
                sound_ = sound_ && condition.state(row) != State::fault;
                taken_row = taken_row && condition.state(row) == State::plain && condition.slot(row) != 0;
            }
            for (std::size_t at = 0; at < width; ++at) {
                sound_ = sound_ && lanes[at].state(row) != State::fault && lanes[at].state(row) != State::unparsed;
                plain = plain && lanes[at].state(row) == State::plain;
            }
            if (!taken_row || !sound_) {
                continue;
            }
            std::size_t place = 0;
            for (std::size_t at = 0; at < keys.size(); ++at) {
                const std::size_t number = keys_[at].number_of(key_of(keys[at].slot(row), call.keys[at].kind));
                place = at == 0 ? number : joins_[at].number_of(place, number);
            }
            Group& group = group_of(place);
            group.missing += plain ? 0 : 1;
            group.rows += plain ? 1 : 0;
            for (std::size_t at = 0; at < width && plain && same_.empty(); ++at) {
                group.values[at].push_back(lanes[at].slot(row));
            }
        }
        return sound_ && !environment_.stopped();
    });
}

GroupedMeasure::Group& GroupedMeasure::group_of(std::size_t place) {
    while (place >= groups_.size()) {
        groups_.emplace_back().values.resize(none_.values.size());
    }
    return groups_[place];
}

/// Puts the group's rows in the order of what the limits are about, its last column, and adds up the values.
void GroupedMeasure::put_in_order(Group& group) const {
    std::vector<std::pair<double, double>> rows;
    for (std::size_t row = 0; row < group.rows; ++row) {
        rows.emplace_back(group.values.back()[row], group.values.front()[row]);
    }
    std::sort(rows.begin(), rows.end());
    group.sums.emplace_back();
    for (std::size_t row = 0; row < rows.size(); ++row) {
        group.values.back()[row] = rows[row].first;
        if (call_.grouped->rolling != RollingForm::none) {
            group.sums.push_back(group.sums.back());
            group.sums.back().add(rows[row].second);
            group.most += std::fabs(rows[row].second);
        }
    }
}

/// The number, sum or mean of the group's values within the limits of a row; none where a limit is in error, and where
/// the sum is so much smaller than the values that it has to be added up by itself.
std::optional<Value> GroupedMeasure::within_limits(Group& group, const Runner& outer, std::size_t in_block,
                                                   const Faults& faults) {
    if (group.sums.empty()) {
        put_in_order(group);
    }
    const std::vector<double>& order = group.values.back();
    auto from = order.begin();
    auto to = order.end();
    for (const MeasureCall::Limit& limit : call_.grouped->limits) {
        const Value value = outer.value(limit.value, Kind::number, in_block);
        if (value.is_fault()) {
            return std::nullopt;
        }
        if (!value.plain()) { // no row is known to lie within
            to = from;
            continue;
        }
        const bool at_first = limit.above == limit.or_equal; // the first of equal values, or what comes after them
        const auto place = at_first ? std::lower_bound(order.begin(), order.end(), value.number())
                                    : std::upper_bound(order.begin(), order.end(), value.number());
        (limit.above ? from : to) = limit.above ? std::max(from, place) : std::min(to, place);
    }
    if (from >= to) {
        return of_group(none_, outer, in_block, faults);
    }
    const auto count = static_cast<double>(to - from);
    if (call_.grouped->rolling == RollingForm::none) {
        return Value::number(count);
    }
    const MovingSum& before = group.sums[static_cast<std::size_t>(from - order.begin())];
    MovingSum sum = group.sums[static_cast<std::size_t>(to - order.begin())];
    sum.add(-before.sum);
    sum.lost -= before.lost;
    const bool exact = group.sums.back().lost == 0 && sum.lost == 0; // as of whole numbers
    const double total = sum.total();
    if (!std::isfinite(group.most) || (!exact && std::fabs(total) < 0x1p-30 * group.most)) {
        return std::nullopt;
    }
    return Value::number(call_.grouped->rolling == RollingForm::mean ? sum.mean(Reciprocal::of(count)) : total);
}

Value GroupedMeasure::at(const Runner& outer, std::size_t in_block, const Faults& faults) {
    if (!grouped_) {
        group_rows();
    }
    const MeasureCall& call = *call_.grouped;
    std::optional<std::size_t> place;
    if (call.keys.empty() && !groups_.empty()) {
        place = 0;
    }
    for (std::size_t at = 0; at < call.keys.size(); ++at) {
        const Value asked = outer.value(call.keys[at].asked, call.keys[at].kind, in_block);
        if (!sound_ || asked.is_fault()) {
            return one_by_one_.at(outer, in_block, faults);
        }
        const auto number = asked.plain() ? keys_[at].known(key_of(asked.slot(), call.keys[at].kind)) : std::nullopt;
        if (at == 0) {
            place = number;
        } else {
            place = place && number ? joins_[at].known(*place, *number) : std::nullopt;
        }
    }
    Group& group = place ? groups_[*place] : none_;
    const auto result =
        call.limits.empty() ? of_group(group, outer, in_block, faults) : within_limits(group, outer, in_block, faults);
    return sound_ && result ? *result : one_by_one_.at(outer, in_block, faults);
}

/// The measure of a whole group; none where it is an error, since that names the row that asks.
std::optional<Value> GroupedMeasure::of_group(Group& group, const Runner& outer, std::size_t in_block,
                                              const Faults& faults) {
    if (group.result) {
        return group.result;
    }
    const MeasureCall& call = *call_.grouped;
    std::vector<Value> plain;
    for (std::size_t at = 0; at < call.plain.size(); ++at) {
        plain.push_back(outer.value(call.plain[at], call.plain_kinds[at], in_block));
        if (!plain.back().plain()) {
            return std::nullopt;
        }
    }
    const std::unique_ptr<Accumulator> accumulator = call.make(plain);
    std::array<Lane, 4> lanes;
    for (std::size_t at = 0; at < group.values.size(); ++at) {
        lanes[at] = same_.empty() ? Lane{group.values[at].data(), nullptr, false} : Lane{&same_[at], nullptr, true};
    }
    accumulator->add({lanes.data(), group.values.size()}, nullptr, group.rows);
    const double none = 0;
    const State missing = State::missing;
    lanes.fill({&none, &missing, true});
    accumulator->add({lanes.data(), group.values.size()}, nullptr, group.missing);
    const Value result = accumulator->result(faults);
    if (!result.is_fault()) {
        group.result = Value::of(result.slot(), call_.kind, result.state());
    }
    return group.result;
}

} // namespace ledgefall
