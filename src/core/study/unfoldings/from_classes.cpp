// Mean and standard deviation from the middles of classes and their counts.

#include "core/study/unfoldings/unfolding.h"

namespace ledgefall::unfolding_parts {

std::vector<Unfolding> from_classes() {
    return {
        {"grouped",
         N_("mean and standard deviation from classes"),
         {"middle", "frequency"},
         {{UnfoldingStep::Where::ledge, "$n = sum($y where not is_missing($x))", N_("number of values")},
          {UnfoldingStep::Where::column, "$fx = $y * $x", N_("f · midpoint")},
          {UnfoldingStep::Where::sum, "$fx", ""},
          {UnfoldingStep::Where::ledge, "$mean = sum($fx) / $n", N_("the mean from the classes")},
          {UnfoldingStep::Where::column, "$fsq = $y * ($x - $mean)^2", N_("f · (midpoint − mean)²")},
          {UnfoldingStep::Where::sum, "$fsq", ""},
          {UnfoldingStep::Where::ledge, "$variance = sum($fsq) / ($n - 1)", N_("divided by n − 1")},
          {UnfoldingStep::Where::ledge, "$s = sqrt($variance)", N_("the standard deviation from the classes")},
          {UnfoldingStep::Where::check, "$mean ≈ wmean($x, $y)", ""},
          {UnfoldingStep::Where::check, "$s ≈ wsd($x, $y)", ""}}},
    };
}

} // namespace ledgefall::unfolding_parts
