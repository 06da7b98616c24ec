#include "core/engine/running/recurrence_compiler.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace ledgefall {
namespace {

using Code = RecurrenceStep::Code;
constexpr std::int64_t furthest = 4096; ///< how far from its row a load may reach

std::optional<Code> code_of(Operation::RowCode code) {
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

} // namespace

std::optional<RecurrenceCode> RecurrenceCompiler::compile() {
    for (const Source& source : sources_) {
        if (!add(source)) {
            return std::nullopt;
        }
    }
    leave_out_covered_checks();
    read_before_written();
    code_.steps.push_back({Code::end});
    std::sort(code_.checked.begin(), code_.checked.end());
    code_.checked.erase(std::unique(code_.checked.begin(), code_.checked.end()), code_.checked.end());
    for (const RecurrenceLoad& load : code_.loads) {
        code_.before = std::max(code_.before, static_cast<std::size_t>(std::max<std::int64_t>(-load.shift, 0)));
        code_.after = std::max(code_.after, static_cast<std::size_t>(std::max<std::int64_t>(load.shift, 0)));
    }
    return std::move(code_);
}

std::size_t RecurrenceCompiler::window_of(Id column) {
    for (std::size_t at = 0; at < sources_.size(); ++at) {
        if (sources_[at].column == column) {
            return at;
        }
    }
    const auto [node, is_new] = windows_of_others_.emplace(column, sources_.size() + code_.others.size());
    if (is_new) {
        code_.others.push_back(environment_.column(column).cells);
    }
    return node->second;
}

bool RecurrenceCompiler::add(const Source& source) {
    const Program& program = *source.program;
    const auto base = static_cast<std::uint32_t>(code_.registers.size());
    code_.registers.resize(base + program.scalars.size() + program.registers, no_number);
    for (std::uint32_t at = 0; at < program.scalars.size(); ++at) {
        const Value scalar = source.scalars->value({true, at}, Kind::number, 0);
        code_.registers[base + at] = scalar.plain() ? scalar.slot() : no_number;
    }
    Registers registers{base, base + static_cast<std::uint32_t>(program.scalars.size()), {}};
    registers.place.resize(program.registers);
    const std::size_t first_step = code_.steps.size();
    for (const Instruction& instruction : program.body) {
        if (!add_instruction(instruction, program, registers)) {
            return false;
        }
    }
    const Operand output = program.outputs.front();
    if (output.scalar) {
        return false; // its register would be written by the rows that have a first value
    }
    const std::uint32_t result = registers.place[output.at];
    if (std::find(code_.outputs.begin(), code_.outputs.end(), result) != code_.outputs.end()) {
        return false; // a column that is only another's name would share its register
    }
    code_.outputs.push_back(result);
    code_.checked.push_back(result);
    join_products(first_step);
    return true;
}

bool RecurrenceCompiler::add_instruction(const Instruction& instruction, const Program& program, Registers& registers) {
    const std::uint32_t to = registers.first + instruction.to;
    registers.place[instruction.to] = to;
    if (instruction.checked) {
        code_.checked.push_back(to);
    }
    // The cells of a two-way table go line by line.
    if (const auto* row_number = instruction.as<RowNumberStep>()) {
        code_.row_numbers.push_back(to);
        return row_number->across.empty();
    }
    if (const auto* load = instruction.as<LoadStep>()) {
        const std::size_t window = window_of(program.columns[load->column]);
        if (window < sources_.size() && load->shift == 0 && load->across.empty()) { // computed in this row before
            if (window >= code_.outputs.size()) {
                return false;
            }
            registers.place[instruction.to] = code_.outputs[window];
            code_.registers[to] = 0;
            return true;
        }
        return load->across.empty() && add_load(*load, program, to);
    }
    const auto* operate = instruction.as<OperateStep>();
    return operate != nullptr && add_step(*operate, instruction.to, registers);
}

bool RecurrenceCompiler::add_step(const OperateStep& operate, std::uint32_t number, Registers& registers) {
    const auto code = code_of(operate.operation.row_code);
    if (!code || operate.arguments.count > 3) {
        return false;
    }
    RecurrenceStep step;
    step.code = *code;
    step.to = registers.place[number];
    step.call = operate.operation.row;
    step.carries = operate.operation.carries;
    for (std::size_t at = 0; at < operate.arguments.count; ++at) {
        const Operand operand = operate.arguments.at[at];
        step.from[at] = operand.scalar ? registers.base + operand.at : registers.place[operand.at];
        if (operand.scalar && std::isnan(code_.registers[step.from[at]])) {
            return false; // missing, or an error, for every row
        }
    }
    const auto same = std::find_if(code_.steps.begin(), code_.steps.end(), [&step](const RecurrenceStep& one) {
        return one.code == step.code && one.from == step.from && one.call == step.call;
    });
    if (same == code_.steps.end()) {
        code_.steps.push_back(step);
    } else { // what has been computed for another column need not be again
        registers.place[number] = same->to;
        code_.registers[step.to] = 0;
    }
    return true;
}

/// A cell of our own one row before is what its register still holds from that row, as long as that is read before it
/// is written: then it need not be loaded. It must carry into a later check, since what it holds is overwritten before
/// the checks are made.
void RecurrenceCompiler::read_before_written() {
    std::erase_if(code_.loads, [this](const RecurrenceLoad& load) {
        if (load.window >= sources_.size() || load.shift != -1) {
            return false;
        }
        const std::uint32_t source = code_.outputs[load.window];
        const bool loaded = std::any_of(code_.loads.begin(), code_.loads.end(),
                                        [&](const RecurrenceLoad& one) { return one.to == source; });
        const bool numbered =
            std::find(code_.row_numbers.begin(), code_.row_numbers.end(), source) != code_.row_numbers.end();
        const bool is_output = std::find(code_.outputs.begin(), code_.outputs.end(), load.to) != code_.outputs.end();
        const bool checked = std::find(code_.checked.begin(), code_.checked.end(), load.to) != code_.checked.end();
        if (loaded || numbered || is_output || checked) {
            return false;
        }
        bool written = false;
        for (const RecurrenceStep& step : code_.steps) {
            const bool reads = std::find(step.from.begin(), step.from.end(), load.to) != step.from.end();
            if (reads && written) {
                return false;
            }
            written = written || step.to == source;
        }
        if (!written) {
            return false;
        }
        for (RecurrenceStep& step : code_.steps) {
            std::replace(step.from.begin(), step.from.end(), load.to, source);
        }
        return true;
    });
}

bool RecurrenceCompiler::add_load(const LoadStep& step, const Program& program, std::uint32_t to) {
    RecurrenceLoad load;
    load.to = to;
    load.shift = step.shift;
    load.window = window_of(program.columns[step.column]);
    const bool own = load.window < sources_.size();
    if (std::abs(load.shift) > furthest || (own && load.shift > 0)) {
        return false;
    }
    code_.loads.push_back(load);
    code_.checked.push_back(to);
    return true;
}

/// Fuses a product that only the sum right after it uses into one step; both are still rounded, so results do not
/// change.
void RecurrenceCompiler::join_products(std::size_t from) {
    for (std::size_t at = from; at + 1 < code_.steps.size();) {
        const RecurrenceStep& product = code_.steps[at];
        RecurrenceStep& sum = code_.steps[at + 1];
        const bool checked = std::find(code_.checked.begin(), code_.checked.end(), product.to) != code_.checked.end();
        const auto uses = [&](std::uint32_t place) {
            std::size_t count = 0;
            for (const RecurrenceStep& step : code_.steps) {
                count += static_cast<std::size_t>(std::count(step.from.begin(), step.from.end(), place));
            }
            return count + static_cast<std::size_t>(std::count(code_.outputs.begin(), code_.outputs.end(), place));
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
                   nullptr,
                   0b111};
            code_.steps.erase(code_.steps.begin() + static_cast<std::ptrdiff_t>(at));
        } else {
            ++at;
        }
    }
}

/// Drops the checks of registers whose infinities and not-a-numbers surely propagate into a register that is checked.
void RecurrenceCompiler::leave_out_covered_checks() {
    std::vector<bool> seen(code_.registers.size());
    std::vector<bool> covered(code_.registers.size());
    for (const std::uint32_t at : code_.checked) {
        seen[at] = true;
    }
    for (auto step = code_.steps.rbegin(); step != code_.steps.rend(); ++step) {
        for (std::size_t at = 0; seen[step->to] && at < step->from.size(); ++at) {
            if ((step->carries >> at & 1U) != 0) {
                seen[step->from[at]] = covered[step->from[at]] = true;
            }
        }
    }
    std::erase_if(code_.checked, [&](std::uint32_t place) { return covered[place]; });
}

} // namespace ledgefall
