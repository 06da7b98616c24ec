#pragma once

#include "core/value/value.h"

#include <array>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace ledgefall {

enum class Family : std::uint8_t {
    binomial,
    poisson,
    geometric,
    negative_binomial,
    hypergeometric,
    discrete_uniform,
    listed, ///< its values and probabilities are given one by one
    uniform,
    normal,
    exponential,
    student_t,
    chi_squared,
    f_dist,
    lognormal,
};

/// A distribution: its family and the numbers that choose one of it, in the order in which they are written.
struct Distribution {
    Family family = Family::normal;
    std::array<double, 3> numbers{}; ///< of a listed one the first says where its list is held

    friend bool operator==(const Distribution&, const Distribution&) = default;
};

/// The values of a listed distribution, each once and rising, with their probabilities, which add up to 1.
struct ListedValues {
    std::vector<double> values;
    std::vector<double> probabilities;

    friend bool operator==(const ListedValues&, const ListedValues&) = default;
};

/// The distribution that has these values; they are held once for the whole program.
Distribution listed_distribution(const ListedValues& list);
/// The values of a distribution of the family `listed`.
const ListedValues& listed_values(const Distribution& distribution);

std::string_view family_name(Family family);
std::size_t number_count(Family family); ///< how many of the numbers the family has

/// As it is written: `binomial(12, 0.35)`; of a long list the first values.
std::string write_distribution(const Distribution& distribution);

/// A distribution as a value. It is held once for the whole program, like a text, so that a cell of one is as small as
/// a number; equal ones are the same value.
Value distribution_value(const Distribution& distribution);
/// What such a value holds; the value must be plain and of that kind.
const Distribution& distribution_of(const Value& value);

} // namespace ledgefall
