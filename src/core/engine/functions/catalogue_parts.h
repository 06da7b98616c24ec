#pragma once

#include "core/engine/functions/catalogue.h"

namespace ledgefall::catalogue_parts {

// The catalogue's families, each in a file of its own.
std::vector<Function> numbers();
std::vector<Function> gaps_and_texts();
std::vector<Function> dates();
std::vector<Function> measures_of_one_column();
std::vector<Function> measures_of_several_columns();
std::vector<Function> diversity();
std::vector<Function> probability();
std::vector<Function> classes_and_units();

/// Of a distribution: part 0 is the number of its family, 1 to 3 its own numbers.
Operation distribution_part(std::size_t part);

/// The smallest or the greatest number that is in a class.
Operation first_in_interval();
Operation last_in_interval();

/// A function of plain arguments by its operation.
inline Function plain_function(std::string_view name, std::vector<Argument> arguments, const Operation& operation,
                               std::string_view purpose, std::string_view example, std::string_view result,
                               std::string_view domain = "", std::string_view source = "") {
    Function f;
    f.name = name;
    f.arguments = std::move(arguments);
    f.operation = operation;
    f.purpose = purpose;
    f.domain = domain;
    f.source = source;
    f.example = example;
    f.example_result = result;
    return f;
}

} // namespace ledgefall::catalogue_parts
