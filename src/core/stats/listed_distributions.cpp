#include "core/stats/listed_distributions.h"

#include "core/stats/accumulator.h"
#include "core/stats/distributions.h"
#include "core/value/decimals.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace ledgefall {
namespace {

using Numbers = std::vector<double>;

double total_of(std::span<const double> numbers) {
    CompensatedSum all;
    all.add(numbers.data(), numbers.size());
    return all.total();
}

/// What is no difference between a number and a listed value.
double slack_of(const ListedValues& list) {
    return 1e-12 * std::max(std::fabs(list.values.front()), std::fabs(list.values.back()));
}

/// How many values lie below an end, or at it where it is included.
std::ptrdiff_t count_up_to(const ListedValues& list, ListEnd end) {
    const double slack = slack_of(list);
    const auto& values = list.values;
    const auto last = end.included ? std::upper_bound(values.begin(), values.end(), end.at + slack)
                                   : std::lower_bound(values.begin(), values.end(), end.at - slack);
    return last - values.begin();
}

double probability_of_places(const ListedValues& list, std::ptrdiff_t from, std::ptrdiff_t to) {
    if (from >= to) {
        return 0;
    }
    const auto count = static_cast<std::ptrdiff_t>(list.values.size());
    if (from == 0 && to == count) {
        return 1;
    }
    return total_of(
        std::span(list.probabilities).subspan(static_cast<std::size_t>(from), static_cast<std::size_t>(to - from)));
}

/// Values that are sums of others, without what rounding leaves: 0.1 + 0.2 is 0.3. Fourteen figures of the largest.
void settle(Numbers& values) {
    double largest = 0;
    for (const double value : values) {
        largest = std::max(largest, std::fabs(value));
    }
    const int decimals = largest == 0 ? 0 : 13 - std::ilogb(largest) * 30103 / 100000;
    for (double& value : values) {
        value = value == std::floor(value) ? value : round_decimal(value, std::clamp(decimals, -300, 300));
    }
}

bool all_whole(const Numbers& values) {
    return std::all_of(values.begin(), values.end(), [](double value) { return value == std::floor(value); });
}

/// Of whole numbers, place by place: 1 and 6 to 1 and 6 give 2 and 12.
ListedValues sum_of_whole(const ListedValues& a, const ListedValues& b) {
    const double least = a.values.front() + b.values.front();
    const double most = a.values.back() + b.values.back();
    Numbers by_place(static_cast<std::size_t>(most - least) + 1);
    for (std::size_t first = 0; first < a.values.size(); ++first) {
        for (std::size_t second = 0; second < b.values.size(); ++second) {
            const double value = a.values[first] + b.values[second];
            by_place[static_cast<std::size_t>(value - least)] += a.probabilities[first] * b.probabilities[second];
        }
    }
    ListedValues out;
    for (std::size_t place = 0; place < by_place.size(); ++place) {
        if (by_place[place] > 0) {
            out.values.push_back(least + static_cast<double>(place));
            out.probabilities.push_back(by_place[place]);
        }
    }
    return out;
}

std::optional<ListedValues> sum_of_lists(const ListedValues& a, const ListedValues& b) {
    const double width = a.values.back() - a.values.front() + b.values.back() - b.values.front();
    if (all_whole(a.values) && all_whole(b.values) && width < static_cast<double>(most_listed_values)) {
        return sum_of_whole(a, b);
    }
    if (a.values.size() * b.values.size() > 100 * most_listed_values) {
        return std::nullopt;
    }
    Numbers values;
    Numbers probabilities;
    for (std::size_t first = 0; first < a.values.size(); ++first) {
        for (std::size_t second = 0; second < b.values.size(); ++second) {
            values.push_back(a.values[first] + b.values[second]);
            probabilities.push_back(a.probabilities[first] * b.probabilities[second]);
        }
    }
    settle(values);
    return made_list(values, probabilities);
}

/// A discrete distribution as a list, where it has few enough values.
std::optional<ListedValues> listed(const Distribution& d) {
    if (d.family == Family::listed) {
        return listed_values(d);
    }
    if (!is_discrete(d.family)) {
        return std::nullopt;
    }
    const double low = quantile(d, 0);
    const double high = quantile(d, 1);
    if (!(high - low < static_cast<double>(most_listed_values))) { // not a number where there is no end
        return std::nullopt;
    }
    ListedValues list;
    for (double k = low; k <= high; ++k) {
        list.values.push_back(k);
        list.probabilities.push_back(density(d, k));
    }
    return list;
}

} // namespace

std::optional<ListedValues> made_list(std::span<const double> values, std::span<const double> probabilities) {
    constexpr double slack = 1e-9;
    const double all = total_of(probabilities);
    const bool negative = std::any_of(probabilities.begin(), probabilities.end(), [](double p) { return p < 0; });
    if (values.empty() || negative || !(std::fabs(all - 1) <= slack)) {
        return std::nullopt;
    }
    std::vector<std::size_t> order(values.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    std::sort(order.begin(), order.end(), [&values](std::size_t a, std::size_t b) { return values[a] < values[b]; });
    ListedValues list;
    Numbers together; // of equal values
    for (std::size_t at = 0; at < order.size(); ++at) {
        together.push_back(probabilities[order[at]]);
        const double value = values[order[at]];
        if (at + 1 == order.size() || values[order[at + 1]] != value) {
            list.values.push_back(value);
            list.probabilities.push_back(total_of(together) / all);
            together.clear();
        }
    }
    return list.values.size() <= most_listed_values ? std::optional(std::move(list)) : std::nullopt;
}

double probability_in_list(const ListedValues& list, double x) {
    return between_in_list(list, {x, true}, {x, true});
}

double up_to_in_list(const ListedValues& list, double x, bool included) {
    return probability_of_places(list, 0, count_up_to(list, {x, included}));
}

double beyond_in_list(const ListedValues& list, double x, bool included) {
    return probability_of_places(list, count_up_to(list, {x, !included}),
                                 static_cast<std::ptrdiff_t>(list.values.size()));
}

double between_in_list(const ListedValues& list, ListEnd low, ListEnd high) {
    return probability_of_places(list, count_up_to(list, {low.at, !low.included}), count_up_to(list, high));
}

double quantile_of_list(const ListedValues& list, double p) {
    CompensatedSum up_to;
    for (std::size_t at = 0; at < list.values.size(); ++at) {
        up_to.add(list.probabilities[at]);
        if (list.probabilities[at] > 0 && up_to.total() >= p * (1 - 1e-12)) {
            return list.values[at];
        }
    }
    return list.values.back();
}

double mean_of_list(const ListedValues& list) {
    CompensatedSum mean;
    for (std::size_t at = 0; at < list.values.size(); ++at) {
        const double product = list.values[at] * list.probabilities[at];
        mean.add(product);
        mean.add(std::fma(list.values[at], list.probabilities[at], -product));
    }
    return mean.total();
}

double variance_of_list(const ListedValues& list) {
    const double mean = mean_of_list(list);
    CompensatedSum variance;
    for (std::size_t at = 0; at < list.values.size(); ++at) {
        const double off = list.values[at] - mean;
        variance.add(list.probabilities[at] * off * off);
    }
    return variance.total();
}

std::optional<Distribution> independent_sum(const Distribution& a, const Distribution& b) {
    const auto& x = a.numbers;
    const auto& y = b.numbers;
    if (a.family == b.family) {
        switch (a.family) {
        case Family::poisson:
        case Family::chi_squared:
            return Distribution{a.family, {x[0] + y[0]}};
        case Family::normal:
            return Distribution{a.family, {x[0] + y[0], std::hypot(x[1], y[1])}};
        case Family::binomial:
        case Family::negative_binomial:
            if (x[1] == y[1]) {
                return Distribution{a.family, {x[0] + y[0], x[1]}};
            }
            break;
        default:
            break;
        }
    }
    const auto first = listed(a);
    const auto second = first ? listed(b) : std::nullopt;
    const auto both = second ? sum_of_lists(*first, *second) : std::nullopt;
    return both ? std::optional(listed_distribution(*both)) : std::nullopt;
}

std::optional<Distribution> repeated_sum(const Distribution& d, double times) {
    if (!(times >= 1 && times <= static_cast<double>(most_listed_values) && times == std::floor(times))) {
        return std::nullopt;
    }
    if (d.family == Family::normal) {
        return Distribution{d.family, {times * d.numbers[0], std::sqrt(times) * d.numbers[1]}};
    }
    // By doubling: the sum of 13 is that of 8, of 4 and of 1.
    std::optional<Distribution> all;
    std::optional<Distribution> power = d;
    for (auto left = static_cast<std::size_t>(times); power; power = independent_sum(*power, *power)) {
        if (left % 2 == 1) {
            all = all ? independent_sum(*all, *power) : power;
            if (!all) {
                break;
            }
        }
        left /= 2;
        if (left == 0) {
            return all;
        }
    }
    return std::nullopt;
}

} // namespace ledgefall
