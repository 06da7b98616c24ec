// Correlation and regression, by products of deviations.

#include "core/study/unfoldings/unfolding.h"

namespace ledgefall::unfolding_parts {
namespace {

std::vector<UnfoldingStep> pairs(const std::vector<UnfoldingStep>& end) {
    return after(
        {{UnfoldingStep::Where::ledge, "$mean_x = mean($x where not is_missing($y))", N_("of x where y is known")},
         {UnfoldingStep::Where::ledge, "$mean_y = mean($y where not is_missing($x))", N_("of y where x is known")},
         {UnfoldingStep::Where::column, "$dx = if is_missing($y) then missing else $x - $mean_x", N_("x − mean")},
         {UnfoldingStep::Where::column, "$dy = if is_missing($x) then missing else $y - $mean_y", N_("y − mean")},
         {UnfoldingStep::Where::column, "$dxdy = $dx * $dy", N_("Product")},
         {UnfoldingStep::Where::column, "$dx_sq = $dx^2", N_("(x − mean)²")},
         {UnfoldingStep::Where::sum, "$dxdy", ""},
         {UnfoldingStep::Where::sum, "$dx_sq", ""}},
        end);
}

} // namespace

std::vector<Unfolding> pairs() {
    return {
        {"corr",
         N_("correlation"),
         {"x", "y"},
         pairs(
             {{UnfoldingStep::Where::column, "$dy_sq = $dy^2", N_("(y − mean)²")},
              {UnfoldingStep::Where::sum, "$dy_sq", ""},
              {UnfoldingStep::Where::ledge, "$r = sum($dxdy) / sqrt(sum($dx_sq) * sum($dy_sq))", N_("the correlation")},
              {UnfoldingStep::Where::check, "$r ≈ corr($x, $y)", ""}})},
        {"regression",
         N_("regression line"),
         {"x", "y"},
         pairs({{UnfoldingStep::Where::ledge, "$b = sum($dxdy) / sum($dx_sq)", N_("the slope")},
                {UnfoldingStep::Where::ledge, "$a = $mean_y - $b * $mean_x", N_("the y intercept")},
                {UnfoldingStep::Where::column, "$fit = $a + $b * $x", N_("Fitted")},
                {UnfoldingStep::Where::check, "$b ≈ slope($y, $x)", ""},
                {UnfoldingStep::Where::check, "$a ≈ intercept($y, $x)", ""}})},
    };
}

} // namespace ledgefall::unfolding_parts
