// Quartiles by their place among the values in order.

#include "core/study/unfoldings/unfolding.h"

namespace ledgefall::unfolding_parts {
namespace {

std::vector<UnfoldingStep> quartile(const char* position, const char* end) {
    return {
        {UnfoldingStep::Where::ledge, "$n = count($x)", N_("number of values")},
        {UnfoldingStep::Where::column,
         "$ordered = if row > $n then missing else if $n = 1 then min($x) else quantile($x, (row - 1) / ($n - 1), 7)",
         N_("Sorted")},
        {UnfoldingStep::Where::ledge, position, N_("its position in order, from 1")},
        {UnfoldingStep::Where::ledge, "$below = $ordered[floor($at)]", N_("the value at or below that position")},
        {UnfoldingStep::Where::ledge, "$above = $ordered[ceil($at)]", N_("the value at or above it")},
        {UnfoldingStep::Where::ledge, "$q = $below + ($at - floor($at)) * ($above - $below)",
         N_("interpolated between them")},
        {UnfoldingStep::Where::check, end, ""}};
}

} // namespace

std::vector<Unfolding> quartiles() {
    return {
        {"q1",
         N_("first quartile, by position"),
         {"x"},
         quartile("$at = 1 + ($n - 1) * 0.25", "$q ≈ quantile($x, 0.25, 7)")},
        {"median", N_("median, by position"), {"x"}, quartile("$at = 1 + ($n - 1) * 0.5", "$q ≈ median($x)")},
        {"q3",
         N_("third quartile, by position"),
         {"x"},
         quartile("$at = 1 + ($n - 1) * 0.75", "$q ≈ quantile($x, 0.75, 7)")},
    };
}

} // namespace ledgefall::unfolding_parts
