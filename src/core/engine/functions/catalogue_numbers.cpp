// Functions of numbers.

#include "core/engine/functions/catalogue_parts.h"
#include "core/engine/functions/operation_templates.h"
#include "core/stats/boost_policy.h"
#include "core/stats/combinations.h"
#include "core/value/decimals.h"

#include <boost/math/special_functions/erf.hpp>
#include <boost/math/special_functions/gamma.hpp>

#include <algorithm>
#include <limits>

namespace ledgefall::catalogue_parts {
namespace {

template <auto F>
struct Call {
    double operator()(double x) const { return F(x); }
};
template <auto F>
struct Call2 {
    double operator()(double x, double y) const { return F(x, y); }
};

double sign(double x) {
    return x > 0 ? 1.0 : x < 0 ? -1.0 : 0.0;
}
double larger(double a, double b) {
    return a < b ? b : a;
}
double smaller(double a, double b) {
    return b < a ? b : a;
}
double xlnx(double p) {
    return p == 0 ? 0.0 : p * std::log(p);
}
double ln(double x) {
    return x == 0 ? std::nan("") : std::log(x);
}
double log_10(double x) {
    return x == 0 ? std::nan("") : std::log10(x);
}
double log_2(double x) {
    return x == 0 ? std::nan("") : std::log2(x);
}
/// Exact where the result is a whole number: log(1000, 10) is 3.
double log_to(double x, double base) {
    if (x <= 0 || base <= 0 || base == 1) {
        return std::nan("");
    }
    const double result = std::log(x) / std::log(base);
    const double nearest = std::round(result);
    return std::pow(base, nearest) == x ? nearest : result;
}

bool is_pole(double x) {
    return x <= 0 && x == std::floor(x);
}
double gamma(double x) {
    return is_pole(x) ? std::nan("") : boost::math::tgamma(x, NothingThrown());
}
double log_gamma(double x) {
    return is_pole(x) ? std::nan("") : boost::math::lgamma(x, NothingThrown());
}

double inverse_sine(double x) {
    return std::asin(x);
}
double inverse_cosine(double x) {
    return std::acos(x);
}

/// A function of one number.
template <auto F>
Function of_one(std::string_view name, std::string_view purpose, std::string_view domain, std::string_view source,
                std::string_view example, std::string_view result) {
    return plain_function(name, {{"x"}}, unary_operation<Call<F>>(), purpose, example, result, domain, source);
}

template <auto F>
Function of_two(std::string_view name, std::string_view first, std::string_view second, std::string_view purpose,
                std::string_view domain, std::string_view source, std::string_view example, std::string_view result) {
    return plain_function(name, {{first}, {second}}, binary_operation<Call2<F>>(), purpose, example, result, domain,
                          source);
}

Value round_one(const Value* a, std::size_t count, const Faults& faults) {
    const auto passed = passed_on(a, count, Kind::number);
    return passed ? *passed : faults.number(round_decimal(a[0].number(), count > 1 ? a[1].number() : 0));
}

} // namespace

std::vector<Function> numbers() {
    std::vector<Function> all;
    const auto add = [&all](Function f) { all.push_back(std::move(f)); };
    constexpr auto error_function = [](double x) { return boost::math::erf(x, NothingThrown()); };
    constexpr auto abs = [](double x) { return std::fabs(x); };
    constexpr auto root = [](double x) { return std::sqrt(x); };
    constexpr auto cube_root = [](double x) { // one step of Newton takes the last bit of error off: ∛-27 is -3
        const double root_of_x = std::cbrt(x);
        return root_of_x == 0 ? root_of_x
                              : root_of_x - (root_of_x * root_of_x * root_of_x - x) / (3 * root_of_x * root_of_x);
    };
    constexpr auto exponential = [](double x) { return std::exp(x); };
    constexpr auto sine = [](double x) { return std::sin(x); };
    constexpr auto cosine = [](double x) { return std::cos(x); };
    constexpr auto tangent = [](double x) { return std::tan(x); };
    constexpr auto arc_tangent = [](double x) { return std::atan(x); };
    constexpr auto arc_tangent2 = [](double y, double x) { return std::atan2(y, x); };
    constexpr auto hypotenuse = [](double x, double y) { return std::hypot(x, y); };
    constexpr auto down = [](double x) { return std::floor(x); };
    constexpr auto up = [](double x) { return std::ceil(x); };
    constexpr auto to_zero = [](double x) { return std::trunc(x); };
    add(of_one<abs>("abs", N_("The absolute value of a number."), "", "|x|", "abs(-3.5)", "3.5"));
    all.back().typesetting = Typesetting::bars;
    all.back().special = Special::absolute_value;
    add(of_one<root>("sqrt", N_("The square root."), N_("sqrt needs a number of 0 or more"), "√x", "sqrt(6.25)",
                     "2.5"));
    all.back().typesetting = Typesetting::square_root;
    all.back().operation.row_code = Operation::RowCode::root;
    add(of_one<cube_root>("cbrt", N_("The cube root, also of negative numbers."), "", "∛x", "cbrt(-27)", "-3"));
    all.back().typesetting = Typesetting::cube_root;
    add(of_one<exponential>("exp", N_("e to the power of a number."), "", "eˣ", "exp(0)", "1"));
    all.back().typesetting = Typesetting::power_of_e;
    add(of_one<ln>("ln", N_("The natural logarithm."), N_("ln needs a number above 0"), "logₑ x", "ln(1)", "0"));
    add(of_one<xlnx>("xlnx", N_("p times the natural logarithm of p, and 0 at 0."),
                     N_("xlnx needs a number of 0 or more"), "p ln p, with its limit 0 at 0", "xlnx(0)", "0"));
    add(of_one<log_10>("log10", N_("The logarithm to base ten."), N_("log10 needs a number above 0"), "log₁₀ x",
                       "log10(1000)", "3"));
    add(of_one<log_2>("log2", N_("The logarithm to base two."), N_("log2 needs a number above 0"), "log₂ x", "log2(8)",
                      "3"));
    add(of_two<log_to>("log", "x", "base", N_("The logarithm to a given base."),
                       N_("log needs a number above 0, and a base above 0 that is not 1"), "ln x / ln base",
                       "log(81, 3)", "4"));
    add(of_one<sine>("sin", N_("The sine of an angle in radians; sin(30°) takes degrees."), "", "", "sin(0)", "0"));
    add(of_one<cosine>("cos", N_("The cosine of an angle in radians."), "", "", "cos(0)", "1"));
    add(of_one<tangent>("tan", N_("The tangent of an angle in radians."), "", "", "tan(0)", "0"));
    add(of_one<inverse_sine>("asin", N_("The angle in radians with this sine."), N_("asin needs a number from -1 to 1"),
                             "", "asin(0)", "0"));
    add(of_one<inverse_cosine>("acos", N_("The angle in radians with this cosine."),
                               N_("acos needs a number from -1 to 1"), "", "acos(1)", "0"));
    add(of_one<arc_tangent>("atan", N_("The angle in radians with this tangent."), "", "", "atan(0)", "0"));
    add(of_two<arc_tangent2>("atan2", "y", "x", N_("The angle in radians of the point (x, y) from the x axis."), "", "",
                             "atan2(1, 0)", "1.5707963267948966"));
    add(of_two<hypotenuse>("hypot", "x", "y", N_("The distance of the point (x, y) from the origin."), "", "√(x² + y²)",
                           "hypot(3, 4)", "5"));
    add(of_one<down>("floor", N_("A number rounded down to a whole number."), "", "⌊x⌋", "floor(-2.5)", "-3"));
    add(of_one<up>("ceil", N_("A number rounded up to a whole number."), "", "⌈x⌉", "ceil(-2.5)", "-2"));
    all.back().also_called = "ceiling";
    add(of_one<to_zero>("trunc", N_("The whole part, towards zero."), "", "", "trunc(-2.5)", "-2"));
    add(of_one<sign>("sign", N_("The sign of a number: 1, 0 or −1."), "", "", "sign(-0.1)", "-1"));
    add(of_two<larger>("larger", "a", "b", N_("The larger of two numbers, row by row."), "", "", "larger(2, 3)", "3"));
    add(of_two<smaller>("smaller", "a", "b", N_("The smaller of two numbers, row by row."), "", "", "smaller(2, 3)",
                        "2"));
    add(plain_function("round", {{"x"}, {"d", Role::plain, Kind::number, false, true}},
                       {&round_one, nullptr, Kind::number},
                       N_("A number rounded to d decimals, based on its decimal form, halves away from zero."),
                       "round(2.675, 2)", "2.68", N_("round needs a whole number of decimals from -300 to 300"),
                       "applied to the shortest decimal that reads back as x"));
    add(of_two<round_significant>("sigfig", "x", "k", N_("A number rounded to k significant figures."),
                                  N_("sigfig needs a whole number of figures from 1 to 17"), "", "sigfig(0.0123456, 3)",
                                  "0.0123"));
    add(of_one<ledgefall::factorial>("factorial", N_("The product of the whole numbers up to n; also written n!."),
                                     N_("factorial needs a whole number of 0 or more"), "n!", "factorial(6)", "720"));
    all.back().typesetting = Typesetting::factorial;
    all.back().also_called = "fact";
    add(of_two<ledgefall::choose>("choose", "n", "k", N_("The number of ways to choose k of n things."),
                                  N_("choose needs whole numbers of 0 or more"), "n! / (k! (n − k)!)", "choose(12, 4)",
                                  "495"));
    all.back().also_called = "ncr nck";
    add(of_two<ledgefall::arrange>("arrange", "n", "k", N_("The number of ways to arrange k of n things in a row."),
                                   N_("arrange needs whole numbers of 0 or more"), "n! / (n − k)!", "arrange(5, 2)",
                                   "20"));
    all.back().also_called = "npr";
    add(of_one<gamma>("gamma", N_("The gamma function."), N_("gamma has no value at 0 or at negative whole numbers"),
                      "∫ tˣ⁻¹ e⁻ᵗ dt, Boost.Math", "gamma(5)", "24"));
    add(of_one<log_gamma>("lgamma", N_("The natural logarithm of the gamma function's absolute value."),
                          N_("lgamma has no value at 0 or at negative whole numbers"), "ln |Γ(x)|, Boost.Math",
                          "lgamma(1)", "0"));
    add(of_one<error_function>("erf", N_("The error function."), "", "2/√π ∫₀ˣ e⁻ᵗ² dt, Boost.Math", "erf(0)", "0"));
    return all;
}

} // namespace ledgefall::catalogue_parts
