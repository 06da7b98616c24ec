#pragma once

#include "core/stats/accumulator.h"

namespace ledgefall {

// Measures by order alone; missing of no values.
Value smallest_of_order(std::span<const Value> plain, double n, const KthValue& kth, const Faults& faults);
Value largest_of_order(std::span<const Value> plain, double n, const KthValue& kth, const Faults& faults);
Value median_of_order(std::span<const Value> plain, double n, const KthValue& kth, const Faults& faults);
Value quantile_of_order(std::span<const Value> plain, double n, const KthValue& kth, const Faults& faults);
Value q1_of_order(std::span<const Value> plain, double n, const KthValue& kth, const Faults& faults);
Value q3_of_order(std::span<const Value> plain, double n, const KthValue& kth, const Faults& faults);
Value mad_of_order(std::span<const Value> plain, double n, const KthValue& kth, const Faults& faults);
Value iqr_of_order(std::span<const Value> plain, double n, const KthValue& kth, const Faults& faults);
Value kth_of_order(std::span<const Value> plain, double n, const KthValue& kth, const Faults& faults);

// The measures of the catalogue, each as a maker of its accumulator. What they mean and where their formulas are from
// stands in the catalogue; each file has a family of them.
//
// Samples are plain doubles without a unit, in any order but for those that are paired, and of any number: of none at
// all sum and count are 0, product is 1, the others are missing; of one value those that divide by n − 1 are missing.
// Missing values are left out, of paired samples the whole row; the first fault among the values is the result. A
// result that is no finite number is a fault: out of domain where the catalogue says so (`domain`), division by zero,
// or too large. The plain arguments are named behind each maker; where none are, there are none.

using Plain = std::span<const Value>;
using Made = std::unique_ptr<Accumulator>;

// totals.cpp
Made make_sum(Plain);
Made make_product(Plain);
Made make_mean(Plain);
Made make_count(Plain);     ///< of values
Made make_count_yes(Plain); ///< of a condition
Made make_share(Plain);     ///< of a condition
Made make_min(Plain);
Made make_max(Plain);
Made make_range(Plain);

// spread.cpp
Made make_var(Plain);     ///< divides by n - 1
Made make_var_pop(Plain); ///< divides by n
Made make_sd(Plain);
Made make_sd_pop(Plain);
Made make_se(Plain);
Made make_cv(Plain);
Made make_sum_sq(Plain); ///< Σx²
Made make_sxx(Plain);    ///< Σ(x − mean)²
Made make_mean_dev(Plain);

// order.cpp; the last plain argument of a quantile is its type, of the nine of Hyndman and Fan (1996)
Made make_median(Plain);
Made make_quantile(Plain); ///< p, type
Made make_q1(Plain);       ///< type
Made make_q3(Plain);       ///< type
Made make_iqr(Plain);      ///< type
Made make_mad(Plain);
Made make_kth(Plain); ///< k
Made make_mode(Plain);
Made make_modes(Plain);  ///< all of them, as text
Made make_leaves(Plain); ///< stem, unit; text
Made make_distinct(Plain);
Made make_pick(Plain); ///< of the one row that there must be

// moments.cpp
Made make_geomean(Plain);
Made make_harmean(Plain);
Made make_skewness(Plain);
Made make_kurtosis(Plain);

// paired.cpp
Made make_cov(Plain);
Made make_corr(Plain);
Made make_slope(Plain);     ///< of y, x
Made make_intercept(Plain); ///< of y, x
Made make_rank_corr(Plain);

Made make_chi2_stat(Plain);   ///< of observed, expected
Made make_interpolate(Plain); ///< of x, y; at
Made make_t_stat(Plain);      ///< m

// weighted.cpp; of values and their frequencies
Made make_wmean(Plain);
Made make_wvar(Plain);
Made make_wvar_pop(Plain);
Made make_wsd(Plain);
Made make_wsd_pop(Plain);
Made make_wquantile(Plain);        ///< p, type
Made make_grouped_quantile(Plain); ///< of lower, upper, f; p
Made make_grouped_share(Plain);    ///< of lower, upper, f; x
Made make_discrete(Plain);         ///< of values and their probabilities, a distribution

// diversity.cpp; of counts per species
Made make_richness(Plain);
Made make_shannon(Plain); ///< base, or none for natural logarithms
Made make_pielou(Plain);
Made make_dominance(Plain);
Made make_gini_simpson(Plain);
Made make_inverse_simpson(Plain);
Made make_simpson_unbiased(Plain);
Made make_hill(Plain); ///< q
Made make_margalef(Plain);
Made make_menhinick(Plain);
Made make_berger_parker(Plain);
Made make_brillouin(Plain);
Made make_fisher_alpha(Plain);
Made make_chao1(Plain);
Made make_rarefied(Plain);    ///< m
Made make_rarefied_sd(Plain); ///< m
Made make_shannon_var(Plain);
Made make_simpson_evenness(Plain);
Made make_good_coverage(Plain);
Made make_bray_curtis(Plain);
Made make_jaccard(Plain);
Made make_sorensen(Plain);

} // namespace ledgefall
