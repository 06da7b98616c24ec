#pragma once

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
};

} // namespace ledgefall
