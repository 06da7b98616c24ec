// What the measures give, from their definitions, in extended precision.

#include "oracle/oracle.h"

namespace ledgefall::testing {
namespace {

using Value = OracleValue;
using Wide = __float128;

const std::map<std::string, MeasureShape> shapes = {
    {"sum", {1, 0, 0, false}},          {"product", {1, 0, 0, false}},
    {"count", {1, 0, 0, true}},         {"share", {1, 0, 0, true}},
    {"mean", {1, 0, 0, false}},         {"median", {1, 0, 0, false}},
    {"mode", {1, 0, 0, true}},          {"min", {1, 0, 0, true}},
    {"max", {1, 0, 0, true}},           {"range", {1, 0, 0, true}},
    {"q1", {1, 0, 0, false}},           {"q3", {1, 0, 0, false}},
    {"iqr", {1, 0, 0, false}},          {"var", {1, 0, 0, false}},
    {"sd", {1, 0, 0, false}},           {"var_pop", {1, 0, 0, false}},
    {"sd_pop", {1, 0, 0, false}},       {"se", {1, 0, 0, false}},
    {"cv", {1, 0, 0, false}},           {"mad", {1, 0, 0, false}},
    {"geomean", {1, 0, 0, false}},      {"harmean", {1, 0, 0, false}},
    {"skewness", {1, 0, 0, false}},     {"kurtosis", {1, 0, 0, false}},
    {"distinct", {1, 0, 0, true}},      {"quantile", {1, 1, 2, false}},
    {"corr", {2, 0, 0, false}},         {"cov", {2, 0, 0, false}},
    {"slope", {2, 0, 0, false}},        {"intercept", {2, 0, 0, false}},
    {"rank_corr", {2, 0, 0, false}},    {"wmean", {2, 0, 0, false}},
    {"wvar", {2, 0, 0, false}},         {"wsd", {2, 0, 0, false}},
    {"wvar_pop", {2, 0, 0, false}},     {"wsd_pop", {2, 0, 0, false}},
    {"wquantile", {2, 1, 2, false}},    {"shannon", {1, 0, 1, false}},
    {"richness", {1, 0, 0, false}},     {"dominance", {1, 0, 0, false}},
    {"gini_simpson", {1, 0, 0, false}}, {"inverse_simpson", {1, 0, 0, false}},
    {"pielou", {1, 0, 0, false}},       {"berger_parker", {1, 0, 0, false}},
    {"pick", {1, 0, 0, true}}};

/// A number in one column of the tuples, and what is known of all of them.
struct Numbers {
    std::vector<double> all;
    double error = 0; ///< the largest of one of them
    double size = 0;  ///< the largest of them
    Wide sum = 0;

    Numbers(const std::vector<std::vector<Value>>& tuples, std::size_t at) {
        for (const auto& tuple : tuples) {
            all.push_back(tuple[at].number);
            error = std::max(error, tuple[at].error);
            size = std::max(size, std::fabs(tuple[at].number));
            sum += tuple[at].number;
        }
    }
    double count() const { return static_cast<double>(all.size()); }
    Wide mean() const { return sum / static_cast<Wide>(all.size()); }
    Wide squares() const {
        Wide squares = 0;
        for (const double x : all) {
            squares += (x - mean()) * (x - mean());
        }
        return squares;
    }
};

Wide square_root(Wide x) {
    if (x > 1e300 || (x > 0 && x < 1e-300)) { // beyond what a double can begin with
        return x > 1 ? square_root(x / 1e200) * 1e100 : square_root(x * 1e200) / 1e100;
    }
    Wide root = std::sqrt(static_cast<double>(x));
    for (int step = 0; step < 3 && root > 0; ++step) {
        root = (root + x / root) / 2;
    }
    return root;
}

/// A value with no error where it is exactly a double and all that it is made of was given.
Value exact_or_near(Wide x, double error_of_terms, double units = 2) {
    const auto nearest = static_cast<double>(x);
    const bool exact = static_cast<Wide>(nearest) == x && error_of_terms == 0;
    return Value::of(nearest, exact ? 0 : units * spacing(nearest) + error_of_terms);
}

Value relative(Wide x, double part, double error_of_terms, double size) {
    const auto nearest = static_cast<double>(x);
    return error_of_terms > 1e-9 * size ? Value::undecided()
           : error_of_terms > 0         ? Value::of(nearest, 1e-6 * std::fabs(nearest) + 1e-7 * size)
                                        : Value::of(nearest, part * std::fabs(nearest));
}

/// Hyndman and Fan (1996): the position of the p-quantile among n values in order, with the shares of two neighbours.
Wide quantile_of(std::vector<double> x, double p, int type) {
    std::sort(x.begin(), x.end());
    const auto n = static_cast<Wide>(x.size());
    const Wide q = p;
    const Wide tiny = 4e-16 * (1 + n * q); // as in their own program: a product that is whole but for rounding is whole
    const auto at = [&](Wide k) {
        const auto place = static_cast<long long>(k);
        return static_cast<Wide>(
            x[static_cast<std::size_t>(std::clamp<long long>(place, 1, static_cast<long long>(x.size())) - 1)]);
    };
    const auto floor_of = [&](Wide v) {
        auto whole = static_cast<long long>(v + tiny);
        return static_cast<Wide>(v + tiny < 0 && static_cast<Wide>(whole) != v + tiny ? whole - 1 : whole);
    };
    if (type <= 3) {
        const Wide m = type == 3 ? -0.5 : 0;
        const Wide j = floor_of(n * q + m);
        const Wide g = n * q + m - j;
        const bool zero = g < tiny;
        const Wide gamma = type == 1   ? (zero ? 0 : 1)
                           : type == 2 ? (zero ? 0.5 : 1)
                                       : (zero && static_cast<long long>(j) % 2 == 0 ? 0 : 1);
        return (1 - gamma) * at(j) + gamma * at(j + 1);
    }
    const Wide a = type == 4   ? 0
                   : type == 5 ? 0.5
                   : type == 6 ? 0
                   : type == 7 ? 1
                   : type == 8 ? static_cast<Wide>(1) / 3
                               : static_cast<Wide>(3) / 8;
    const Wide b = type == 4 ? 1 : a;
    const Wide nppm = a + q * (n + 1 - a - b);
    const Wide j = floor_of(nppm);
    const Wide g = nppm - j < tiny && nppm - j > -tiny ? 0 : nppm - j;
    return (1 - g) * at(j) + g * at(j + 1);
}

Value quantile_value(const Numbers& x, double p, int type) {
    if (x.all.empty()) {
        return Value::none();
    }
    if (!(p >= 0 && p <= 1) || type < 1 || type > 9) {
        return Value::failure();
    }
    const Wide value = quantile_of(x.all, p, type);
    const bool one_of_them = std::find(x.all.begin(), x.all.end(), static_cast<double>(value)) != x.all.end();
    return exact_or_near(value, x.error + (one_of_them && x.error == 0 ? 0 : 4 * spacing(x.size)));
}

Value spread(const std::string& name, const Numbers& x) {
    const auto n = static_cast<Wide>(x.all.size());
    const bool population = name.ends_with("_pop");
    if (x.all.size() < (population ? 1 : 2)) {
        return Value::none();
    }
    const Wide variance = x.squares() / (population ? n : n - 1);
    if (name.starts_with("var")) {
        return variance == 0 && x.error == 0 ? Value::of(0) : relative(variance, 1e-13, x.error, x.size);
    }
    const Wide sd = square_root(variance);
    const Wide value = name == "se"   ? sd / square_root(n)
                       : name == "cv" ? sd / (x.mean() < 0 ? -x.mean() : x.mean())
                                      : sd;
    if (name == "cv" && x.mean() == 0) {
        return x.error > 0 ? Value::undecided() : Value::failure();
    }
    if (name == "cv" && x.error > 0) {
        return Value::undecided();
    }
    return sd == 0 && x.error == 0 ? Value::of(0) : relative(value, 1e-13, x.error, x.size);
}

Value moment_form(const std::string& name, const Numbers& x) {
    Wide third = 0;
    Wide fourth = 0;
    const Wide mean = x.all.empty() ? 0 : x.mean();
    for (const double value : x.all) {
        const Wide d = value - mean;
        third += d * d * d;
        fourth += d * d * d * d;
    }
    const auto n = static_cast<Wide>(x.all.size());
    const Wide variance = x.all.empty() ? 0 : x.squares() / n;
    if (x.all.empty() || variance == 0) {
        return x.error > 0 ? Value::undecided() : x.all.empty() ? Value::none() : Value::failure();
    }
    const Wide value =
        name == "skewness" ? third / n / (variance * square_root(variance)) : fourth / n / (variance * variance) - 3;
    return x.error > 0
               ? Value::undecided()
               : Value::of(static_cast<double>(value), 1e-11 * std::max(1.0, std::fabs(static_cast<double>(value))));
}

Value paired(const std::string& name, const Numbers& x, const Numbers& y) {
    if (x.all.size() < 2) {
        return Value::none();
    }
    if (x.error + y.error > 0) {
        return Value::undecided();
    }
    Wide products = 0;
    for (std::size_t at = 0; at < x.all.size(); ++at) {
        products += (x.all[at] - x.mean()) * (y.all[at] - y.mean());
    }
    if (name == "cov") {
        const auto value = static_cast<double>(products / static_cast<Wide>(x.all.size() - 1));
        return Value::of(value, 1e-12 * std::max(std::fabs(value), x.size * y.size * 1e-3));
    }
    if (name == "corr") {
        const Wide size = square_root(x.squares()) * square_root(y.squares());
        return size == 0 ? Value::failure() : Value::of(static_cast<double>(products / size), 1e-13);
    }
    if (y.squares() == 0) { // slope(y, x): x is the second
        return Value::failure();
    }
    const Wide slope = products / y.squares();
    const auto value = static_cast<double>(name == "slope" ? slope : x.mean() - slope * y.mean());
    // What rounding of the products comes to, however little of them is left.
    const auto steepest = static_cast<double>(square_root(x.squares() / y.squares()));
    return Value::of(value, 1e-12 * (std::fabs(value) + (name == "slope" ? steepest : steepest * y.size + x.size)));
}

std::vector<double> ranks(const std::vector<double>& x) {
    std::vector<double> ranks;
    for (const double value : x) {
        double below = 0;
        double equal = 0;
        for (const double other : x) {
            below += other < value ? 1 : 0;
            equal += other == value ? 1 : 0;
        }
        ranks.push_back(below + (equal + 1) / 2);
    }
    return ranks;
}

/// Each value repeated as often as its frequency says. Frequencies that are not whole have no n − 1, and quantiles only
/// where they add up to 1.
Value weighted(const std::string& name, const Numbers& x, const Numbers& f, const std::vector<Value>& plain, int type) {
    if (std::any_of(f.all.begin(), f.all.end(), [](double weight) { return weight < 0; })) {
        return f.error > 0 ? Value::undecided() : Value::failure();
    }
    if (x.error + f.error > 0) {
        return Value::undecided();
    }
    if (x.all.empty()) {
        return Value::none();
    }
    if (name == "wquantile" && !(plain.front().number >= 0 && plain.front().number <= 1)) {
        return Value::failure();
    }
    const bool whole =
        std::all_of(f.all.begin(), f.all.end(), [](double weight) { return weight == std::floor(weight); });
    if (!whole && (name == "wvar" || name == "wsd")) {
        return Value::failure();
    }
    if (!whole && name == "wquantile") {
        return std::fabs(static_cast<double>(f.sum) - 1) < 1e-6 ? Value::undecided() : Value::failure();
    }
    if (name == "wquantile") {
        std::vector<std::vector<Value>> repeated;
        for (std::size_t at = 0; at < x.all.size(); ++at) {
            if (f.all[at] > 1000) {
                return Value::undecided(); // not told as often as it occurs
            }
            repeated.insert(repeated.end(), static_cast<std::size_t>(f.all[at]), {Value::of(x.all[at])});
        }
        return quantile_value(Numbers(repeated, 0), plain.front().number,
                              plain.size() > 1 ? static_cast<int>(plain[1].number) : type);
    }
    Wide sum = 0;
    for (std::size_t at = 0; at < x.all.size(); ++at) {
        sum += static_cast<Wide>(x.all[at]) * f.all[at];
    }
    const bool population = name.ends_with("_pop");
    if (f.sum == 0 || (name != "wmean" && !population && f.sum <= 1 + 1e-9)) {
        return f.sum == 0 || f.sum == 1 ? Value::none() : Value::undecided();
    }
    const Wide mean = sum / f.sum;
    if (name == "wmean") {
        return exact_or_near(mean, 0, 4);
    }
    Wide squares = 0;
    for (std::size_t at = 0; at < x.all.size(); ++at) {
        squares += (x.all[at] - mean) * (x.all[at] - mean) * f.all[at];
    }
    const Wide variance = squares / (population ? f.sum : f.sum - 1);
    const auto value = static_cast<double>(name.starts_with("wvar") ? variance : square_root(variance));
    return Value::of(value, 1e-12 * value + 1e-25 * x.size * (name.starts_with("wvar") ? 1e-8 * x.size : 1));
}

Value diversity(const std::string& name, const Numbers& n, const std::vector<Value>& plain) {
    if (std::any_of(n.all.begin(), n.all.end(), [](double count) { return count < 0; })) {
        return n.error > 0 ? Value::undecided() : Value::failure();
    }
    if (n.error > 0) {
        return Value::undecided();
    }
    double species = 0;
    double entropy = 0;
    Wide squares = 0;
    for (const double count : n.all) {
        const auto p = static_cast<double>(n.sum > 0 ? count / n.sum : 0);
        species += count > 0 ? 1 : 0;
        entropy -= p > 0 ? p * std::log(p) : 0;
        squares += static_cast<Wide>(p) * p;
    }
    if (name == "richness") {
        return n.all.empty() ? Value::none() : Value::of(species);
    }
    if (n.sum == 0) {
        return Value::none();
    }
    const auto near = [](double value) { return Value::of(value, 1e-13 * std::max(1.0, std::fabs(value))); };
    if (name == "shannon") {
        return near(plain.empty() ? entropy : entropy / std::log(plain.front().number));
    }
    if (name == "pielou") {
        return species < 2 ? Value::none() : near(entropy / std::log(species));
    }
    const auto squared = static_cast<double>(squares);
    return name == "dominance"      ? near(squared)
           : name == "gini_simpson" ? near(1 - squared)
           : name == "inverse_simpson"
               ? near(1 / squared)
               : near(*std::max_element(n.all.begin(), n.all.end()) / static_cast<double>(n.sum));
}

/// Measures of values of any kind, which compare and count them.
Value of_any_kind(const std::string& name, const std::vector<std::vector<Value>>& tuples, bool of_condition) {
    double yes = 0;
    for (const auto& tuple : tuples) {
        yes += tuple.front().yes() ? 1 : 0;
    }
    const auto all = static_cast<double>(tuples.size());
    if (name == "count") {
        return Value::of(of_condition ? yes : all);
    }
    if (name == "share") {
        return tuples.empty() ? Value::none() : Value::of(yes / all);
    }
    if (name == "pick") {
        return tuples.size() > 1 ? Value::failure() : tuples.empty() ? Value::none() : tuples.front().front();
    }
    const auto same = [](const Value& a, const Value& b) { return a.text == b.text && a.number == b.number; };
    std::vector<std::pair<Value, double>> counted;
    double error = 0;
    for (const auto& tuple : tuples) {
        error = std::max(error, tuple.front().error);
        const auto entry = std::find_if(counted.begin(), counted.end(),
                                        [&](const auto& each) { return same(each.first, tuple.front()); });
        if (entry == counted.end()) {
            counted.emplace_back(tuple.front(), 1);
        } else {
            ++entry->second;
        }
    }
    if (error > 0) {
        return Value::undecided();
    }
    if (name == "distinct") {
        return Value::of(static_cast<double>(counted.size()));
    }
    const auto most = std::max_element(counted.begin(), counted.end(),
                                       [](const auto& a, const auto& b) { return a.second < b.second; });
    // Of several the first to occur; where every value occurs once there is none.
    return most == counted.end() || most->second < 2 ? Value::none() : most->first;
}

} // namespace

const MeasureShape* measure_shape(const std::string& name) {
    const auto shape = shapes.find(name);
    return shape == shapes.end() ? nullptr : &shape->second;
}

Value measure_of(const std::string& name, const std::vector<std::vector<Value>>& tuples,
                 const std::vector<Value>& plain, int quantile_type, bool of_condition) {
    for (const Value& argument : plain) {
        if (!argument.plain() || argument.unsure) {
            return argument;
        }
        if (argument.error > 0) {
            return Value::undecided();
        }
    }
    if (name == "count" || name == "share" || name == "pick" || name == "distinct" || name == "mode") {
        return of_any_kind(name, tuples, of_condition);
    }
    const OracleKind kind = tuples.empty() ? OracleKind::number : tuples.front().front().kind;
    if (kind == OracleKind::text || kind == OracleKind::yes_no || kind == OracleKind::distribution) {
        return Value::failure();
    }
    const Numbers x(tuples, 0);
    if (name == "sum") {
        return exact_or_near(x.sum, x.error * x.count());
    }
    if (name == "product") {
        Wide product = 1;
        double error = 0;
        for (const auto& tuple : tuples) {
            product *= tuple.front().number;
            error += tuple.front().error;
        }
        const Value value = exact_or_near(product, 0, 2 * x.count() + 2);
        return error > 0 ? Value::undecided() : value;
    }
    if (name == "min" || name == "max" || name == "range") {
        if (tuples.empty()) {
            return Value::none();
        }
        const auto [low, high] = std::minmax_element(x.all.begin(), x.all.end());
        Value value = Value::of(name == "min" ? *low : name == "max" ? *high : *high - *low, x.error * 2);
        value.kind = name == "range" ? OracleKind::number : kind;
        return value;
    }
    if (name == "mean") {
        Value value = tuples.empty() ? Value::none() : exact_or_near(x.mean(), x.error);
        value.kind = kind;
        return value;
    }
    const std::map<std::string, double> fixed = {{"median", 0.5}, {"q1", 0.25}, {"q3", 0.75}};
    if (name == "quantile" || fixed.contains(name)) {
        const double p = name == "quantile" ? plain.front().number : fixed.at(name);
        const double type = name == "median" ? 7 : plain.size() > 1 ? plain[1].number : quantile_type;
        Value value = type != std::floor(type) ? Value::failure() : quantile_value(x, p, static_cast<int>(type));
        value.kind = kind;
        return value;
    }
    if (name == "iqr") {
        const Value low = quantile_value(x, 0.25, quantile_type);
        const Value high = quantile_value(x, 0.75, quantile_type);
        return arithmetic(Operator::subtract, high, low);
    }
    if (name == "mad") {
        if (tuples.empty() || x.error > 0) {
            return tuples.empty() ? Value::none() : Value::undecided();
        }
        std::vector<std::vector<Value>> distances;
        const auto middle = static_cast<double>(quantile_of(x.all, 0.5, 7));
        for (const double value : x.all) {
            distances.push_back({Value::of(std::fabs(value - middle))});
        }
        Value value = quantile_value(Numbers(distances, 0), 0.5, 7);
        value.error += value.plain() ? 4 * spacing(x.size) : 0;
        return value;
    }
    if (name == "geomean" || name == "harmean") {
        double logs = 0;
        Wide reciprocals = 0;
        for (const double value : x.all) {
            if (value < 0 || (value == 0 && x.error > 0)) {
                return x.error > 0 ? Value::undecided() : Value::failure();
            }
            logs += std::log(value);
            reciprocals += value == 0 ? 0 : 1 / static_cast<Wide>(value);
        }
        if (std::count(x.all.begin(), x.all.end(), 0.0) > 0) {
            return Value::of(0); // the limit of both
        }
        return tuples.empty()      ? Value::none()
               : name == "geomean" ? relative(std::exp(logs / x.count()), 1e-12, x.error, x.size)
                                   : relative(static_cast<Wide>(x.count()) / reciprocals, 1e-13, x.error, x.size);
    }
    if (name == "skewness" || name == "kurtosis") {
        return moment_form(name, x);
    }
    if (measure_shape(name)->samples == 2) {
        const Numbers y(tuples, 1);
        if (name[0] == 'w') {
            return weighted(name, x, y, plain, quantile_type);
        }
        if (name == "rank_corr") {
            if (x.error + y.error > 0) {
                return Value::undecided();
            }
            std::vector<std::vector<Value>> ranked;
            const std::vector<double> a = ranks(x.all);
            const std::vector<double> b = ranks(y.all);
            for (std::size_t at = 0; at < a.size(); ++at) {
                ranked.push_back({Value::of(a[at]), Value::of(b[at])});
            }
            return paired("corr", Numbers(ranked, 0), Numbers(ranked, 1));
        }
        return paired(name, x, y);
    }
    const bool of_counts = name == "shannon" || name == "richness" || name == "dominance" || name == "gini_simpson" ||
                           name == "inverse_simpson" || name == "pielou" || name == "berger_parker";
    return of_counts ? diversity(name, x, plain) : spread(name, x);
}

} // namespace ledgefall::testing
