#include "core/engine/row_steps.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace ledgefall {
namespace {

constexpr double no_number = std::numeric_limits<double>::quiet_NaN();
constexpr std::int64_t furthest = 4096; ///< how far from its row a load may reach
constexpr std::size_t row_number_window = std::numeric_limits<std::size_t>::max();

} // namespace

std::optional<RowSteps> RowSteps::of(const std::vector<Source>& sources, const Environment& environment) {
    RowSteps made;
    made.own_.resize(sources.size());
    for (const Source& source : sources) {
        if (!made.add(source, sources, environment)) {
            return std::nullopt;
        }
    }
    for (const Step& step : made.steps_) {
        made.before_ = std::max(made.before_, static_cast<std::size_t>(std::max<std::int64_t>(-step.shift, 0)));
        made.after_ = std::max(made.after_, static_cast<std::size_t>(std::max<std::int64_t>(step.shift, 0)));
    }
    return made;
}

std::optional<std::size_t> RowSteps::window_of(Id column, const std::vector<Source>& sources,
                                               const Environment& environment) {
    for (std::size_t at = 0; at < sources.size(); ++at) {
        if (sources[at].column == column) {
            return at;
        }
    }
    const auto [known, is_new] = known_others_.emplace(column, sources.size() + others_.size());
    if (is_new) {
        others_.push_back({{}, environment.column(column).cells});
    }
    return known->second;
}

bool RowSteps::add(const Source& source, const std::vector<Source>& sources, const Environment& environment) {
    const Program& program = *source.program;
    const auto base = static_cast<std::uint32_t>(registers_.size());
    registers_.resize(base + program.scalars.size() + program.registers, no_number);
    for (std::uint32_t at = 0; at < program.scalars.size(); ++at) {
        const Value scalar = source.scalars->value({true, at}, Kind::number, 0);
        registers_[base + at] = scalar.plain() ? scalar.slot() : no_number;
    }
    const auto first_register = base + static_cast<std::uint32_t>(program.scalars.size());
    std::vector<std::uint32_t> place(program.registers); // where each register of the program is
    const auto place_of = [&](const Operand& operand) {
        return operand.scalar ? base + operand.at : place[operand.at];
    };
    for (const Instruction& instruction : program.body) {
        Step step;
        step.checked = instruction.checked;
        step.to = first_register + instruction.to;
        place[instruction.to] = step.to;
        switch (instruction.code) {
        case Instruction::Code::operate:
            if (instruction.operation.row_code == Operation::RowCode::none || instruction.count > 3) {
                return false;
            }
            step.code = instruction.operation.row_code;
            step.call = instruction.operation.row;
            step.count = instruction.count;
            for (std::size_t at = 0; at < instruction.count; ++at) {
                step.from[at] = place_of(instruction.arguments[at]);
                // A scalar that is no plain number makes every row one that needs care.
                const bool odd = instruction.arguments[at].scalar && std::isnan(registers_[step.from[at]]);
                if (odd && instruction.kinds[at] != Kind::text) {
                    return false;
                }
            }
            break;
        case Instruction::Code::load: {
            if (std::abs(instruction.shift) > furthest) {
                return false;
            }
            step.column = *window_of(program.columns[instruction.column], sources, environment);
            step.shift = instruction.shift;
            const bool own = step.column < sources.size();
            if (own && step.shift > 0) {
                return false;
            }
            if (own && step.shift == 0) { // it has been worked out in this row before
                if (step.column >= outputs_.size()) {
                    return false;
                }
                place[instruction.to] = outputs_[step.column];
                continue;
            }
            break;
        }
        case Instruction::Code::row_number:
            step.column = row_number_window;
            step.checked = false;
            break;
        default:
            return false;
        }
        steps_.push_back(step);
    }
    outputs_.push_back(place_of(program.outputs.front()));
    return true;
}

void RowSteps::begin(std::size_t first, std::size_t count) {
    for (Window& window : own_) {
        std::vector<double> cells(before_ + count, no_number);
        const std::size_t kept = std::min(before_, count_);
        if (kept > 0) { // the end of the chunk before
            std::copy_n(window.cells.data() + before_ + count_ - kept, kept, cells.data() + before_ - kept);
        }
        window.cells = std::move(cells);
    }
    for (Window& window : others_) {
        window.cells.resize(before_ + count + after_);
        for (std::size_t at = 0; at < window.cells.size(); ++at) {
            const bool above = first + at < before_;
            const Value cell = above ? Value::missing() : window.source->at(first + at - before_);
            window.cells[at] = cell.plain() ? cell.slot() : no_number;
        }
    }
    for (Step& step : steps_) {
        if (step.code == Operation::RowCode::none && step.column != row_number_window) {
            Window& window = step.column < own_.size() ? own_[step.column] : others_[step.column - own_.size()];
            step.cells = window.cells.data() + static_cast<std::ptrdiff_t>(before_) + step.shift;
        }
    }
    first_ = first;
    count_ = count;
}

bool RowSteps::run(std::size_t row) {
    const std::size_t in_chunk = row - first_;
    at_ = before_ + in_chunk;
    double* const registers = registers_.data();
    double seen = 0; // becomes not a number as soon as something is not finite
    for (const Step& step : steps_) {
        double result = 0;
        switch (step.code) {
        case Operation::RowCode::none:
            result = step.column == row_number_window ? static_cast<double>(row + 1) : step.cells[in_chunk];
            break;
        case Operation::RowCode::add:
            result = registers[step.from[0]] + registers[step.from[1]];
            break;
        case Operation::RowCode::subtract:
            result = registers[step.from[0]] - registers[step.from[1]];
            break;
        case Operation::RowCode::multiply:
            result = registers[step.from[0]] * registers[step.from[1]];
            break;
        case Operation::RowCode::divide:
            result = registers[step.from[0]] / registers[step.from[1]];
            break;
        case Operation::RowCode::square:
            result = registers[step.from[0]] * registers[step.from[0]];
            break;
        case Operation::RowCode::call: {
            const double arguments[3] = {registers[step.from[0]], registers[step.from[1]], registers[step.from[2]]};
            result = step.call(arguments);
            break;
        }
        }
        registers[step.to] = result;
        seen += step.checked ? result * 0.0 : 0.0;
    }
    if (std::isnan(seen)) {
        return false;
    }
    for (std::size_t column = 0; column < outputs_.size(); ++column) {
        const double result = registers[outputs_[column]];
        if (!std::isfinite(result)) {
            return false;
        }
        own_[column].cells[at_] = result;
    }
    return true;
}

void RowSteps::put(std::size_t row, std::size_t column, const Value& value) {
    own_[column].cells[before_ + row - first_] = value.plain() ? value.slot() : no_number;
}

} // namespace ledgefall
