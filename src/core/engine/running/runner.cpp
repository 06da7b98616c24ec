#include "core/engine/running/runner.h"

#include "core/engine/running/measure_state.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <cstring>
#include <map>

namespace ledgefall {
namespace {

/// Whether no value is infinite or not a number. An exponent of all ones carries into the sign when one is added to it,
/// so a block is judged by a single `or` over it, which the compiler vectorises.
bool all_finite(const double* values, std::size_t count) {
    std::uint64_t seen = 0;
    for (std::size_t at = 0; at < count; ++at) {
        seen |= (std::bit_cast<std::uint64_t>(values[at]) & 0x7FF0000000000000U) + 0x0010000000000000U;
    }
    return (seen >> 63U) == 0;
}

/// Copies plain cells out of neighbouring chunks; false where some are not plain.
bool copied(const Column& cells, std::size_t from, std::size_t count, double* slots) {
    while (count > 0) {
        const Column::Chunk& chunk = cells.chunk(from / Column::chunk_rows);
        const std::size_t in = from % Column::chunk_rows;
        const std::size_t here = std::min(count, Column::chunk_rows - in);
        if (!chunk.states.empty()) {
            return false;
        }
        slots = std::copy_n(chunk.slots.data() + in, here, slots);
        from += here;
        count -= here;
    }
    return true;
}

} // namespace

Runner::Runner(const Program& program, const Environment& environment)
    : program_(program)
    , environment_(environment)
    , scalar_slots_(program.scalars.size())
    , scalar_states_(program.scalars.size(), State::missing)
    , registers_(program.registers) {
    for (const Id column : program.columns) {
        columns_.push_back(environment.column(column));
    }
}

Runner::~Runner() = default;

void Runner::set_scalar(std::uint32_t at, const Value& value) {
    scalar_slots_[at] = value.slot();
    scalar_states_[at] = value.state();
}

void Runner::start(const std::vector<Value>& parameters) {
    std::size_t parameter = 0;
    for (std::uint32_t at = 0; at < program_.scalars.size(); ++at) {
        const Scalar& scalar = program_.scalars[at];
        switch (scalar.from) {
        case Scalar::From::constant:
            set_scalar(at, scalar.value);
            break;
        case Scalar::From::held:
            set_scalar(at, environment_.single(scalar.id));
            break;
        case Scalar::From::row_count:
            if (const auto fault = environment_.fault_of_rows(scalar.id.object)) {
                set_scalar(at, Value::fault(*fault));
            } else {
                set_scalar(at, Value::number(static_cast<double>(environment_.rows(scalar.id.object))));
            }
            break;
        case Scalar::From::parameter:
            set_scalar(at, parameters[parameter++]);
            break;
        case Scalar::From::prelude:
            break;
        }
    }
    in_prelude_ = true;
    first_ = 0;
    count_ = 1;
    for (const Instruction& step : program_.prelude) {
        set_scalar(step.to, one(step, 0));
    }
    in_prelude_ = false;
}

void Runner::run(std::size_t first, std::size_t count) {
    first_ = first;
    count_ = count;
    checked_mode_ = !program_.some_unchecked;
    if (!run_body()) {
        checked_mode_ = true;
        run_body();
    }
    target_ = nullptr;
}

bool Runner::run_body() {
    for (const Instruction& step : program_.body) {
        if (const auto* operation = step.as<OperateStep>()) {
            if (!operate(step, *operation)) {
                return false;
            }
        } else if (const auto* cells = step.as<LoadStep>()) {
            load(step, *cells);
        } else {
            each_row(step);
        }
    }
    return true;
}

Lane Runner::lane(Operand operand) const {
    if (!operand.scalar) {
        return registers_[operand.at].lane;
    }
    const bool plain = scalar_states_[operand.at] == State::plain;
    return {&scalar_slots_[operand.at], plain ? nullptr : &scalar_states_[operand.at], true};
}

Value Runner::value(Operand operand, Kind kind, std::size_t in_block) const {
    const Lane from = lane(operand);
    return Value::of(from.slot(in_block), kind, from.state(in_block));
}

Value Runner::output_value(std::size_t number, std::size_t in_block) const {
    return value(program_.outputs[number], program_.output_kinds[number], in_block);
}

double* Runner::own_slots(Register& to) {
    const Operand output = program_.outputs.front();
    if (target_ != nullptr && !output.scalar && &registers_[output.at] == &to) {
        to.lane = {target_, nullptr, false};
        return target_;
    }
    if (!to.slots) {
        to.slots = std::make_unique<double[]>(block_rows);
    }
    to.lane = {to.slots.get(), nullptr, false};
    return to.slots.get();
}

State* Runner::own_states(Register& to) {
    if (!to.states) {
        to.states = std::make_unique<State[]>(block_rows);
    }
    to.lane.states = to.states.get();
    return to.states.get();
}

bool Runner::operate(const Instruction& step, const OperateStep& taken) {
    Register& to = registers_[step.to];
    std::array<Lane, Arguments::most> lanes;
    bool plain = taken.operation.block != nullptr;
    for (std::size_t at = 0; at < taken.arguments.count; ++at) {
        lanes[at] = lane(taken.arguments.at[at]);
        plain = plain && lanes[at].states == nullptr;
    }
    if (plain && taken.operation.fills_gaps && !lanes[0].single) { // there are none: it is read where it stands
        to.lane = lanes[0];
        if (step.kind != Kind::number || (!checked_mode_ && !step.checked) || all_finite(to.lane.slots, count_)) {
            return true;
        }
    } else if (plain) {
        double* out = own_slots(to);
        taken.operation.block(lanes.data(), out, count_);
        const bool numeric = step.kind == Kind::number || step.kind == Kind::date;
        if (!numeric || (!checked_mode_ && !step.checked) || all_finite(out, count_)) {
            return true;
        }
    }
    if (!checked_mode_) { // what is not finite may have come from a step before, which is to name it
        return false;
    }
    operate_one_by_one(taken, to);
    return true;
}

void Runner::operate_one_by_one(const OperateStep& step, Register& to) {
    double* slots = own_slots(to);
    State* states = own_states(to);
    bool all_plain = true;
    std::array<Value, Arguments::most> arguments;
    std::array<Lane, Arguments::most> lanes;
    const std::size_t count = step.arguments.count;
    for (std::size_t at = 0; at < count; ++at) {
        lanes[at] = lane(step.arguments.at[at]);
    }
    Faults faults = step.faults;
    for (std::size_t row = 0; row < count_; ++row) {
        for (std::size_t at = 0; at < count; ++at) {
            arguments[at] = Value::of(lanes[at].slot(row), step.arguments.kinds[at], lanes[at].state(row));
        }
        faults.row = static_cast<std::uint32_t>(first_ + row + 1);
        const Value result = step.operation.apply(arguments.data(), count, faults);
        slots[row] = result.slot();
        states[row] = result.state();
        all_plain = all_plain && result.plain();
    }
    if (all_plain) {
        to.lane.states = nullptr;
    }
}

void Runner::load_axis(Register& to, const LoadStep& step) {
    const Column& values = *columns_[step.column].cells;
    const std::size_t columns = std::max<std::size_t>(environment_.rows(step.across), 1);
    double* slots = own_slots(to);
    State* states = own_states(to);
    bool all_plain = true;
    std::size_t row = 0;
    while (row < count_) { // a line of the grid, or what the block has of it, at a time
        const std::size_t line = (first_ + row) / columns;
        const std::size_t column = (first_ + row) % columns;
        const std::size_t here = std::min(count_ - row, columns - column);
        if (step.part == GridPart::column && column + here <= values.size() &&
            copied(values, column, here, slots + row)) {
            std::fill_n(states + row, here, State::plain);
            row += here;
            continue;
        }
        for (std::size_t at = 0; at < here; ++at) {
            const Value value = values.at(step.part == GridPart::row ? line : column + at);
            all_plain = all_plain && value.plain();
            if (step.part == GridPart::row) {
                std::fill_n(slots + row, here, value.slot());
                std::fill_n(states + row, here, value.state());
                break;
            }
            slots[row + at] = value.slot();
            states[row + at] = value.state();
        }
        row += here;
    }
    if (all_plain) {
        to.lane.states = nullptr;
    }
}

/// How many columns a two-way table has, by its axis across; looked for once while the program runs.
std::int64_t Runner::columns_of_grid(const Id& across) {
    if (!(across_ == across)) {
        across_ = across;
        columns_of_grid_ = static_cast<std::int64_t>(std::max<std::size_t>(environment_.rows(across), 1));
    }
    return columns_of_grid_;
}

void Runner::load(const Instruction& instruction, const LoadStep& step) {
    Register& to = registers_[instruction.to];
    if (step.part != GridPart::cell) {
        return load_axis(to, step);
    }
    const Column& cells = *columns_[step.column].cells;
    const std::int64_t columns = step.across.empty() ? 1 : columns_of_grid(step.across);
    const std::int64_t from = static_cast<std::int64_t>(first_) + step.line_shift * columns + step.shift;
    const std::int64_t end = from + static_cast<std::int64_t>(count_);
    const auto size = static_cast<std::int64_t>(cells.size());
    const auto chunk_rows = static_cast<std::int64_t>(Column::chunk_rows);
    const std::int64_t first_column = static_cast<std::int64_t>(first_) % columns;
    const std::int64_t end_column = first_column + static_cast<std::int64_t>(count_);
    const bool past_edges =
        !step.across.empty() && step.shift != 0 &&
        (first_column + step.shift < 0 || end_column + std::max<std::int64_t>(step.shift, 0) > columns);
    const bool one_chunk = !past_edges && from >= 0 && end <= size && from / chunk_rows == (end - 1) / chunk_rows;
    if (one_chunk) {
        const Column::Chunk& chunk = cells.chunk(static_cast<std::size_t>(from / chunk_rows));
        if (chunk.states.empty()) { // read where it stands
            to.lane = {chunk.slots.data() + from % chunk_rows, nullptr, false};
            return;
        }
    }
    double* slots = own_slots(to);
    if (!past_edges && from >= 0 && end <= size && copied(cells, static_cast<std::size_t>(from), count_, slots)) {
        return;
    }
    if (step.otherwise && first_column + static_cast<std::int64_t>(count_) <= columns && from - step.shift >= 0) {
        // A part of one line: what lies past its ends has the number, and the rest is copied.
        const auto before = static_cast<std::size_t>(
            std::clamp<std::int64_t>(-step.shift - first_column, 0, static_cast<std::int64_t>(count_)));
        const auto after = static_cast<std::size_t>(
            std::clamp<std::int64_t>(end_column + step.shift - columns, 0, static_cast<std::int64_t>(count_)));
        const std::size_t inner = before + after < count_ ? count_ - before - after : 0;
        const std::int64_t first = from + static_cast<std::int64_t>(before);
        if (inner > 0 && first >= 0 && first + static_cast<std::int64_t>(inner) <= size &&
            copied(cells, static_cast<std::size_t>(first), inner, slots + before)) {
            std::fill_n(slots, before, *step.otherwise);
            std::fill_n(slots + before + inner, after, *step.otherwise);
            return;
        }
    }
    State* states = own_states(to);
    bool all_plain = true;
    for (std::size_t row = 0; row < count_; ++row) {
        const std::int64_t at = from + static_cast<std::int64_t>(row);
        const std::int64_t column = past_edges ? (at - step.shift) % columns + step.shift : 0;
        const bool outside = at < 0 || (past_edges && (at - step.shift < 0 || column < 0 || column >= columns));
        Value cell = outside ? Value::missing(instruction.kind) : cells.at(static_cast<std::size_t>(at));
        if (cell.state() == State::unparsed) {
            cell = Value::fault({program_.not_a_number[step.column], static_cast<std::uint32_t>(at + 1)});
        }
        cell = cell.is_missing() && step.otherwise ? Value::number(*step.otherwise) : cell;
        slots[row] = cell.slot();
        states[row] = cell.state();
        all_plain = all_plain && cell.plain();
    }
    if (all_plain) {
        to.lane.states = nullptr;
    }
}

void Runner::each_row(const Instruction& step) {
    Register& to = registers_[step.to];
    double* slots = own_slots(to);
    const auto* number = step.as<RowNumberStep>();
    if (number != nullptr && number->part != GridPart::cell) {
        const std::size_t columns = std::max<std::size_t>(environment_.rows(number->across), 1);
        std::size_t line = first_ / columns;
        std::size_t column = first_ % columns;
        for (std::size_t row = 0; row < count_; ++row) {
            slots[row] = static_cast<double>((number->part == GridPart::row ? line : column) + 1);
            column = column + 1 == columns ? 0 : column + 1;
            line += column == 0 ? 1 : 0;
        }
        return;
    }
    if (number != nullptr) {
        for (std::size_t row = 0; row < count_; ++row) {
            slots[row] = static_cast<double>(first_ + row + 1);
        }
        return;
    }
    State* states = own_states(to);
    bool all_plain = true;
    const auto* measure = step.as<MeasureStep>();
    if (measure != nullptr && state_of(*measure).fill(*this, first_, count_, slots, states, all_plain)) {
        to.lane.states = all_plain ? nullptr : states;
        return;
    }
    all_plain = true;
    if (const auto* what_if = step.as<WhatIfStep>()) {
        ask(*what_if, slots, states, all_plain);
        to.lane.states = all_plain ? nullptr : states;
        return;
    }
    for (std::size_t row = 0; row < count_; ++row) {
        const Value result = one(step, row);
        slots[row] = result.slot();
        states[row] = result.state();
        all_plain = all_plain && result.plain();
    }
    if (all_plain) {
        to.lane.states = nullptr;
    }
}

Value Runner::one(const Instruction& step, std::size_t in_block) {
    if (const auto* gather = step.as<GatherStep>()) {
        return gathered(*gather, step.kind, in_block);
    }
    if (step.as<RowNumberStep>() != nullptr) {
        return Value::number(static_cast<double>(first_ + in_block + 1));
    }
    if (const auto* counter = step.as<CounterStep>()) {
        return Value::number(value(counter->start, Kind::number, in_block).number() +
                             static_cast<double>(first_ + in_block));
    }
    if (const auto* measure = step.as<MeasureStep>()) {
        Faults faults = measure->faults;
        faults.row = in_prelude_ ? 0 : static_cast<std::uint32_t>(first_ + in_block + 1);
        const Value result = state_of(*measure).at(*this, in_block, faults);
        return result.is_fault() ? fault_of_measure(*measure->call, result.fault(), faults) : result;
    }
    if (const auto* what_if = step.as<WhatIfStep>()) {
        return environment_.answers(*what_if->call, {trial(*what_if, in_block)}).front();
    }
    if (const auto* operation = step.as<OperateStep>()) {
        const Arguments& from = operation->arguments;
        std::array<Value, Arguments::most> arguments;
        for (std::size_t at = 0; at < from.count; ++at) {
            arguments[at] = value(from.at[at], from.kinds[at], in_block);
        }
        return operation->operation.apply(arguments.data(), from.count, operation->faults);
    }
    return Value::missing(step.kind); // a column never stands in a prelude
}

/// An error that begins within a measure is one of the formula's row, and says in which of the measure's rows it began.
Value Runner::fault_of_measure(const MeasureCall& call, Fault fault, const Faults& faults) {
    const bool reads_itself =
        std::find(call.inner.columns.begin(), call.inner.columns.end(), call.itself.object) != call.inner.columns.end();
    const bool of_measure = fault.row == faults.row && (fault.site == faults.domain || fault.site == faults.division ||
                                                        fault.site == faults.large || fault.site == faults.steps ||
                                                        fault.site == faults.arguments);
    if (reads_itself || of_measure || call.over == MeasureTerm::Over::values ||
        !(fault.at().definition == call.itself)) {
        return Value::fault(fault);
    }
    constexpr std::size_t most_told = 64; // different ones each cost as much as a sentence
    if (call.over == MeasureTerm::Over::table && !call.grid && fault.row > 0 && measure_rows_told_ < most_told) {
        ++measure_rows_told_;
        FaultSite site = fault.at();
        site.what = {N_("in row %1 of those that the measure runs over, %2"),
                     {std::to_string(fault.row), site.what.text()}};
        return Value::fault({fault_site(site), faults.row});
    }
    return Value::fault({fault.site, faults.row});
}

Trial Runner::trial(const WhatIfStep& step, std::size_t in_block) const {
    Trial out;
    const std::size_t values = step.call->meant->replaced.size();
    for (std::size_t at = 0; at < values; ++at) {
        out.values.push_back(value(step.arguments.at[at], step.arguments.kinds[at], in_block));
    }
    if (step.call->at_row) {
        out.row = static_cast<std::size_t>(value(step.arguments.at[values], Kind::number, in_block).number());
    }
    return out;
}

/// The what-if of all rows of the block; trials that are the same are made once.
void Runner::ask(const WhatIfStep& step, double* slots, State* states, bool& plain) {
    std::vector<Trial> trials;
    std::vector<std::size_t> trial_of(count_);
    std::map<std::vector<double>, std::size_t> known; // by the slots of its values, its row and its states
    for (std::size_t row = 0; row < count_; ++row) {
        Trial one = trial(step, row);
        std::vector<double> key{static_cast<double>(one.row)};
        for (const Value& value : one.values) {
            key.push_back(value.slot() == 0 ? 0 : value.slot());
            key.push_back(static_cast<double>(value.state()));
        }
        const bool comparable = std::none_of(key.begin(), key.end(), [](double number) { return std::isnan(number); });
        const auto [place, is_new] =
            comparable ? known.try_emplace(std::move(key), trials.size()) : std::pair(known.end(), true);
        trial_of[row] = is_new ? trials.size() : place->second;
        if (is_new) {
            trials.push_back(std::move(one));
        }
    }
    const std::vector<Value> answers = environment_.answers(*step.call, trials);
    for (std::size_t row = 0; row < count_; ++row) {
        const Value& answer = answers[trial_of[row]];
        slots[row] = answer.slot();
        states[row] = answer.state();
        plain = plain && answer.plain();
    }
}

Value Runner::gathered(const GatherStep& step, Kind kind, std::size_t in_block) const {
    const Value place = value(step.row, Kind::number, in_block);
    if (!place.plain()) {
        return place.is_fault() ? place : Value::missing(kind);
    }
    const auto here = in_prelude_ ? 0 : static_cast<std::uint32_t>(first_ + in_block + 1);
    if (place.number() != std::floor(place.number())) {
        return Value::fault({step.no_such_row, here});
    }
    const Environment::View& view = columns_[step.column];
    const std::size_t rows = view.computed != nullptr ? view.rows : view.cells->size();
    if (place.number() < 1 || place.number() > static_cast<double>(rows)) {
        const auto no_rows = rows == 0 ? environment_.fault_of_rows(program_.tables[step.column]) : std::nullopt;
        return no_rows ? Value::fault(*no_rows) : Value::missing(kind);
    }
    const auto row = static_cast<std::size_t>(place.number()) - 1;
    if (view.computed != nullptr && row >= *view.computed) {
        return Value::fault({step.not_computed_yet, here});
    }
    const Value cell = view.cells->at(row);
    return cell.state() == State::unparsed
               ? Value::fault({program_.not_a_number[step.column], static_cast<std::uint32_t>(row + 1)})
               : cell;
}

MeasureState& Runner::state_of(const MeasureStep& step) {
    for (auto& [entry, state] : states_) {
        if (entry == &step) {
            return *state;
        }
    }
    states_.emplace_back(&step, make_measure_state(*step.call, environment_));
    return *states_.back().second;
}

} // namespace ledgefall
