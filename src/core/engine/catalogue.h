#pragma once

#include "core/engine/operation.h"
#include "core/value/distribution.h"

#include <string>
#include <string_view>
#include <vector>

namespace ledgefall {

/// How an argument of a function is taken. A *sample* runs over rows, a *paired* one runs together with the sample,
/// and a *plain* one follows the formula's own row.
enum class Role : std::uint8_t { plain, sample, paired };

struct Argument {
    std::string_view name;
    Role role = Role::plain;
    Kind kind = Kind::number;
    bool any_kind = false; ///< takes what it is given, of whatever kind
    bool optional = false;
};

/// One function of the language. Help, completion, argument hints and the reference page all come from these entries.
struct Function {
    std::string_view name;
    std::vector<Argument> arguments;
    std::string_view purpose; ///< one sentence
    std::string_view domain;  ///< the sentence of a fault for arguments outside the function's domain; may be empty
    Cause domain_cause = Cause::out_of_domain;
    std::string_view source;         ///< the formula, and where it is from
    std::string_view example;        ///< its names, if any, are those of the example table below
    std::string_view example_result; ///< what it gives, in the shortest form; run as a test

    std::string_view family; ///< under which heading it is listed

    Operation operation;                         ///< of a function of plain arguments
    MakeAccumulator make = nullptr;              ///< of a measure
    MakeAccumulator make_of_condition = nullptr; ///< where the measure differs for a condition
    bool takes_type = false; ///< its last plain argument is a type of quantile, the study's where it is left out
    bool keeps_kind = false; ///< the result is of the sample's kind, as the smallest date is a date

    std::optional<Family> distribution; ///< of a function that gives a distribution

    /// What it comes to in simpler functions, with the names of its arguments: `sum(x) / count(x)`. It shows how a
    /// measure is worked out; a function without an operation or a maker is worked out by it.
    std::string_view written_out;

    bool is_measure() const { return !arguments.empty() && arguments.front().role == Role::sample; }
    /// Whether its first argument is a distribution: its operation then takes the family's number and three others
    /// in its place.
    bool of_distribution() const { return !arguments.empty() && arguments.front().kind == Kind::distribution; }
    /// `round(x, d)`, with what may be left out in brackets.
    std::string signature() const;
};

/// The columns that examples of measures of several columns use: x = 2, 4, 4, 6; y = 1, 4, 2, 5 (row by row with x);
/// and frequencies f = 1, 2, 2, 1.
const std::vector<Function>& catalogue();
/// The function of this name; of several the one that takes no distribution.
const Function* find_function(std::string_view name);
/// The function of this name that takes a distribution: `mean(D)` beside `mean(x)`.
const Function* find_distribution_function(std::string_view name);

} // namespace ledgefall
