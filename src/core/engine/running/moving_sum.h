#pragma once

#include <bit>
#include <cmath>
#include <cstdint>

namespace ledgefall {

/// A sum that values are added to and taken from again, with what rounding loses kept beside it (Knuth's exact sum of
/// two numbers), so that it is as good after a million steps as after one.
struct MovingSum {
    double sum = 0, lost = 0;
    double count = 0; ///< of the values in it, which whoever adds them keeps

    void add(double value) {
        const double next = sum + value;
        const double part = next - sum;
        lost += (sum - (next - part)) + (value - part);
        sum = next;
    }
    /// Takes one value out and another in.
    void exchange(double out, double in) {
        const double step = in - out;
        const double part = step - in;
        lost += (in - (step - part)) - (out + part);
        add(step);
    }
    double total() const { return sum + lost; }
    /// Whether the sum is so much smaller than what went through it that what it has lost is no longer exact.
    bool is_doubtful() const { return std::fabs(lost) > 0x1p-30 * std::fabs(sum); }
    /// The mean of `size` values: the quotient with what its rounding leaves, so that the mean of equal values is that
    /// value. The remainder is exact for up to 2^26 values, by halves of the quotient's digits (Dekker 1971).
    double over(double size, double reciprocal) const {
        const double quotient = sum * reciprocal;
        const double high = std::bit_cast<double>(std::bit_cast<std::uint64_t>(quotient) & ~std::uint64_t{0x7FFFFFF});
        const double remainder = ((sum - high * size) - (quotient - high) * size) + lost;
        return quotient + remainder * reciprocal;
    }
};

} // namespace ledgefall
