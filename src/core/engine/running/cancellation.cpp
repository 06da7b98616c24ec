#include "core/engine/running/cancellation.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace ledgefall {
namespace {

void gather_columns(const Program& program, std::vector<Id>& columns) {
    columns.insert(columns.end(), program.columns.begin(), program.columns.end());
    for (const auto* steps : {&program.prelude, &program.body}) {
        for (const Instruction& step : *steps) {
            if (const auto* measure = step.as<MeasureStep>()) {
                gather_columns(measure->call->inner, columns);
            }
        }
    }
}

/// The largest of some cells spread over a column.
double largest_of_some(const Column& cells) {
    constexpr std::size_t looked_at = 64;
    double largest = 0;
    const std::size_t step = std::max<std::size_t>(cells.size() / looked_at, 1);
    for (std::size_t row = 0; row < cells.size(); row += step) {
        const Value value = cells.at(row);
        largest =
            value.plain() && value.kind() == Kind::number ? std::max(largest, std::fabs(value.number())) : largest;
    }
    return largest;
}

} // namespace

double size_of_terms(double value, const Program& size, const Environment& environment) {
    constexpr double tiny = 1e-6; // the part of a cell below which a result is worth a second theme
    std::vector<Id> columns;
    gather_columns(size, columns);
    double largest = 0;
    for (const Id column : columns) {
        const Column* cells = environment.column(column).cells;
        largest = std::max(largest, cells == nullptr ? 0 : largest_of_some(*cells));
    }
    if (value == 0 || (!columns.empty() && std::fabs(value) > tiny * largest)) {
        return 0;
    }
    Runner runner(size, environment);
    runner.start();
    const Value result = runner.output_value(0, 0);
    return result.plain() ? result.number() : 0;
}

bool only_rounding(double value, double terms_size) {
    constexpr double units = 16;
    return value != 0 && std::fabs(value) <= units * std::numeric_limits<double>::epsilon() * terms_size;
}

} // namespace ledgefall
