// What the plain functions and operators of the language give, from their definitions.

#include "oracle/oracle.h"

#include <array>
#include <charconv>

namespace ledgefall::testing {
namespace {

using Value = OracleValue;

/// Where one of the arguments decides before any is computed with.
bool decides(const std::vector<Value>& arguments, Value& result) {
    const auto any = [&](auto test) { return std::any_of(arguments.begin(), arguments.end(), test); };
    if (any([](const Value& x) { return x.unsure; })) {
        result = Value::undecided();
    } else if (any([](const Value& x) { return x.failed(); })) {
        result = Value::failure();
    } else if (any([](const Value& x) { return x.missing(); })) {
        result = Value::none();
    } else {
        return false;
    }
    return true;
}

/// A smooth function: its error is that of its argument, passed on, and a few units of its last place. The argument's
/// error is tried in parts, too, since between its ends a function may turn.
template <class F>
Value smooth(const Value& x, F function) {
    const double y = function(x.number);
    if (!std::isfinite(y)) {
        return x.error > 0 ? Value::undecided() : Value::failure();
    }
    double error = 4 * spacing(y);
    constexpr int parts = 6;
    for (int part = -parts; part <= parts && x.error > 0; ++part) {
        const double moved = function(x.number + x.error * part / parts);
        if (!std::isfinite(moved)) {
            return Value::undecided();
        }
        error = std::max(error, 2 * std::fabs(moved - y));
    }
    return Value::of(y, error);
}

/// A function with steps: undecided where the argument may stand at either side of one.
template <class F>
Value stepped(const Value& x, F function) {
    const double y = function(x.number);
    const bool same = x.error == 0 || (function(x.number - x.error) == y && function(x.number + x.error) == y);
    return same ? Value::of(y) : Value::undecided();
}

/// Digits of the shortest decimal that reads back as x, rounded at a place after its point, halves away from zero.
double rounded(double x, int decimals) {
    char buffer[64];
    const auto end = std::to_chars(buffer, buffer + sizeof buffer, std::fabs(x), std::chars_format::scientific).ptr;
    const std::string text(buffer, end);
    const std::size_t e = text.find('e');
    const int exponent = std::stoi(text.substr(e + 1));
    std::string digits = text.substr(0, 1) + (e > 2 ? text.substr(2, e - 2) : "");
    const int keep = exponent + 1 + decimals; // digits that stay
    if (keep >= static_cast<int>(digits.size())) {
        return x;
    }
    if (keep < 0) {
        return std::copysign(0.0, x) + 0.0;
    }
    const bool up = digits[static_cast<std::size_t>(keep)] >= '5';
    digits = "0" + digits.substr(0, static_cast<std::size_t>(keep));
    for (std::size_t at = digits.size(); up && at-- > 0;) {
        if (digits[at] != '9') {
            ++digits[at];
            break;
        }
        digits[at] = '0';
    }
    const std::string written = digits + "e" + std::to_string(-decimals);
    return std::copysign(std::strtod(written.c_str(), nullptr), x) + 0.0;
}

double whole_factorial(double n) {
    double product = 1;
    for (double k = 2; k <= n && std::isfinite(product); ++k) {
        product *= k;
    }
    return product;
}

/// Products of whole numbers, exact as far as doubles are.
double choices(double n, double k) {
    long double product = 1;
    for (double at = 1; at <= k; ++at) {
        product = product * static_cast<long double>(n - k + at) / static_cast<long double>(at);
    }
    return static_cast<double>(std::round(product));
}

std::array<int, 3> civil(double days) { // Howard Hinnant's algorithm
    const auto z = static_cast<long long>(std::floor(days)) + 719468;
    const long long era = (z >= 0 ? z : z - 146096) / 146097;
    const long long doe = z - era * 146097;
    const long long yoe = (doe - doe / 1460 + doe / 36524 - doe / 146096) / 365;
    const long long doy = doe - (365 * yoe + yoe / 4 - yoe / 100);
    const long long mp = (5 * doy + 2) / 153;
    const long long month = mp < 10 ? mp + 3 : mp - 9;
    return {static_cast<int>(yoe + era * 400 + (month <= 2 ? 1 : 0)), static_cast<int>(month),
            static_cast<int>(doy - (153 * mp + 2) / 5 + 1)};
}

const std::map<std::string, double (*)(double)> smooth_functions = {
    {"sqrt", [](double x) { return std::sqrt(x); }},
    {"cbrt", [](double x) { return std::cbrt(x); }},
    {"exp", [](double x) { return std::exp(x); }},
    {"ln", [](double x) { return x > 0 ? std::log(x) : NAN; }},
    {"log10", [](double x) { return x > 0 ? std::log10(x) : NAN; }},
    {"log2", [](double x) { return x > 0 ? std::log2(x) : NAN; }},
    {"sin", [](double x) { return std::sin(x); }},
    {"cos", [](double x) { return std::cos(x); }},
    {"atan", [](double x) { return std::atan(x); }},
    {"asin", [](double x) { return std::asin(x); }},
    {"acos", [](double x) { return std::acos(x); }},
    {"erf", [](double x) { return std::erf(x); }},
    {"xlnx", [](double x) { return x == 0  ? 0.0
                                   : x > 0 ? x * std::log(x)
                                           : NAN; }},
    {"abs", [](double x) { return std::fabs(x); }},
};
const std::map<std::string, double (*)(double)> stepped_functions = {
    {"floor", [](double x) { return std::floor(x); }},
    {"ceil", [](double x) { return std::ceil(x) + 0.0; }},
    {"trunc", [](double x) { return std::trunc(x) + 0.0; }},
    {"sign", [](double x) { return x > 0   ? 1.0
                                   : x < 0 ? -1.0
                                           : 0.0; }},
};

const std::set<std::string> others = {"larger", "smaller", "round",   "sigfig", "default",  "is_missing", "factorial",
                                      "choose", "hypot",   "log",     "atan2",  "text",     "join",       "upper",
                                      "lower",  "length",  "starts",  "ends",   "contains", "date",       "year",
                                      "month",  "day",     "weekday", "days",   "arrange"};

Value of_texts(const std::string& name, const std::vector<Value>& arguments) {
    const std::string& text = arguments.front().text;
    if (std::any_of(arguments.begin(), arguments.end(), [](const Value& x) { return x.kind != OracleKind::text; })) {
        return Value::failure();
    }
    if (name == "upper" || name == "lower") {
        std::string changed = text;
        for (char& c : changed) {
            c = static_cast<char>(name == "upper" ? std::toupper(c) : std::tolower(c));
        }
        return Value::of_text(changed);
    }
    if (name == "length") {
        return Value::of(static_cast<double>(text.size()));
    }
    const std::string& part = arguments.back().text;
    return Value::of_yes(name == "starts" ? text.starts_with(part)
                         : name == "ends" ? text.ends_with(part)
                                          : text.find(part) != std::string::npos);
}

} // namespace

bool is_plain_function(const std::string& name) {
    return smooth_functions.contains(name) || stepped_functions.contains(name) || others.contains(name);
}

Value arithmetic(Operator op, const Value& a, const Value& b) {
    Value result;
    if (decides({a, b}, result)) {
        return result;
    }
    const bool dates = a.kind == OracleKind::date || b.kind == OracleKind::date;
    const double x = a.number;
    const double y = b.number;
    const double error = a.error + b.error;
    const auto rounded_too = [&](double value, double passed_on) {
        return Value::of(value, passed_on > 0 ? passed_on + spacing(value) : 0);
    };
    if ((a.kind != OracleKind::number || b.kind != OracleKind::number) && !dates) {
        return Value::failure();
    }
    switch (op) {
    case Operator::add:
        result = rounded_too(x + y, error);
        break;
    case Operator::subtract:
        result = rounded_too(x - y, error);
        break;
    case Operator::multiply:
        return rounded_too(x * y, std::fabs(x) * b.error + std::fabs(y) * a.error + a.error * b.error);
    case Operator::divide:
        if (std::fabs(y) <= b.error) {
            return b.error > 0 ? Value::undecided() : Value::failure();
        }
        return rounded_too(x / y, (a.error + std::fabs(x / y) * b.error) / (std::fabs(y) - b.error));
    case Operator::modulo: {
        if (y == 0 || error > 0) {
            return error > 0 ? Value::undecided() : Value::failure();
        }
        const double rest = std::fmod(x, y);
        return Value::of(rest != 0 && (rest < 0) != (y < 0) ? rest + y : rest + 0.0);
    }
    case Operator::power: {
        const auto power = [](double base, double exponent) {
            return base == 0 && exponent < 0 ? NAN : std::pow(base, exponent);
        };
        if (!std::isfinite(power(x, y))) {
            return error > 0 ? Value::undecided() : Value::failure();
        }
        if (b.error > 0) {
            return x > 2 * a.error && x > 0
                       ? Value::of(power(x, y),
                                   power(x, y) * (std::fabs(std::log(x)) * b.error + std::fabs(y) * a.error / x) * 2 +
                                       4 * spacing(power(x, y)))
                       : Value::undecided();
        }
        return smooth(a, [&](double base) { return power(base, y); });
    }
    default:
        return Value::failure();
    }
    if (dates && result.plain()) { // a date and days, or the days between two dates
        const bool between = a.kind == OracleKind::date && b.kind == OracleKind::date;
        if ((between && op == Operator::add) || (a.kind != OracleKind::date && op == Operator::subtract)) {
            return Value::failure();
        }
        result.kind = between ? OracleKind::number : OracleKind::date;
        const bool outside = !between && (result.number < -719162 || result.number >= 2932897); // the years 1 to 9999
        result = outside ? Value::failure() : result;
    }
    return result;
}

Value compare(Operator op, const Value& a, const Value& b, double tolerance) {
    Value result;
    if (decides({a, b}, result)) {
        return result;
    }
    if (a.kind != b.kind) {
        return Value::failure();
    }
    if (a.kind == OracleKind::text) {
        return op == Operator::equal       ? Value::of_yes(a.text == b.text)
               : op == Operator::not_equal ? Value::of_yes(a.text != b.text)
                                           : Value::failure();
    }
    const double difference = a.number - b.number;
    if (op == Operator::approximately) {
        const double size = std::max(std::fabs(a.number), std::fabs(b.number));
        const bool near = std::fabs(difference) <= size * tolerance / 2;
        return near || std::fabs(difference) > 1e-3 ? Value::of_yes(near) : Value::undecided();
    }
    if (a.error + b.error > 0 && std::fabs(difference) <= a.error + b.error) {
        return Value::undecided();
    }
    switch (op) {
    case Operator::equal:
        return Value::of_yes(difference == 0);
    case Operator::not_equal:
        return Value::of_yes(difference != 0);
    case Operator::less:
        return Value::of_yes(difference < 0);
    case Operator::less_equal:
        return Value::of_yes(difference <= 0);
    case Operator::greater:
        return Value::of_yes(difference > 0);
    default:
        return Value::of_yes(difference >= 0);
    }
}

Value both(const Value& a, const Value& b, bool decisive) {
    const auto settles = [&](const Value& x) {
        return x.plain() && !x.unsure && x.kind == OracleKind::yes_no && x.yes() == decisive;
    };
    if (a.failed() || a.unsure) { // from left to right: what comes before is not hidden
        return a;
    }
    if (settles(a) || settles(b)) {
        return Value::of_yes(decisive);
    }
    Value result;
    return decides({a, b}, result) ? result : Value::of_yes(!decisive);
}

Value plain_function(const std::string& name, const std::vector<Value>& arguments) {
    if (name == "is_missing" && !arguments.empty()) {
        const Value& x = arguments.front();
        return x.unsure || x.failed() ? x : Value::of_yes(x.missing());
    }
    if (name == "default" && arguments.size() == 2) {
        return arguments[0].unsure || !arguments[0].missing() ? arguments[0] : arguments[1];
    }
    Value result;
    if (arguments.empty() || decides(arguments, result)) {
        return arguments.empty() ? Value::failure() : result;
    }
    const Value& x = arguments.front();
    if (smooth_functions.contains(name)) {
        const Value y = smooth(x, smooth_functions.at(name));
        return (name == "abs" || name == "sqrt") && x.error == 0 && y.plain() ? Value::of(y.number) : y;
    }
    if (stepped_functions.contains(name)) {
        return stepped(x, stepped_functions.at(name));
    }
    if (name == "text" || name == "join" || name == "date") {
        if (name == "join") {
            std::string joined;
            for (const Value& part : arguments) {
                joined += part.text;
            }
            return Value::of_text(joined);
        }
        return Value::failure();
    }
    if (x.kind == OracleKind::text) {
        return of_texts(name, arguments);
    }
    if (name == "year" || name == "month" || name == "day" || name == "weekday") {
        const std::array<int, 3> parts = civil(x.number);
        const double weekday = std::fmod(std::fmod(std::floor(x.number) + 3, 7) + 7, 7) + 1; // 1970-01-01: a Thursday
        return Value::of(name == "year" ? parts[0] : name == "month" ? parts[1] : name == "day" ? parts[2] : weekday);
    }
    if (name == "round") {
        const int decimals = arguments.size() > 1 ? static_cast<int>(arguments[1].number) : 0;
        return stepped(x, [&](double value) { return rounded(value, decimals); });
    }
    if (name == "sigfig") {
        const auto figures = static_cast<int>(arguments[1].number);
        return stepped(x, [&](double value) {
            return value == 0
                       ? 0.0
                       : rounded(value, figures - 1 - static_cast<int>(std::floor(std::log10(std::fabs(value)))));
        });
    }
    if (name == "factorial") {
        const bool fits = x.number >= 0 && x.number == std::floor(x.number);
        return x.error > 0 ? Value::undecided()
               : fits      ? Value::of(whole_factorial(x.number), 4 * spacing(whole_factorial(x.number)))
                           : Value::failure();
    }
    if (arguments.size() < 2) {
        return Value::failure();
    }
    const Value& y = arguments[1];
    if (name == "larger" || name == "smaller") {
        const bool first = name == "larger" ? x.number >= y.number : x.number <= y.number;
        Value chosen = first ? x : y;
        chosen.error = std::fabs(x.number - y.number) <= x.error + y.error ? std::max(x.error, y.error) : chosen.error;
        return chosen;
    }
    if (name == "hypot") {
        return Value::of(std::hypot(x.number, y.number),
                         x.error + y.error + 4 * spacing(std::hypot(x.number, y.number)));
    }
    if (name == "atan2") {
        return x.error + y.error > 0 ? Value::undecided() : Value::of(std::atan2(x.number, y.number), 4 * spacing(4.0));
    }
    if (name == "log") {
        const auto log = [](double of, double base) {
            return of > 0 && base > 0 && base != 1 ? std::log(of) / std::log(base) : NAN;
        };
        return y.error > 0 ? Value::undecided() : smooth(x, [&](double of) { return log(of, y.number); });
    }
    if (name == "choose" || name == "arrange") {
        const bool fits =
            x.number >= 0 && y.number >= 0 && x.number == std::floor(x.number) && y.number == std::floor(y.number);
        if (x.error + y.error > 0 || !fits) {
            return x.error + y.error > 0 ? Value::undecided() : Value::failure();
        }
        const double chosen = y.number > x.number ? 0 : choices(x.number, y.number);
        const double arranged = chosen * whole_factorial(y.number);
        return name == "choose" ? Value::of(chosen, 4 * spacing(chosen)) : Value::of(arranged, 8 * spacing(arranged));
    }
    return Value::failure();
}

} // namespace ledgefall::testing
