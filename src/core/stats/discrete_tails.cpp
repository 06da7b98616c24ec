#include "core/stats/discrete_tails.h"

#include <boost/math/quadrature/gauss.hpp>

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

bool within(const DiscreteTerms& of, double k) {
    return k >= of.least && k <= of.most;
}

/// The terms from k on in steps of one, away from the middle, one by one.
double added_up(const DiscreteTerms& of, double k, double step) {
    double sum = 0;
    for (; within(of, k); k += step) {
        const double term = of.term(k, 0);
        sum += term;
        if (term < sum * 1e-18 || term == 0) {
            break;
        }
    }
    return sum;
}

/// The same as an integral: the sum of f(k), f(k + 1), … is ∫ f from k − ½ on, and f'(k − ½) / 24, but for a part of
/// the order of 1 / deviation⁴.
double integrated(const DiscreteTerms& of, double k, double step) {
    const double here = of.term(k, 0);
    if (here == 0) {
        return 0;
    }
    const double next = within(of, k + step) ? of.term(k + step, 0) : 0;
    const double decay = next > 0 ? std::fabs(std::log(next / here)) : 1;
    const double width = 2 * std::min(of.deviation, decay > 0 ? 1 / decay : of.deviation);
    const double end = (step > 0 ? of.most - k : k - of.least) + 0.5;
    const auto term = [&](double away) { return of.term(k, step * away); };
    double from = -0.5; // how far from k, away from the middle
    double sum = 0;
    for (int panel = 0; panel < 2000 && from < end; ++panel) {
        const double to = std::min(from + width, end);
        const double part = boost::math::quadrature::gauss<double, 30>::integrate(term, from, to);
        sum += part;
        if (part <= sum * 1e-19) {
            break;
        }
        from = to;
    }
    const double before = within(of, k - step) ? of.term(k - step, 0) : here;
    return sum + (here - before) / 24;
}

} // namespace

double tail_of_terms(const DiscreteTerms& of, double k, bool upper) {
    constexpr double few_terms = 1000; // as a standard deviation
    const bool below = k < of.middle;
    const double step = below ? -1 : 1;
    const double first = below ? k : k + 1;
    const double tail =
        std::min(1.0, of.deviation < few_terms ? added_up(of, first, step) : integrated(of, first, step));
    return below == upper ? 1 - tail : tail;
}

} // namespace ledgefall
