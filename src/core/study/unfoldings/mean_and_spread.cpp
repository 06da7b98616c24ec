// Mean, variance and standard deviation, by deviations and their squares.

#include "core/study/unfoldings/unfolding.h"

namespace ledgefall::unfolding_parts {
namespace {

const std::vector<UnfoldingStep> mean_steps = {
    {UnfoldingStep::Where::ledge, "$n = count($x)", N_("number of values")},
    {UnfoldingStep::Where::sum, "$x", ""},
    {UnfoldingStep::Where::ledge, "$mean = sum($x) / $n", N_("their sum divided by n")}};

/// By the sums of the values and of their squares, without deviations.
std::vector<UnfoldingStep> by_sums(const char* variance, const char* over, const char* check) {
    return {{UnfoldingStep::Where::ledge, "$n = count($x)", N_("number of values")},
            {UnfoldingStep::Where::column, "$x_sq = $x^2", N_("Squared")},
            {UnfoldingStep::Where::sum, "$x", ""},
            {UnfoldingStep::Where::sum, "$x_sq", ""},
            {UnfoldingStep::Where::ledge, "$Sxx = sum($x_sq) - sum($x)^2 / $n", N_("Σx² − (Σx)²/n")},
            {UnfoldingStep::Where::ledge, variance, over},
            {UnfoldingStep::Where::ledge, "$s = sqrt($variance)", N_("its square root")},
            {UnfoldingStep::Where::check, check, N_("the sums by hand give the measure"),
             N_("The two sums nearly cancel, so that rounding shows. Use the deviations from the mean.")}};
}

std::vector<UnfoldingStep> spread(const char* variance, const char* over, const std::vector<UnfoldingStep>& end) {
    return after(after(mean_steps, {{UnfoldingStep::Where::column, "$dev = $x - $mean", N_("x − mean")},
                                    {UnfoldingStep::Where::column, "$sq = $dev^2", N_("Squared")},
                                    {UnfoldingStep::Where::sum, "$sq", ""},
                                    {UnfoldingStep::Where::ledge, variance, over}}),
                 end);
}

} // namespace

std::vector<Unfolding> mean_and_spread() {
    return {
        {"mean", N_("mean"), {"x"}, after(mean_steps, {{UnfoldingStep::Where::check, "$mean ≈ mean($x)", ""}})},
        {"var",
         N_("variance of a sample (n − 1)"),
         {"x"},
         spread("$variance = sum($sq) / ($n - 1)", N_("divided by n − 1"),
                {{UnfoldingStep::Where::check, "$variance ≈ var($x)", ""}})},
        {"sd",
         N_("standard deviation of a sample (n − 1)"),
         {"x"},
         spread("$variance = sum($sq) / ($n - 1)", N_("divided by n − 1"),
                {{UnfoldingStep::Where::ledge, "$s = sqrt($variance)", N_("its square root")},
                 {UnfoldingStep::Where::check, "$s ≈ sd($x)", ""}})},
        {"var_pop",
         N_("variance of a whole population (n)"),
         {"x"},
         spread("$variance = sum($sq) / $n", N_("divided by n"),
                {{UnfoldingStep::Where::check, "$variance ≈ var_pop($x)", ""}})},
        {"sd_pop",
         N_("standard deviation of a whole population (n)"),
         {"x"},
         spread("$variance = sum($sq) / $n", N_("divided by n"),
                {{UnfoldingStep::Where::ledge, "$s = sqrt($variance)", N_("its square root")},
                 {UnfoldingStep::Where::check, "$s ≈ sd_pop($x)", ""}})},
        {"sd_by_sums",
         N_("standard deviation of a sample, by Σx² − (Σx)²/n"),
         {"x"},
         by_sums("$variance = $Sxx / ($n - 1)", N_("divided by n − 1"), "$s ≈ sd($x)")},
        {"sd_pop_by_sums",
         N_("standard deviation of a population, by Σx² − (Σx)²/n"),
         {"x"},
         by_sums("$variance = $Sxx / $n", N_("divided by n"), "$s ≈ sd_pop($x)")},
    };
}

} // namespace ledgefall::unfolding_parts
