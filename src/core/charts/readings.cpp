// What is read off values: the five numbers of a box, and a place on a curve.

#include "core/charts/chart_figures.h"
#include "core/stats/quantile.h"

#include <algorithm>
#include <numeric>

namespace ledgefall {

Box box_of(const std::vector<double>& values, const std::vector<std::uint32_t>& rows, int quantile_type,
           const StopToken& stop) {
    std::vector<std::size_t> order(values.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    std::sort(order.begin(), order.end(),
              stoppable(stop, [&](std::size_t a, std::size_t b) { return values[a] < values[b]; }));
    const auto at = [&](double place) { return values[order[static_cast<std::size_t>(place) - 1]]; };
    const double n = static_cast<double>(values.size());
    Box box;
    box.count = values.size();
    box.least = values[order.front()];
    box.greatest = values[order.back()];
    box.q1 = quantile_of(n, 0.25, quantile_type, at);
    box.median = quantile_of(n, 0.5, quantile_type, at);
    box.q3 = quantile_of(n, 0.75, quantile_type, at);
    const double reach = 1.5 * (box.q3 - box.q1);
    box.low_whisker = box.q1;
    box.high_whisker = box.q3;
    for (const std::size_t place : order) {
        const double value = values[place];
        if (value < box.q1 - reach || value > box.q3 + reach) {
            box.beyond.push_back(value);
            box.beyond_rows.push_back(rows[place]);
        } else {
            box.low_whisker = std::min(box.low_whisker, value);
            box.high_whisker = std::max(box.high_whisker, value);
        }
    }
    return box;
}

std::optional<double> read_off(const std::vector<double>& x, const std::vector<double>& y, double wanted) {
    for (std::size_t at = 1; at < x.size(); ++at) {
        if (y[at - 1] < wanted && wanted <= y[at]) {
            return x[at - 1] + (x[at] - x[at - 1]) * (wanted - y[at - 1]) / (y[at] - y[at - 1]);
        }
    }
    return std::nullopt;
}

} // namespace ledgefall
