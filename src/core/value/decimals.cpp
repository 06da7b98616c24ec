#include "core/value/decimals.h"

#include "core/value/sentence.h"

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <string>

namespace ledgefall {

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
    char text[400];
    const int size = std::snprintf(text, sizeof text, "%.*f", decimals, number);
    return std::stod(std::string(text, static_cast<std::size_t>(std::max(size, 0))));
}

double stepped(double start, double step, double steps) {
    constexpr double exact = 1e15;
    const int decimals = std::max(decimals_of(start), decimals_of(step));
    const double number = start + step * steps;
    return decimals < 15 && std::fabs(number) < exact ? rounded_to(number, decimals) : number;
}

} // namespace ledgefall
