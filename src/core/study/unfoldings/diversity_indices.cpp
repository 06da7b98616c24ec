// Diversity indices, by proportions.

#include "core/study/unfoldings/unfolding.h"

namespace ledgefall::unfolding_parts {
namespace {

std::vector<UnfoldingStep> proportions(const std::vector<UnfoldingStep>& end) {
    return after({{UnfoldingStep::Where::ledge, "$total = sum($x)", N_("all individuals")},
                  {UnfoldingStep::Where::sum, "$x", ""},
                  {UnfoldingStep::Where::column, "$p = $x / $total", N_("Proportion")}},
                 end);
}

std::vector<UnfoldingStep> squares_of_proportions(const char* index, const char* end) {
    return proportions({{UnfoldingStep::Where::column, "$p_sq = $p^2", N_("Squared")},
                        {UnfoldingStep::Where::sum, "$p_sq", ""},
                        {UnfoldingStep::Where::ledge, index, ""},
                        {UnfoldingStep::Where::check, end, ""}});
}

} // namespace

std::vector<Unfolding> diversity_indices() {
    return {
        {"shannon",
         N_("Shannon's index, of counts"),
         {"counts"},
         proportions({{UnfoldingStep::Where::column, "$p_ln_p = xlnx($p)", "p ln p"},
                      {UnfoldingStep::Where::sum, "$p_ln_p", ""},
                      {UnfoldingStep::Where::ledge, "$H = -sum($p_ln_p)", N_("Shannon's index")},
                      {UnfoldingStep::Where::check, "$H ≈ shannon($x)", ""}})},
        {"dominance",
         N_("Simpson's dominance, of counts"),
         {"counts"},
         squares_of_proportions("$D = sum($p_sq)", "$D ≈ dominance($x)")},
        {"gini_simpson",
         N_("Simpson's diversity 1 − Σp², of counts"),
         {"counts"},
         squares_of_proportions("$D = 1 - sum($p_sq)", "$D ≈ gini_simpson($x)")},
        {"inverse_simpson",
         N_("Inverse Simpson's index, of counts"),
         {"counts"},
         squares_of_proportions("$D = 1 / sum($p_sq)", "$D ≈ inverse_simpson($x)")},
        {"simpson_unbiased",
         N_("Simpson's unbiased diversity, of counts"),
         {"counts"},
         {{UnfoldingStep::Where::ledge, "$total = sum($x)", N_("all individuals")},
          {UnfoldingStep::Where::sum, "$x", ""},
          {UnfoldingStep::Where::column, "$pairs = $x * ($x - 1)", N_("n(n − 1)")},
          {UnfoldingStep::Where::sum, "$pairs", ""},
          {UnfoldingStep::Where::ledge, "$D = 1 - sum($pairs) / ($total * ($total - 1))", N_("Simpson's diversity")},
          {UnfoldingStep::Where::check, "$D ≈ simpson_unbiased($x)", ""}}},
    };
}

} // namespace ledgefall::unfolding_parts
