// The mean and the standard deviation of a binomial distribution, from its table.

#include "core/study/unfoldings/unfolding.h"

namespace ledgefall::unfolding_parts {

std::vector<Unfolding> binomial() {
    return {
        {"binomial",
         N_("binomial mean and standard deviation, for k from 0 to n"),
         {"k"},
         {{UnfoldingStep::Where::ledge, "$n = max($x)", N_("number of trials")},
          {UnfoldingStep::Where::held_if_absent, "$p = 0.5", N_("probability of success in each")},
          {UnfoldingStep::Where::column, "$prob = choose($n, $x) * $p^$x * (1 - $p)^($n - $x)", N_("P(k)")},
          {UnfoldingStep::Where::sum, "$prob", ""},
          {UnfoldingStep::Where::column, "$part = $x * $prob", N_("k · P(k)")},
          {UnfoldingStep::Where::sum, "$part", ""},
          {UnfoldingStep::Where::ledge, "$mean = sum($part)", N_("the mean from the table")},
          {UnfoldingStep::Where::column, "$spread = ($x - $mean)^2 * $prob", N_("(k − mean)² · P(k)")},
          {UnfoldingStep::Where::sum, "$spread", ""},
          {UnfoldingStep::Where::ledge, "$variance = sum($spread)", N_("the variance from the table")},
          {UnfoldingStep::Where::ledge, "$s = sqrt($variance)", N_("its square root")},
          {UnfoldingStep::Where::check, "sum($prob) ≈ 1", ""},
          {UnfoldingStep::Where::check, "$mean ≈ mean(binomial($n, $p)) and $mean ≈ $n * $p", ""},
          {UnfoldingStep::Where::check, "$s ≈ sd(binomial($n, $p)) and $s ≈ sqrt($n * $p * (1 - $p))", ""}}},
    };
}

} // namespace ledgefall::unfolding_parts
