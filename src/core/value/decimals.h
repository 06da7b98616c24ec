#pragma once

namespace ledgefall {

/// How many decimals a number is written with in its shortest form, up to 15: 2.50 has one, 1e-3 three.
int decimals_of(double number);

/// The double nearest to `number` written with that many decimals: 0.1 + 2 · 0.1 to one decimal is 0.3.
double rounded_to(double number, int decimals);

/// The double nearest to `number` written with that many significant figures.
double rounded_to_figures(double number, int figures);

/// `start + steps · step`, with no more decimals than both have, so that steps do not drift.
double stepped(double start, double step, double steps);

} // namespace ledgefall
