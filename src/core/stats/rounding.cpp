#include "core/stats/rounding.h"

#include <array>
#include <charconv>
#include <cmath>
#include <limits>
#include <string>

namespace ledgefall {
namespace {

/// Adds one to the last of some decimal digits; a carry out of the first becomes a digit of its own.
void add_one(std::string& digits) {
    for (auto at = digits.rbegin(); at != digits.rend(); ++at) {
        if (*at != '9') {
            ++*at;
            return;
        }
        *at = '0';
    }
    digits.insert(digits.begin(), '1');
}

/// The shortest digits that read back as x, which are what a person sees as x: d.ddd… times 10^exponent.
struct Decimal {
    std::string digits;
    int exponent = 0;

    explicit Decimal(double x) {
        std::array<char, 40> buffer{};
        const auto end =
            std::to_chars(buffer.data(), buffer.data() + buffer.size(), std::fabs(x), std::chars_format::scientific);
        const std::string written(buffer.data(), end.ptr);
        const std::size_t mark = written.find('e');
        const char* from = written.data() + mark + (written[mark + 1] == '+' ? 2 : 1);
        std::from_chars(from, written.data() + written.size(), exponent);
        digits = written.substr(0, 1) + (mark > 2 ? written.substr(2, mark - 2) : std::string());
    }

    /// The number with `count` of its digits, halves away from zero, and the sign of x; infinite where that is too
    /// large.
    double rounded(int count, double x) const {
        if (count >= static_cast<int>(digits.size())) {
            return x;
        }
        if (count < 0) {
            return 0;
        }
        // A zero in front: room for a carry, and a digit where none stays.
        std::string stays = "0" + digits.substr(0, static_cast<std::size_t>(count));
        if (digits[static_cast<std::size_t>(count)] >= '5') {
            add_one(stays);
        }
        const std::string written = stays + "e" + std::to_string(exponent + 1 - count);
        double out = 0;
        if (std::from_chars(written.data(), written.data() + written.size(), out).ec ==
            std::errc::result_out_of_range) {
            out = exponent > 0 ? std::numeric_limits<double>::infinity() : 0;
        }
        return out == 0 ? 0 : std::copysign(out, x);
    }
};

} // namespace

double round_decimal(double x, double decimals) {
    if (decimals != std::floor(decimals) || std::fabs(decimals) > 300) {
        return std::nan("");
    }
    if (x == 0 || !std::isfinite(x)) {
        return x;
    }
    const Decimal decimal(x);
    return decimal.rounded(decimal.exponent + 1 + static_cast<int>(decimals), x);
}

double round_significant(double x, double figures) {
    if (figures < 1 || figures > 17 || figures != std::floor(figures)) {
        return std::nan("");
    }
    return x == 0 || !std::isfinite(x) ? x : Decimal(x).rounded(static_cast<int>(figures), x);
}

} // namespace ledgefall
