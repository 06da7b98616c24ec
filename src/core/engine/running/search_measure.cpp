#include "core/engine/running/search_measure.h"

#include <boost/math/tools/minima.hpp>
#include <boost/math/tools/toms748_solve.hpp>

#include <algorithm>
#include <cmath>
#include <limits>

namespace ledgefall {
namespace {

constexpr std::size_t steps_through = 64;
constexpr std::uintmax_t most_steps = 200; ///< of coming closer

/// What the search comes to in place of a number: a fault, or missing.
struct Instead {
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
        throw Instead{Value::missing()};
    }
    parameters_.front() = Value::number(number);
    inner_.start(parameters_);
    inner_.run(0, 1);
    const Value value = inner_.output_value(0, 0);
    if (value.is_fault() && value.fault().at().definition == call_.itself) { // its own: it is said where that was
        const FaultSite& site = value.fault().at();
        const Sentence what{"where it is looked at %1, %2", {shortest(number), site.what.text()}};
        throw Instead{Value::fault({fault_site({site.cause, site.definition, what, site.from, site.to}), 0})};
    }
    if (!value.plain()) {
        throw Instead{value.is_fault() ? value : Value::missing()};
    }
    return value.number();
}

std::vector<SearchMeasure::Point> SearchMeasure::look_through(double from, double to) {
    std::vector<Point> points;
    for (std::size_t step = 0; step <= steps_through; ++step) {
        const double part = static_cast<double>(step) / static_cast<double>(steps_through);
        const double at = step == steps_through ? to : from + (to - from) * part;
        points.push_back({at, value_at(at)});
    }
    return points;
}

/// Alefeld, Potra and Shi (1995), algorithm 748, as Boost.Math has it.
double SearchMeasure::refined_root(const Point& left, const Point& right) {
    std::uintmax_t steps = most_steps;
    const auto near_enough = [](double a, double b) {
        return std::fabs(b - a) <= 4 * std::numeric_limits<double>::epsilon() * std::max(std::fabs(a), std::fabs(b));
    };
    const auto [low, high] =
        boost::math::tools::toms748_solve([this](double number) { return value_at(number); }, left.at, right.at,
                                          left.value, right.value, near_enough, steps);
    // Of the doubles that are left, the one that comes nearest to 0; about 0 there are more than can be looked at.
    Point best{low, value_at(low)};
    constexpr int most_left = 8;
    double next = low;
    for (int step = 0; step < most_left && next < high && best.value != 0; ++step) {
        next = step + 1 == most_left ? high : std::nextafter(next, high);
        const Point here{next, value_at(next)};
        best = std::fabs(here.value) < std::fabs(best.value) ? here : best;
    }
    return best.at;
}

Value SearchMeasure::root(double from, double to) {
    const std::vector<Point> points = look_through(from, to);
    std::vector<double> roots;
    for (std::size_t at = 0; at < points.size(); ++at) {
        const Point& here = points[at];
        if (here.value == 0) {
            roots.push_back(here.at);
        } else if (at + 1 < points.size() && points[at + 1].value != 0 &&
                   (here.value < 0) != (points[at + 1].value < 0)) {
            const double root = refined_root(here, points[at + 1]);
            const double largest = std::max(std::fabs(here.value), std::fabs(points[at + 1].value));
            if (std::fabs(value_at(root)) <= largest) { // else it jumps there, as 1/t does at 0
                roots.push_back(root);
            }
        }
    }
    if (roots.size() == 1) {
        return Value::number(roots.front());
    }
    if (roots.empty()) {
        return fault({"this is %1 at %2 and %3 at %4, and was found to be 0 nowhere between: choose another range",
                      {shortest(points.front().value), shortest(from), shortest(points.back().value), shortest(to)}});
    }
    return fault(
        {"this is 0 in %1 places from %2 to %3, the first two near %4 and %5: choose a range with one of them",
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
        return fault({"the range from %1 to %2 has nothing in it: write the smaller number first",
                      {shortest(from.number()), shortest(to.number())}});
    }
    parameters_.clear();
    for (const Operand operand : call_.parameters) {
        parameters_.push_back(outer.value(operand, Kind::number, in_block));
    }
    try {
        return call_.search == SearchGoal::root ? root(from.number(), to.number())
                                                : extreme(from.number(), to.number());
    } catch (const Instead& instead) {
        return instead.value;
    } catch (const std::exception&) { // of the library's own checks
        return fault({"this could not be searched from %1 to %2: choose a narrower range",
                      {shortest(from.number()), shortest(to.number())}});
    }
}

} // namespace ledgefall
