// Quartiles by their place among the values in order, as the study's method of quantiles has it.

#include "core/study/unfoldings/unfolding.h"

#include <array>

namespace ledgefall::unfolding_parts {
namespace {

/// The position of a quartile by the median of a half, of which `round` says whether the middle value is in it.
std::string position_in_half(const std::string& p, const std::string& round, const std::string& otherwise) {
    const std::string half = "(larger(1, " + round + "($n / 2)) + 1) / 2";
    return p == "0.25" ? half : p == "0.75" ? "$n + 1 - " + half : otherwise;
}

/// The positions of Hyndman and Fan (1996), types 1 to 9, and those of the medians of halves, for a probability `p`:
/// between two values the quantile lies as far as the position does.
std::array<std::string, 11> positions(const std::string& p) {
    const std::string np = "$n * " + p;
    const std::string whole_below = "floor(" + np + " - 0.5)";
    return {"ceil(" + np + ")",
            "if " + np + " = floor(" + np + ") then " + np + " + 0.5 else ceil(" + np + ")",
            whole_below + " + (if " + np + " - 0.5 = " + whole_below + " and " + whole_below + " / 2 = floor(" +
                whole_below + " / 2) then 0 else 1)",
            np,
            np + " + 0.5",
            "($n + 1) * " + p,
            "1 + ($n - 1) * " + p,
            "($n + 1/3) * " + p + " + 1/3",
            "($n + 1/4) * " + p + " + 3/8",
            position_in_half(p, "floor", "($n + 1) * " + p),
            position_in_half(p, "ceil", "1 + ($n - 1) * " + p)};
}

Unfolding quartile(const char* name, const char* label, const std::string& p) {
    Unfolding all{
        name,
        label,
        {"x"},
        {{UnfoldingStep::Where::ledge, "$n = count($x)", N_("number of values")},
         {UnfoldingStep::Where::column,
          "$ordered = if row > $n then missing else if $n = 1 then min($x) else quantile($x, (row - 1) / ($n - 1), 7)",
          N_("Sorted")}}};
    const auto by_type = positions(p);
    for (std::size_t at = 0; at < by_type.size(); ++at) {
        all.steps.push_back({.where = UnfoldingStep::Where::ledge,
                             .definition = "$at = larger(1, smaller($n, " + by_type[at] + "))",
                             .note = N_("its position in order, from 1, by the study's method of quantiles"),
                             .quantile_type = static_cast<int>(at) + 1});
    }
    const std::vector<UnfoldingStep> rest = {
        {UnfoldingStep::Where::ledge, "$below = $ordered[floor($at)]", N_("the value at or below that position")},
        {UnfoldingStep::Where::ledge, "$above = $ordered[ceil($at)]", N_("the value at or above it")},
        {UnfoldingStep::Where::ledge, "$q = $below + ($at - floor($at)) * ($above - $below)",
         N_("interpolated between them")},
        {UnfoldingStep::Where::check, "$q ≈ quantile($x, " + p + ", $type)", ""}};
    all.steps.insert(all.steps.end(), rest.begin(), rest.end());
    return all;
}

} // namespace

std::vector<Unfolding> quartiles() {
    return {quartile("q1", N_("first quartile, by position"), "0.25"),
            quartile("median", N_("median, by position"), "0.5"),
            quartile("q3", N_("third quartile, by position"), "0.75")};
}

} // namespace ledgefall::unfolding_parts
