#include "core/value/decimals.h"

#include "core/basics/sentence.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <string>

namespace ledgefall {

namespace {

/// A number as it is written with so many decimals, whatever the desktop's decimal sign.
double read_back(double number, std::chars_format format, int decimals) {
    std::array<char, 400> text{};
    const auto end = std::to_chars(text.data(), text.data() + text.size(), number, format, decimals).ptr;
    double out = number;
    std::from_chars(text.data(), end, out);
    return out;
}

} // namespace

int decimals_of(double number) {
    const std::string text = shortest(number);
    const std::size_t exponent = text.find('e');
    const std::size_t point = text.find('.');
    const int power = exponent == std::string::npos ? 0 : std::stoi(text.substr(exponent + 1));
    const std::size_t end = exponent == std::string::npos ? text.size() : exponent;
    const int written = point == std::string::npos || point > end ? 0 : static_cast<int>(end - point - 1);
    return std::clamp(written - power, 0, 15);
}

double rounded_to(double number, int decimals) {
    return read_back(number, std::chars_format::fixed, decimals);
}

double rounded_to_figures(double number, int figures) {
    return read_back(number, std::chars_format::scientific, figures - 1);
}

double stepped(double start, double step, double steps) {
    constexpr double exact = 1e15;
    const int decimals = std::max(decimals_of(start), decimals_of(step));
    const double number = start + step * steps;
    return decimals < 15 && std::fabs(number) < exact ? rounded_to(number, decimals) : number;
}

} // namespace ledgefall
