#include "core/stats/quantile_search.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <cstdint>
#include <limits>

namespace ledgefall {
namespace {

/// Doubles in their order as whole numbers.
std::int64_t order_of(double x) {
    const auto bits = std::bit_cast<std::int64_t>(x);
    return bits < 0 ? std::numeric_limits<std::int64_t>::min() - bits : bits;
}
double double_at(std::int64_t order) {
    return std::bit_cast<double>(order < 0 ? std::numeric_limits<std::int64_t>::min() - order : order);
}

} // namespace

double first_whole_reached(double low, double high, double guess, double step,
                           const std::function<bool(double)>& reached) {
    constexpr double largest = std::numeric_limits<double>::max();
    high = std::min(high, largest);
    guess = std::clamp(std::floor(guess), low, high);
    double below = low - 1; // not reached, as far as is known
    double above = guess;
    if (reached(guess)) {
        for (double by = std::max(1.0, std::floor(step)); above > low; by *= 2) {
            const double at = std::max(low, std::min(std::floor(above - by), std::nextafter(above, low)));
            if (!reached(at)) {
                below = at;
                break;
            }
            above = at;
        }
    } else {
        below = guess;
        double by = std::max(1.0, std::floor(step));
        do {
            above = std::min(high, std::floor(std::max(below + by, std::nextafter(below, largest))));
            if (above <= below) {
                return std::nan("");
            }
            if (reached(above)) {
                break;
            }
            below = above;
            by *= 2;
        } while (true);
    }
    while (above - below > 1) {
        const double middle = std::floor(below + (above - below) / 2);
        if (middle <= below || middle >= above) {
            break; // neighbouring doubles
        }
        (reached(middle) ? above : below) = middle;
    }
    return above;
}

double first_double_reached(double low, double high, const std::function<bool(double)>& reached) {
    constexpr double largest = std::numeric_limits<double>::max();
    std::int64_t below = order_of(std::max(low, -largest));
    std::int64_t above = order_of(std::min(high, largest));
    if (!reached(double_at(above))) {
        return std::nan("");
    }
    while (above - below > 1) {
        const std::int64_t middle = below / 2 + above / 2 + (below % 2 + above % 2) / 2;
        (reached(double_at(middle)) ? above : below) = middle;
    }
    return double_at(above);
}

} // namespace ledgefall
