#pragma once

#include "core/basics/result.h"
#include "core/basics/stopping.h"
#include "core/engine/running/results.h"

#include <string>
#include <vector>

namespace ledgefall {

/// How one value comes about: its formula, the same with this row's numbers put in, and step by step to the result. A
/// measure in it has a working of its own.
struct Working {
    std::string what;               ///< what it is the working of: `dev`, `mean(x)`
    std::vector<std::string> lines; ///< the formula, then what it is equal to, one step after the other
    Value result;
    std::vector<Sentence> notes; ///< where it comes from: a typed cell, an earlier row, where a fault began
    std::vector<Working> parts;  ///< of the measures in it
};

/// The working of a column's cell (`row` from 1), of a held value, a foot value or a check. A sentence where there is
/// no such thing or no such row.
Result<Working> working_of(const Study& study, const Results& results, const DefinitionId& definition,
                           std::size_t row = 0, const StopToken& stop = {});

/// What a person writes for one of them: `Pebbles.dev[3]`, `Planting.value[2, 3]`, `Pebbles.n`, `ledge.q` or `q`, `sum
/// under Pebbles.length`.
struct WorkingPlace {
    DefinitionId definition;
    std::size_t row = 0; ///< of a two-way table the number of the cell, row by row
};
Result<WorkingPlace> place_of_working(const Study& study, const Results& results, const std::string& text);

/// The working as lines of text.
std::string working_text(const Working& working);

} // namespace ledgefall
