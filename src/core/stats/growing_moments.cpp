#include "core/stats/growing_moments.h"

#include <cmath>

namespace ledgefall {

/// By Newton's method, from the square root of a double.
Wide square_root(Wide x) {
    Wide root = x;
    if (const auto narrow = static_cast<double>(x); std::isnormal(narrow)) {
        root = std::sqrt(narrow);
    }
    for (int step = 0; step < 60 && root > 0; ++step) {
        const Wide next = (root + x / root) / 2;
        const bool done = next == root;
        root = next;
        if (done) {
            break;
        }
    }
    return root;
}

void GrowingCross::add(double a, double b) {
    n += 1;
    const Wide off_a = a - mean_a;
    const Wide off_b = b - mean_b;
    mean_a += off_a / n;
    mean_b += off_b / n;
    aa += off_a * (a - mean_a);
    bb += off_b * (b - mean_b);
    ab += off_a * (b - mean_b);
}

void GrowingMoments::add(double x) {
    const Wide before = n;
    n += 1;
    const Wide off = x - mean;
    const Wide step = off / n;
    const Wide term = off * step * before;
    mean += step;
    fourth += term * step * step * (n * n - 3 * n + 3) + 6 * step * step * second - 4 * step * third;
    third += term * step * (n - 2) - 3 * step * second;
    second += term;
}

} // namespace ledgefall
