// Mean, variance and standard deviation, by deviations and their squares.

#include "core/study/unfoldings/unfolding.h"

namespace ledgefall::unfolding_parts {
namespace {

const std::vector<UnfoldingStep> mean_steps = {
    {UnfoldingStep::Where::ledge, "$n = count($x)", N_("number of values")},
    {UnfoldingStep::Where::sum, "$x", ""},
    {UnfoldingStep::Where::ledge, "$mean = sum($x) / $n", N_("their sum divided by n")}};

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
    };
}

} // namespace ledgefall::unfolding_parts
