#include "core/engine/running/recurrence_program.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <limits>

namespace ledgefall {
namespace {

constexpr double no_number = std::numeric_limits<double>::quiet_NaN();
constexpr std::int64_t furthest = 4096; ///< how far from its row a load may reach

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

std::optional<RecurrenceProgram> RecurrenceProgram::of(const std::vector<Source>& sources,
                                                       const Environment& environment) {
    RecurrenceProgram steps;
    steps.own_.resize(sources.size());
    for (const Source& source : sources) {
        if (!steps.add(source, sources, environment)) {
            return std::nullopt;
        }
    }
    steps.read_before_written();
    steps.leave_out_covered_checks();
    steps.steps_.push_back({Code::end, 0, {}, nullptr});
    std::sort(steps.checked_.begin(), steps.checked_.end());
    steps.checked_.erase(std::unique(steps.checked_.begin(), steps.checked_.end()), steps.checked_.end());
    steps.before_ = 1;
    for (const Load& load : steps.loads_) {
        steps.before_ = std::max(steps.before_, static_cast<std::size_t>(std::max<std::int64_t>(-load.shift, 0)));
        steps.after_ = std::max(steps.after_, static_cast<std::size_t>(std::max<std::int64_t>(load.shift, 0)));
    }
    return steps;
}

std::size_t RecurrenceProgram::window_of(Id column, const std::vector<Source>& sources,
                                         const Environment& environment) {
    for (std::size_t at = 0; at < sources.size(); ++at) {
        if (sources[at].column == column) {
            return at;
        }
    }
    const auto [node, is_new] = known_others_.emplace(column, sources.size() + others_.size());
    if (is_new) {
        others_.push_back({{}, environment.column(column).cells});
    }
    return node->second;
}

std::optional<RecurrenceProgram::Code> RecurrenceProgram::code_of(Operation::RowCode code) {
    switch (code) {
    case Operation::RowCode::none:
        return std::nullopt;
    case Operation::RowCode::call:
        return Code::call;
    case Operation::RowCode::add:
        return Code::add;
    case Operation::RowCode::subtract:
        return Code::subtract;
    case Operation::RowCode::multiply:
        return Code::multiply;
    case Operation::RowCode::divide:
        return Code::divide;
    case Operation::RowCode::negate:
        return Code::negate;
    case Operation::RowCode::square:
        return Code::square;
    case Operation::RowCode::cube:
        return Code::cube;
    case Operation::RowCode::root:
        return Code::root;
    }
    return std::nullopt;
}

bool RecurrenceProgram::add(const Source& source, const std::vector<Source>& sources, const Environment& environment) {
    const Program& program = *source.program;
    const auto base = static_cast<std::uint32_t>(registers_.size());
    registers_.resize(base + program.scalars.size() + program.registers, no_number);
    for (std::uint32_t at = 0; at < program.scalars.size(); ++at) {
        const Value scalar = source.scalars->value({true, at}, Kind::number, 0);
        registers_[base + at] = scalar.plain() ? scalar.slot() : no_number;
    }
    const auto first_register = base + static_cast<std::uint32_t>(program.scalars.size());
    std::vector<std::uint32_t> place(program.registers); // where each register of the program is
    const std::size_t first_step = steps_.size();
    for (const Instruction& instruction : program.body) {
        const std::uint32_t to = first_register + instruction.to;
        place[instruction.to] = to;
        if (instruction.checked) {
            checked_.push_back(to);
        }
        if (instruction.code == Instruction::Code::row_number) {
            row_numbers_.push_back(to);
            continue;
        }
        if (instruction.code == Instruction::Code::load) {
            const std::size_t window = window_of(program.columns[instruction.column], sources, environment);
            if (window < sources.size() && instruction.shift == 0) { // it has been worked out in this row before
                if (window >= outputs_.size()) {
                    return false;
                }
                place[instruction.to] = outputs_[window];
                registers_[to] = 0;
                continue;
            }
            if (!add_load(instruction, program, sources, environment, to)) {
                return false;
            }
            continue;
        }
        const auto code =
            instruction.code == Instruction::Code::operate ? code_of(instruction.operation.row_code) : std::nullopt;
        if (!code || instruction.count > 3) {
            return false;
        }
        Step step;
        step.code = *code;
        step.to = to;
        step.call = instruction.operation.row;
        for (std::size_t at = 0; at < instruction.count; ++at) {
            const Operand operand = instruction.arguments[at];
            step.from[at] = operand.scalar ? base + operand.at : place[operand.at];
            if (operand.scalar && instruction.kinds[at] != Kind::text && std::isnan(registers_[step.from[at]])) {
                return false; // a gap or a fault that stands for every row
            }
        }
        const auto same = std::find_if(steps_.begin(), steps_.end(), [&step](const Step& steps) {
            return steps.code == step.code && steps.from == step.from && steps.call == step.call;
        });
        if (same != steps_.end()) { // what has been worked out for another column need not be again
            place[instruction.to] = same->to;
            registers_[to] = 0;
            continue;
        }
        steps_.push_back(step);
    }
    const Operand output = program.outputs.front();
    const std::uint32_t result = output.scalar ? base + output.at : place[output.at];
    if (std::find(outputs_.begin(), outputs_.end(), result) != outputs_.end()) {
        return false; // a column that is only another's name would share its register
    }
    outputs_.push_back(result);
    checked_.push_back(result);
    join_products(first_step);
    return true;
}

/// A cell of our own one row before is what its register still holds from that row, as long as that is read before it
/// is written: then it need not be loaded.
void RecurrenceProgram::read_before_written() {
    std::erase_if(loads_, [this](const Load& load) {
        if (load.window >= own_.size() || load.shift != -1) {
            return false;
        }
        const std::uint32_t source = outputs_[load.window];
        const bool loaded =
            std::any_of(loads_.begin(), loads_.end(), [&](const Load& one) { return one.to == source; });
        const bool numbered = std::find(row_numbers_.begin(), row_numbers_.end(), source) != row_numbers_.end();
        const bool is_output = std::find(outputs_.begin(), outputs_.end(), load.to) != outputs_.end();
        if (loaded || numbered || is_output) {
            return false;
        }
        bool written = false;
        for (const Step& step : steps_) {
            const bool reads = std::find(step.from.begin(), step.from.end(), load.to) != step.from.end();
            if (reads && written) {
                return false;
            }
            written = written || step.to == source;
        }
        if (!written) {
            return false;
        }
        for (Step& step : steps_) {
            std::replace(step.from.begin(), step.from.end(), load.to, source);
        }
        std::erase(checked_, load.to);
        return true;
    });
}

bool RecurrenceProgram::add_load(const Instruction& instruction, const Program& program,
                                 const std::vector<Source>& sources, const Environment& environment, std::uint32_t to) {
    Load load;
    load.to = to;
    load.shift = instruction.shift;
    load.window = window_of(program.columns[instruction.column], sources, environment);
    const bool own = load.window < sources.size();
    if (std::abs(load.shift) > furthest || (own && load.shift > 0)) {
        return false;
    }
    loads_.push_back(load);
    return true;
}

/// Makes one step of a product that is only used in the sum right after it. Both are still rounded each.
void RecurrenceProgram::join_products(std::size_t from) {
    for (std::size_t at = from; at + 1 < steps_.size();) {
        const Step& product = steps_[at];
        Step& sum = steps_[at + 1];
        const bool checked = std::find(checked_.begin(), checked_.end(), product.to) != checked_.end();
        const auto uses = [&](std::uint32_t place) {
            std::size_t count = 0;
            for (const Step& step : steps_) {
                count += static_cast<std::size_t>(std::count(step.from.begin(), step.from.end(), place));
            }
            return count + static_cast<std::size_t>(std::count(outputs_.begin(), outputs_.end(), place));
        };
        const bool second = sum.from[1] == product.to;
        const bool is_product = product.code == Code::multiply || product.code == Code::square;
        const bool fits = is_product && sum.code == Code::add && !checked && (second || sum.from[0] == product.to) &&
                          uses(product.to) == 1;
        if (fits) {
            sum = {Code::add_product,
                   sum.to,
                   {second ? sum.from[0] : sum.from[1], product.from[0],
                    product.from[product.code == Code::square ? 0 : 1]},
                   nullptr};
            steps_.erase(steps_.begin() + static_cast<std::ptrdiff_t>(at));
        } else {
            ++at;
        }
    }
}

void RecurrenceProgram::begin(std::size_t first, std::size_t count, const std::vector<double*>& cells_of) {
    const auto is_read = [this](std::size_t column) {
        return std::any_of(loads_.begin(), loads_.end(), [column](const Load& load) { return load.window == column; });
    };
    cells_ = cells_of;
    recent_.resize(own_.size() * held_rows);
    windows_.clear();
    for (std::size_t column = 0; column < own_.size(); ++column) {
        if (!is_read(column)) {
            continue;
        }
        Window& window = own_[column];
        std::vector<double> cells(before_ + count, no_number);
        const std::size_t stored = std::min(before_, count_);
        if (stored > 0) { // the end of the chunk before
            std::copy_n(window.cells.data() + before_ + count_ - stored, stored, cells.data() + before_ - stored);
        }
        window.cells = std::move(cells);
        windows_.push_back({outputs_[column], window.cells.data() + before_});
    }
    for (Window& window : others_) {
        window.cells.assign(before_ + count + after_, no_number);
        const std::size_t above = first < before_ ? before_ - first : 0; // rows before the first
        copy_cells(*window.source, first + above - before_, window.cells.data() + above, window.cells.size() - above);
    }
    for (Load& load : loads_) {
        const Window& window = load.window < own_.size() ? own_[load.window] : others_[load.window - own_.size()];
        load.cells = window.cells.data() + static_cast<std::ptrdiff_t>(before_) + load.shift;
    }
    first_ = first;
    count_ = count;
}

/// What is not finite need not be looked for where it surely carries on into a later result that is looked at.
void RecurrenceProgram::leave_out_covered_checks() {
    const auto carries = [](const Step& step, std::uint32_t place) {
        if (step.code == Code::call) {
            return false;
        }
        const std::size_t count = step.code == Code::add_product                          ? 3
                                  : step.code == Code::divide                             ? 1
                                  : step.code >= Code::add && step.code <= Code::multiply ? 2
                                                                                          : 1;
        return std::find(step.from.begin(), step.from.begin() + count, place) != step.from.begin() + count;
    };
    const std::vector<std::uint32_t> all = checked_;
    std::erase_if(checked_, [&](std::uint32_t place) {
        const auto written =
            std::find_if(steps_.begin(), steps_.end(), [place](const Step& step) { return step.to == place; });
        return written != steps_.end() && std::any_of(written + 1, steps_.end(), [&](const Step& step) {
                   return carries(step, place) && std::find(all.begin(), all.end(), step.to) != all.end();
               });
    });
}

std::size_t RecurrenceProgram::run(std::size_t from, std::size_t to, std::optional<std::size_t> until) {
    std::size_t row = from;
    bool sound = true;
    bool stops = false;
    while (row < to && sound && !stops) { // some rows at a time, which stay near until they are moved to the columns
        const std::size_t begun = row;
        const std::size_t end = std::min(to, row + held_rows);
        while (row < end && sound && !stops) {
            sound = run_row(row, row - begun);
            stops = sound && until && registers_[outputs_[*until]] != 0;
            row += sound ? 1 : 0;
        }
        for (std::size_t column = 0; column < own_.size(); ++column) {
            std::copy_n(recent_.data() + column * held_rows, row - begun, cells_[column] + (begun - first_));
        }
    }
    return row;
}

/// Works out one row, the k-th of those that are held; false where it needs care.
inline bool RecurrenceProgram::run_row(std::size_t row, std::size_t k) {
    double* const registers = registers_.data();
    const std::size_t in_chunk = row - first_;
    for (const Load& load : loads_) {
        registers[load.to] = load.cells[in_chunk];
    }
    for (const std::uint32_t at : row_numbers_) {
        registers[at] = static_cast<double>(row + 1);
    }
    run_steps(steps_.data(), registers);
    std::uint64_t seen = 0; // its first bit is set as soon as something is not finite: all bits of its exponent are
    for (const std::uint32_t at : checked_) {
        seen |= (std::bit_cast<std::uint64_t>(registers[at]) & 0x7FF0000000000000U) + 0x0010000000000000U;
    }
    if ((seen >> 63U) != 0) {
        return false;
    }
    double* to = recent_.data() + k;
    for (const std::uint32_t output : outputs_) {
        *to = registers[output];
        to += held_rows;
    }
    for (const Output& output : windows_) {
        output.cells[in_chunk] = registers[output.from];
    }
    return true;
}

/// One step after the other. Each leads to the next by a jump of its own, which the processor learns to foresee; a loop
/// around a switch has only one jump for all of them.
void RecurrenceProgram::run_steps(const Step* step, double* r) {
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
    if (!own_[column].cells.empty()) {
        own_[column].cells[before_ + row - first_] = number;
    }
    registers_[outputs_[column]] = number;
}

} // namespace ledgefall
