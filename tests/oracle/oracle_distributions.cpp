// Distributions by the sums of their probabilities, or by quadrature of their densities.

#include "oracle/oracle.h"

namespace ledgefall::testing {
namespace {

using Value = OracleValue;

const std::map<std::string, std::size_t> families = {{"binomial", 2}, {"poisson", 1}, {"hypergeometric", 3},
                                                     {"normal", 2},   {"uniform", 2}, {"exponential", 1}};

double mass(const Value& d, double k) {
    const std::vector<double>& p = d.values;
    if (k < 0 || k != std::floor(k)) {
        return 0;
    }
    const auto choose = [](double n, double m) {
        return std::lgamma(n + 1) - std::lgamma(m + 1) - std::lgamma(n - m + 1);
    };
    if (d.text == "binomial") {
        return k > p[0] ? 0
               : p[1] == 0 || p[1] == 1
                   ? (k == p[0] * p[1] ? 1 : 0)
                   : std::exp(choose(p[0], k) + k * std::log(p[1]) + (p[0] - k) * std::log1p(-p[1]));
    }
    if (d.text == "poisson") {
        return p[0] == 0 ? (k == 0 ? 1 : 0) : std::exp(k * std::log(p[0]) - p[0] - std::lgamma(k + 1));
    }
    if (d.text == "hypergeometric") {
        return k > p[1] || k > p[2] || p[2] - k > p[0] - p[1]
                   ? 0
                   : std::exp(choose(p[1], k) + choose(p[0] - p[1], p[2] - k) - choose(p[0], p[2]));
    }
    return 0;
}

double density(const Value& d, double x) {
    const std::vector<double>& p = d.values;
    if (d.text == "normal") {
        const double z = (x - p[0]) / p[1];
        return std::exp(-z * z / 2) / (p[1] * std::sqrt(2 * M_PI));
    }
    if (d.text == "uniform") {
        return x >= p[0] && x <= p[1] ? 1 / (p[1] - p[0]) : 0;
    }
    return x < 0 ? 0 : p[0] * std::exp(-p[0] * x); // exponential
}

bool discrete(const Value& d) {
    return d.text == "binomial" || d.text == "poisson" || d.text == "hypergeometric";
}

/// Where nearly all of a continuous distribution lies.
std::pair<double, double> support(const Value& d) {
    const std::vector<double>& p = d.values;
    return d.text == "normal"    ? std::pair(p[0] - 9 * p[1], p[0] + 9 * p[1])
           : d.text == "uniform" ? std::pair(p[0], p[1])
                                 : std::pair(0.0, 45 / p[0]);
}

} // namespace

double probability_between(const Value& d, double from, bool with_from, double to, bool with_to) {
    if (discrete(d)) {
        double sum = 0;
        const double last = std::min(to, d.text == "poisson" ? 60 + 20 * d.values[0] : d.values[0]);
        for (double k = std::max(0.0, std::ceil(from)); k <= last; ++k) {
            sum += (k > from || with_from) && (k < to || with_to) ? mass(d, k) : 0;
        }
        return sum;
    }
    const auto [low, high] = support(d);
    const double a = std::max(from, low);
    const double b = std::min(to, high);
    if (a >= b) {
        return 0;
    }
    const int steps = 4000; // Simpson's rule
    double sum = density(d, a) + density(d, b);
    for (int at = 1; at < steps; ++at) {
        sum += density(d, a + (b - a) * at / steps) * (at % 2 == 1 ? 4 : 2);
    }
    return sum * (b - a) / steps / 3;
}

bool is_family(const std::string& name) {
    return families.contains(name);
}

Value distribution_of(const std::string& family, const std::vector<Value>& arguments) {
    if (families.at(family) != arguments.size()) {
        return Value::failure();
    }
    Value made = Value::of(0);
    made.kind = OracleKind::distribution;
    made.text = family;
    bool missing = false;
    for (const Value& argument : arguments) {
        if (argument.unsure || argument.failed() || argument.error > 0) {
            return argument.error > 0 ? Value::undecided() : argument;
        }
        missing = missing || argument.missing();
        made.values.push_back(argument.number);
    }
    if (missing) {
        return Value::none(OracleKind::distribution);
    }
    const std::vector<double>& p = made.values;
    const auto whole = [](double x) { return x >= 0 && x == std::floor(x); };
    const bool sound = family == "binomial" ? whole(p[0]) && p[1] >= 0 && p[1] <= 1
                       : family == "hypergeometric"
                           ? whole(p[0]) && whole(p[1]) && whole(p[2]) && p[1] <= p[0] && p[2] <= p[0]
                       : family == "normal"  ? p[1] > 0
                       : family == "uniform" ? p[0] < p[1]
                       : family == "poisson" ? p[0] >= 0
                                             : p[0] > 0;
    return sound ? made : Value::failure();
}

Value distribution_measure(const std::string& name, const std::vector<Value>& arguments) {
    const Value& d = arguments.front();
    if (!d.plain() || d.unsure || d.kind != OracleKind::distribution) {
        return d.plain() ? Value::failure() : d;
    }
    const std::vector<double>& p = d.values;
    const double mean = d.text == "binomial"         ? p[0] * p[1]
                        : d.text == "hypergeometric" ? (p[0] == 0 ? 0 : p[2] * p[1] / p[0])
                        : d.text == "exponential"    ? 1 / p[0]
                        : d.text == "uniform"        ? (p[0] + p[1]) / 2
                                                     : p[0];
    double variance = d.text == "binomial"      ? p[0] * p[1] * (1 - p[1])
                      : d.text == "poisson"     ? p[0]
                      : d.text == "normal"      ? p[1] * p[1]
                      : d.text == "uniform"     ? (p[1] - p[0]) * (p[1] - p[0]) / 12
                      : d.text == "exponential" ? 1 / (p[0] * p[0])
                                                : 0;
    if (d.text == "hypergeometric" && p[0] > 1) {
        variance = p[2] * p[1] / p[0] * (p[0] - p[1]) / p[0] * (p[0] - p[2]) / (p[0] - 1);
    }
    const auto near = [](double x) { return Value::of(x, 1e-12 * std::fabs(x)); };
    return name == "mean"  ? near(mean)
           : name == "var" ? near(variance)
           : name == "sd"  ? near(std::sqrt(variance))
           : name == "density" && arguments.size() == 2 && arguments[1].plain() && arguments[1].error == 0
               ? Value::of(discrete(d) ? mass(d, arguments[1].number) : density(d, arguments[1].number), 1e-11)
               : Value::undecided();
}

} // namespace ledgefall::testing
