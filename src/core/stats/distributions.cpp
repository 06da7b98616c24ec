#include "core/stats/distributions.h"

#include "core/stats/binomial_terms.h"
#include "core/stats/boost_policy.h"
#include "core/stats/discrete_tails.h"
#include "core/stats/listed_distributions.h"
#include "core/stats/quantile_search.h"

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
#include <numbers>
#include <numeric>
#include <optional>

namespace ledgefall {
namespace {

namespace bm = boost::math;
using Silent = NothingThrown;

constexpr double infinity = std::numeric_limits<double>::infinity();
const double nothing = std::nan("");

bool whole(double x) {
    return x == std::floor(x) && std::fabs(x) <= 0x1p53;
}

/// One of Boost's distributions for all families but those below and a Poisson of mean 0.
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
    case Family::discrete_uniform:
    case Family::listed:
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

/// As a quotient of three binomial probabilities, none of which is far out (Loader 2000).
double density_of(const Hypergeometric& h, double from, double offset = 0) {
    const double k = from + offset;
    if (k < h.least() || k > h.most()) {
        return 0;
    }
    if (h.sample == 0 || h.sample == h.all) {
        return 1;
    }
    const double p = h.sample / h.all;
    return binomial_term(from, h.marked, p, offset) * binomial_term(h.sample - from, h.all - h.marked, p, -offset) /
           binomial_term(h.sample, h.all, p);
}

double variance_of(const Hypergeometric& h) {
    return h.all <= 1
               ? 0
               : h.sample * (h.marked / h.all) * ((h.all - h.marked) / h.all) * ((h.all - h.sample) / (h.all - 1));
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
    case Family::discrete_uniform:
        return {d.numbers[0], d.numbers[1]};
    case Family::listed:
        return {listed_values(d).values.front(), listed_values(d).values.back()};
    case Family::normal:
    case Family::student_t:
        return {-infinity, infinity};
    default:
        return {0, only_zero(d) ? 0 : infinity};
    }
}

/// Where a family is summed up by its terms: a hypergeometric one always; others where Boost's iterations would need
/// too many steps.
std::optional<DiscreteTerms> terms_of(const Distribution& d) {
    constexpr double wide = 1e8; // as a variance
    const auto [a, b, c] = d.numbers;
    const auto [low, high] = support(d);
    switch (d.family) {
    case Family::hypergeometric: {
        const Hypergeometric h = hypergeometric(d);
        return DiscreteTerms{[h](double k, double offset) { return density_of(h, k, offset); }, low, high,
                             h.sample * h.marked / h.all, std::sqrt(variance_of(h))};
    }
    case Family::binomial:
        if (a * b * (1 - b) > wide) {
            return DiscreteTerms{[n = a, p = b](double k, double offset) {
                                     return k + offset < 0 || k + offset > n ? 0 : binomial_term(k, n, p, offset);
                                 },
                                 low, high, a * b, std::sqrt(a * b * (1 - b))};
        }
        return std::nullopt;
    case Family::poisson:
        if (a > wide) {
            return DiscreteTerms{
                [m = a](double k, double offset) { return k + offset < 0 ? 0 : poisson_term(k, m, offset); }, low, high,
                a, std::sqrt(a)};
        }
        return std::nullopt;
    default:
        return std::nullopt;
    }
}

/// Student's tail beyond a t from 0 up. For one degree of freedom in closed form (Cauchy); far out by the leading term
/// of its series, since t² would overflow.
double student_tail(double v, double t) {
    if (v == 1) {
        return std::atan2(1.0, t) / std::numbers::pi;
    }
    constexpr double far = 1e100;
    if (t > far) {
        const double a = v / 2;
        return 0.5 * std::exp(a * (std::log(v) - 2 * std::log(t))) / (a * bm::beta(a, 0.5, Silent()));
    }
    return bm::cdf(bm::complement(bm::students_t_distribution<double, Silent>(v), t));
}

double continuous_tail(const Distribution& d, double x, bool upper) {
    if (d.family == Family::student_t) {
        const double beyond = student_tail(d.numbers[0], std::fabs(x));
        return (x > 0) == upper ? beyond : 1 - beyond;
    }
    if (d.family == Family::f_dist && d.numbers[0] == 1 && d.numbers[1] == 1) { // the square of a Student's t
        const double angle = upper ? std::atan2(1.0, std::sqrt(x)) : std::atan(std::sqrt(x));
        return 2 * angle / std::numbers::pi;
    }
    return ask(d, [x, upper](const auto& distribution) {
        return upper ? bm::cdf(bm::complement(distribution, x)) : bm::cdf(distribution, x);
    });
}

double discrete_tail(const Distribution& d, double k, bool upper) {
    if (d.family == Family::discrete_uniform) {
        const auto [low, high, none] = d.numbers;
        return (upper ? high - k : k - low + 1) / (high - low + 1);
    }
    if (d.family == Family::geometric) { // (1 − p)^(k + 1)
        const double log_beyond = (k + 1) * std::log1p(-d.numbers[0]);
        return upper ? std::exp(log_beyond) : -std::expm1(log_beyond);
    }
    const auto [low, high] = support(d);
    if (k == low && !upper) {
        return density(d, k);
    }
    if (k == high - 1 && upper) {
        return density(d, high);
    }
    if (const auto terms = terms_of(d)) {
        return tail_of_terms(*terms, k, upper);
    }
    return ask(d, [k, upper](const auto& distribution) {
        return upper ? bm::cdf(bm::complement(distribution, k)) : bm::cdf(distribution, k);
    });
}

double tail(const Distribution& d, double x, bool upper) {
    if (d.family == Family::listed) {
        return upper ? beyond_in_list(listed_values(d), x, false) : up_to_in_list(listed_values(d), x, true);
    }
    const auto [low, high] = support(d);
    if (x < low || x >= high) {
        return (x < low) == upper ? 1 : 0;
    }
    if (is_discrete(d.family)) {
        return discrete_tail(d, std::floor(x), upper);
    }
    return x == low ? (upper ? 1 : 0) : continuous_tail(d, x, upper);
}

/// A distribution's quantile where no formula gives it at once: what Boost finds where that is right, else by halving
/// what lies in between.
double continuous_quantile(const Distribution& d, double p) {
    const double result = ask(d, [p](const auto& distribution) { return bm::quantile(distribution, p); });
    constexpr double close = 1e-11;
    const bool upper = p > 0.5;
    const double wanted = upper ? 1 - p : p;
    const double there = std::isfinite(result) ? tail(d, result, upper) : nothing;
    if (std::fabs(there - wanted) <= close * wanted) {
        return result;
    }
    const auto [low, high] = support(d);
    return first_double_reached(low, high,
                                [&](double x) { return upper ? more_than(d, x) <= wanted : at_most(d, x) >= p; });
}

double discrete_quantile(const Distribution& d, double p) {
    const auto [low, high] = support(d);
    const auto reached = [&d, p](double k) { return p > 0.5 ? more_than(d, k) <= 1 - p : at_most(d, k) >= p; };
    constexpr double whole = 1e6;
    const double mean = mean_of(d);
    const double deviation = std::sqrt(variance_of(d));
    if (d.family == Family::hypergeometric || mean > whole || (d.family == Family::binomial && d.numbers[0] > whole)) {
        const double z = bm::quantile(bm::normal_distribution<double, Silent>(), p);
        return first_whole_reached(low, high, mean + z * deviation, deviation / 64, reached);
    }
    const double guess = ask(d, [p](const auto& distribution) { return bm::quantile(distribution, p); });
    return first_whole_reached(low, high, std::isfinite(guess) ? guess : mean, 1, reached);
}

} // namespace

bool is_discrete(Family family) {
    return family <= Family::listed;
}

bool is_valid(const Distribution& d) {
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
    case Family::discrete_uniform:
        return whole(a) && whole(b) && a <= b;
    case Family::listed:
        return true;
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
    if (d.family == Family::listed) {
        return probability_in_list(listed_values(d), x);
    }
    const auto [low, high] = support(d);
    if (x < low || x > high || (is_discrete(d.family) && x != std::floor(x))) {
        return 0;
    }
    if (only_zero(d)) {
        return 1;
    }
    const auto [a, b, c] = d.numbers;
    switch (d.family) {
    case Family::hypergeometric:
        return density_of(hypergeometric(d), x);
    case Family::discrete_uniform:
        return 1 / (b - a + 1);
    case Family::binomial:
        return binomial_term(x, a, b);
    case Family::poisson:
        return poisson_term(x, a);
    case Family::normal: { // the square of a tiny deviation would vanish
        const double z = (x - a) / b;
        return std::exp(-z * z / 2) / (b * std::sqrt(2 * std::numbers::pi));
    }
    case Family::geometric:
        return a * std::exp(x * std::log1p(-a));
    case Family::negative_binomial: // a part of the binomial probability of r successes in r + k trials
        return x == 0 ? std::exp(a * std::log(b)) : a / (a + x) * binomial_term(a, a + x, b);
    case Family::lognormal:
        if (x == 0) {
            return 0;
        }
        break;
    default:
        break;
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
    if (d.family == Family::listed) {
        return up_to_in_list(listed_values(d), x, false);
    }
    return tail(d, is_discrete(d.family) ? std::ceil(x) - 1 : x, false);
}
double at_least(const Distribution& d, double x) {
    if (d.family == Family::listed) {
        return beyond_in_list(listed_values(d), x, true);
    }
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
    switch (d.family) {
    case Family::uniform:
    case Family::normal:
    case Family::exponential:
    case Family::lognormal:
        return ask(d, [p](const auto& distribution) { return bm::quantile(distribution, p); });
    case Family::listed:
        return quantile_of_list(listed_values(d), p);
    case Family::discrete_uniform: {
        const double count = d.numbers[1] - d.numbers[0] + 1;
        return first_whole_reached(low, high, d.numbers[0] + std::ceil(p * count) - 1, 1,
                                   [&d, p](double k) { return at_most(d, k) >= p; });
    }
    default:
        return is_discrete(d.family) ? discrete_quantile(d, p) : continuous_quantile(d, p);
    }
}

double mean_of(const Distribution& d) {
    if (d.family == Family::hypergeometric) {
        const Hypergeometric h = hypergeometric(d);
        return h.all == 0 ? 0 : h.sample * h.marked / h.all;
    }
    if (d.family == Family::discrete_uniform) {
        return std::midpoint(d.numbers[0], d.numbers[1]);
    }
    if (d.family == Family::listed) {
        return mean_of_list(listed_values(d));
    }
    const bool has_none =
        (d.family == Family::student_t && d.numbers[0] <= 1) || (d.family == Family::f_dist && d.numbers[1] <= 2);
    return only_zero(d) ? 0
           : has_none   ? nothing
                        : ask(d, [](const auto& distribution) { return bm::mean(distribution); });
}

double variance_of(const Distribution& d) {
    if (d.family == Family::hypergeometric) {
        return variance_of(hypergeometric(d));
    }
    if (d.family == Family::discrete_uniform) { // (n² − 1) / 12
        const double apart = d.numbers[1] - d.numbers[0];
        return apart * (apart + 2) / 12;
    }
    if (d.family == Family::listed) {
        return variance_of_list(listed_values(d));
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
    if (d.family == Family::listed) {
        return between_in_list(listed_values(d), {low, false}, {high, false});
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

double draw_number(const Distribution& d, std::uint64_t key) {
    const double between_0_and_1 = (static_cast<double>(mixed(key, 0) >> 11U) + 0.5) * 0x1p-53;
    return quantile(d, between_0_and_1);
}

} // namespace ledgefall
