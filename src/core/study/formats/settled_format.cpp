#include "core/study/formats/settled_format.h"

#include "core/value/decimals.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

/// How many decimals the number is written with, in ten significant figures: what arithmetic leaves behind them, as in
/// 0.30000000000000004, asks for none.
int decimals_written(double number) {
    constexpr int figures = 10;
    return decimals_of(rounded_to_figures(number, figures));
}

/// How many decimals give six significant figures to a number.
int decimals_for_six(double size) {
    const int before = size > 0 ? static_cast<int>(std::floor(std::log10(size))) + 1 : 1;
    const int leading_zeros = size > 0 && size < 1 ? -before : 0;
    return std::clamp(6 - std::max(before, 1), 0, 12) + leading_zeros;
}

} // namespace

int decimals_as_needed(double number) {
    return std::min(decimals_written(number), decimals_for_six(std::fabs(number)));
}

Format settled_format(const Format& format, const Column& cells) {
    if (!format.automatic() || cells.kind() != Kind::number) {
        return format;
    }
    // A sample is enough: all of the first rows, as every second may need a decimal more, and some from all over.
    constexpr std::size_t most = 200;
    const std::size_t step = std::max<std::size_t>(1, cells.size() / most);
    double largest = 0;
    int needed = 0;
    for (std::size_t row = 0; row < cells.size(); row += row < most ? 1 : step) {
        const Value value = cells.at(row);
        if (value.plain() && value.number() != 0) {
            largest = std::max(largest, std::fabs(value.number()));
            needed = std::max(needed, decimals_written(value.number()));
        }
    }
    if (largest >= shown_as_huge || (largest > 0 && largest < shown_as_tiny)) {
        return {Format::Style::scientific, 4};
    }
    return {Format::Style::decimals, std::min(needed, decimals_for_six(largest))};
}

std::optional<double> shown_percentages_add_to(const Column& cells, const Format& format, double total) {
    constexpr std::size_t most_rows = 1000;
    const bool as_percent = format.style == Format::Style::percent;
    const bool percentages = format.style == Format::Style::decimals && std::fabs(total - 100) < 1e-9;
    if ((!as_percent && !percentages) || cells.kind() != Kind::number || cells.size() > most_rows) {
        return std::nullopt;
    }
    const auto shown = [&](double number) {
        return Decimal(number).times_ten_to(as_percent ? 2 : 0).to_decimals(format.digits).number();
    };
    double sum = 0;
    for (std::size_t row = 0; row < cells.size(); ++row) {
        if (const Value value = cells.at(row); value.plain()) {
            sum += shown(value.number());
        }
    }
    sum = rounded_to(sum, format.digits);
    return sum == shown(total) ? std::nullopt : std::optional(sum);
}

bool seems_exact(double number, const Format& format) {
    const NumberStyle& style = format.shown_as();
    if (!style.fixed_decimals || number == 0) {
        return false;
    }
    const double size = std::fabs(number) * style.scale;
    const double half = 0.5 * std::pow(10.0, -format.digits);
    // What arithmetic leaves behind is no difference: a share of 0.9999999999999999 is shown as 100 %.
    const bool nothing = size < half && std::fabs(number) > 1e-14;
    const bool whole = style.scale == 100 && std::fabs(size - 100) < half && std::fabs(std::fabs(number) - 1) > 1e-12;
    return nothing || whole;
}

} // namespace ledgefall
