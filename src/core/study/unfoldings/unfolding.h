#pragma once

#include "core/basics/marked_text.h"

#include <string>
#include <vector>

namespace ledgefall {

/// One step on the way to a measure by hand. In `definition` the names that the step gives or uses stand behind a
/// dollar sign (`$n = count($x)`); a name that is taken gets a number when the steps are followed. `$x`, `$y` and `$z`
/// are the chosen columns, `$type` is the study's type of quantiles.
struct UnfoldingStep {
    enum class Where : std::uint8_t {
        column,         ///< a column of the table
        ledge,          ///< a held value of the table
        held_if_absent, ///< the same, unless a held value of that name is there already
        sum,            ///< a column under which its sum is to stand in the foot
        check           ///< a condition on watch
    };
    Where where = Where::ledge;
    std::string definition = {};  ///< of a sum the column's name
    const char* note = "";        ///< of a column and a check its label, of a held value its note
    const char* if_it_fails = ""; ///< of a check
    int quantile_type = 0;        ///< taken only where the study's quantiles are of this type; 0: always
};

/// A measure that can be unfolded into the computation table that gives it.
struct Unfolding {
    std::string name;               ///< `sd`
    std::string label;              ///< for menus
    std::vector<std::string> takes; ///< what its columns are, up to three
    std::vector<UnfoldingStep> steps;
};

/// All of them, in the order of the menu.
const std::vector<Unfolding>& unfoldings();

namespace unfolding_parts {

/// The first steps and then the others.
std::vector<UnfoldingStep> after(std::vector<UnfoldingStep> first, const std::vector<UnfoldingStep>& then);

// A file each.
std::vector<Unfolding> mean_and_spread();
std::vector<Unfolding> quartiles();
std::vector<Unfolding> diversity_indices();
std::vector<Unfolding> pairs();
std::vector<Unfolding> chi_squared();
std::vector<Unfolding> from_classes();
std::vector<Unfolding> binomial();

} // namespace unfolding_parts
} // namespace ledgefall
