#include "core/stats/rounding.h"

#include <array>
#include <charconv>
#include <cmath>
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

} // namespace

double round_decimal(double x, double decimals) {
    if (decimals != std::floor(decimals) || std::fabs(decimals) > 300) {
        return std::nan("");
    }
    if (x == 0 || !std::isfinite(x)) {
        return x;
    }
    // The shortest digits that read back as x are what a person sees as x: d.ddd…e±xx
    std::array<char, 40> buffer{};
    const auto end =
        std::to_chars(buffer.data(), buffer.data() + buffer.size(), std::fabs(x), std::chars_format::scientific);
    const std::string written(buffer.data(), end.ptr);
    const std::size_t mark = written.find('e');
    int exponent = 0;
    const char* from = written.data() + mark + (written[mark + 1] == '+' ? 2 : 1);
    std::from_chars(from, written.data() + written.size(), exponent);
    std::string digits = written.substr(0, 1) + (mark > 2 ? written.substr(2, mark - 2) : std::string());

    const int count = exponent + 1 + static_cast<int>(decimals); // how many of the digits stay
    if (count >= static_cast<int>(digits.size())) {
        return x;
    }
    if (count < 0) {
        return 0;
    }
    const bool up = digits[static_cast<std::size_t>(count)] >= '5';
    digits.resize(static_cast<std::size_t>(count));
    digits.insert(digits.begin(), '0'); // room for a carry, and a digit where none is kept
    if (up) {
        add_one(digits);
    }
    const std::string rounded = digits + "e" + std::to_string(-static_cast<int>(decimals));
    double out = 0;
    std::from_chars(rounded.data(), rounded.data() + rounded.size(), out);
    return std::copysign(out, x);
}

} // namespace ledgefall
