// Mean and standard deviation from the middles of classes and their counts.

#include "core/study/unfoldings/unfolding.h"

namespace ledgefall::unfolding_parts {

std::vector<Unfolding> from_classes() {
    return {
        {"grouped",
         "mean and standard deviation from classes",
         {"middle", "frequency"},
         {{UnfoldingStep::Where::ledge, "$n = sum($y where not is_missing($x))", "how many values"},
          {UnfoldingStep::Where::column, "$fx = $y * $x", "f · middle"},
          {UnfoldingStep::Where::sum, "$fx", ""},
          {UnfoldingStep::Where::ledge, "$mean = sum($fx) / $n", "the mean from the classes"},
          {UnfoldingStep::Where::column, "$fsq = $y * ($x - $mean)^2", "f · (middle − mean)²"},
          {UnfoldingStep::Where::sum, "$fsq", ""},
          {UnfoldingStep::Where::ledge, "$variance = sum($fsq) / ($n - 1)", "over one less than their number"},
          {UnfoldingStep::Where::ledge, "$s = sqrt($variance)", "the standard deviation from the classes"},
          {UnfoldingStep::Where::check, "$mean ≈ wmean($x, $y)", ""},
          {UnfoldingStep::Where::check, "$s ≈ wsd($x, $y)", ""}}},
    };
}

} // namespace ledgefall::unfolding_parts
