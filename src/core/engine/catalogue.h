#pragma once

#include "core/engine/operation.h"

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
    std::string_view source;  ///< the formula, and where it is from
    std::string_view example; ///< a formula without names
    std::string_view example_result; ///< what it gives, in the shortest form; run as a test

    Operation operation;                         ///< of a function of plain arguments
    MakeAccumulator make = nullptr;              ///< of a measure
    MakeAccumulator make_of_condition = nullptr; ///< where the measure differs for a condition
    bool keeps_kind = false;                     ///< the result is of the sample's kind, as the smallest date is a date

    bool is_measure() const { return make != nullptr; }
    /// `round(x, d)`, with what may be left out in brackets.
    std::string signature() const;
};

const std::vector<Function>& catalogue();
const Function* find_function(std::string_view name);

} // namespace ledgefall
