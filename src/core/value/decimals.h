#pragma once

#include <string>

namespace ledgefall {

/// The decimal digits of a number as it is written shortest, which are what a person sees as it. There is one rounding
/// for what is shown and what is computed: of these digits, halves away from zero, so that 2.675 gives 2.68 although
/// the double lies just below it.
class Decimal {
  public:
    explicit Decimal(double finite);

    /// Times a power of ten, which changes no digit.
    Decimal times_ten_to(int power) const;
    Decimal to_decimals(int decimals) const; ///< negative ones round before the point
    Decimal to_figures(int figures) const;

    /// What a number with these digits is as a double; infinite where it is too large.
    double number() const;
    int exponent() const { return exponent_; } ///< of the first digit: 2 of 345.6
    /// `-2.50`: with that many decimals, zeros among them.
    std::string fixed(int decimals) const;
    /// `-2.50e-07`: the same before a power of ten.
    std::string scientific(int decimals) const;

  private:
    Decimal() = default;
    Decimal keeping(int digits) const;
    std::string digits_; ///< without zeros at either end; empty for 0
    int exponent_ = 0;
    bool negative_ = false;
};

/// How many decimals a number is written with in its shortest form, up to 15: 2.50 has one, 1e-3 three.
int decimals_of(double number);

/// The number rounded to so many decimals, as `Decimal` says: 0.1 + 2 · 0.1 to one decimal is 0.3.
double rounded_to(double number, int decimals);

/// The number rounded to so many significant figures.
double rounded_to_figures(double number, int figures);

/// The same for any numbers of decimals and figures: not a number where `decimals` is no whole number from −300 to 300,
/// or `figures` none from 1 to 17.
double round_decimal(double x, double decimals);
double round_significant(double x, double figures);

/// `start + steps · step`, with no more decimals than both have, so that steps do not drift.
double stepped(double start, double step, double steps);

} // namespace ledgefall
