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

/// By sums of products, of the rows where both are known.
std::vector<UnfoldingStep> pairs_by_sums() {
    const char* const cancel = N_("The sums nearly cancel, so that rounding shows. Use the deviations from the means.");
    return {{UnfoldingStep::Where::column, "$px = if is_missing($y) then missing else $x", N_("x of a pair")},
            {UnfoldingStep::Where::column, "$py = if is_missing($x) then missing else $y", N_("y of a pair")},
            {UnfoldingStep::Where::column, "$x_sq = $px^2", N_("x²")},
            {UnfoldingStep::Where::column, "$y_sq = $py^2", N_("y²")},
            {UnfoldingStep::Where::column, "$xy = $px * $py", N_("Product")},
            {UnfoldingStep::Where::sum, "$px", ""},
            {UnfoldingStep::Where::sum, "$py", ""},
            {UnfoldingStep::Where::sum, "$x_sq", ""},
            {UnfoldingStep::Where::sum, "$y_sq", ""},
            {UnfoldingStep::Where::sum, "$xy", ""},
            {UnfoldingStep::Where::ledge, "$n = count($px)", N_("number of pairs")},
            {UnfoldingStep::Where::ledge, "$Sxx = sum($x_sq) - sum($px)^2 / $n", N_("Σx² − (Σx)²/n")},
            {UnfoldingStep::Where::ledge, "$Syy = sum($y_sq) - sum($py)^2 / $n", N_("Σy² − (Σy)²/n")},
            {UnfoldingStep::Where::ledge, "$Sxy = sum($xy) - sum($px) * sum($py) / $n", N_("Σxy − Σx Σy/n")},
            {UnfoldingStep::Where::ledge, "$r = $Sxy / sqrt($Sxx * $Syy)", N_("the correlation")},
            {UnfoldingStep::Where::ledge, "$b = $Sxy / $Sxx", N_("the slope")},
            {UnfoldingStep::Where::ledge, "$a = (sum($py) - $b * sum($px)) / $n", N_("the y intercept")},
            {UnfoldingStep::Where::check, "$r ≈ corr($x, $y)", N_("the sums by hand give the correlation"), cancel},
            {UnfoldingStep::Where::check, "$b ≈ slope($y, $x)", N_("the sums by hand give the slope"), cancel},
            {UnfoldingStep::Where::check, "$a ≈ intercept($y, $x)", N_("the sums by hand give the intercept"), cancel}};
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
        {"regression_by_sums", N_("correlation and regression line, by Sxx, Sxy and Syy"), {"x", "y"}, pairs_by_sums()},
    };
}

} // namespace ledgefall::unfolding_parts
