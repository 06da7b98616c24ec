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
          {UnfoldingStep::Where::check, "$chi2 ≈ chi2_stat($x, $y)", ""}}},
    };
}

} // namespace ledgefall::unfolding_parts
