#include "core/engine/running/search_measure.h"

#include <boost/math/tools/minima.hpp>
#include <boost/math/tools/toms748_solve.hpp>

#include <algorithm>
#include <bit>
#include <cmath>
#include <limits>
#include <optional>

namespace ledgefall {
namespace {

constexpr std::size_t steps_through = 64;
constexpr double most_powers = 64;         ///< looked at in a range of many powers of ten
constexpr std::uintmax_t most_steps = 200; ///< of coming closer

/// What the search comes to in place of a number: a fault, or missing.
struct NoNumberHere {
    Value value;
};

} // namespace

SearchMeasure::SearchMeasure(const MeasureCall& call, const Environment& environment)
    : call_(call)
    , environment_(environment)
    , inner_(call.inner, environment) {}

Value SearchMeasure::fault(const Sentence& what) const {
    const auto& span = call_.span;
    return Value::fault({fault_site({Cause::out_of_domain, call_.itself, what, span.from, span.to}), 0});
}

double SearchMeasure::value_at(double number) {
    if (environment_.stopped()) {
        throw NoNumberHere{Value::missing()};
    }
    parameters_.front() = Value::number(number);
    inner_.start(parameters_);
    inner_.run(0, 1);
    const Value value = inner_.output_value(0, 0);
    if (value.is_fault() && value.fault().at().definition == call_.itself) { // its own: it is said where that was
        const FaultSite& site = value.fault().at();
        const Sentence what{N_("at %1: %2"), {shortest(number), site.what.text()}};
        throw NoNumberHere{Value::fault({fault_site({site.cause, site.definition, what, site.from, site.to}), 0})};
    }
    if (!value.plain()) {
        throw NoNumberHere{value.is_fault() ? value : Value::missing()};
    }
    return value.number();
}

/// Points through the range in equal steps; where it spans powers of ten, between 0 and one side of it, also one for
/// each of those, so that what happens near 0 is seen.
std::vector<SearchMeasure::Point> SearchMeasure::look_through(double from, double to) {
    std::vector<double> numbers;
    numbers.reserve(2 * steps_through);
    for (std::size_t step = 0; step < steps_through; ++step) {
        numbers.push_back(from + (to - from) * (static_cast<double>(step) / static_cast<double>(steps_through)));
    }
    numbers.push_back(to);
    const double near = std::min(std::fabs(from), std::fabs(to));
    const double far = std::max(std::fabs(from), std::fabs(to));
    if ((from >= 0 || to <= 0) && near < far / 10) {
        const double least = near > 0 ? near : far * 1e-16;
        const double factor = std::pow(10, std::max(1.0, std::ceil(std::log10(far / least) / most_powers)));
        for (double at = far / factor; at > least; at /= factor) {
            numbers.push_back(to <= 0 ? -at : at);
        }
    }
    std::sort(numbers.begin(), numbers.end());
    numbers.erase(std::unique(numbers.begin(), numbers.end()), numbers.end());
    std::vector<Point> points;
    points.reserve(numbers.size());
    for (const double number : numbers) {
        points.push_back({number, value_at(number)});
    }
    return points;
}

/// Halves the bracket by the order of doubles, which has at most 2^64 of them, until its ends are of one size.
void SearchMeasure::bring_together(Point& left, Point& right) {
    const auto ordinal = [](double x) {
        const auto bits = std::bit_cast<std::int64_t>(x);
        return bits < 0 ? std::numeric_limits<std::int64_t>::min() - bits : bits;
    };
    const auto double_of = [](std::int64_t order) {
        return std::bit_cast<double>(order < 0 ? std::numeric_limits<std::int64_t>::min() - order : order);
    };
    if (left.at < 0 && right.at > 0) { // either side of 0, where there may be no value
        const double tiny = 1e-100 * std::max(-left.at, right.at);
        for (const double at : {-tiny, tiny}) {
            if (at > left.at && at < right.at) {
                const Point here{at, value_at(at)};
                ((here.value < 0) == (left.value < 0) && here.value != 0 ? left : right) = here;
            }
        }
        if (left.at == -tiny && right.at == tiny) {
            return;
        }
    }
    while (left.value != 0 && right.value != 0 &&
           (left.at < 0 ? right.at > left.at / 2 : left.at < right.at / 2 || left.at == 0)) {
        const std::int64_t low = ordinal(left.at);
        const std::int64_t high = ordinal(right.at);
        const std::int64_t middle = (low & high) + ((low ^ high) >> 1U); // their mean, without overflow
        if (middle <= low || middle >= high) {
            return;
        }
        const double at = double_of(middle);
        const Point half{at, value_at(at)};
        ((half.value < 0) == (left.value < 0) && half.value != 0 ? left : right) = half;
    }
}

/// Alefeld, Potra and Shi (1995), algorithm 748, as Boost.Math has it: the two doubles, or nearly so, between which the
/// sign changes.
std::pair<SearchMeasure::Point, SearchMeasure::Point> SearchMeasure::narrowed(Point left, Point right) {
    bring_together(left, right);
    for (const Point& end : {left, right}) {
        if (end.value == 0) {
            return {end, end};
        }
    }
    if (left.at < 0 && right.at > 0) {
        return {left, right};
    }
    std::uintmax_t steps = most_steps;
    const auto near_enough = [](double a, double b) {
        return std::fabs(b - a) <= 4 * std::numeric_limits<double>::epsilon() * std::max(std::fabs(a), std::fabs(b));
    };
    const auto [low, high] =
        boost::math::tools::toms748_solve([this](double number) { return value_at(number); }, left.at, right.at,
                                          left.value, right.value, near_enough, steps);
    if (!near_enough(low, high)) {
        throw NoNumberHere{fault({N_("the search between %1 and %2 took too many steps: choose a narrower range"),
                                  {shortest(left.at), shortest(right.at)}})};
    }
    return {{low, value_at(low)}, {high, value_at(high)}};
}

/// Whether the values jump where their sign changes. The change over a few neighbouring doubles is then nearly all of
/// the change over a stretch around them that is far longer; of a continuous function it is a small part, or only
/// rounding.
bool SearchMeasure::jumps(const Point& left, const Point& right, const Point& low, const Point& high) {
    const double change = std::fabs(high.value - low.value);
    const double rounding = 1e-9 * std::max(std::fabs(left.value), std::fabs(right.value));
    const double around = 1e-6 * (right.at - left.at);
    const double before = std::max(left.at, low.at - around);
    const double after = std::min(right.at, high.at + around);
    return change > rounding && change > std::fabs(value_at(after) - value_at(before)) / 20;
}

/// Of the doubles between two neighbouring ones, that whose value comes nearest to 0; about 0 there are more than can
/// be looked at.
SearchMeasure::Point SearchMeasure::nearest_to_zero(const Point& low, const Point& high) {
    Point best = std::fabs(low.value) < std::fabs(high.value) ? low : high;
    if (low.at < 0 && high.at > 0) { // as near to 0 as need be; at 0 itself there may be no value
        try {
            return {0, value_at(0)};
        } catch (const NoNumberHere&) {
            return {0, best.value};
        }
    }
    constexpr int most_left = 8;
    double next = low.at;
    for (int step = 0; step < most_left && next < high.at && best.value != 0; ++step) {
        next = std::nextafter(next, high.at);
        const Point here{next, value_at(next)};
        best = std::fabs(here.value) < std::fabs(best.value) ? here : best;
    }
    return best;
}

Value SearchMeasure::root(double from, double to) {
    const std::vector<Point> points = look_through(from, to);
    std::vector<double> roots;
    std::optional<std::pair<Point, Point>> jump;
    std::optional<Value> no_value;
    for (std::size_t at = 0; at < points.size(); ++at) {
        const Point& here = points[at];
        const Point* next = at + 1 < points.size() ? &points[at + 1] : nullptr;
        if (here.value == 0) {
            roots.push_back(here.at);
        } else if (next != nullptr && next->value != 0 && (here.value < 0) != (next->value < 0)) {
            try {
                const auto [low, high] = narrowed(here, *next);
                const Point nearest = nearest_to_zero(low, high);
                if (nearest.value != 0 && jumps(here, *next, low, high)) {
                    jump = jump ? jump : std::optional(std::pair(low, high));
                } else {
                    roots.push_back(nearest.at);
                }
            } catch (const NoNumberHere& instead) { // it has no value where its sign changes, as 1/t has none at 0
                if (environment_.stopped()) {
                    throw;
                }
                no_value = no_value ? no_value : std::optional(instead.value);
            }
        }
    }
    if (roots.size() == 1) {
        return Value::number(roots.front());
    }
    if (roots.empty() && no_value) {
        return *no_value;
    }
    if (roots.empty() && jump) {
        return fault(
            {N_("this jumps from %1 to %2 at %3 and is 0 nowhere: choose another range, or another expression"),
             {shortest(jump->first.value), shortest(jump->second.value),
              shortest(jump->first.at < 0 && jump->second.at > 0 ? 0 : jump->second.at)}});
    }
    if (roots.empty()) {
        return fault({N_("this is %1 at %2 and %3 at %4, and no zero was found between them: choose another range"),
                      {shortest(points.front().value), shortest(from), shortest(points.back().value), shortest(to)}});
    }
    return fault(
        {N_("this is 0 at %1 values from %2 to %3, the first two near %4 and %5: choose a range with one of them"),
         {std::to_string(roots.size()), shortest(from), shortest(to), shortest(roots[0]), shortest(roots[1])}});
}

/// Brent (1973), as Boost.Math has it, around the best of the steps.
Value SearchMeasure::extreme(double from, double to) {
    const double sign = call_.search == SearchGoal::greatest ? -1 : 1;
    const std::vector<Point> points = look_through(from, to);
    const auto best = std::min_element(points.begin(), points.end(), [sign](const Point& a, const Point& b) {
        return sign * a.value < sign * b.value;
    });
    const Point& left = best == points.begin() ? *best : *(best - 1);
    const Point& right = best + 1 == points.end() ? *best : *(best + 1);
    std::uintmax_t steps = most_steps;
    constexpr int bits = std::numeric_limits<double>::digits / 2; // more the values cannot tell
    const auto [at, value] = boost::math::tools::brent_find_minima(
        [this, sign](double number) { return sign * value_at(number); }, left.at, right.at, bits, steps);
    return Value::number(value < sign * best->value ? at : best->at);
}

Value SearchMeasure::at(const Runner& outer, std::size_t in_block, const Faults&) {
    const Value from = outer.value(*call_.from, Kind::number, in_block);
    const Value to = outer.value(*call_.to, Kind::number, in_block);
    for (const Value& end : {from, to}) {
        if (!end.plain()) {
            return end.is_fault() ? end : Value::missing();
        }
    }
    if (!(from.number() < to.number()) || !std::isfinite(to.number() - from.number())) {
        return fault({N_("the range from %1 to %2 is empty: write the smaller number first"),
                      {shortest(from.number()), shortest(to.number())}});
    }
    parameters_.clear();
    for (const Operand operand : call_.parameters) {
        parameters_.push_back(outer.value(operand, Kind::number, in_block));
    }
    try {
        return call_.search == SearchGoal::root ? root(from.number(), to.number())
                                                : extreme(from.number(), to.number());
    } catch (const NoNumberHere& instead) {
        return instead.value;
    } catch (const std::exception&) { // of the library's own checks
        return fault({N_("the search from %1 to %2 failed: choose a narrower range"),
                      {shortest(from.number()), shortest(to.number())}});
    }
}

} // namespace ledgefall
