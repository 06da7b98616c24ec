#pragma once

#include <functional>

namespace ledgefall {

/// A distribution over whole numbers with one hill, by its terms, which are known between whole numbers, too.
struct DiscreteTerms {
    /// Of k + offset, which is within `least` − ½ and `most` + ½.
    std::function<double(double k, double offset)> term;
    double least = 0, most = 0;       ///< infinite where there is no end
    double middle = 0, deviation = 0; ///< its mean and standard deviation
};

/// P(X ≤ k) or, of the upper tail, P(X > k), for least ≤ k < most. Summed on the side of the middle where the terms
/// fall; where thousands of terms count, integrated (Euler and Maclaurin's formula from midpoint to midpoint).
double tail_of_terms(const DiscreteTerms& of, double k, bool upper);

} // namespace ledgefall
