// Mean and standard deviation from the middles of classes and their counts.

#include "core/study/unfoldings/unfolding.h"

namespace ledgefall::unfolding_parts {
namespace {

/// Mean and spread, divided by one less than the count or by the count.
Unfolding grouped_spread(const char* name, const char* label, const char* variance, const char* over,
                         const char* check) {
    return {name,
            label,
            {N_("midpoint"), N_("frequency")},
            {{UnfoldingStep::Where::ledge, "$n = sum($y where not is_missing($x))", N_("number of values")},
             {UnfoldingStep::Where::column, "$fx = $y * $x", N_("f · midpoint")},
             {UnfoldingStep::Where::sum, "$fx", ""},
             {UnfoldingStep::Where::ledge, "$mean = sum($fx) / $n", N_("the mean from the classes")},
             {UnfoldingStep::Where::column, "$fsq = $y * ($x - $mean)^2", N_("f · (midpoint − mean)²")},
             {UnfoldingStep::Where::sum, "$fsq", ""},
             {UnfoldingStep::Where::ledge, variance, over},
             {UnfoldingStep::Where::ledge, "$s = sqrt($variance)", N_("the standard deviation from the classes")},
             {UnfoldingStep::Where::check, "$mean ≈ wmean($x, $y)", ""},
             {UnfoldingStep::Where::check, check, ""}}};
}

const std::vector<std::string> boundaries_and_counts = {N_("lower boundary"), N_("upper boundary"), N_("frequency")};

Unfolding grouped_quartile(const char* name, const char* label, const std::string& p) {
    return {name,
            label,
            boundaries_and_counts,
            {{UnfoldingStep::Where::ledge, "$n = sum($z)", N_("number of values")},
             {UnfoldingStep::Where::column, "$cum = sum($z[1..i])", N_("Cumulative")},
             {UnfoldingStep::Where::ledge, "$at = " + p + " * $n", N_("how many values lie below it")},
             {UnfoldingStep::Where::ledge, "$k = min(row where $cum >= $at)", N_("row of the class in which it lies")},
             {UnfoldingStep::Where::ledge, "$below = $cum[$k] - $z[$k]", N_("values below that class")},
             {UnfoldingStep::Where::ledge, "$q = $x[$k] + ($y[$k] - $x[$k]) * ($at - $below) / $z[$k]",
              N_("interpolated within its class")},
             {UnfoldingStep::Where::check, "$q ≈ grouped_quantile($x, $y, $z, " + p + ")", ""}}};
}

Unfolding grouped_mode() {
    return {"grouped_mode",
            N_("modal class and interpolated mode, from classes"),
            boundaries_and_counts,
            {{UnfoldingStep::Where::column, "$width = $y - $x", N_("Width")},
             {UnfoldingStep::Where::column, "$density = $z / $width", N_("Frequency density")},
             {UnfoldingStep::Where::ledge, "$k = min(row where $density = max($density))",
              N_("row of the modal class, the first where there are several")},
             {UnfoldingStep::Where::ledge, "$rise = $density[$k] - default($density[$k - 1], 0)",
              N_("above the class before")},
             {UnfoldingStep::Where::ledge, "$fall = $density[$k] - default($density[$k + 1], 0)",
              N_("above the class after")},
             {UnfoldingStep::Where::ledge, "$mode = $x[$k] + $width[$k] * $rise / ($rise + $fall)",
              N_("interpolated within the modal class by its neighbours")},
             {UnfoldingStep::Where::check, "$x[$k] <= $mode <= $y[$k]", N_("the mode is in the modal class"),
              N_("The modal class has a neighbour of the same density.")}}};
}

} // namespace

std::vector<Unfolding> from_classes() {
    return {grouped_spread("grouped", N_("mean and standard deviation from classes, of a sample"),
                           "$variance = sum($fsq) / ($n - 1)", N_("divided by n − 1"), "$s ≈ wsd($x, $y)"),
            grouped_spread("grouped_pop", N_("mean and standard deviation from classes, of a population"),
                           "$variance = sum($fsq) / $n", N_("divided by n"), "$s ≈ wsd_pop($x, $y)"),
            grouped_quartile("grouped_q1", N_("first quartile, from classes"), "0.25"),
            grouped_quartile("grouped_median", N_("median, from classes"), "0.5"),
            grouped_quartile("grouped_q3", N_("third quartile, from classes"), "0.75"),
            grouped_mode()};
}

} // namespace ledgefall::unfolding_parts
