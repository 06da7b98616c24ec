#include "core/engine/running/accumulated_measure.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace ledgefall {
namespace {

constexpr double most_steps = 1e9; // of a bound number

// What one definition may take: rows, or the steps of a bound number, each of which costs as much as some rows.
constexpr double most_rows = 4e10;
constexpr double rows_of_step = 100;
thread_local double allowance = most_rows;

} // namespace

void start_allowance() {
    allowance = most_rows;
}

bool spend_allowance(double rows) {
    allowance -= rows;
    return allowance >= 0;
}

AccumulatedMeasure::AccumulatedMeasure(const MeasureCall& call, const Environment& environment)
    : call_(call)
    , environment_(environment)
    , inner_(call.inner, environment) {
    for (const Kind kind : call.inner.output_kinds) {
        remembered_.emplace_back(kind);
    }
}

Value AccumulatedMeasure::of_kind(const Value& value) const {
    return value.is_fault() ? value : Value::of(value.slot(), call_.kind, value.state());
}

std::optional<Value> AccumulatedMeasure::prepare(const Runner& outer, std::size_t in_block) {
    std::vector<Value> plain;
    for (std::size_t at = 0; at < call_.plain.size(); ++at) {
        plain.push_back(outer.value(call_.plain[at], call_.plain_kinds[at], in_block));
        if (!plain.back().plain()) {
            return plain.back().is_fault() ? plain.back() : Value::missing(call_.kind);
        }
    }
    if (!accumulator_ || plain != plain_) {
        plain_ = std::move(plain);
        if (!accumulator_ || !accumulator_->set_plain(plain_)) {
            accumulator_ = call_.make(plain_);
            last_ = {};
            taken_ = false;
        }
        rest_.clear();
    }
    return std::nullopt;
}

Value AccumulatedMeasure::at(const Runner& outer, std::size_t in_block, const Faults& faults) {
    if (const auto instead = prepare(outer, in_block)) {
        return *instead;
    }
    if (call_.over == MeasureTerm::Over::values) {
        return across(outer, in_block, faults);
    }
    const Range range = range_at(outer, in_block, faults);
    if (range.instead) {
        return *range.instead;
    }
    const bool moves =
        call_.over == MeasureTerm::Over::table && call_.parameters.empty() && (call_.from || call_.to || call_.window);
    return of_kind(moves ? growing(range, faults) : whole(outer, in_block, range, faults));
}

AccumulatedMeasure::Range AccumulatedMeasure::range_at(const Runner& outer, std::size_t in_block,
                                                       const Faults& faults) const {
    Range range;
    const auto end = [&](const std::optional<Operand>& operand, double otherwise) {
        const Value value = operand ? outer.value(*operand, Kind::number, in_block) : Value::number(otherwise);
        if (!value.plain() && !range.instead) {
            range.instead = value.is_fault() ? value : Value::missing(call_.kind);
        } else if (value.plain() && value.number() != std::floor(value.number()) && !range.instead) {
            range.instead = faults.arguments_out_of_domain();
        }
        return value.plain() ? value.number() : otherwise;
    };
    if (call_.over == MeasureTerm::Over::bound) {
        const double from = end(call_.from, 0);
        const double to = end(call_.to, 0);
        if (to - from >= most_steps) {
            range.instead = faults.too_many_steps();
        }
        range.to = range.instead || to < from ? 0 : static_cast<std::size_t>(to - from + 1);
        return range;
    }
    const auto rows = static_cast<double>(environment_.rows(call_.table));
    const auto here = static_cast<double>(outer.row_number(in_block));
    const auto& window = call_.window;
    const double first = !window ? end(call_.from, 1) : window->from ? here + static_cast<double>(*window->from) : 1;
    const double last = window ? here + static_cast<double>(window->to) : end(call_.to, rows);
    const double from = std::clamp(first, 1.0, rows + 1);
    const double to = std::clamp(last, 0.0, rows);
    range.from = static_cast<std::size_t>(from) - 1;
    range.to = std::max(range.from, static_cast<std::size_t>(to));
    return range;
}

Value AccumulatedMeasure::across(const Runner& outer, std::size_t in_block, const Faults& faults) {
    accumulator_->clear();
    for (std::size_t at = 0; at < call_.values.size(); ++at) {
        const Value value = outer.value(call_.values[at], call_.value_kinds[at], in_block);
        const double slot = value.slot();
        const State state = value.state();
        accumulator_->add({&slot, &state, true}, nullptr, 1);
    }
    return of_kind(accumulator_->result(faults));
}

/// Gives the accumulator what the inner program's last run brought.
void AccumulatedMeasure::take(std::size_t first, std::size_t rows) {
    std::array<Lane, 4> lanes;
    for (const MeasureCall::Taken& taken : call_.samples) {
        for (std::size_t at = 0; at < taken.values.size(); ++at) {
            lanes[at] = inner_.output(taken.values[at]);
        }
        const Lane condition = taken.condition ? inner_.output(*taken.condition) : Lane();
        accumulator_->begin_at(first);
        accumulator_->add({lanes.data(), taken.values.size()}, taken.condition ? &condition : nullptr, rows);
    }
}

Value AccumulatedMeasure::whole(const Runner& outer, std::size_t in_block, const Range& range, const Faults& faults) {
    const bool same_always = call_.over == MeasureTerm::Over::table && call_.parameters.empty();
    if (same_always && taken_) {
        return accumulator_->result(faults);
    }
    taken_ = same_always;
    std::vector<Value> parameters;
    for (const Operand operand : call_.parameters) {
        parameters.push_back(outer.value(operand, Kind::number, in_block));
    }
    const bool bound = call_.over == MeasureTerm::Over::bound;
    if (!spend_allowance(static_cast<double>(range.to - range.from) * (bound ? rows_of_step : 1))) {
        return faults.too_many_steps();
    }
    inner_.start(parameters);
    accumulator_->clear();
    accumulator_->expect(range.to - range.from);
    for_blocks(range.from, range.to, [this](std::size_t first, std::size_t count) {
        inner_.run(first, count);
        take(first, count);
        return !environment_.stopped();
    });
    return accumulator_->result(faults);
}

void AccumulatedMeasure::remember(std::size_t to) {
    if (!started_) {
        inner_.start();
        started_ = true;
    }
    const std::size_t from = remembered_.front().size();
    for_blocks(from, to, [this](std::size_t first, std::size_t count) {
        inner_.run(first, count);
        for (std::size_t output = 0; output < remembered_.size(); ++output) {
            const Lane lane = inner_.output(output);
            if (!lane.single) {
                remembered_[output].append(lane.slots, lane.states, count);
                continue;
            }
            for (std::size_t row = 0; row < count; ++row) {
                remembered_[output].append(inner_.output_value(output, row));
            }
        }
        return !environment_.stopped();
    });
}

Value AccumulatedMeasure::growing(const Range& range, const Faults& faults) {
    if (range.to > remembered_.front().size()) {
        remember(range.to);
    }
    const bool grows = range.from == last_.from && range.to >= last_.to;
    constexpr std::size_t many = 64;
    if (!grows && range.to == last_.to && range.from > last_.from && range.to - range.from > many &&
        !accumulator_->gathers() &&
        (call_.samples.size() == 1 ||
         !accumulator_->order_matters())) { // it loses rows at its beginning: added to from its end, it grows
        return of_rest(range, faults);
    }
    if (!grows) {
        accumulator_->clear();
        last_ = {range.from, range.from, {}};
    }
    const std::size_t ready = std::min(range.to, remembered_.front().size());
    add_rows(*accumulator_, last_.to, ready);
    last_ = {range.from, std::max(ready, range.from), {}};
    return accumulator_->result(faults);
}

void AccumulatedMeasure::add_rows(Accumulator& accumulator, std::size_t from, std::size_t to) {
    for (const MeasureCall::Taken& taken : call_.samples) {
        for_blocks(from, to, [&](std::size_t first, std::size_t count) {
            const auto lane = [first](const Column& column) {
                const Column::Chunk& chunk = column.chunk(first / Column::chunk_rows);
                const std::size_t in = first % Column::chunk_rows;
                return Lane{chunk.slots.data() + in, chunk.states.empty() ? nullptr : chunk.states.data() + in, false};
            };
            std::array<Lane, 4> lanes;
            for (std::size_t at = 0; at < taken.values.size(); ++at) {
                lanes[at] = lane(cells_of(taken.values[at]));
            }
            const Lane condition = taken.condition ? lane(cells_of(*taken.condition)) : Lane();
            accumulator.begin_at(first);
            accumulator.add({lanes.data(), taken.values.size()}, taken.condition ? &condition : nullptr, count);
            return true;
        });
    }
}

Value AccumulatedMeasure::of_rest(const Range& range, const Faults& faults) {
    if (rest_.empty() || rest_to_ != range.to || range.from < rest_from_) {
        rest_.assign(range.to - range.from, Value::missing());
        rest_from_ = range.from;
        rest_to_ = range.to;
        accumulator_->clear();
        accumulator_->take_from_end();
        for (std::size_t row = range.to; row > range.from && !environment_.stopped(); --row) {
            add_rows(*accumulator_, row - 1, row);
            rest_[row - 1 - range.from] = accumulator_->result(faults);
        }
    }
    const Value& result = rest_[range.from - rest_from_];
    if (!result.is_fault()) {
        return result;
    }
    accumulator_->clear(); // a fault tells the row that asks
    add_rows(*accumulator_, range.from, range.to);
    return accumulator_->result(faults);
}

} // namespace ledgefall
