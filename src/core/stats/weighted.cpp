// Measures of values with their frequencies, and of classes with theirs.

#include "core/stats/gathered.h"
#include "core/stats/listed_distributions.h"
#include "core/stats/quantile.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <numeric>

namespace ledgefall {
namespace {

double total(const Values& frequencies) {
    CompensatedSum sum;
    sum.add(frequencies.data(), frequencies.size());
    return sum.total();
}

bool any_negative(const Values& frequencies) {
    return std::any_of(frequencies.begin(), frequencies.end(), [](double f) { return f < 0; });
}

/// Whether these can be how often values occur.
bool all_whole(const Values& frequencies) {
    return std::all_of(frequencies.begin(), frequencies.end(), [](double f) { return f == std::floor(f); });
}

/// Whether these are probabilities of values, up to what rounding leaves when they are computed.
bool add_up_to_one(const Values& weights) {
    constexpr double slack = 1e-9;
    return std::fabs(total(weights) - 1) <= slack;
}

/// Σ f x over Σ f, with what the products and both sums lose by rounding.
double weighted_mean(const Values& x, const Values& f) {
    CompensatedSum sum;
    CompensatedSum weights;
    for (std::size_t at = 0; at < x.size(); ++at) {
        const double product = x[at] * f[at];
        sum.add(product);
        sum.add(std::fma(x[at], f[at], -product));
        weights.add(f[at]);
    }
    return sum.over(weights);
}

/// Divides values by a power of two, by which the largest comes near 1, and gives its exponent.
int scale_down(Values& values) {
    double largest = 0;
    for (const double value : values) {
        largest = std::max(largest, std::fabs(value));
    }
    const int exponent = largest == 0 ? 0 : std::ilogb(largest);
    for (double& value : values) {
        value = std::ldexp(value, -exponent);
    }
    return exponent;
}

/// The places of values from the least to the greatest.
std::vector<std::size_t> order_of(const Values& values) {
    std::vector<std::size_t> order(values.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    std::sort(order.begin(), order.end(), [&values](std::size_t a, std::size_t b) { return values[a] < values[b]; });
    return order;
}

/// Whether each class, in that order, ends above its beginning, where the next one begins.
bool classes_join(const Values& lower, const Values& upper, const std::vector<std::size_t>& order) {
    constexpr double slack = 1e-9; // of a width, for boundaries that are computed
    for (std::size_t at = 0; at < order.size(); ++at) {
        const double width = upper[order[at]] - lower[order[at]];
        const double next = at + 1 < order.size() ? lower[order[at + 1]] : upper[order[at]];
        if (!(width > 0) || std::fabs(next - upper[order[at]]) > slack * width) {
            return false;
        }
    }
    return true;
}

Made weighted_spread(bool population, bool root) {
    return pairs_by([population, root](Samples& samples, const Faults& faults) {
        const Values& f = samples[1];
        const double n = total(f);
        const double over = population ? n : n - 1;
        if (any_negative(f) || (!population && !all_whole(f))) {
            return faults.out_of_domain();
        }
        if (over <= 0) {
            return Value::missing();
        }
        // Two passes: distances from the mean, whose own mean is what rounding it has left (Björck).
        Values off = samples[0];
        int exponent = scale_down(off);
        const double mean = weighted_mean(off, f);
        for (std::size_t at = 0; at < f.size(); ++at) {
            off[at] = f[at] > 0 ? off[at] - mean : 0;
        }
        exponent += scale_down(off);
        const double left = weighted_mean(off, f);
        CompensatedSum squares;
        for (std::size_t at = 0; at < f.size(); ++at) {
            squares.add(f[at] * off[at] * off[at]);
        }
        const double variance = std::max(0.0, squares.total() - n * left * left) / over;
        return faults.number(root ? std::ldexp(std::sqrt(variance), exponent) : std::ldexp(variance, 2 * exponent));
    });
}

} // namespace

Made make_wmean(Plain) {
    return pairs_by([](Samples& samples, const Faults& faults) {
        const double n = total(samples[1]);
        if (any_negative(samples[1])) {
            return faults.out_of_domain();
        }
        if (n == 0) {
            return Value::missing();
        }
        Values x = samples[0];
        const int exponent = scale_down(x);
        return faults.number(std::ldexp(weighted_mean(x, samples[1]), exponent));
    });
}

Made make_wvar(Plain) {
    return weighted_spread(false, false);
}
Made make_wvar_pop(Plain) {
    return weighted_spread(true, false);
}
Made make_wsd(Plain) {
    return weighted_spread(false, true);
}
Made make_wsd_pop(Plain) {
    return weighted_spread(true, true);
}

Made make_wquantile(Plain plain) {
    return pairs_by(
        [p = plain_number(plain, 0, -1), type = plain_number(plain, 1, 7)](Samples& samples, const Faults& faults) {
            const Values& x = samples[0];
            const Values& f = samples[1];
            if (any_negative(f) || !sound_quantile(p, type)) {
                return faults.out_of_domain();
            }
            const std::vector<std::size_t> order = order_of(x);
            Values up_to; // how many values stand up to each of the ordered ones
            CompensatedSum running;
            for (const std::size_t at : order) {
                running.add(f[at]);
                up_to.push_back(running.total());
            }
            const double n = up_to.empty() ? 0 : up_to.back();
            const auto value_at = [&](double k) { // the least that so many values do not exceed
                const auto place = std::lower_bound(up_to.begin(), up_to.end(), k);
                return x[order[static_cast<std::size_t>(std::min(place, up_to.end() - 1) - up_to.begin())]];
            };
            if (n == 0) {
                return Value::missing();
            }
            if (all_whole(f)) {
                return Value::number(quantile_of(n, p, static_cast<int>(type), value_at));
            }
            if (!add_up_to_one(f)) {
                return faults.out_of_domain();
            }
            const double slack = 4 * std::numeric_limits<double>::epsilon();
            const auto first = std::find_if(order.begin(), order.end(), [&f](std::size_t at) { return f[at] > 0; });
            return Value::number(p > slack ? value_at(p * n - slack) : x[*first]);
        });
}

Made make_discrete(Plain) {
    return pairs_by([](Samples& samples, const Faults& faults) {
        const auto list = made_list(samples[0], samples[1]);
        return list ? distribution_value(listed_distribution(*list)) : faults.out_of_domain();
    });
}

Made make_grouped_quantile(Plain plain) {
    return pairs_by(
        [p = plain_number(plain, 0, -1)](Samples& samples, const Faults& faults) {
            const Values& lower = samples[0];
            const Values& upper = samples[1];
            const Values& f = samples[2];
            const double n = total(f);
            const std::vector<std::size_t> order = order_of(lower);
            if (any_negative(f) || !(p >= 0 && p <= 1) || !classes_join(lower, upper, order)) {
                return faults.out_of_domain();
            }
            if (n == 0) {
                return Value::missing();
            }
            // Within a class values are taken to lie evenly. Sums that differ by rounding alone are at one limit.
            const double slack = 4 * std::numeric_limits<double>::epsilon() * n;
            CompensatedSum running;
            double before = 0;
            double last = 0;
            for (const std::size_t at : order) {
                if (f[at] <= 0) {
                    continue;
                }
                running.add(f[at]);
                if (running.total() >= p * n - slack) {
                    const double part = std::clamp((p * n - before) / f[at], 0.0, 1.0);
                    return faults.number(std::lerp(lower[at], upper[at], part));
                }
                before = running.total();
                last = upper[at];
            }
            return faults.number(last);
        },
        3);
}

Made make_grouped_share(Plain plain) {
    return pairs_by(
        [x = plain_number(plain, 0, 0)](Samples& samples, const Faults& faults) {
            const Values& lower = samples[0];
            const Values& upper = samples[1];
            const Values& f = samples[2];
            const double n = total(f);
            if (any_negative(f) || !classes_join(lower, upper, order_of(lower))) {
                return faults.out_of_domain();
            }
            if (n == 0) {
                return Value::missing();
            }
            CompensatedSum below;
            for (std::size_t at = 0; at < f.size(); ++at) {
                below.add(f[at] * std::clamp((x - lower[at]) / (upper[at] - lower[at]), 0.0, 1.0));
            }
            return faults.number(below.total() / n);
        },
        3);
}

} // namespace ledgefall
