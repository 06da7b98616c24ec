#pragma once

#include "core/study/edits/edits.h"

namespace ledgefall {

enum class CriticalSide : std::uint8_t { small, large, both };

/// On the study's ledge: the significance level, the end of the critical region of a distribution (or both ends, with
/// half the level each), and the actual size of the region. `distribution` is a formula; one that is no name is held
/// first. `held` is the last of what is made.
Result<Study> critical_region(const Study& study, const std::string& distribution, double level, CriticalSide side,
                              Id* held = nullptr);

/// A table of the values of a discrete distribution within about four standard deviations of its mean, with their
/// probabilities, and those up to and from each on.
Result<Study> probability_table(const Study& study, const std::string& distribution, Id* added);
/// The same with the normal approximation with continuity correction beside the exact probabilities, its error in each
/// row and the largest.
Result<Study> approximation_table(const Study& study, const std::string& distribution, Id* added);

enum class FittedFamily : std::uint8_t { poisson, binomial };

/// Beside a column of values and one of their observed counts the counts expected by a Poisson or binomial distribution
/// whose mean, or probability, is estimated from them; the number of trials of a binomial one is held.
Result<Study> fit_counts(const Study& study, Id values, Id counts, FittedFamily family, Id* added = nullptr);

} // namespace ledgefall
