#include "core/stats/distributions.h"

#include <boost/math/distributions/binomial.hpp>
#include <boost/math/distributions/chi_squared.hpp>
#include <boost/math/distributions/exponential.hpp>
#include <boost/math/distributions/fisher_f.hpp>
#include <boost/math/distributions/geometric.hpp>
#include <boost/math/distributions/lognormal.hpp>
#include <boost/math/distributions/negative_binomial.hpp>
#include <boost/math/distributions/normal.hpp>
#include <boost/math/distributions/poisson.hpp>
#include <boost/math/distributions/students_t.hpp>
#include <boost/math/distributions/uniform.hpp>
#include <boost/math/quadrature/gauss.hpp>

#include <algorithm>
#include <cmath>
#include <limits>

namespace ledgefall {
namespace {

namespace bm = boost::math;
namespace policies = boost::math::policies;

/// Nothing is thrown: what has no value comes back as not a number.
using Silent = policies::policy<
    policies::domain_error<policies::ignore_error>, policies::pole_error<policies::ignore_error>,
    policies::overflow_error<policies::ignore_error>, policies::evaluation_error<policies::ignore_error>,
    policies::rounding_error<policies::ignore_error>, policies::discrete_quantile<policies::integer_round_up>>;

constexpr double infinity = std::numeric_limits<double>::infinity();
const double nothing = std::nan("");

bool whole(double x) {
    return x == std::floor(x) && std::fabs(x) < 1e15;
}

/// One of Boost's distributions for all families but the hypergeometric and a Poisson of mean 0.
template <class Ask>
double ask(const Distribution& d, Ask ask) {
    const auto [a, b, c] = d.numbers;
    switch (d.family) {
    case Family::binomial:
        return ask(bm::binomial_distribution<double, Silent>(a, b));
    case Family::poisson:
        return ask(bm::poisson_distribution<double, Silent>(a));
    case Family::geometric:
        return ask(bm::geometric_distribution<double, Silent>(a));
    case Family::negative_binomial:
        return ask(bm::negative_binomial_distribution<double, Silent>(a, b));
    case Family::uniform:
        return ask(bm::uniform_distribution<double, Silent>(a, b));
    case Family::normal:
        return ask(bm::normal_distribution<double, Silent>(a, b));
    case Family::exponential:
        return ask(bm::exponential_distribution<double, Silent>(a));
    case Family::student_t:
        return ask(bm::students_t_distribution<double, Silent>(a));
    case Family::chi_squared:
        return ask(bm::chi_squared_distribution<double, Silent>(a));
    case Family::f_dist:
        return ask(bm::fisher_f_distribution<double, Silent>(a, b));
    case Family::lognormal:
        return ask(bm::lognormal_distribution<double, Silent>(a, b));
    case Family::hypergeometric:
        break;
    }
    return nothing;
}

/// N, K and n of a hypergeometric distribution, and the least and most marked ones that a sample can have.
struct Hypergeometric {
    double all, marked, sample;
    double least() const { return std::max(0.0, sample - (all - marked)); }
    double most() const { return std::min(marked, sample); }
};

double binomial_part(double k, double n, double p) {
    return bm::pdf(bm::binomial_distribution<double, Silent>(n, p), k);
}

/// As a quotient of three binomial probabilities, none of which is far out (Loader 2000).
double density_of(const Hypergeometric& h, double k) {
    if (k < h.least() || k > h.most() || k != std::floor(k)) {
        return 0;
    }
    if (h.sample == 0 || h.sample == h.all) {
        return 1;
    }
    const double p = h.sample / h.all;
    return binomial_part(k, h.marked, p) * binomial_part(h.sample - k, h.all - h.marked, p) /
           binomial_part(h.sample, h.all, p);
}

/// The probabilities from `k` on in steps of `step`, away from the middle, each from the one before.
double tail_of(const Hypergeometric& h, double k, double step) {
    double term = density_of(h, k);
    double sum = 0;
    while (term > 0 && k >= h.least() && k <= h.most()) {
        sum += term;
        if (term < sum * 1e-18) {
            break;
        }
        const double up = (h.marked - k) * (h.sample - k);
        const double up_by = (k + 1) * (h.all - h.marked - h.sample + k + 1);
        const double down = k * (h.all - h.marked - h.sample + k);
        const double down_by = (h.marked - k + 1) * (h.sample - k + 1);
        term *= step > 0 ? up / up_by : down / down_by;
        k += step;
    }
    return std::min(sum, 1.0);
}

/// P(X ≤ k) or, of the upper tail, P(X > k); summed on the side of the mean where the terms fall.
double tail_of(const Hypergeometric& h, double k, bool upper) {
    if (k < h.least()) {
        return upper ? 1 : 0;
    }
    if (k >= h.most()) {
        return upper ? 0 : 1;
    }
    const double middle = h.sample * h.marked / h.all;
    const double low = k < middle ? tail_of(h, k, -1.0) : 1 - tail_of(h, k + 1, 1.0);
    const double high = k < middle ? 1 - tail_of(h, k, -1.0) : tail_of(h, k + 1, 1.0);
    return upper ? high : low;
}

Hypergeometric hypergeometric(const Distribution& d) {
    return {d.numbers[0], d.numbers[1], d.numbers[2]};
}

/// A distribution that has only the value 0, which Boost does not know.
bool only_zero(const Distribution& d) {
    return (d.family == Family::poisson && d.numbers[0] == 0) || (d.family == Family::geometric && d.numbers[0] == 1) ||
           (d.family == Family::negative_binomial && d.numbers[1] == 1);
}

/// The values that a distribution can have.
std::pair<double, double> support(const Distribution& d) {
    switch (d.family) {
    case Family::binomial:
        return {0, d.numbers[0]};
    case Family::hypergeometric:
        return {hypergeometric(d).least(), hypergeometric(d).most()};
    case Family::uniform:
        return {d.numbers[0], d.numbers[1]};
    case Family::normal:
    case Family::student_t:
        return {-infinity, infinity};
    default:
        return {0, only_zero(d) ? 0 : infinity};
    }
}

double tail(const Distribution& d, double x, bool upper) {
    const auto [low, high] = support(d);
    if (x < low || x >= high) {
        return (x < low) == upper ? 1 : 0;
    }
    if (d.family == Family::hypergeometric) {
        return tail_of(hypergeometric(d), std::floor(x), upper);
    }
    if (x == low && !is_discrete(d.family)) {
        return upper ? 1 : 0;
    }
    const double at = is_discrete(d.family) ? std::floor(x) : x;
    return ask(d, [&](const auto& distribution) {
        return upper ? bm::cdf(bm::complement(distribution, at)) : bm::cdf(distribution, at);
    });
}

} // namespace

bool is_discrete(Family family) {
    return family <= Family::hypergeometric;
}

bool sound(const Distribution& d) {
    const auto [a, b, c] = d.numbers;
    switch (d.family) {
    case Family::binomial:
        return whole(a) && a >= 0 && b >= 0 && b <= 1;
    case Family::poisson:
        return a >= 0;
    case Family::geometric:
        return a > 0 && a <= 1;
    case Family::negative_binomial:
        return a > 0 && b > 0 && b <= 1;
    case Family::hypergeometric:
        return whole(a) && whole(b) && whole(c) && b >= 0 && b <= a && c >= 0 && c <= a;
    case Family::uniform:
        return a < b;
    case Family::normal:
    case Family::lognormal:
        return b > 0;
    case Family::f_dist:
        return a > 0 && b > 0;
    case Family::exponential:
    case Family::student_t:
    case Family::chi_squared:
        return a > 0;
    }
    return false;
}

double density(const Distribution& d, double x) {
    const auto [low, high] = support(d);
    if (x < low || x > high || (is_discrete(d.family) && x != std::floor(x))) {
        return 0;
    }
    if (only_zero(d)) {
        return 1;
    }
    if (d.family == Family::hypergeometric) {
        return density_of(hypergeometric(d), x);
    }
    if (d.family == Family::lognormal && x == 0) {
        return 0;
    }
    const bool starts_at_zero = d.family == Family::chi_squared || d.family == Family::f_dist;
    if (starts_at_zero && x == 0) { // Boost would refuse what is infinite there
        return d.numbers[0] < 2 ? infinity : d.numbers[0] > 2 ? 0 : d.family == Family::f_dist ? 1 : 0.5;
    }
    return ask(d, [x](const auto& distribution) { return bm::pdf(distribution, x); });
}

double at_most(const Distribution& d, double x) {
    return tail(d, x, false);
}
double more_than(const Distribution& d, double x) {
    return tail(d, x, true);
}
double less_than(const Distribution& d, double x) {
    return tail(d, is_discrete(d.family) ? std::ceil(x) - 1 : x, false);
}
double at_least(const Distribution& d, double x) {
    return tail(d, is_discrete(d.family) ? std::ceil(x) - 1 : x, true);
}

double quantile(const Distribution& d, double p) {
    if (!(p >= 0 && p <= 1)) {
        return nothing;
    }
    const auto [low, high] = support(d);
    if (p == 0 || p == 1 || only_zero(d)) {
        const double end = p == 0 ? low : high;
        return std::isinf(end) ? nothing : end;
    }
    if (d.family == Family::hypergeometric) {
        const Hypergeometric h = hypergeometric(d);
        double from = h.least() - 1; // P(X ≤ from) < p ≤ P(X ≤ to)
        double to = h.most();
        while (to - from > 1) {
            const double middle = std::floor((from + to) / 2);
            (tail_of(h, middle, false) >= p ? to : from) = middle;
        }
        return to;
    }
    const double result = ask(d, [p](const auto& distribution) { return bm::quantile(distribution, p); });
    if (!is_discrete(d.family) || !std::isfinite(result)) {
        return result;
    }
    // Rounding may have put the root on the other side of a whole number.
    double k = std::max(low, std::floor(result));
    while (k > low && at_most(d, k - 1) >= p) {
        --k;
    }
    while (k < high && at_most(d, k) < p) {
        ++k;
    }
    return k;
}

double mean_of(const Distribution& d) {
    if (d.family == Family::hypergeometric) {
        const Hypergeometric h = hypergeometric(d);
        return h.all == 0 ? 0 : h.sample * h.marked / h.all;
    }
    const bool has_none =
        (d.family == Family::student_t && d.numbers[0] <= 1) || (d.family == Family::f_dist && d.numbers[1] <= 2);
    return only_zero(d) ? 0
           : has_none   ? nothing
                        : ask(d, [](const auto& distribution) { return bm::mean(distribution); });
}

double variance_of(const Distribution& d) {
    if (d.family == Family::hypergeometric) {
        const Hypergeometric h = hypergeometric(d);
        return h.all <= 1 ? 0
                          : h.sample * (h.marked / h.all) * (1 - h.marked / h.all) * (h.all - h.sample) / (h.all - 1);
    }
    const bool has_none =
        (d.family == Family::student_t && d.numbers[0] <= 2) || (d.family == Family::f_dist && d.numbers[1] <= 4);
    return only_zero(d) ? 0
           : has_none   ? nothing
                        : ask(d, [](const auto& distribution) { return bm::variance(distribution); });
}

double between(const Distribution& d, double low, double high) {
    if (low >= high) {
        return 0;
    }
    if (std::isinf(low)) {
        return std::isinf(high) ? 1 : less_than(d, high);
    }
    if (std::isinf(high)) {
        return more_than(d, low);
    }
    const bool discrete = is_discrete(d.family);
    constexpr double few = 64;
    if (discrete && high - low <= few) { // one by one, since tails that are nearly the same would cancel
        double sum = 0;
        for (double k = std::floor(low) + 1; k < high; ++k) {
            sum += density(d, k);
        }
        return std::min(sum, 1.0);
    }
    const double below = at_most(d, low);
    const bool upper = below > 0.5;
    const double difference = upper ? more_than(d, low) - at_least(d, high) : less_than(d, high) - below;
    const double larger = upper ? more_than(d, low) : less_than(d, high);
    if (discrete || difference > larger * 1e-4) {
        return std::max(difference, 0.0);
    }
    // A narrow interval: what the difference of the tails would lose, the density keeps.
    return bm::quadrature::gauss<double, 15>::integrate([&d](double x) { return density(d, x); }, low, high);
}

std::uint64_t mixed(std::uint64_t key, std::uint64_t with) {
    std::uint64_t z = key + 0x9E3779B97F4A7C15U * (with + 1);
    z = (z ^ (z >> 30U)) * 0xBF58476D1CE4E5B9U;
    z = (z ^ (z >> 27U)) * 0x94D049BB133111EBU;
    return z ^ (z >> 31U);
}

double drawn(const Distribution& d, std::uint64_t key) {
    const double between_0_and_1 = (static_cast<double>(mixed(key, 0) >> 11U) + 0.5) * 0x1p-53;
    return quantile(d, between_0_and_1);
}

} // namespace ledgefall
