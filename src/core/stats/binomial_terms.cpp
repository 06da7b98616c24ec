#include "core/stats/binomial_terms.h"

#include "core/stats/combinations.h"

#include <cmath>
#include <limits>
#include <numbers>

namespace ledgefall {
namespace {

/// ln n! − ln(√(2πn) (n/e)^n), by Stirling's series; for small n by the recurrence to larger ones.
double stirling_error(double n) {
    constexpr double enough = 16;
    double from_below = 0;
    for (; n < enough; ++n) {
        from_below += (n + 0.5) * std::log1p(1 / n) - 1;
    }
    const double square = n * n;
    const double series =
        (1.0 / 12 - (1.0 / 360 - (1.0 / 1260 - (1.0 / 1680 - 1.0 / 1188 / square) / square) / square) / square) / n;
    return from_below + series;
}

/// x ln(x/m) + m − x, which is small where x is near m; `apart` is x − m, exact beyond what x and m hold.
double deviance(double x, double m, double apart) {
    if (std::fabs(apart) >= 0.1 * (x + m)) {
        return x * std::log(x / m) - apart;
    }
    const double v = apart / (x + m);
    double sum = apart * v;
    double term = 2 * x * v;
    for (int j = 1; j < 1000; ++j) {
        term *= v * v;
        const double next = sum + term / (2 * j + 1);
        if (next == sum) {
            break;
        }
        sum = next;
    }
    return sum;
}

} // namespace

double binomial_term(double from, double n, double p, double offset) {
    const double k = from + offset;
    if (p == 0 || p == 1) {
        return (p == 0 ? k == 0 : k == n) ? 1 : 0;
    }
    if (n == 0) {
        return 1;
    }
    constexpr double few = 50; // trials, whose number of ways is exact
    if (n <= few && n == std::floor(n) && k == std::floor(k)) {
        const double term = choose(n, k) * std::pow(p, k) * std::pow(1 - p, n - k);
        if (term > std::numeric_limits<double>::min()) {
            return term;
        }
    }
    if (k == 0) {
        return std::exp(n * std::log1p(-p));
    }
    if (k == n) {
        return std::exp(n * std::log(p));
    }
    const double np = n * p;
    const double rounding = std::fma(n, p, -np); // what the product loses by it
    const double apart = (from - np) + (offset - rounding);
    const double exponent = stirling_error(n) - stirling_error(k) - stirling_error(n - k) - deviance(k, np, apart) -
                            deviance(n - k, (n - np) - rounding, -apart);
    return std::exp(exponent) * std::sqrt(1 / (2 * std::numbers::pi * k) / ((n - k) / n));
}

double poisson_term(double from, double m, double offset) {
    const double k = from + offset;
    if (m == 0) {
        return k == 0 ? 1 : 0;
    }
    if (k == 0) {
        return std::exp(-m);
    }
    constexpr double few = 20;
    if (k <= few && k == std::floor(k) && m < 5 * few) {
        return std::pow(m, k) * std::exp(-m) / factorial(k);
    }
    return std::exp(-stirling_error(k) - deviance(k, m, (from - m) + offset)) / std::sqrt(2 * std::numbers::pi * k);
}

} // namespace ledgefall
