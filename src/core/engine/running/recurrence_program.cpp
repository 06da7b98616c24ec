#include "core/engine/running/recurrence_program.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <limits>

namespace ledgefall {
namespace {

/// Copies plain cells from `row` on; what is none, or beyond the end, is left as it is.
void copy_cells(const Column& from, std::size_t row, double* to, std::size_t count) {
    const std::size_t end = std::min(row + count, from.size());
    while (row < end) {
        const Column::Chunk& chunk = from.chunk(row / Column::chunk_rows);
        const std::size_t in = row % Column::chunk_rows;
        const std::size_t here = std::min(end - row, Column::chunk_rows - in);
        for (std::size_t at = 0; at < here; ++at) {
            const bool plain = chunk.states.empty() || chunk.states[in + at] == State::plain;
            to[at] = plain ? chunk.slots[in + at] : to[at];
        }
        row += here;
        to += here;
    }
}

} // namespace

RecurrenceProgram::RecurrenceProgram(RecurrenceCode code)
    : code_(std::move(code))
    , own_(code_.outputs.size())
    , others_(code_.others.size()) {}

void RecurrenceProgram::begin(std::size_t first, std::size_t count, const std::vector<double*>& cells_of) {
    const auto is_read = [this](std::size_t column) {
        return std::any_of(code_.loads.begin(), code_.loads.end(),
                           [column](const RecurrenceLoad& load) { return load.window == column; });
    };
    cells_ = cells_of;
    recent_.resize(own_.size() * rows_at_once);
    outputs_read_later_.clear();
    for (std::size_t column = 0; column < own_.size(); ++column) {
        if (!is_read(column)) {
            continue;
        }
        std::vector<double>& window = own_[column];
        std::vector<double> cells(code_.before + count, no_number);
        const std::size_t stored = std::min(code_.before, count_);
        if (stored > 0) { // the end of the chunk before
            std::copy_n(window.data() + code_.before + count_ - stored, stored, cells.data() + code_.before - stored);
        }
        window = std::move(cells);
        outputs_read_later_.push_back({code_.outputs[column], window.data() + code_.before});
    }
    for (std::size_t at = 0; at < others_.size(); ++at) {
        std::vector<double>& window = others_[at];
        window.assign(code_.before + count + code_.after, no_number);
        const std::size_t above = first < code_.before ? code_.before - first : 0; // rows before the first
        copy_cells(*code_.others[at], first + above - code_.before, window.data() + above, window.size() - above);
    }
    for (RecurrenceLoad& load : code_.loads) {
        const std::vector<double>& window =
            load.window < own_.size() ? own_[load.window] : others_[load.window - own_.size()];
        load.cells = window.data() + static_cast<std::ptrdiff_t>(code_.before) + load.shift;
    }
    first_ = first;
    count_ = count;
}

std::size_t RecurrenceProgram::run(std::size_t from, std::size_t to, std::optional<std::size_t> until) {
    std::size_t row = from;
    bool sound = true;
    bool stops = false;
    while (row < to && sound && !stops) { // a batch at a time, which stays in the first-level cache until it is copied
        const std::size_t begun = row;
        const std::size_t end = std::min(to, row + rows_at_once);
        while (row < end && sound && !stops) {
            sound = run_row(row, row - begun);
            stops = sound && until && code_.registers[code_.outputs[*until]] != 0;
            row += sound ? 1 : 0;
        }
        for (std::size_t column = 0; column < own_.size(); ++column) {
            std::copy_n(recent_.data() + column * rows_at_once, row - begun, cells_[column] + (begun - first_));
        }
    }
    return row;
}

/// Computes one row, the k-th of those done at once; false where it needs care.
inline bool RecurrenceProgram::run_row(std::size_t row, std::size_t k) {
    double* const registers = code_.registers.data();
    const std::size_t in_chunk = row - first_;
    for (const RecurrenceLoad& load : code_.loads) {
        registers[load.to] = load.cells[in_chunk];
    }
    for (const std::uint32_t at : code_.row_numbers) {
        registers[at] = static_cast<double>(row + 1);
    }
    run_steps(code_.steps.data(), registers);
    std::uint64_t seen = 0; // its sign bit is set once a value is not finite: adding one to an exponent of all ones
                            // carries into the sign
    for (const std::uint32_t at : code_.checked) {
        seen |= (std::bit_cast<std::uint64_t>(registers[at]) & 0x7FF0000000000000U) + 0x0010000000000000U;
    }
    if ((seen >> 63U) != 0) {
        return false;
    }
    double* to = recent_.data() + k;
    for (const std::uint32_t output : code_.outputs) {
        *to = registers[output];
        to += rows_at_once;
    }
    for (const Output& output : outputs_read_later_) {
        output.cells[in_chunk] = registers[output.from];
    }
    return true;
}

/// Threaded code: each step ends in an indirect jump of its own, which the branch predictor learns by itself; a loop
/// around a switch has a single indirect jump for all of them.
void RecurrenceProgram::run_steps(const RecurrenceStep* step, double* r) {
    static const void* const ways[] = {&&call,   &&add,  &&subtract, &&multiply,    &&divide, &&negate,
                                       &&square, &&cube, &&root,     &&add_product, &&end};
#define NEXT_STEP                                                                                                      \
    ++step;                                                                                                            \
    goto* ways[static_cast<std::size_t>(step->code)]
    goto* ways[static_cast<std::size_t>(step->code)];
call : {
    const double arguments[3] = {r[step->from[0]], r[step->from[1]], r[step->from[2]]};
    r[step->to] = step->call(arguments);
    NEXT_STEP;
}
add:
    r[step->to] = r[step->from[0]] + r[step->from[1]];
    NEXT_STEP;
subtract:
    r[step->to] = r[step->from[0]] - r[step->from[1]];
    NEXT_STEP;
multiply:
    r[step->to] = r[step->from[0]] * r[step->from[1]];
    NEXT_STEP;
divide:
    r[step->to] = r[step->from[0]] / r[step->from[1]];
    NEXT_STEP;
negate:
    r[step->to] = -r[step->from[0]];
    NEXT_STEP;
square:
    r[step->to] = r[step->from[0]] * r[step->from[0]];
    NEXT_STEP;
cube:
    r[step->to] = r[step->from[0]] * r[step->from[0]] * r[step->from[0]];
    NEXT_STEP;
root:
    r[step->to] = std::sqrt(r[step->from[0]]);
    NEXT_STEP;
add_product:
    r[step->to] = r[step->from[0]] + r[step->from[1]] * r[step->from[2]];
    NEXT_STEP;
end:
    return;
#undef NEXT_STEP
}

void RecurrenceProgram::put(std::size_t row, std::size_t column, const Value& value) {
    const double number = value.plain() ? value.slot() : no_number;
    if (!own_[column].empty()) {
        own_[column][code_.before + row - first_] = number;
    }
    code_.registers[code_.outputs[column]] = number;
}

} // namespace ledgefall
