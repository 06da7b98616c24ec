#pragma once

namespace ledgefall {

/// `x` rounded to `decimals` decimals (negative ones round before the point): the decimal number as written is rounded,
/// halves away from zero, so that 2.675 gives 2.68 although the double lies just below it. Not a number where
/// `decimals` is no whole number from -300 to 300.
double round_decimal(double x, double decimals);

/// The same to `figures` significant figures, a whole number from 1 to 17.
double round_significant(double x, double figures);

} // namespace ledgefall
