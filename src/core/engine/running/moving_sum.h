#pragma once

#include <bit>
#include <cmath>
#include <cstdint>

namespace ledgefall {

/// One divided by a whole number up to 2^26, to twice a double's digits. The high part is never too large, so that a
/// product with it is rounded where the doubles are as close as they are just below the exact one.
struct Reciprocal {
    double high, low;

    /// The remainder that gives the low part is exact by halves of the quotient's digits (Dekker 1971).
    static Reciprocal of(double number) {
        const double nearest = 1 / number;
        const auto bits = std::bit_cast<std::uint64_t>(nearest);
        const double half = std::bit_cast<double>(bits & ~std::uint64_t{0x7FFFFFF});
        const double rest = (1 - half * number) - (nearest - half) * number;
        const double high = std::bit_cast<double>(bits - (rest < 0 ? 1 : 0));
        return {high, (rest + (nearest - high) * number) / number};
    }
};

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
    /// The mean of as many values as `one` is one of. The mean of equal values is that value: the product of the large
    /// parts is rounded once, and what the small ones add brings it back to it.
    double mean(const Reciprocal& one) const {
        const double all = total(); // which is exact where the mean is a power of two
        const double rest = (sum - all) + lost;
        return all * one.high + (all * one.low + rest * one.high);
    }
};

} // namespace ledgefall
