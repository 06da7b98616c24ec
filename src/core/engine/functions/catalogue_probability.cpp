// Distributions and what can be asked of them.

#include "core/engine/functions/catalogue_parts.h"
#include "core/engine/functions/operation_templates.h"
#include "core/stats/critical_values.h"
#include "core/stats/distributions.h"
#include "core/stats/listed_distributions.h"

namespace ledgefall::catalogue_parts {
namespace {

const Argument number_n{"n"};
const Argument chance{"p"};
const Argument a_distribution{"D", Role::plain, Kind::distribution};

template <Family family>
Value make_distribution(const Value* a, std::size_t count, const Faults& faults) {
    if (const auto passed = passed_on(a, count, Kind::distribution)) {
        return *passed;
    }
    Distribution d{family, {}};
    for (std::size_t at = 0; at < count; ++at) {
        d.numbers[at] = a[at].number();
    }
    return is_valid(d) ? distribution_value(d) : faults.out_of_domain();
}

template <Family family>
Function distribution(std::vector<Argument> arguments, std::string_view purpose, std::string_view domain,
                      std::string_view source, std::string_view example, std::string_view result) {
    Function f = plain_function(family_name(family), std::move(arguments),
                                {&make_distribution<family>, nullptr, Kind::distribution}, purpose, example, result,
                                domain, source);
    f.distribution = family;
    return f;
}

/// The distribution that the first four arguments say, or nothing where its numbers are out of their domain.
std::optional<Distribution> distribution_in(const Value* a) {
    const Distribution d{static_cast<Family>(a[0].number()), {a[1].number(), a[2].number(), a[3].number()}};
    return is_valid(d) ? std::optional(d) : std::nullopt;
}

/// The distribution of the first four arguments; or the value in its place, which is an error before it is missing.
std::optional<Value> take_distribution(const Value* a, std::size_t count, const Faults& faults, Distribution& taken) {
    const bool known = std::all_of(a, a + 4, [](const Value& number) { return number.plain(); });
    const auto passed = passed_on(a, count, Kind::number);
    const auto d = known ? distribution_in(a) : std::nullopt;
    if (known && !d && !(passed && passed->is_fault())) {
        return faults.arguments_out_of_domain();
    }
    taken = d.value_or(taken);
    return passed;
}

/// An operation on a distribution and the arguments behind it, from a function object
/// F with `double operator()(const Distribution&, const Value* further)`.
template <class F>
Operation of_distribution() {
    return {[](const Value* a, std::size_t count, const Faults& faults) {
                Distribution d{};
                const auto instead = take_distribution(a, count, faults, d);
                return instead ? *instead : faults.number(F()(d, a + 4));
            },
            nullptr, Kind::number};
}

struct Density {
    double operator()(const Distribution& d, const Value* a) const {
        const double result = density(d, a[0].number());
        return std::isfinite(result) ? result : std::nan("");
    }
};
struct Quantile {
    double operator()(const Distribution& d, const Value* a) const { return quantile(d, a[0].number()); }
};
struct Mean {
    double operator()(const Distribution& d, const Value*) const { return mean_of(d); }
};
struct Variance {
    double operator()(const Distribution& d, const Value*) const { return variance_of(d); }
};
struct Deviation {
    double operator()(const Distribution& d, const Value*) const { return std::sqrt(variance_of(d)); }
};

struct CriticalLow {
    double operator()(const Distribution& d, const Value* a) const {
        return critical_low(d, a[0].number()).value_or(std::nan(""));
    }
};
struct CriticalHigh {
    double operator()(const Distribution& d, const Value* a) const {
        return critical_high(d, a[0].number()).value_or(std::nan(""));
    }
};

Value sum_of_two(const Value* a, std::size_t count, const Faults& faults) {
    if (const auto passed = passed_on(a, count, Kind::distribution)) {
        return *passed;
    }
    const auto both = independent_sum(distribution_of(a[0]), distribution_of(a[1]));
    return both ? distribution_value(*both) : faults.out_of_domain();
}

Value sum_of_repeated(const Value* a, std::size_t count, const Faults& faults) {
    if (const auto passed = passed_on(a, count, Kind::distribution)) {
        return *passed;
    }
    const auto all = repeated_sum(distribution_of(a[0]), a[1].number());
    return all ? distribution_value(*all) : faults.out_of_domain();
}

Value draw(const Value* a, std::size_t count, const Faults& faults) {
    Distribution d{};
    if (const auto instead = take_distribution(a, count, faults, d)) {
        return *instead;
    }
    auto key = static_cast<std::uint64_t>(a[4].number());
    for (std::size_t at = 5; at < count; ++at) {
        key = mixed(key, static_cast<std::uint64_t>(static_cast<std::int64_t>(a[at].number())));
    }
    return faults.number(draw_number(d, key));
}

/// Of a distribution (four arguments) and the event's limits.
Value probability_of(const ConditionalEvent& event, const Value* a, std::size_t count, const Faults& faults) {
    Distribution d{};
    if (const auto instead = take_distribution(a, count, faults, d)) {
        return *instead;
    }
    std::array<double, Operation::most_arguments> limits{};
    const std::size_t first = 4;
    for (std::size_t at = first; at < count; ++at) {
        limits[at - first] = a[at].number();
    }
    const double result = ledgefall::probability(d, event, {limits.data(), count - first});
    return std::isnan(result) ? faults.divided_by_zero() : Value::number(result);
}

std::vector<Function> families() {
    return {
        distribution<Family::binomial>({number_n, chance},
                                       N_("The number of successes in n independent trials, each with probability p."),
                                       N_("binomial needs a whole number n of 0 or more and a p from 0 to 1"),
                                       "P(k) = C(n, k) p^k (1−p)^(n−k)", "P(binomial(12, 0.5) = 6)", "0.2255859375"),
        distribution<Family::poisson>({{"m"}}, N_("The number of events when m are expected."),
                                      N_("poisson needs a mean of 0 or more"), "P(k) = m^k e^(−m) / k!",
                                      "round(P(poisson(2) = 0), 6)", "0.135335"),
        distribution<Family::geometric>({chance}, N_("The number of failures before the first success."),
                                        N_("geometric needs a p above 0 and at most 1"), "P(k) = p (1−p)^k, k from 0",
                                        "P(geometric(0.5) = 2)", "0.125"),
        distribution<Family::negative_binomial>(
            {{"r"}, chance}, N_("The number of failures before the r-th success."),
            N_("negative_binomial needs an r above 0, and a p above 0 and at most 1"), "P(k) = C(k+r−1, k) p^r (1−p)^k",
            "P(negative_binomial(2, 0.5) = 1)", "0.25"),
        distribution<Family::hypergeometric>(
            {{"N"}, {"K"}, {"n"}},
            N_("The marked items among n drawn without replacement from N, of which K are marked."),
            N_("hypergeometric needs whole numbers N, K and n of 0 or more, with K and n at most N"),
            "P(k) = C(K, k) C(N−K, n−k) / C(N, n)", "round(P(hypergeometric(10, 4, 3) = 2), 9)", "0.3"),
        distribution<Family::discrete_uniform>(
            {{"a"}, {"b"}}, N_("The whole numbers from a to b, all equally likely, as of a die."),
            N_("discrete_uniform needs whole numbers a and b, with a at most b"), "P(k) = 1 / (b − a + 1)",
            "P(discrete_uniform(1, 6) >= 5)", "0.3333333333333333"),
        distribution<Family::uniform>({{"a"}, {"b"}}, N_("Numbers from a to b, all equally likely."),
                                      N_("uniform needs an a below its b"), "density 1 / (b − a)",
                                      "P(uniform(2, 6) <= 3)", "0.25"),
        distribution<Family::normal>(
            {{"m"}, {"s"}}, N_("The normal distribution with mean m and standard deviation s."),
            N_("normal needs a standard deviation above 0"), "density e^(−((x−m)/s)²/2) / (s √(2π))",
            "round(P(normal(0, 1) < 1.96), 6)", "0.975002"),
        distribution<Family::exponential>({{"rate"}}, N_("The time until the next event, for events at a given rate."),
                                          N_("exponential needs a rate above 0"), "density rate e^(−rate x)",
                                          "round(P(exponential(0.5) > 2), 6)", "0.367879"),
        distribution<Family::student_t>({{"v"}}, N_("Student's t with v degrees of freedom."),
                                        N_("student_t needs degrees of freedom above 0"), "Student (1908)",
                                        "round(quantile(student_t(10), 0.975), 6)", "2.228139"),
        distribution<Family::chi_squared>({{"v"}}, N_("The sum of v squared standard normal variables."),
                                          N_("chi_squared needs degrees of freedom above 0"), "χ², Pearson (1900)",
                                          "round(P(chi_squared(3) > 7.81), 6)", "0.050106"),
        distribution<Family::f_dist>({{"v1"}, {"v2"}},
                                     N_("The ratio of two variances with v1 and v2 degrees of freedom."),
                                     N_("f_dist needs degrees of freedom above 0"), "Fisher and Snedecor",
                                     "round(quantile(f_dist(4, 10), 0.95), 6)", "3.47805"),
        distribution<Family::lognormal>({{"m"}, {"s"}}, N_("A distribution whose logarithm is normal(m, s)."),
                                        N_("lognormal needs an s above 0"), "ln X is normal(m, s)",
                                        "P(lognormal(0, 1) < 1)", "0.5"),
    };
}

} // namespace

std::vector<Function> probability() {
    std::vector<Function> all = families();
    const std::string_view numbers = N_("the distribution's parameters are outside their domain");
    const std::string_view no_moment = N_("this distribution has none, or its parameters are outside their domain");
    const auto add = [&all](std::string_view name, std::vector<Argument> arguments, const Operation& operation,
                            std::string_view purpose, std::string_view example, std::string_view result,
                            std::string_view domain, std::string_view source) {
        all.push_back(plain_function(name, std::move(arguments), operation, purpose, example, result, domain, source));
    };
    Operation of_condition;
    of_condition.of_event = &probability_of;
    add("P", {{"condition", Role::plain, Kind::distribution}}, of_condition,
        N_("The probability of a condition on a distribution, given any condition after a bar."),
        "P(binomial(4, 0.5) > 3 | binomial(4, 0.5) > 2)", "0.2", numbers, "P(A | B) = P(A and B) / P(B)");
    all.back().special = Special::probability;
    add("density", {a_distribution, {"x"}}, of_distribution<Density>(),
        N_("The probability density of a distribution at x; for a discrete one, the probability of x."),
        "density(uniform(2, 6), 3)", "0.25",
        N_("there is no finite density here, or the distribution's parameters are outside their domain"), "");
    add("quantile", {a_distribution, chance}, of_distribution<Quantile>(),
        N_("The value below which a proportion p of a distribution lies; for a discrete one, the smallest k with P(D ≤ "
           "k) ≥ p."),
        "quantile(binomial(12, 0.5), 0.5)", "6",
        N_("quantile needs a p from 0 to 1 for which the distribution has a finite value"), "");
    add("mean", {a_distribution}, of_distribution<Mean>(), N_("The mean of a distribution."), "mean(binomial(12, 0.5))",
        "6", no_moment, "of binomial n p");
    add("var", {a_distribution}, of_distribution<Variance>(), N_("The variance of a distribution."),
        "var(binomial(12, 0.5))", "3", no_moment, "of binomial n p (1−p)");
    add("sd", {a_distribution}, of_distribution<Deviation>(), N_("The standard deviation of a distribution."),
        "sd(exponential(0.5))", "2", no_moment, "√var");
    add("critical_low", {a_distribution, {"a"}}, of_distribution<CriticalLow>(),
        N_("The end of the critical region of small values: the largest x with P(D ≤ x) ≤ a."),
        "critical_low(binomial(12, 0.5), 0.05)", "2",
        N_("critical_low needs an a between 0 and 1, and here even the smallest value may be more likely than a"), "");
    add("critical_high", {a_distribution, {"a"}}, of_distribution<CriticalHigh>(),
        N_("The beginning of the critical region of large values: the smallest x with P(D ≥ x) ≤ a."),
        "critical_high(binomial(12, 0.5), 0.05)", "10",
        N_("critical_high needs an a between 0 and 1, and here even the largest value may be more likely than a"), "");
    const std::string_view few_values =
        N_("distributions of one family that add up are needed, or discrete ones with at most 10,000 values");
    add("independent_sum", {{"D", Role::plain, Kind::distribution}, {"E", Role::plain, Kind::distribution}},
        {&sum_of_two, nullptr, Kind::distribution}, N_("The distribution of the sum of two independent numbers."),
        "P(independent_sum(discrete_uniform(1, 6), discrete_uniform(1, 6)) = 7)", "0.16666666666666669", few_values,
        "P(S = s) = Σ P(D = x) P(E = s − x)");
    add("repeated_sum", {{"D", Role::plain, Kind::distribution}, {"n"}},
        {&sum_of_repeated, nullptr, Kind::distribution},
        N_("The distribution of the sum of n independent numbers of one distribution, as of n dice."),
        "mean(repeated_sum(discrete_uniform(1, 6), 3))", "10.5", few_values, "");
    add("draw", {a_distribution}, {&draw, nullptr, Kind::number},
        N_("A random number from a distribution. It stays the same for a study, column and row until new random "
           "numbers are drawn."),
        "draw(binomial(5, 1))", "5", numbers, "the quantile at a SplitMix64 random number");
    all.back().special = Special::draw;
    return all;
}

Operation distribution_part(std::size_t part) {
    static constexpr auto take = []<std::size_t number>(const Value* a, std::size_t count, const Faults&) {
        if (const auto passed = passed_on(a, count, Kind::number)) {
            return *passed;
        }
        const Distribution& d = distribution_of(a[0]);
        return Value::number(number == 0 ? static_cast<double>(d.family) : d.numbers[number == 0 ? 0 : number - 1]);
    };
    static constexpr Operation::One parts[] = {
        [](const Value* a, std::size_t n, const Faults& f) { return take.operator()<0>(a, n, f); },
        [](const Value* a, std::size_t n, const Faults& f) { return take.operator()<1>(a, n, f); },
        [](const Value* a, std::size_t n, const Faults& f) { return take.operator()<2>(a, n, f); },
        [](const Value* a, std::size_t n, const Faults& f) { return take.operator()<3>(a, n, f); }};
    return {parts[part], nullptr, Kind::number};
}

} // namespace ledgefall::catalogue_parts
