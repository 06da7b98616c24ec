#pragma once

#include "core/value/value.h"

#include <array>
#include <optional>
#include <string>
#include <string_view>

namespace ledgefall {

enum class Family : std::uint8_t {
    binomial,
    poisson,
    geometric,
    negative_binomial,
    hypergeometric,
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
    std::array<double, 3> numbers{};

    friend bool operator==(const Distribution&, const Distribution&) = default;
};

std::string_view family_name(Family family);
std::size_t number_count(Family family); ///< how many of the numbers the family has

/// As it is written: `binomial(12, 0.35)`.
std::string write_distribution(const Distribution& distribution);

/// A distribution as a value. It is held once for the whole program, like a text, so that a cell of one is as small as
/// a number; equal ones are the same value.
Value distribution_value(const Distribution& distribution);
/// What such a value holds; the value must be plain and of that kind.
const Distribution& distribution_of(const Value& value);

} // namespace ledgefall
