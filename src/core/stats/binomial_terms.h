#pragma once

namespace ledgefall {

// Single probabilities by saddle-point expansion (Loader 2000, "Fast and accurate computation of binomial
// probabilities"): no large numbers cancel, however many trials there are. The counts need not be whole: `offset` is
// added to k, so that places between whole numbers are told apart where k is large.

/// C(n, k) p^k (1 − p)^(n − k), for 0 ≤ k ≤ n.
double binomial_term(double k, double n, double p, double offset = 0);
/// m^k e^(−m) / k!
double poisson_term(double k, double m, double offset = 0);

} // namespace ledgefall
