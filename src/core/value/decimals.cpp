#include "core/value/decimals.h"

#include "core/basics/sentence.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <limits>
#include <string>

namespace ledgefall {

Decimal::Decimal(double finite)
    : negative_(std::signbit(finite)) {
    std::array<char, 40> buffer{};
    const auto end =
        std::to_chars(buffer.data(), buffer.data() + buffer.size(), std::fabs(finite), std::chars_format::scientific);
    const std::string written(buffer.data(), end.ptr);
    const std::size_t mark = written.find('e');
    const char* from = written.data() + mark + (written[mark + 1] == '+' ? 2 : 1);
    std::from_chars(from, written.data() + written.size(), exponent_);
    digits_ = written.substr(0, 1) + (mark > 2 ? written.substr(2, mark - 2) : std::string());
    digits_.erase(digits_.find_last_not_of('0') + 1);
}

Decimal Decimal::times_ten_to(int power) const {
    Decimal out = *this;
    out.exponent_ += digits_.empty() ? 0 : power;
    return out;
}

Decimal Decimal::keeping(int digits) const {
    if (digits >= static_cast<int>(digits_.size())) {
        return *this;
    }
    Decimal out;
    out.negative_ = negative_;
    if (digits < 0) {
        return out;
    }
    out.exponent_ = exponent_;
    out.digits_ = digits_.substr(0, static_cast<std::size_t>(digits));
    if (digits_[static_cast<std::size_t>(digits)] >= '5') {
        const std::size_t last = out.digits_.find_last_not_of('9');
        out.digits_.erase(last + 1);
        if (out.digits_.empty()) { // a carry out of the first digit
            out.digits_ = "1";
            ++out.exponent_;
        } else {
            ++out.digits_.back();
        }
    }
    out.digits_.erase(out.digits_.find_last_not_of('0') + 1);
    out.exponent_ = out.digits_.empty() ? 0 : out.exponent_;
    return out;
}

Decimal Decimal::to_decimals(int decimals) const {
    return keeping(exponent_ + 1 + decimals);
}

Decimal Decimal::to_figures(int figures) const {
    return keeping(figures);
}

double Decimal::number() const {
    if (digits_.empty()) {
        return 0;
    }
    const std::string written = digits_.substr(0, 1) + "." + digits_.substr(1) + "e" + std::to_string(exponent_);
    double out = 0;
    if (std::from_chars(written.data(), written.data() + written.size(), out).ec == std::errc::result_out_of_range) {
        out = exponent_ > 0 ? std::numeric_limits<double>::infinity() : 0;
    }
    return negative_ ? -out : out;
}

std::string Decimal::fixed(int decimals) const {
    const Decimal rounded = to_decimals(decimals);
    const auto digit = [&rounded](int power) { // before 10^power
        const int at = rounded.exponent_ - power;
        return at >= 0 && at < static_cast<int>(rounded.digits_.size()) ? rounded.digits_[static_cast<std::size_t>(at)]
                                                                        : '0';
    };
    std::string text = negative_ && !rounded.digits_.empty() ? "-" : "";
    for (int power = std::max(rounded.exponent_, 0); power >= -decimals; --power) {
        text += power == -1 ? "." : "";
        text += digit(power);
    }
    return text;
}

std::string Decimal::scientific(int decimals) const {
    const Decimal rounded = to_figures(decimals + 1);
    std::string digits = rounded.digits_;
    digits.resize(static_cast<std::size_t>(decimals) + 1, '0');
    const std::string power = std::to_string(std::abs(rounded.exponent_));
    return (negative_ ? "-" : "") + digits.substr(0, 1) + (decimals > 0 ? "." + digits.substr(1) : "") +
           (rounded.exponent_ < 0 ? "e-" : "e+") + (power.size() < 2 ? "0" : "") + power;
}

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
    return std::isfinite(number) ? Decimal(number).to_decimals(decimals).number() : number;
}

double rounded_to_figures(double number, int figures) {
    return std::isfinite(number) ? Decimal(number).to_figures(figures).number() : number;
}

double round_decimal(double x, double decimals) {
    constexpr double most = 300;
    const bool sound = decimals == std::floor(decimals) && std::fabs(decimals) <= most;
    return sound ? rounded_to(x, static_cast<int>(decimals)) : std::nan("");
}

double round_significant(double x, double figures) {
    constexpr double most = 17;
    const bool sound = figures == std::floor(figures) && figures >= 1 && figures <= most;
    return sound ? rounded_to_figures(x, static_cast<int>(figures)) : std::nan("");
}

double stepped(double start, double step, double steps) {
    constexpr double exact = 1e15;
    const int decimals = std::max(decimals_of(start), decimals_of(step));
    const double number = start + step * steps;
    return decimals < 15 && std::fabs(number) < exact ? rounded_to(number, decimals) : number;
}

} // namespace ledgefall
