#include "core/stats/combinations.h"

#include <boost/math/special_functions/factorials.hpp>

#include <algorithm>
#include <cmath>
#include <limits>

namespace ledgefall {
namespace {

constexpr double infinity = std::numeric_limits<double>::infinity();

bool counts(double n, double k) {
    return n >= 0 && k >= 0 && n == std::floor(n) && k == std::floor(k);
}

} // namespace

double factorial(double n) {
    return !counts(n, 0) ? std::nan("")
           : n > 170     ? infinity
                         : boost::math::unchecked_factorial<double>(static_cast<unsigned>(n));
}

double choose(double n, double k) {
    if (!counts(n, k)) {
        return std::nan("");
    }
    if (k > n) {
        return 0;
    }
    k = std::min(k, n - k);
    constexpr double most = 1100; // C(2k, k) of more is beyond the largest double
    if (k > most) {
        return infinity;
    }
    // C(n, j + 1) = C(n, j) (n − j) / (j + 1), a division without remainder: exact as long as whole numbers hold it.
    constexpr double whole = 9007199254740992.0; // 2^53
    unsigned __int128 exact = 1;
    double j = 0;
    for (; j < k && n <= whole && exact < (static_cast<unsigned __int128>(1) << 74U); ++j) {
        exact = exact * static_cast<std::uint64_t>(n - j) / static_cast<std::uint64_t>(j + 1);
    }
    auto product = static_cast<long double>(exact); // and then with eleven more bits than the result has
    for (; j < k; ++j) {
        product = product * static_cast<long double>(n - j) / static_cast<long double>(j + 1);
    }
    return static_cast<double>(product);
}

double arrange(double n, double k) {
    if (!counts(n, k)) {
        return std::nan("");
    }
    if (k > n) {
        return 0;
    }
    long double product = 1;
    for (double j = 0; j < k && product <= std::numeric_limits<double>::max(); ++j) {
        product *= static_cast<long double>(n - j);
    }
    return static_cast<double>(product);
}

} // namespace ledgefall
