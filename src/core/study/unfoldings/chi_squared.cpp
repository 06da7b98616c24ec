// Chi-squared, by squared differences.

#include "core/study/unfoldings/unfolding.h"

namespace ledgefall::unfolding_parts {

std::vector<Unfolding> chi_squared() {
    return {
        {"chi2_stat",
         N_("chi-squared"),
         {"observed", "expected"},
         {{UnfoldingStep::Where::column, "$diff = $x - $y", N_("Observed − expected")},
          {UnfoldingStep::Where::column, "$part = $diff^2 / $y", N_("Squared / expected")},
          {UnfoldingStep::Where::sum, "$part", ""},
          {UnfoldingStep::Where::ledge, "$chi2 = sum($part)", N_("chi-squared")},
          {UnfoldingStep::Where::ledge, "$fitted = 0", N_("number of parameters estimated from the counts")},
          {UnfoldingStep::Where::ledge, "$freedom = count($part) - 1 - $fitted", N_("degrees of freedom")},
          {UnfoldingStep::Where::ledge, "$p_value = P(chi_squared($freedom) >= $chi2)",
           N_("probability of a chi-squared this large or larger")},
          {UnfoldingStep::Where::ledge, "$smallest_expected = min($y where not is_missing($x))",
           N_("smallest expected count")},
          {UnfoldingStep::Where::ledge, "$below_5 = count($y < 5 where not is_missing($x))",
           N_("number of expected counts below 5")},
          {UnfoldingStep::Where::check, "$chi2 ≈ chi2_stat($x, $y)"},
          {UnfoldingStep::Where::check, "$smallest_expected >= 1 and $below_5 <= count($part) / 5",
           N_("expected counts are large enough for chi-squared"),
           N_("Some expected counts are small. Pool neighbouring rows by Compare observed with expected counts.")}}},
    };
}

} // namespace ledgefall::unfolding_parts
