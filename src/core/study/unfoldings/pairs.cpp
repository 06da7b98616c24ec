// Correlation and regression, by products of deviations.

#include "core/study/unfoldings/unfolding.h"

namespace ledgefall::unfolding_parts {
namespace {

std::vector<UnfoldingStep> pairs(const std::vector<UnfoldingStep>& end) {
    return after(
        {{UnfoldingStep::Where::ledge, "$mean_x = mean($x where not is_missing($y))", "of the x that have a y"},
         {UnfoldingStep::Where::ledge, "$mean_y = mean($y where not is_missing($x))", "of the y that have an x"},
         {UnfoldingStep::Where::column, "$dx = if is_missing($y) then missing else $x - $mean_x", "x − mean"},
         {UnfoldingStep::Where::column, "$dy = if is_missing($x) then missing else $y - $mean_y", "y − mean"},
         {UnfoldingStep::Where::column, "$dxdy = $dx * $dy", "Product"},
         {UnfoldingStep::Where::column, "$dx_sq = $dx^2", "(x − mean)²"},
         {UnfoldingStep::Where::sum, "$dxdy", ""},
         {UnfoldingStep::Where::sum, "$dx_sq", ""}},
        end);
}

} // namespace

std::vector<Unfolding> pairs() {
    return {
        {"corr",
         "correlation",
         {"x", "y"},
         pairs({{UnfoldingStep::Where::column, "$dy_sq = $dy^2", "(y − mean)²"},
                {UnfoldingStep::Where::sum, "$dy_sq", ""},
                {UnfoldingStep::Where::ledge, "$r = sum($dxdy) / sqrt(sum($dx_sq) * sum($dy_sq))", "the correlation"},
                {UnfoldingStep::Where::check, "$r ≈ corr($x, $y)", ""}})},
        {"regression",
         "regression line",
         {"x", "y"},
         pairs({{UnfoldingStep::Where::ledge, "$b = sum($dxdy) / sum($dx_sq)", "the slope"},
                {UnfoldingStep::Where::ledge, "$a = $mean_y - $b * $mean_x", "where the line meets the axis"},
                {UnfoldingStep::Where::column, "$fit = $a + $b * $x", "On the line"},
                {UnfoldingStep::Where::check, "$b ≈ slope($y, $x)", ""},
                {UnfoldingStep::Where::check, "$a ≈ intercept($y, $x)", ""}})},
    };
}

} // namespace ledgefall::unfolding_parts
