#pragma once

namespace ledgefall {

// Numbers of ways. Not a number where an argument is no whole number from 0 up; infinite beyond the largest double.

double factorial(double n);
/// n! / (k! (n − k)!): exact below 2^53.
double choose(double n, double k);
/// n! / (n − k)!
double arrange(double n, double k);

} // namespace ledgefall
