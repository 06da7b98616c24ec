#include "core/engine/running/grid_measure.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace ledgefall {

GridMeasure::GridMeasure(const MeasureCall& call, const Environment& environment)
    : AccumulatedMeasure(call, environment)
    , grid_(*call.grid)
    , rows_(environment.rows(grid_.down))
    , columns_(environment.rows(grid_.across))
    , known_(columns_ + 1) {
    const Program& inner = call.inner;
    const auto* load = inner.body.size() == 1 ? inner.body.front().as<LoadStep>() : nullptr;
    const bool one_load = load != nullptr && !load->otherwise && load->across.empty() && load->shift == 0 &&
                          inner.outputs.size() == 1 && !inner.outputs.front().scalar;
    const Environment::View view = one_load ? environment.column(inner.columns.front()) : Environment::View();
    const bool whole = view.cells != nullptr && view.computed == nullptr && view.cells->size() >= rows_ * columns_;
    bool plain = whole;
    for (std::size_t chunk = 0; plain && chunk < view.cells->chunk_count(); ++chunk) {
        plain = view.cells->chunk(chunk).states.empty();
    }
    direct_ = plain ? view.cells : nullptr;
    turned_.resize(call.inner.outputs.size());
}

GridMeasure::Part GridMeasure::part_at(const Runner& outer, std::size_t in_block, const Faults& faults,
                                       std::optional<Value>& instead) const {
    const auto end = [&](const std::optional<Operand>& operand, double otherwise) {
        const Value value = operand ? outer.value(*operand, Kind::number, in_block) : Value::number(otherwise);
        if (!value.plain() && !instead) {
            instead = value.is_fault() ? value : Value::missing(call_.kind);
        } else if (value.plain() && value.number() != std::floor(value.number()) && !instead) {
            instead = faults.arguments_out_of_domain();
        }
        return value.plain() ? value.number() : otherwise;
    };
    const auto ends = [&](const std::optional<Operand>& from_end, const std::optional<Operand>& to_end,
                          std::size_t length, std::size_t& from, std::size_t& to) {
        const auto most = static_cast<double>(length);
        from = static_cast<std::size_t>(std::clamp(end(from_end, 1), 1.0, most + 1)) - 1;
        to = static_cast<std::size_t>(std::clamp(end(to_end, most), 0.0, most));
    };
    Part part;
    ends(grid_.from_row, grid_.to_row, rows_, part.from_row, part.to_row);
    ends(grid_.from_column, grid_.to_column, columns_, part.from_column, part.to_column);
    return part;
}

Value GridMeasure::at(const Runner& outer, std::size_t in_block, const Faults& faults) {
    const std::vector<Value> plain_before = plain_;
    if (const auto instead = prepare(outer, in_block)) {
        return *instead;
    }
    std::optional<Value> instead;
    const Part part = part_at(outer, in_block, faults, instead);
    if (instead) {
        return *instead;
    }
    if (!call_.parameters.empty()) {
        return with_parameters(outer, in_block, part, faults);
    }
    if (plain_ != plain_before) {
        known_.clear();
        known_.resize(columns_ + 1);
    }
    return of_kind(measured(known_[part.from_column], part, faults));
}

/// What is measured follows the asking cell, so that nothing can be kept for the next.
Value GridMeasure::with_parameters(const Runner& outer, std::size_t in_block, const Part& part, const Faults& faults) {
    std::vector<Value> parameters;
    for (const Operand operand : call_.parameters) {
        parameters.push_back(outer.value(operand, Kind::number, in_block));
    }
    if (!part.empty() && !spend_allowance(static_cast<double>(part.to_row - part.from_row) *
                                          static_cast<double>(part.to_column - part.from_column))) {
        return faults.too_many_steps();
    }
    inner_.start(parameters);
    accumulator_->clear();
    for (std::size_t row = part.from_row; row < part.to_row && !part.empty(); ++row) {
        for_blocks(row * columns_ + part.from_column, row * columns_ + part.to_column,
                   [this](std::size_t first, std::size_t count) {
                       inner_.run(first, count);
                       take(first, count);
                       return !environment_.stopped();
                   });
    }
    return of_kind(accumulator_->result(faults));
}

Value GridMeasure::measured(Measured& known, const Part& part, const Faults& faults) {
    if (known.result && known.part == part && !known.result->is_fault()) { // a fault tells the cell that asks
        return *known.result;
    }
    const Part& old = known.part;
    const bool same_columns = part.from_column == old.from_column && part.to_column == old.to_column;
    const bool grows_down = same_columns && part.from_row == old.from_row && part.to_row >= old.to_row;
    const bool grows_right = part.from_row == old.from_row && part.to_row == old.to_row &&
                             part.from_column == old.from_column && part.to_column >= old.to_column &&
                             part.to_row == part.from_row + 1;
    if (!known.accumulator || part.empty() || !known.result || !(grows_down || grows_right)) {
        known.accumulator = call_.make(plain_);
        add_part(*known.accumulator, part);
    } else if (grows_down) {
        add_part(*known.accumulator, {old.to_row, part.to_row, part.from_column, part.to_column});
    } else {
        add_part(*known.accumulator, {part.from_row, part.to_row, old.to_column, part.to_column});
    }
    known.part = part;
    known.result = known.accumulator->result(faults);
    if (known.result->is_fault() && !one_by_one_) {
        one_by_one_ = true;
        known.accumulator = call_.make(plain_);
        add_part(*known.accumulator, part);
        known.result = known.accumulator->result(faults);
        one_by_one_ = false;
    }
    return *known.result;
}

void GridMeasure::add_part(Accumulator& accumulator, const Part& part) {
    if (part.empty()) {
        return;
    }
    const std::size_t end = (part.to_row - 1) * columns_ + part.to_column;
    if (end > ready()) {
        remember(end);
    }
    if (part.from_column == 0 && part.to_column == columns_) {
        return add_cells(accumulator, part.from_row * columns_, part.to_row * columns_);
    }
    if (part.to_column == part.from_column + 1) {
        return add_column(accumulator, part.from_column, part.from_row, part.to_row);
    }
    for (std::size_t row = part.from_row; row < part.to_row; ++row) {
        add_cells(accumulator, row * columns_ + part.from_column, row * columns_ + part.to_column);
    }
}

void GridMeasure::add_cells(Accumulator& accumulator, std::size_t from, std::size_t to) {
    add_rows(accumulator, from, std::min(to, ready()));
}

/// A few rows at once, where all of them are plain: their cells lie far apart and come into the cache together, and
/// what is written of a column fills a line of it. False where a chunk ends within, or has states.
bool GridMeasure::turn_together(const Column& cells, std::size_t row, Turned& block) const {
    std::array<const double*, rows_together> from;
    for (std::size_t step = 0; step < rows_together; ++step) {
        const std::size_t cell = (row + step) * columns_ + block.first;
        const Column::Chunk& chunk = cells.chunk(cell / Column::chunk_rows);
        const std::size_t in = cell % Column::chunk_rows;
        if (!chunk.states.empty() || in + block.count > Column::chunk_rows) {
            return false;
        }
        from[step] = chunk.slots.data() + in;
    }
    double* to = block.slots.data() + row;
    for (std::size_t at = 0; at < block.count; ++at) {
        for (std::size_t step = 0; step < rows_together; ++step) {
            to[step] = from[step][at];
        }
        to += rows_;
    }
    return true;
}

const GridMeasure::Turned& GridMeasure::turned(std::uint32_t output, std::size_t column) {
    constexpr std::size_t at_once = 32;
    Turned& block = turned_[output];
    if (column >= block.first && column < block.first + block.count) {
        return block;
    }
    block.first = column / at_once * at_once;
    block.count = std::min(at_once, columns_ - block.first);
    block.slots.resize(block.count * rows_);
    block.states.clear();
    const Column& cells = cells_of(output);
    const auto set_state = [&](std::size_t at, std::size_t row, State state) {
        block.states.resize(block.count * rows_, State::plain);
        block.states[at * rows_ + row] = state;
    };
    for (std::size_t row = 0; row < rows_; ++row) {
        if (row + rows_together <= rows_ && turn_together(cells, row, block)) {
            row += rows_together - 1;
            continue;
        }
        std::size_t at = 0;
        while (at < block.count) { // once, but where a chunk ends within
            const std::size_t cell = row * columns_ + block.first + at;
            const Column::Chunk& chunk = cells.chunk(cell / Column::chunk_rows);
            const std::size_t in = cell % Column::chunk_rows;
            const std::size_t run = std::min(block.count - at, Column::chunk_rows - in);
            const double* from = chunk.slots.data() + in;
            double* to = block.slots.data() + at * rows_ + row;
            for (std::size_t step = 0; step < run; ++step) {
                to[step * rows_] = from[step];
            }
            for (std::size_t step = 0; step < run && !chunk.states.empty(); ++step) {
                if (chunk.states[in + step] != State::plain) {
                    set_state(at + step, row, chunk.states[in + step]);
                }
            }
            at += run;
        }
    }
    return block;
}

/// A column's cells; where it has to tell the one that is in error, one at a time. While the layer is still being
/// computed, its cells are read where they stand.
void GridMeasure::add_column(Accumulator& accumulator, std::size_t column, std::size_t from_row, std::size_t to_row) {
    const bool whole = ready() >= rows_ * columns_ && from_row == 0 && to_row == rows_ && !one_by_one_;
    for (const MeasureCall::Taken& taken : call_.samples) {
        std::array<Lane, 4> lanes;
        const auto turned_lane = [&](std::uint32_t output) {
            const Turned& block = turned(output, column);
            const std::size_t from = (column - block.first) * rows_;
            return Lane{block.slots.data() + from, block.states.empty() ? nullptr : block.states.data() + from, false};
        };
        if (whole) {
            for (std::size_t at = 0; at < taken.values.size(); ++at) {
                lanes[at] = turned_lane(taken.values[at]);
            }
            const Lane condition = taken.condition ? turned_lane(*taken.condition) : Lane();
            accumulator.add({lanes.data(), taken.values.size()}, taken.condition ? &condition : nullptr, rows_);
            continue;
        }
        for (std::size_t row = from_row; row < to_row && !environment_.stopped(); ++row) {
            const std::size_t cell = row * columns_ + column;
            const auto lane = [&](std::uint32_t output) {
                const Column::Chunk& chunk = cells_of(output).chunk(cell / Column::chunk_rows);
                const std::size_t in = cell % Column::chunk_rows;
                return Lane{chunk.slots.data() + in, chunk.states.empty() ? nullptr : chunk.states.data() + in, false};
            };
            for (std::size_t at = 0; at < taken.values.size(); ++at) {
                lanes[at] = lane(taken.values[at]);
            }
            const Lane condition = taken.condition ? lane(*taken.condition) : Lane();
            accumulator.begin_at(cell);
            accumulator.add({lanes.data(), taken.values.size()}, taken.condition ? &condition : nullptr, 1);
        }
    }
}

bool GridMeasure::fill(const Runner& outer, std::size_t, std::size_t count, double* slots, State* states, bool& plain) {
    const bool lines = call_.parameters.empty() && call_.plain.empty() && columns_ > 0;
    const bool of_row = lines && !grid_.from_column && !grid_.to_column && grid_.from_row;
    const bool of_column = lines && !grid_.from_row && !grid_.to_row && grid_.from_column;
    if (!of_row && !of_column) {
        return false;
    }
    // Each line's value is asked for once a block, and repeated from then on while it is the same line's.
    Value last;
    std::array<double, 2> asked{-1, -1};
    for (std::size_t row = 0; row < count; ++row) {
        const auto& from = of_row ? grid_.from_row : grid_.from_column;
        const auto& to = of_row ? grid_.to_row : grid_.to_column;
        const Value from_value = outer.value(*from, Kind::number, row);
        const Value to_value = to ? outer.value(*to, Kind::number, row) : from_value;
        const bool same = row > 0 && from_value.plain() && to_value.plain() && from_value.number() == asked[0] &&
                          to_value.number() == asked[1];
        if (!same) {
            last = at(outer, row, Faults());
            if (last.is_fault()) { // which tells the cell that asks
                return false;
            }
            asked[0] = from_value.plain() ? from_value.number() : -1;
            asked[1] = to_value.plain() ? to_value.number() : -1;
        }
        slots[row] = last.slot();
        states[row] = last.state();
        plain = plain && last.plain();
    }
    return true;
}

} // namespace ledgefall
