#include "core/study/formats/settled_format.h"
#include "core/study/formats/style_texts.h"
#include "core/value/decimals.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

constexpr const char* minus = "\u2212";
constexpr double degrees_of_radian = 57.295779513082320876798154814105;

std::string with_minus(const std::string& text) {
    return text.starts_with('-') ? minus + text.substr(1) : text;
}

} // namespace

std::string decimals_text(double number, int digits) {
    return with_minus(Decimal(number).fixed(digits));
}

std::string automatic_text(double number, int) {
    const double size = std::fabs(number);
    if (size != 0 && (size >= shown_as_huge || size < shown_as_tiny)) {
        return scientific_text(number, 4);
    }
    std::string text = decimals_text(number, decimals_as_needed(number));
    if (text.find('.') != std::string::npos) {
        text.erase(text.find_last_not_of('0') + 1);
        text.erase(text.find_last_not_of('.') + 1);
    }
    return text;
}

std::string percent_text(double number, int digits) {
    return with_minus(Decimal(number).times_ten_to(2).fixed(digits)) + "\u202F%";
}

std::string significant_text(double number, int digits) {
    const int figures = std::max(digits, 1);
    const int exponent = Decimal(number).to_figures(figures).exponent();
    return exponent < -4 || exponent >= figures ? scientific_text(number, figures - 1)
                                                : decimals_text(number, figures - 1 - exponent);
}

std::string scientific_text(double number, int digits) {
    constexpr const char* raised[] = {"⁰", "¹", "²", "³", "⁴", "⁵", "⁶", "⁷", "⁸", "⁹"};
    const std::string text = Decimal(number).scientific(digits);
    const std::size_t mark = text.find('e');
    const int exponent = std::stoi(text.substr(mark + 1));
    std::string power = exponent < 0 ? "⁻" : "";
    for (const char digit : std::to_string(std::abs(exponent))) {
        power += raised[digit - '0'];
    }
    return with_minus(text.substr(0, mark)) + "·10" + power;
}

std::string degrees_text(double radians, int digits) {
    const double angle = radians * degrees_of_radian;
    return (digits > 0 ? decimals_text(angle, digits) : automatic_text(angle)) + "°";
}

std::string degrees_minutes_text(double radians, int) {
    const double seconds = std::round(std::fabs(radians) * degrees_of_radian * 3600);
    if (!(seconds < 1e15)) {
        return automatic_text(radians);
    }
    const auto whole = static_cast<long long>(seconds);
    return (radians < 0 && whole != 0 ? minus : "") + std::to_string(whole / 3600) + "°" +
           std::to_string(whole / 60 % 60) + "′" + std::to_string(whole % 60) + "″";
}

} // namespace ledgefall
