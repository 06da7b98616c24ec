#pragma once

#include <string>

namespace ledgefall {

// The texts of the styles for finite numbers, each with a decimal point and a true minus, rounded as `Decimal` rounds.

/// Up to six significant figures, and powers of ten for what is huge or tiny.
std::string automatic_text(double number, int digits = 0);
std::string decimals_text(double number, int digits);
std::string percent_text(double number, int digits);
/// With its zeros, `10.0`; by a power of ten where there are more digits before the point than figures.
std::string significant_text(double number, int digits);
/// Ten to a power as it is written by hand: 3.2·10⁻⁷
std::string scientific_text(double number, int digits);
/// The nearest fraction whose denominator is at most `largest`, with the whole part before it: 3 1/4.
std::string fraction_text(double number, int largest);
/// An angle in radians in degrees.
std::string degrees_text(double radians, int digits);
/// An angle in radians as degrees, minutes and seconds, rounded to whole seconds.
std::string degrees_minutes_text(double radians, int digits);

} // namespace ledgefall
