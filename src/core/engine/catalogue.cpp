#include "core/engine/catalogue.h"

#include "core/engine/operation_templates.h"
#include "core/stats/rounding.h"

#include <algorithm>
#include <unordered_map>

namespace ledgefall {
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
double log_to(double x, double base) {
    return x <= 0 || base <= 0 || base == 1 ? std::nan("") : std::log(x) / std::log(base);
}
double inverse_sine(double x) {
    return std::asin(x);
}
double inverse_cosine(double x) {
    return std::acos(x);
}

const Argument number_x{"x"};

/// A function of one number.
template <auto F>
Function of_one(std::string_view name, std::string_view purpose, std::string_view domain, std::string_view source,
                std::string_view example, std::string_view result) {
    Function f{name, {number_x}, purpose, domain, source, example, result, {}, nullptr, nullptr, false};
    f.operation = unary_operation<Call<F>>();
    return f;
}

template <auto F>
Function of_two(std::string_view name, std::string_view first, std::string_view second, std::string_view purpose,
                std::string_view domain, std::string_view source, std::string_view example, std::string_view result) {
    Function f{name, {{first}, {second}}, purpose, domain, source, example, result, {}, nullptr, nullptr, false};
    f.operation = binary_operation<Call2<F>>();
    return f;
}

Function measure(std::string_view name, MakeAccumulator make, std::string_view purpose, std::string_view source,
                 std::string_view example, std::string_view result) {
    Function f{name, {{"x", Role::sample}}, purpose, "", source, example, result, {}, make, nullptr, false};
    return f;
}

Value round_one(const Value* a, std::size_t count, const Faults& faults) {
    const auto passed = passed_on(a, count, Kind::number);
    return passed ? *passed : faults.number(round_decimal(a[0].number(), count > 1 ? a[1].number() : 0));
}

Value is_missing_one(const Value* a, std::size_t, const Faults&) {
    return a[0].is_fault() ? a[0] : Value::yes_no(!a[0].plain());
}

Value default_one(const Value* a, std::size_t, const Faults&) {
    return a[0].is_missing() ? a[1] : a[0];
}

std::vector<Function> numbers() {
    std::vector<Function> all;
    const auto add = [&all](Function f) { all.push_back(std::move(f)); };
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
    add(of_one<abs>("abs", "The size of a number, without its sign.", "", "|x|", "abs(-3.5)", "3.5"));
    add(of_one<root>("sqrt", "The square root.", "sqrt takes numbers from 0 up", "√x", "sqrt(6.25)", "2.5"));
    add(of_one<cube_root>("cbrt", "The cube root, of negative numbers too.", "", "∛x", "cbrt(-27)", "-3"));
    add(of_one<exponential>("exp", "e to the power of a number.", "", "eˣ", "exp(0)", "1"));
    add(of_one<ln>("ln", "The natural logarithm.", "ln takes numbers above 0", "logₑ x", "ln(1)", "0"));
    add(of_one<xlnx>("xlnx", "p times the natural logarithm of p, and 0 at 0.", "xlnx takes numbers from 0 up",
                     "p ln p, by its limit at 0", "xlnx(0)", "0"));
    add(of_one<log_10>("log10", "The logarithm to base ten.", "log10 takes numbers above 0", "log₁₀ x", "log10(1000)",
                       "3"));
    add(of_one<log_2>("log2", "The logarithm to base two.", "log2 takes numbers above 0", "log₂ x", "log2(8)", "3"));
    add(of_two<log_to>("log", "x", "base", "The logarithm to a base of your own.",
                       "log takes a number above 0, and a base above 0 that is not 1", "ln x / ln base", "log(81, 3)",
                       "4"));
    add(of_one<sine>("sin", "The sine of an angle in radians; sin(30°) takes degrees.", "", "", "sin(0)", "0"));
    add(of_one<cosine>("cos", "The cosine of an angle in radians.", "", "", "cos(0)", "1"));
    add(of_one<tangent>("tan", "The tangent of an angle in radians.", "", "", "tan(0)", "0"));
    add(of_one<inverse_sine>("asin", "The angle in radians that has this sine.", "asin takes numbers from -1 to 1", "",
                             "asin(0)", "0"));
    add(of_one<inverse_cosine>("acos", "The angle in radians that has this cosine.", "acos takes numbers from -1 to 1",
                               "", "acos(1)", "0"));
    add(of_one<arc_tangent>("atan", "The angle in radians that has this tangent.", "", "", "atan(0)", "0"));
    add(of_two<arc_tangent2>("atan2", "y", "x", "The angle in radians of the point x, y, from the x axis.", "", "",
                             "atan2(0, 1)", "0"));
    add(of_two<hypotenuse>("hypot", "x", "y", "The distance of the point x, y from the origin.", "", "√(x² + y²)",
                           "hypot(3, 4)", "5"));
    add(of_one<down>("floor", "The nearest whole number below.", "", "⌊x⌋", "floor(-2.5)", "-3"));
    add(of_one<up>("ceil", "The nearest whole number above.", "", "⌈x⌉", "ceil(-2.5)", "-2"));
    add(of_one<to_zero>("trunc", "The whole part, towards zero.", "", "", "trunc(-2.5)", "-2"));
    add(of_one<sign>("sign", "1, 0 or −1, by the sign of a number.", "", "", "sign(-0.1)", "-1"));
    add(of_two<larger>("larger", "a", "b", "The larger of two numbers, row by row.", "", "", "larger(2, 3)", "3"));
    add(of_two<smaller>("smaller", "a", "b", "The smaller of two numbers, row by row.", "", "", "smaller(2, 3)", "2"));
    Function round{"round",
                   {{"x"}, {"d", Role::plain, Kind::number, false, true}},
                   "A number rounded to d decimals, as written in decimals, halves away from zero.",
                   "round takes a whole number of decimals from -300 to 300",
                   "of the shortest decimal that reads back as x",
                   "round(2.675, 2)",
                   "2.68",
                   {},
                   nullptr,
                   nullptr,
                   false};
    round.operation = {&round_one, nullptr, Kind::number};
    add(round);
    return all;
}

std::vector<Function> gaps() {
    const Argument anything{"x", Role::plain, Kind::number, true, false};
    Function is_missing{"is_missing",
                        {anything},
                        "Yes where a cell is empty.",
                        "",
                        "",
                        "is_missing(missing)",
                        "yes",
                        {&is_missing_one, nullptr, Kind::yes_no},
                        nullptr,
                        nullptr,
                        false};
    Function or_else{"default",
                     {anything, {"value", Role::plain, Kind::number, true, false}},
                     "x, or a value of your own where x is missing.",
                     "",
                     "",
                     "default(missing, 4)",
                     "4",
                     {&default_one, nullptr, Kind::number},
                     nullptr,
                     nullptr,
                     true};
    return {is_missing, or_else};
}

std::vector<Function> measures() {
    std::vector<Function> all = {
        measure("sum", &make_sum, "The sum of the values; 0 of none.", "Σx, compensated (Neumaier 1974)",
                "sum(1.5, 2, 3)", "6.5"),
        measure("product", &make_product, "The product of the values; 1 of none.", "Πx", "product(2, 3, 4)", "24"),
        measure("count", &make_count, "How many values there are, or for how many rows a condition holds.", "n",
                "count(4, 5, 6)", "3"),
        measure("share", &make_share, "For which part of the rows a condition holds, of those where it is known.",
                "count(c) / n", "share(yes, no, no, no)", "0.25"),
        measure("mean", &make_mean, "The arithmetic mean.", "Σx / n", "mean(2, 3, 7)", "4"),
        measure("median", &make_median, "The middle value in order, or the mean of the two middle ones.", "",
                "median(9, 1, 4, 2)", "3"),
        measure("min", &make_min, "The smallest value.", "", "min(3, 1, 2)", "1"),
        measure("max", &make_max, "The largest value.", "", "max(3, 1, 2)", "3"),
        measure("range", &make_range, "The largest value minus the smallest.", "max − min", "range(3, 1, 2)", "2"),
        measure("var", &make_var, "The variance of a sample: divides by n − 1.", "Σ(x − x̄)² / (n − 1)",
                "var(1, 2, 3, 4)", "1.6666666666666667"),
        measure("sd", &make_sd, "The standard deviation of a sample: divides by n − 1.", "√(Σ(x − x̄)² / (n − 1))",
                "sd(2, 4)", "1.4142135623730951"),
        measure("var_pop", &make_var_pop, "The variance of a whole population: divides by n.", "Σ(x − x̄)² / n",
                "var_pop(1, 2, 3, 4)", "1.25"),
        measure("sd_pop", &make_sd_pop, "The standard deviation of a whole population: divides by n.",
                "√(Σ(x − x̄)² / n)", "sd_pop(2, 4)", "1"),
    };
    for (Function& f : all) {
        f.keeps_kind = f.name == "min" || f.name == "max";
        if (f.name == "count") {
            f.arguments[0].any_kind = true;
            f.make_of_condition = &make_count_yes;
        }
        if (f.name == "share") {
            f.arguments[0].kind = Kind::yes_no;
        }
    }
    return all;
}

std::vector<Function> all_functions() {
    std::vector<Function> all = numbers();
    for (auto part : {gaps(), measures()}) {
        all.insert(all.end(), std::make_move_iterator(part.begin()), std::make_move_iterator(part.end()));
    }
    return all;
}

} // namespace

std::string Function::signature() const {
    std::string out = std::string(name) + "(";
    for (std::size_t at = 0; at < arguments.size(); ++at) {
        const std::string between = at == 0 ? "" : ", ";
        out += arguments[at].optional ? "[" + between + std::string(arguments[at].name) + "]"
                                      : between + std::string(arguments[at].name);
    }
    return out + ")";
}

const std::vector<Function>& catalogue() {
    static const std::vector<Function> all = all_functions();
    return all;
}

const Function* find_function(std::string_view name) {
    static const auto by_name = [] {
        std::unordered_map<std::string_view, const Function*> found;
        for (const Function& f : catalogue()) {
            found.emplace(f.name, &f);
        }
        return found;
    }();
    const auto it = by_name.find(name);
    return it == by_name.end() ? nullptr : it->second;
}

} // namespace ledgefall
