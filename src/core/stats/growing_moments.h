#pragma once

#include <cstddef>

namespace ledgefall {

/// More than a double holds, so that moments can be brought from one value to the next without losing digits.
#ifdef __SIZEOF_FLOAT128__
__extension__ typedef __float128 Wide;
#else
using Wide = long double;
#endif

Wide square_root(Wide x);

/// Sums of squares and products of deviations from the means of two samples, updated with each pair (Welford 1962).
struct GrowingCross {
    Wide n = 0, mean_a = 0, mean_b = 0, aa = 0, bb = 0, ab = 0;
    void add(double a, double b);
};

/// Sums of the powers of deviations from the mean of a sample, updated with each value (Pébay 2008).
struct GrowingMoments {
    Wide n = 0, mean = 0, second = 0, third = 0, fourth = 0;
    void add(double x);
};

} // namespace ledgefall
